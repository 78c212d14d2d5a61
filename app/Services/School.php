<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Dish;
use App\Models\Exercise;
use App\Models\Studio;
use App\Models\Trial;
use App\Models\User;
use App\Models\Version;
use Closure;
use Illuminate\Support\Facades\DB;
use Transmuta\Engine;
use Transmuta\Fault\Nonsense;
use Transmuta\Property\DishReading;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Sensory\Dice;
use Transmuta\Shelf\UnknownIngredient;
use Transmuta\Trainer\Exercises;
use Transmuta\Trainer\Pool;
use Transmuta\Trainer\Progress;
use Transmuta\Trainer\Question;
use Transmuta\Trainer\Skill;

/** Asks somebody to foretell something of the studio's own dishes and trials, and keeps how near they came. */
final readonly class School
{
    /** Versions of the studio an exercise is drawn from, and as many dishes of the atlas. */
    private const DISHES = 40;

    private const ANSWERS = 200;

    public function __construct(private Engine $engine) {}

    /** @throws Nonsense where there is nothing to ask */
    public function ask(Studio $studio, User $user, ?string $skill, int $seed): Exercise
    {
        $wanted = $skill !== null ? [Skill::from($skill)] : array_map(static fn(array $row): Skill => Skill::from($row['skill']), $this->progress($studio, $user));
        $dice = new Dice($seed);
        $dishes = $this->dishes($studio, $dice);
        $trials = $this->trials($studio);
        foreach ($wanted as $one) {
            $question = (new Exercises($this->engine->reader))->of($one, $dishes, $trials, $dice);
            if ($question === null) {
                continue;
            }

            /** @var Exercise $exercise */
            $exercise = DB::transaction(static fn(): Exercise => Exercise::query()->create(['studio_id' => $studio->id, 'user_id' => $user->id, 'skill' => $one->value, 'question' => $question->write(), 'key' => $question->sealed()]));

            return $exercise->refresh();
        }
        throw Nonsense::of('skill', $skill ?? 'any', 'there is nothing to ask yet: write a few dishes down, or note a trial');
    }

    public function answer(Exercise $exercise, mixed $answer): Exercise
    {
        if ($exercise->answered_at !== null) {
            throw Nonsense::of('answer', 'a second one', 'it was answered already; ask for the next');
        }
        /** @var array{key: array<string, mixed>, form: string, options: list<string>} $sealed */
        $sealed = $exercise->key;
        $score = Question::score($sealed, $answer);
        DB::transaction(static fn(): bool => $exercise->update(['answer' => ['said' => $answer], 'score' => $score, 'answered_at' => now()]));

        return $exercise->refresh();
    }

    /** @return list<array{skill: string, words: string, n: int, recent: ?float, strength: float, is_due: bool}> */
    public function progress(Studio $studio, User $user): array
    {
        $query = Exercise::query();
        $query->where('studio_id', $studio->id)->where('user_id', $user->id)->whereNotNull('answered_at')->orderByDesc('answered_at')->orderByDesc('id')->limit(self::ANSWERS);

        return Progress::of(array_values($query->get(['skill', 'score', 'answered_at'])->map(static fn(Exercise $one): array => ['skill' => $one->skill, 'score' => $one->score ?? 0.0, 'days' => abs($one->answered_at?->diffInSeconds(now()) ?? 0.0) / 86400])->all()));
    }

    /** @return array<string, mixed> */
    public static function write(Exercise $exercise): array
    {
        $isDone = $exercise->answered_at !== null;
        /** @var array<string, mixed> $key */
        $key = \is_array($exercise->key['key'] ?? null) ? $exercise->key['key'] : [];

        return [
            'id' => $exercise->id, 'question' => $exercise->question, 'answered' => $isDone, 'score' => $exercise->score, 'said' => $isDone ? $exercise->answer['said'] ?? null : null,
            // What was asked is told once it was answered.
            'answer' => $isDone ? array_intersect_key($key, ['step' => 1, 'pick' => 1, 'order' => 1, 'grams' => 1]) : null,
            'came_to' => $isDone && isset($key['curve']) && is_numeric($exercise->answer['said'] ?? null) ? Ladder::word(Question::ge($key, (float) $exercise->answer['said'])) : null,
            'why' => $isDone ? $exercise->key['why'] ?? [] : [],
        ];
    }

    /** The studio's own dishes as they are written, and those of the atlas: half and half where there are enough of both. */
    private function dishes(Studio $studio, Dice $dice): Pool
    {
        $query = Version::query();
        $ids = $query->where('studio_id', $studio->id)->whereIn('dish_id', Dish::query()->where('studio_id', $studio->id)->whereNull('away_at')->select('id'))->orderBy('id')->limit(400)->pluck('id')->all();
        $own = array_map(fn(int $id): Closure => fn(): ?DishReading => $this->own($id), \array_slice($dice->shuffled(array_values(array_filter($ids, is_int(...)))), 0, self::DISHES));
        $atlas = array_map(fn(string $file): Closure => fn(): DishReading => $this->engine->read($this->engine->parse((string) file_get_contents($file))), glob(base_path('core/data/atlas/*.dish')) ?: []);

        return new Pool([...$own, ...\array_slice($dice->shuffled($atlas), 0, max(self::DISHES, 2 * self::DISHES - \count($own)))]);
    }

    private function own(int $id): ?DishReading
    {
        $query = Version::query();
        $version = $query->find($id);
        try {
            return $version === null ? null : $this->engine->read($version->formula);
        } catch (UnknownIngredient) {
            // Of something the shelf no longer has: nothing to learn from.
            return null;
        }
    }

    /** @return list<array{dish: string, version: string, layer: string, lines: list<string>, foretold: int, found: int, who: string, on: string}> */
    private function trials(Studio $studio): array
    {
        $query = Trial::query();
        $query->with(['version.dish', 'revision'])->whereHas('version.dish')->where('studio_id', $studio->id)->whereNotNull('set_step')->orderByDesc('id')->limit(60);
        $all = [];
        foreach ($query->get() as $trial) {
            $foretold = $trial->predicted['step_index'] ?? null;
            $layer = $trial->predicted['layer'] ?? null;
            if (!\is_int($foretold) || !\is_string($layer) || $trial->set_step === null) {
                continue;
            }
            $lines = [];
            foreach ($trial->revision->formula->layers as $one) {
                foreach ($one->name === $layer ? $one->understood() : [] as $line) {
                    $lines[] = Exercises::line($line->grams, $this->engine->reader->shelf->find((string) $line->ingredient)->name ?? (string) $line->ingredient);
                }
            }
            $all[] = ['dish' => $trial->version->dish->title, 'version' => $trial->version->name, 'layer' => $layer, 'lines' => $lines, 'foretold' => $foretold, 'found' => $trial->set_step, 'who' => $trial->who, 'on' => $trial->made_on];
        }

        return $all;
    }
}
