<?php

declare(strict_types=1);

namespace Transmuta\Diagnosis;

use Closure;
use Transmuta\Diet\Diet;
use Transmuta\Diet\Verdict;
use Transmuta\Formula\Form;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Formula\Treatment;
use Transmuta\Formula\TreatmentKind;
use Transmuta\Formula\TreatmentStep;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\LayerState;
use Transmuta\Property\Reader;
use Transmuta\Property\Roots;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Property\Setting\SetDoses;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Quantity\Scale;
use Transmuta\Reference\Figure;

/**
 * What to change in the formula so that a fault does not come again (`core/data/faults/next.csv`), computed from its own lines and read anew. Nothing is
 * proposed that takes a diet from the dish that bans something or is wanted, brings an allergen, or raises a warning that was not there.
 */
final readonly class NextTime
{
    /** °C and minutes a layer boils for what has to boil. */
    private const BOIL = [95.0, 2.0];

    private const WEAKEST = 0.05;

    /** Lines that are found by what they do here, not by what they are. */
    private const BY_JOB = ['setter' => 'set', 'sweetest' => 'sweet'];

    /** Share of the layer that may be lost of its air, so that a foam stays one. */
    private const AIR = 0.02;

    /** @param list<Diet> $wanted diets the dish is made for: those that go by an amount are kept only where they are wanted */
    public function __construct(private FaultBook $book, private Reader $reader, private array $wanted = []) {}

    /** Null where nothing of this formula can be changed so. */
    public function of(DishReading $dish, LayerReading $layer, string $fault, int $row): ?Changed
    {
        foreach ($this->book->next["$fault $row"] ?? [] as $either) {
            $now = $layer->layer;
            $words = [];
            foreach ($either as $change) {
                $made = $this->changed($dish, $layer, $now, $change);
                if ($made !== null) {
                    [$now, $words[]] = $made;
                }
            }
            $changed = $words === [] ? null : $this->read($dish, $layer, $now, $words);
            if ($changed !== null) {
                return $changed;
            }
        }

        return null;
    }

    /** @param non-empty-list<string> $words */
    private function read(DishReading $dish, LayerReading $layer, Layer $now, array $words): ?Changed
    {
        $formula = $dish->formula->with(array_map(static fn(LayerReading $one): Layer => $one === $layer ? $now : $one->layer, $dish->layers));
        $after = $this->reader->read($formula);
        $read = $after->layers[(int) array_search($layer, $dish->layers, true)];

        return $this->isWorse($dish, $after) || $read->airShare < $layer->airShare - self::AIR ? null : new Changed($formula, $words, Ladder::word($layer->set->ge), Ladder::word($read->set->ge));
    }

    /** A diet is gone, an allergen came, or somebody is to be warned of something new. */
    private function isWorse(DishReading $before, DishReading $after): bool
    {
        $counts = fn(string $diet): bool => !Diet::from($diet)->isByAmount() || \in_array(Diet::from($diet), $this->wanted, true);
        $held = static fn(DishReading $of): array => array_filter(array_keys(array_filter($of->diets, static fn(Verdict $one): bool => $one->because === [])), $counts);
        $warned = static fn(DishReading $of): array => array_map(static fn(Warning $one): string => "$one->rule $one->layer", array_filter($of->watch, static fn(Warning $one): bool => $one->severity !== Severity::Note));

        return array_diff($held($before), $held($after)) !== [] || array_diff($after->contains, $before->contains) !== [] || array_diff($warned($after), $warned($before)) !== [];
    }

    /**
     * @param array<string, string> $change a row of next.csv
     *
     * @return ?array{Layer, string} the layer with it, and what it is in words
     */
    private function changed(DishReading $dish, LayerReading $reading, Layer $now, array $change): ?array
    {
        $amount = (float) $change['amount'];

        return match ($change['do']) {
            'add' => $this->added($reading, $now, $change['of'], round($amount * $reading->state->mass / 100, 2)),
            'times' => $this->weighed($reading, $now, $change['of'], static fn(float $grams): float => $grams * $amount),
            'most' => $this->weighed($reading, $now, $change['of'], static fn(float $grams): float => min($grams, $amount * $reading->state->mass / 100)),
            'step' => $this->dosed($dish, $reading, $now, $change['of'], Ladder::coordinate($reading->set->ge) + $amount),
            'lower-to' => $reading->set->ge > Ladder::ge($amount) ? $this->dosed($dish, $reading, $now, $change['of'], $amount) : null,
            'boil' => $this->prepared($reading, $now, $change['of'], Form::Boiled),
            'heat' => $this->prepared($reading, $now, $change['of'], Form::Heated),
            'boil-layer' => self::boiled($now),
            'core' => self::heated($now, [TreatmentKind::Cook, TreatmentKind::Boil], $amount),
            'oven' => self::heated($now, [TreatmentKind::Bake], $amount),
            'rule' => $this->byRule($dish, $reading, $now, $change['of']),
            default => throw new \LogicException("core/data/faults/next.csv: nobody knows how to do “{$change['do']}”."),
        };
    }

    /** @return ?array{Layer, string} */
    private function added(LayerReading $reading, Layer $now, string $ingredient, float $grams): ?array
    {
        $in = $this->reader->shelf->find($ingredient);
        $grams = Scale::shown($grams);
        // Starch that nothing heats stays raw.
        if ($in === null || $grams <= 0.0 || ($in->class === 'starch' && !$now->treatment->isHot())) {
            return null;
        }
        $at = $this->at($reading, $ingredient);
        if ($at !== null) {
            return $this->weighed($reading, $now, $ingredient, static fn(float $had): float => $had + $grams);
        }

        $prep = SetDoses::form($in);

        return [$now->with([...$now->lines, Line::of($ingredient, $grams, trace: 'put in by a cure', prep: $prep)]), \sprintf('add %s g %s', (string) $grams, mb_strtolower($in->name)) . ($prep === [] ? '' : ", $prep[0] apart")];
    }

    /**
     * @param Closure(float): float $weigh g as it is, to g as it is to be
     *
     * @return ?array{Layer, string}
     */
    private function weighed(LayerReading $reading, Layer $now, string $of, Closure $weigh): ?array
    {
        $at = $this->at($reading, $of);
        if ($at === null) {
            return null;
        }
        $line = $reading->layer->understood()[$at];
        $grams = Scale::shown($weigh($line->grams));
        if (abs($grams - $line->grams) < 0.005) {
            return null;
        }

        return [self::with($reading, $now, $line, static fn(Line $one): Line => $one->weighing($grams)), \sprintf('weigh %s g %s instead of %s g', (string) $grams, $this->name($line), (string) Scale::shown($line->grams))];
    }

    /** @return ?array{Layer, string} the line at the dose that brings the layer to a place on the ladder */
    private function dosed(DishReading $dish, LayerReading $reading, Layer $now, string $of, float $place): ?array
    {
        $at = $this->at($reading, $of);
        $wanted = Ladder::ge($place);
        if ($at === null) {
            return null;
        }
        $ge = function (float $times) use ($reading, $at, $dish): float {
            $grams = $reading->state->grams;
            $grams[$at] *= $times;

            return $this->reader->set->ge(LayerState::of($reading->state->model, array_values($grams)), $dish->formula->serveAt);
        };
        [$low, $high] = [self::WEAKEST, $this->most($reading, $at)];
        if ($ge($low) > $wanted || $ge($high) < $wanted) {
            return null;
        }
        // Along times, not grams: what is half as strong is as far away as what is twice as strong.
        $times = exp(Roots::between(static fn(float $log): float => $ge(exp($log)) - $wanted, log($low), log($high)));

        return $this->weighed($reading, $now, $of, static fn(float $grams): float => $grams * $times);
    }

    /** Times its grams that a line may be weighed: no further than anybody would eat of it (`core/data/faults/practical.csv`). */
    private function most(LayerReading $reading, int $at): float
    {
        $of = $this->book->practical;
        $ingredient = $reading->state->model->portions[$at]->ingredient;
        $share = max(1e-6, $reading->state->share[$at]);
        $agent = match (true) {
            $ingredient->does('gelatin-bloom') > 0.0 => 'gelatin',
            $ingredient->does('agar') > 0.0 => 'agar',
            $ingredient->does('starch') > 0.0 => 'starch',
            $ingredient->comesFrom('egg') => 'egg',
            $ingredient->isAgent() => 'setter',
            default => null,
        };

        return $agent === null ? $of['times'] : max(1.0, min($of['times'], $of[$agent] / $share));
    }

    /** @return ?array{Layer, string} */
    private function prepared(LayerReading $reading, Layer $now, string $of, Form $form): ?array
    {
        $at = $this->at($reading, $of);
        $line = $at === null ? null : $reading->layer->understood()[$at];
        if ($line === null || $line->has($form->value)) {
            return null;
        }

        return [self::with($reading, $now, $line, static fn(Line $one): Line => $one->prepared([...$one->prep, $form->value])), ($form === Form::Boiled ? 'boil' : 'heat') . ' the ' . $this->name($line) . ' apart'];
    }

    /** @return ?array{Layer, string} */
    private static function boiled(Layer $now): ?array
    {
        [$celsius, $minutes] = self::BOIL;
        // A foam falls in it, and what is baked cannot be boiled as well.
        if ($now->treatment->boils() || $now->treatment->bakes() || $now->treatment->isWhipped()) {
            return null;
        }

        return [$now->treated($now->treatment->heatedBy(TreatmentStep::of(TreatmentKind::Boil, $celsius, $minutes))), \sprintf('boil it %g min', $minutes)];
    }

    /**
     * @param list<TreatmentKind> $kinds
     *
     * @return ?array{Layer, string}
     */
    private static function heated(Layer $now, array $kinds, float $more): ?array
    {
        $step = $now->treatment->step(...$kinds);
        $celsius = $step->celsius ?? ($step?->kind === TreatmentKind::Cook ? Figure::CookedUnsaid->number() : null);
        if ($step === null || $celsius === null) {
            return null;
        }

        return [$now->treated(Treatment::sequence(...array_map(static fn(TreatmentStep $one): TreatmentStep => $one === $step ? $step->at($celsius + $more) : $one, $now->treatment->steps))), \sprintf('%s %g °C instead of %g', $step->kind === TreatmentKind::Bake ? 'bake at' : 'heat it to', $celsius + $more, $celsius)];
    }

    /** @return ?array{Layer, string} what the watch itself would change of this layer */
    private function byRule(DishReading $dish, LayerReading $reading, Layer $now, string $rule): ?array
    {
        foreach ($dish->watch as $warning) {
            $cure = $warning->rule === $rule && $warning->layer === array_search($reading, $dish->layers, true) ? $warning->cure : null;
            $grams = $cure['grams'] ?? 0.0;
            $made = match ($cure['action'] ?? '') {
                'weigh' => $this->weighed($reading, $now, $cure['ingredient'] ?? '', static fn(): float => $grams),
                'add' => $this->added($reading, $now, $cure['ingredient'] ?? '', $grams),
                default => null,
            };
            if ($made !== null) {
                return $made;
            }
        }

        return null;
    }

    /** Where the line that is meant stands among those that are read: by its job here, by a group of the fault book, or by its id; the heaviest of several. */
    private function at(LayerReading $reading, string $of): ?int
    {
        $job = self::BY_JOB[$of] ?? null;
        $best = null;
        foreach ($reading->layer->understood() as $n => $line) {
            $weight = $job !== null ? ($reading->jobs[$n][$job] ?? 0.0) : ($this->book->means($of, $reading->state->model->portions[$n]->ingredient) ? $line->grams : 0.0);
            if ($weight > 0.0 && ($best === null || $weight > $best[1])) {
                $best = [$n, $weight];
            }
        }

        return $best[0] ?? null;
    }

    /**
     * The layer with a line changed. What a cure puts in stands at the end, so a line keeps its place through several.
     *
     * @param Closure(Line): Line $change
     */
    private static function with(LayerReading $reading, Layer $now, Line $line, Closure $change): Layer
    {
        $lines = $now->lines;
        $at = (int) array_search($line, $reading->layer->lines, true);
        $lines[$at] = $change($lines[$at]);

        return $now->with(array_values($lines));
    }

    private function name(Line $line): string
    {
        return mb_strtolower($this->reader->shelf->find((string) $line->ingredient)->name ?? (string) $line->ingredient);
    }
}
