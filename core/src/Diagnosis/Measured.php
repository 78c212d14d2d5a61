<?php

declare(strict_types=1);

namespace Transmuta\Diagnosis;

use Transmuta\Property\DishReading;
use Transmuta\Property\Heat\CookingWindow;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Property\Setting\SetModel;
use Transmuta\Property\Structure\Base;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Reference;

/**
 * Every figure a cause is weighed by, of one layer and its run, by the words of `core/data/faults/causes.csv`. What the run says counts before what
 * the formula was to be; null where nobody knows.
 */
final readonly class Measured
{
    /** Mechanisms that a warm room does not melt. */
    private const WARM_PROOF = ['agar', 'starch', 'egg', 'kappa', 'iota', 'gellan', 'alginate', 'lm-pectin', 'hm-pectin', 'soy', 'whey'];

    public function __construct(private DishReading $dish, private LayerReading $layer, private RunFacts $run, private SetModel $set, private FaultBook $book) {}

    /** Of an agent alone: how much of it brings its set to a strength here, g in the whole layer; null where no dose does. */
    public function doseFor(string $mechanism, float $ge): ?float
    {
        $percent = $this->set->doseFor($mechanism, $ge, $this->layer->state);

        return $percent === null ? null : $percent * $this->layer->state->mass / 100;
    }

    public function value(string $metric): ?float
    {
        return match (true) {
            \array_key_exists($metric, $this->run->known) => $this->run->known[$metric],
            str_starts_with($metric, 'share_') => $this->share(substr($metric, 6)),
            str_ends_with($metric, '_mgkg') => 10_000 * $this->grams(substr($metric, 3, -5)),
            str_starts_with($metric, 'in_') => $this->grams(substr($metric, 3)),
            default => $this->own($metric),
        };
    }

    private function own(string $metric): ?float
    {
        $state = $this->layer->state;
        $treat = $state->model->treatment;
        $ge = $this->layer->set->ge;
        $water = $state->water;
        $boil = $treat->step(\Transmuta\Formula\TreatmentKind::Boil);

        return match ($metric) {
            'ge' => $ge,
            'ratio20' => $ge > 0.05 ? $this->layer->setWarm->ge / $ge : null,
            'edge_distance' => min(array_map(static fn(float $edge): float => abs($ge - $edge), Ladder::EDGES)),
            'fat' => $state->fat,
            'water' => $water,
            'solids' => 100.0 - $water,
            'protein' => $state->protein,
            'sugars' => $state->sugars,
            'starch' => $state->of100('starch'),
            'salt' => $state->of100('salt'),
            'alcohol' => $state->of100('alcohol'),
            'casein' => $state->of100('protein.casein'),
            'lactose' => $state->of100('sugar.lactose'),
            'lactose_water' => $water > 1.0 ? 100 * $state->of100('sugar.lactose') / $water : null,
            'sucrose_water' => $water > 1.0 ? 100 * $state->of100('sugar.sucrose') / $water : null,
            'sweetener_any' => $state->sugars + $state->polyols,
            'polyol_over' => $this->polyolOver(),
            'acid' => $this->layer->acidCitric,
            'ph' => $this->run->of('ph_found') ?? $this->layer->ph,
            'se' => $this->layer->se,
            'sea_short' => $this->layer->acidCitric > 0.02 ? ($this->isFrozen() ? Figure::TasteTooSharpIce->number() : Figure::TasteTooSharp->number()) / max(0.1, $this->layer->se / $this->layer->acidCitric) : null,
            'aw' => $this->layer->aw,
            'air' => 100 * $this->layer->airShare,
            'solid35' => $this->layer->solidAtMouth,
            'solid5' => $this->layer->solidAtFridge,
            'fat_over_water' => $state->fat + $water > 1.0 ? $state->fat / ($state->fat + $water) : null,
            'base_fat' => Base::is($state) ? self::ratio($state->fat, $state->fat + $state->carbohydrate() + $state->protein - $state->sugars) : null,
            'is_base' => $this->layer->baseWords === null ? 0.0 : 1.0,
            'is_cooked' => $treat->isHot() || ($this->run->of('t_max_c') ?? 0.0) >= 75.0 ? 1.0 : 0.0,
            'white_share' => self::percent($this->grams('white'), $this->grams('egg')),
            'sugar_per_white' => self::ratio($state->sugars, $this->grams('whitefoam')),
            't_max_c' => $boil !== null ? 100.0 : $treat->inPan()?->celsius,
            'boil_min' => $boil !== null ? $boil->minutes : ($treat->isHot() || !$treat->reaches(95.0) ? 0.0 : null),
            't_max_over_curdle' => $this->overCurdle(),
            't_max_under_done' => $this->underDone(),
            'frozen' => $this->isFrozen() ? 1.0 : 0.0,
            'freezing_c' => $this->layer->freezingPoint,
            'ice_share' => ($this->dish->stack->frozen[array_search($this->layer, $this->dish->layers, true)] ?? null)?->iceAt10,
            'serve_c' => $this->dish->formula->serveAt,
            'density_ratio' => self::ratio($this->run->of('density_g_ml'), $this->run->of('density_target_g_ml')),
            // A cream base is folded at 26 °C at most, one with cocoa butter at 36.
            'fold_over' => $this->run->of('fold_c') === null ? null : $this->run->of('fold_c') - ($this->grams('cocoa') + $this->grams('chocolate') > 3.0 ? 36.0 : 26.0),
            'calcium_per_pectin' => null,
            default => null,
        };
    }

    /** K over where its egg curdles; where the run was hot and the text says nothing of heat, the run counts. */
    private function overCurdle(): ?float
    {
        $hottest = $this->run->of('t_max_c');
        if ($hottest === null) {
            return null;
        }
        $window = $this->layer->window ?? ($hottest >= Figure::EggRunCooks->number() ? CookingWindow::of($this->layer->state, $this->layer->ph, Reference::standard(), isHeated: true) : null);

        return $window === null || $window->mayBoil ? null : $hottest - $window->curdles;
    }

    /** K under where its egg is set: of what the run noted as hottest; null where nobody noted it. */
    private function underDone(): ?float
    {
        $hottest = $this->run->of('t_max_c');
        if ($hottest === null) {
            return null;
        }
        $window = $this->layer->window ?? CookingWindow::of($this->layer->state, $this->layer->ph, Reference::standard(), isHeated: true);

        return $window?->done === null ? null : $window->done - $hottest;
    }

    private function isFrozen(): bool
    {
        return $this->run->of('frozen') === 1.0 || $this->layer->state->model->treatment->freezes() || $this->dish->formula->serveAt < -2.0;
    }

    /** g per 100 g of the layer, before losses are long gone: of what goes into it. */
    private function grams(string $group): float
    {
        $sum = 0.0;
        foreach ($this->layer->state->model->portions as $i => $portion) {
            if ($this->book->means($group, $portion->ingredient)) {
                $sum += $this->layer->state->share[$i];
            }
        }

        return $sum;
    }

    /** % of the set by a mechanism, or by several under one word. */
    private function share(string $of): float
    {
        $set = $this->layer->set;
        if ($set->ge < 0.02) {
            return 0.0;
        }
        $names = match ($of) {
            'shrinks' => ['agar', 'kappa'],
            'agarlike' => ['agar', 'kappa', 'gellan'],
            'starchgum' => ['starch', 'gum'],
            'warmproof' => self::WARM_PROOF,
            default => [$of],
        };

        return 100 * array_sum(array_intersect_key($set->mechanisms, array_flip($names))) / $set->ge;
    }

    /** How many times what cold water holds the worst crystal is there; null where none is. */
    private function polyolOver(): ?float
    {
        $over = array_map(static fn(array $crystal): float => $crystal['holds'] > 0.0 ? $crystal['has'] / $crystal['holds'] : 0.0, array_filter($this->layer->crystals, static fn(array $c): bool => $c['kind'] !== 'sugar'));

        return $over === [] ? null : max($over);
    }

    public function layer(): LayerReading
    {
        return $this->layer;
    }

    private static function ratio(?float $a, ?float $b): ?float
    {
        return $a === null || $b === null || $b <= 0.0 ? null : $a / $b;
    }

    private static function percent(float $part, float $whole): ?float
    {
        return $whole <= 0.0 ? null : 100 * $part / $whole;
    }
}
