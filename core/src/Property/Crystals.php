<?php

declare(strict_types=1);

namespace Transmuta\Property;

use Transmuta\Reference\Reference;

/** Sweeteners against what cold water keeps dissolved, g per 100 g water at 5 °C. */
final class Crystals
{
    /** Milk sugar in milk stays in suspension as fine crystals that nobody feels below this much, g per 100 g of the layer. */
    private const UNNOTICED = 3.0;

    /**
     * @return array<string, array{has: float, holds: float, most_g: float}> by species: g per 100 g water, and the most g for the layer
     */
    public static function above(LayerState $state, Reference $reference): array
    {
        $above = [];
        if ($state->water < 5.0) {
            return [];
        }
        foreach ($reference->sweeteners as $species => $row) {
            if ($row['kind'] !== 'polyol' || $row['solubility_5'] === '') {
                continue;
            }
            $grams = $state->of100("polyol.$species");
            $has = $grams / $state->water * 100;
            $holds = (float) $row['solubility_5'];
            if ($has > $holds && $grams > self::UNNOTICED) {
                $above[$species] = ['has' => $has, 'holds' => $holds, 'most_g' => $holds * $state->water / 100 * $state->mass / 100];
            }
        }

        return $above;
    }

    /** Sum of the excess over cold solubility, g per 100 g of the layer: what the solver pushes down. */
    public static function excess(LayerState $state, Reference $reference): float
    {
        $sum = 0.0;
        foreach ($reference->sweeteners as $species => $row) {
            $grams = $row['kind'] === 'polyol' && $row['solubility_5'] !== '' ? $state->of100("polyol.$species") : 0.0;
            if ($grams > 0.0) {
                $sum += Smooth::positive($grams - (float) $row['solubility_5'] * $state->water / 100, 0.2);
            }
        }

        return $sum;
    }
}
