<?php

declare(strict_types=1);

namespace Transmuta\Property\Heat;

use Transmuta\Property\LayerState;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Reference;
use Transmuta\Shelf\Nature;

/**
 * Heat against time for egg, as lethality: 1 is the whole of a pasteurisation pair (`reference/pasteurisation.csv`), summed along a
 * temperature curve with the z of the yolk pair. A guide beside the local code, never in its place.
 */
final readonly class Pasteurisation
{
    public function __construct(private Reference $reference) {}

    /**
     * Minutes at one temperature that equal the pair.
     *
     * @param string $product a row of `reference/pasteurisation.csv`
     */
    public function minutesAt(string $product, float $celsius): float
    {
        ['celsius' => $at, 'minutes' => $minutes] = $this->reference->pasteurisation[$product];

        return $minutes * 10 ** (($at - $celsius) / $this->reference->cooking['pasteur-z']);
    }

    /**
     * Lethality of a curve, by trapezoids of its rate.
     *
     * @param list<array{float, float}> $curve minutes and °C, in order of time
     */
    public function lethality(string $product, array $curve): float
    {
        $sum = 0.0;
        $previous = null;
        foreach ($curve as [$minute, $celsius]) {
            $rate = 1.0 / $this->minutesAt($product, $celsius);
            if ($previous !== null) {
                $sum += ($minute - $previous[0]) * ($rate + $previous[1]) / 2;
            }
            $previous = [$minute, $rate];
        }

        return $sum;
    }

    /** The row that speaks of this layer's egg; null where it has none, or where nobody knows a pair for so much sugar. */
    public static function product(LayerState $state): ?string
    {
        $yolk = $white = $whole = 0.0;
        foreach ($state->model->portions as $i => $portion) {
            if ($portion->ingredient->group !== 'egg') {
                continue;
            }
            match (true) {
                $portion->ingredient->is(Nature::Yolk) => $yolk += $state->share[$i],
                $portion->ingredient->is(Nature::White) => $white += $state->share[$i],
                default => $whole += $state->share[$i],
            };
        }
        $sugared = $state->sugars > 5.0;

        return match (true) {
            $yolk + $white + $whole < 0.5 => null,
            // The pairs are for about 10 % sugar; sugar shields bacteria, by 40 % it takes 3 to 10 times as long: beyond it no pair is known here.
            $state->sugars - $state->of100('sugar.lactose') > Figure::PasteurisedMostSugar->number() => null,
            $yolk >= $whole && $yolk >= $white => $sugared ? 'sugared yolk' : 'plain yolk',
            $whole >= $white => $sugared ? 'sugared whole egg' : 'whole egg',
            default => 'white',
        };
    }
}
