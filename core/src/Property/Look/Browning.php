<?php

declare(strict_types=1);

namespace Transmuta\Property\Look;

use Transmuta\Property\LayerState;

/**
 * What makes a layer brown in the oven: reducing sugars with protein (Maillard), so either one lost leaves it pale. Without an oven there is
 * nothing to brown. Relative weights from memory: allulose browns most readily, sucrose only for what the heat inverts, polyols not at all.
 */
final class Browning
{
    private const SUGARS = ['sugar.glucose' => 1.0, 'sugar.fructose' => 1.2, 'sugar.maltose' => 0.7, 'sugar.lactose' => 0.8, 'sugar.galactose' => 1.2, 'sugar.sucrose' => 0.1, 'allulose' => 1.5];

    /** √(g reducing sugars × g protein) per 100 g; 0 where the layer is not baked. */
    public static function of(LayerState $state): float
    {
        if (!$state->model->treatment->bakes()) {
            return 0.0;
        }
        $reducing = 0.0;
        foreach (self::SUGARS as $part => $weight) {
            $reducing += $weight * $state->of100($part);
        }

        return sqrt($reducing * $state->protein);
    }
}
