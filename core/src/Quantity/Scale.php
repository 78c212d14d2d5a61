<?php

declare(strict_types=1);

namespace Transmuta\Quantity;

/** A kitchen scale: it shows 0.1 g, and 0.01 g for doses under 1 g. */
final class Scale
{
    public static function shown(float $grams): float
    {
        return round($grams, $grams < 1.0 ? 2 : 1);
    }
}
