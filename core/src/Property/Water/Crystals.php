<?php

declare(strict_types=1);

namespace Transmuta\Property\Water;

use Transmuta\Property\LayerState;
use Transmuta\Property\Setting\Smooth;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Reference;

/** Sugars and polyols against what the layer's water keeps dissolved, each alone in all of it, g per 100 g water. */
final class Crystals
{
    /**
     * Every species with a known solubility that the layer holds.
     *
     * @return array<string, array{kind: string, grams: float, has: float, holds: float, holds20: ?float, most_g: float, over: bool}> by species: g per 100 g
     *                                                                                                                              water at 5 and 20 °C, and the most g in the layer that stay dissolved at 5 °C
     */
    public static function of(LayerState $state, Reference $reference): array
    {
        if ($state->water < 5.0) {
            return [];
        }
        $found = [];
        foreach ($reference->sweeteners as $species => $row) {
            $grams = $state->of100("sugar.$species") + $state->of100("polyol.$species") + ($row['kind'] === 'allulose' ? $state->of100('allulose') : 0.0);
            if ($grams < 0.05 || $row['solubility_5'] === '') {
                continue;
            }
            $holds = (float) $row['solubility_5'];
            $has = $grams / $state->water * 100;
            $found[$species] = [
                'kind' => $row['kind'],
                'grams' => $grams,
                'has' => $has,
                'holds' => $holds,
                'holds20' => $row['solubility_20'] === '' ? null : (float) $row['solubility_20'],
                'most_g' => $holds * $state->water / 100 * $state->mass / 100,
                'over' => $has > $holds && $grams > Figure::LactoseUnnoticed->number(),
            ];
        }

        return $found;
    }

    /**
     * @return array<string, array{has: float, holds: float, most_g: float}> polyols over their solubility at 5 °C, by species
     */
    public static function above(LayerState $state, Reference $reference): array
    {
        return array_map(
            static fn(array $found): array => ['has' => $found['has'], 'holds' => $found['holds'], 'most_g' => $found['most_g']],
            array_filter(self::of($state, $reference), static fn(array $found): bool => $found['over'] && $found['kind'] === 'polyol'),
        );
    }

    /** Sum of the excess over cold solubility, g per 100 g of the layer: what the solver pushes down. */
    public static function excess(LayerState $state, Reference $reference): float
    {
        // Most layers hold none, and this is asked with every weighing.
        if ($state->polyols <= 0.0) {
            return 0.0;
        }
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
