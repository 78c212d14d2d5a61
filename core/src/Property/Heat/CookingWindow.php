<?php

declare(strict_types=1);

namespace Transmuta\Property\Heat;

use Transmuta\Property\LayerState;
use Transmuta\Reference\Reference;

/**
 * Where the egg of this formula begins to thicken, is done and curdles, °C: shifted by dilution, sugar, acid and fat; enough starch lets it
 * boil. From memory, in `reference/cooking.csv`; the safe mark of 71 °C is the USDA's.
 */
final readonly class CookingWindow
{
    private function __construct(public float $thickens, public float $done, public float $curdles, public bool $mayBoil, public string $starch, public float $safe) {}

    /**
     * Null where the layer has no egg to cook.
     *
     * @param bool $isHeated whether it was heated though its text does not say so
     */
    public static function of(LayerState $state, ?float $ph, Reference $reference, bool $isHeated = false): ?self
    {
        $egg = $state->of100('protein.egg');
        if ($egg < 0.3 || !($isHeated || $state->model->treatment->isHot())) {
            return null;
        }
        $c = $reference->cooking;
        $shift = $c['dilution-c'] * log(10.0 / max(0.3, $egg)) + $c['sugar-c'] * $state->sugars - $c['acid-c'] * max(0.0, 6.0 - ($ph ?? 6.5));
        $fat = $c['fat-c'] * max(0.0, $state->fat - 10.0);
        $liquid = $state->water + $state->sugars;
        $starch = $liquid > 0.0 ? 100 * $state->of100('starch') / $liquid : 0.0;

        return new self(
            $c['thickens-c'] + $shift,
            $c['done-c'] + $shift,
            $c['curdles-c'] + $shift + $fat,
            $starch >= $c['starch-boils'],
            match (true) {
                $starch >= $c['starch-boils'] => 'its starch lets it boil, and must boil about 2 min for the yolk',
                $starch >= $c['starch-marginal'] => 'its starch is marginal: it may boil, or curdle',
                default => 'without enough starch it curdles at a boil',
            },
            $c['egg-safe-c'],
        );
    }
}
