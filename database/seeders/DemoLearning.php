<?php

declare(strict_types=1);

namespace Database\Seeders;

use App\Models\PotLadder;
use App\Models\Studio;
use App\Models\TastingSeat;
use App\Models\Version;
use App\Services\History;
use App\Services\Ladders;
use App\Services\Lots;
use App\Services\StudioShelf;
use App\Services\Tastings;
use App\Services\TrialBook;
use App\Services\VersionShelf;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Support\Facades\DB;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Sensory\Design;
use Transmuta\Sensory\Dice;
use Transmuta\Trial\Pots\DoseCurve;

/**
 * What the tea room learnt: trials of four dishes and more, in a kitchen whose agar sets about a quarter softer than the shipped model says; a ladder that
 * found the dose, a fault that was cured, a tasting that was counted. Invented.
 */
final readonly class DemoLearning
{
    /** How much of its agar this kitchen gets. */
    private const AGAR = 0.72;

    /**
     * @var list<array{string, string, list<array{int, float, string, string, array<string, mixed>}>}> dish, version, trials: days ago, steps beside what would come, sweetness, sharpness, what else was found
     */
    private const TRIALS = [
        ['Passion-fruit curd tartlet', 'Vegan 1', [
            [24, -0.2, 'right', 'too much', ['remark' => 'Thin at the edge of the ring; took a night.', 'verdict' => 'change', 'next' => 'a little more starch']],
            [9, 0.4, 'right', 'too much', ['remark' => 'Held its edge when piped and after a night. A little sharper than the egg one.', 'verdict' => 'keep', 'ph' => 3.2, 'keeps' => [['day' => 2, 'words' => 'as on the first day'], ['day' => 3, 'words' => 'a little looser']]]],
        ]],
        ['Passion-fruit curd tartlet', 'Original', [[30, 0.2, 'right', 'right', ['remark' => 'The one we know.', 'verdict' => 'keep']]]],
        ['Blackcurrant baked cheesecake', 'Eggless 1', [
            [21, -0.6, 'right', 'right', ['remark' => 'Soft in the middle, cut with a wet knife.', 'verdict' => 'change', 'next' => 'bake to 74 °C in the middle']],
            [7, -0.2, 'right', 'right', ['remark' => 'Softer in the middle than the egg one; held on the plate.', 'verdict' => 'keep', 'cut' => 'clean with a wet knife', 'height_mm' => 34]],
        ]],
        ['Blackcurrant baked cheesecake', 'Original', [[33, 0.3, 'right', 'right', ['verdict' => 'keep', 'remark' => '']]]],
        ['Cardamom set custard', 'Vegan 1', [
            [26, 0.5, 'right', 'right', ['remark' => 'Sets like a pudding, tastes of coconut.', 'verdict' => 'change', 'next' => 'a softer coconut']],
        ]],
        ['Cardamom set custard', 'Original', [[31, -0.2, 'right', 'right', ['verdict' => 'keep', 'remark' => '', 'grain' => 'smooth']]]],
        ['Cardamom set custard', 'Keto 1', [[12, 0.1, 'too much', 'right', ['remark' => 'Sweet and a little cold on the tongue.', 'verdict' => 'change', 'next' => 'less erythritol, more allulose']]]],
        ['Rhubarb buttermilk cream', 'Vegan 1', [
            [26, -0.3, 'right', 'right', ['remark' => 'Weeps on the plate after a night.', 'weep_g' => 2.6, 'verdict' => 'change', 'next' => 'something that binds its water']],
            [22, -0.4, 'right', 'too little', ['remark' => 'Dry on the plate with the xanthan. Slides off the spoon.', 'weep_g' => 0.3, 'verdict' => 'change', 'next' => 'more agar']],
            [19, -0.2, 'right', 'right', ['remark' => 'Still softer than it should be.', 'weep_g' => 0.3, 'verdict' => 'change', 'next' => 'find the dose of agar']],
            [15, -0.3, 'right', 'right', ['verdict' => 'change', 'remark' => 'Soft again. Same packet.']],
        ]],
        ['Rhubarb buttermilk cream', 'Original', [[29, 0.1, 'right', 'right', ['verdict' => 'keep', 'remark' => '']], [5, -0.2, 'right', 'right', ['verdict' => 'keep', 'remark' => '']]]],
        ['Night-sky lime icebox pie', 'Vegan 1', [[18, 0.2, 'right', 'right', ['remark' => 'Cuts, but leans.', 'verdict' => 'change', 'next' => 'firmer']], [6, 0.3, 'too much', 'right', ['remark' => '', 'verdict' => 'change']]]],
        ['Night-sky lime icebox pie', 'Original', [[27, 0.0, 'right', 'right', ['verdict' => 'keep', 'remark' => '']]]],
        ['Roasted-hazelnut mousse pot', 'Original', [[32, 0.3, 'right', 'right', ['verdict' => 'keep', 'remark' => '']]]],
        ['Roasted-hazelnut mousse pot', 'Vegan 1', [[14, -0.4, 'right', 'right', ['remark' => 'Lighter; falls a little by the second day.', 'verdict' => 'change', 'next' => 'whip it less', 'keeps' => [['day' => 2, 'words' => 'fell by a fifth']]]]]],
        ['Bay-leaf cream slice', 'Original', [[28, -0.1, 'right', 'right', ['verdict' => 'keep', 'remark' => '']]]],
        ['Bay-leaf cream slice', 'Eggless 1', [[13, 0.3, 'too little', 'right', ['remark' => 'Tastes of less; the bay is gone.', 'verdict' => 'change', 'next' => 'a third more bay']]]],
        ['Comet-trail coffee cheesecake', 'Original', [[16, 0.2, 'right', 'right', ['verdict' => 'keep', 'remark' => '']]]],
    ];

    private VersionShelf $shelves;

    private TrialBook $book;

    public function __construct(private Studio $studio, private StudioShelf $shelf, private History $history)
    {
        $this->shelves = new VersionShelf($shelf, app());
        $this->book = new TrialBook($this->shelves, new Lots($shelf), $shelf);
    }

    public function make(): void
    {
        // What was tried had been written down before.
        DB::table('revisions')->where('studio_id', $this->studio->id)->update(['created_at' => now()->subDays(40)]);
        foreach (self::TRIALS as [$dish, $name, $trials]) {
            foreach ($trials as $n => [$days, $off, $sweet, $sharp, $else]) {
                $this->trial($this->version($dish, $name), $days, $off, ['sweetness' => $sweet, 'sharpness' => $sharp, ...$else]);
                if ($dish === 'Rhubarb buttermilk cream' && $name === 'Vegan 1' && $n === 0) {
                    $this->bind($this->version($dish, $name));
                }
            }
        }
        $this->ladder($this->version('Rhubarb buttermilk cream', 'Vegan 1'));
        $this->tasting();
    }

    private function version(string $dish, string $name): Version
    {
        $query = Version::query();

        return $query->where('studio_id', $this->studio->id)->where('name', $name)->whereHas('dish', static fn(Builder $of): Builder => $of->where('title', $dish))->firstOrFail();
    }

    /** @param array<string, mixed> $said */
    private function trial(Version $version, int $days, float $off, array $said): void
    {
        $engine = $this->shelves->engine($version, isShipped: true);
        $layers = [];
        foreach ($engine->read($version->formula)->layers as $layer) {
            if ($layer->baseWords === null && $layer->state->mass > 60.0) {
                $agar = $layer->set->mechanisms['agar'] ?? 0.0;
                $place = max(0.0, min(6.5, Ladder::coordinate($layer->set->ge - (1 - self::AGAR) * $agar) + $off));
                $layers[] = ['layer_id' => $layer->layer->id, 'step_index' => floor($place)];
            }
        }
        $trial = $this->book->note($version, [...$said, 'layers' => $layers], now()->subDays($days)->toDateString(), null, []);
        // Ilka noted most, Jorun some.
        $trial->update(['who' => $days % 3 === 0 ? 'Jorun' : 'Ilka']);
    }

    /** The cure of a weeping gel, as a revision. */
    private function bind(Version $version): void
    {
        $this->history->write($version, $version->revision, 'edited', static fn(Version $held): array => ['formula' => $held->formula->with(array_map(static function (Layer $layer): Layer {
            $mass = array_sum(array_map(static fn(Line $line): float => $line->grams, $layer->lines));

            return \in_array('agar', array_column($layer->lines, 'ingredient'), true) ? $layer->with([...$layer->lines, Line::of('xanthan', round(0.0007 * $mass, 1), '')]) : $layer;
        }, $held->formula->layers))]);
        DB::table('revisions')->where('version_id', $version->id)->where('number', 2)->update(['created_at' => now()->subDays(20)]);
    }

    private function ladder(Version $version): void
    {
        $ladders = new Ladders($this->shelves, $this->shelf, $this->history);
        foreach ($version->formula->layers as $layer) {
            $agar = array_values(array_filter($layer->lines, static fn(Line $line): bool => $line->ingredient === 'agar'));
            if ($agar === []) {
                continue;
            }
            $ladder = $ladders->begin($version, ['asked' => 'set', 'layer_id' => $layer->id, 'lines' => [$agar[0]->id], 'wanted' => 4, 'pots' => 5, 'step' => 1.25, 'pot_g' => 80.0], 20261119);
            $ladder->update(['made_on' => now()->subDays(4)->toDateString(), 'who' => 'Ilka']);
            $ladders->judge($ladder, self::judged($ladder), null);

            return;
        }
    }

    /** @return array<int, list<float>> two judges */
    private static function judged(PotLadder $ladder): array
    {
        $curve = DoseCurve::read($ladder->design['curve'] ?? throw new \LogicException('the ladder of the demo has no curve'));
        $found = [];
        foreach ($ladder->design['pots'] as $n => $pot) {
            $u = Ladder::coordinate($curve->ge($pot['dose'], self::AGAR));
            $found[$pot['code']] = [(float) max(0, min(6, floor($u - 0.15))), (float) max(0, min(6, floor($u + 0.25 - 0.1 * $n)))];
        }

        return $found;
    }

    /** A triangle of the two tartlets: of eighteen, nine found the odd one. */
    private function tasting(): void
    {
        $tastings = new Tastings($this->shelves, $this->shelf);
        $tasting = $tastings->lay($this->studio, ['title' => 'Is the vegan curd told apart?', 'method' => 'triangle', 'question' => '', 'sided' => 'one', 'tasters' => 18, 'alpha' => 0.05, 'power' => 0.8, 'pd' => 0.4, 'expects' => null, 'attributes' => []], [
            ['version_id' => $this->version('Passion-fruit curd tartlet', 'Original')->id, 'name' => ''], ['version_id' => $this->version('Passion-fruit curd tartlet', 'Vegan 1')->id, 'name' => ''],
        ], 20261121);
        $dice = new Dice(7);
        foreach (TastingSeat::query()->where('tasting_id', $tasting->id)->orderBy('number')->get() as $n => $seat) {
            \assert($seat instanceof TastingSeat);
            $counts = array_count_values(array_column($seat->served, 'letter'));
            $isRight = $n % 2 === 0;
            $choices = array_values(array_filter($seat->served, static fn(array $one): bool => ($counts[$one['letter']] === 1) === $isRight && $one['code'] !== Design::REFERENCE));
            $seat->update(['secret' => hash('sha256', "demo $n"), 'acknowledged_at' => now()->subDays(3), 'answer' => ['chosen' => $choices[$dice->upTo(\count($choices))]['code']], 'answered_at' => now()->subDays(3)]);
        }
        $tasting->update(['closed_at' => now()->subDays(3), 'who' => 'Ilka']);
    }
}
