<?php

declare(strict_types=1);

namespace Transmuta\Property\Structure;

use Transmuta\Property\LayerState;

/** What makes a base stand and a filling chew: the solids, sugar apart, of flour, crumb, nut, seed, oat, coconut and cocoa. */
final class DryStructure
{
    /** g per 100 g of the layer. */
    public static function of(LayerState $state): float
    {
        $sum = 0.0;
        foreach ($state->model->portions as $i => $portion) {
            $sum += $state->share[$i] / 100 * $portion->dryStructure;
        }

        return $sum;
    }
}
