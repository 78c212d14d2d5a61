<?php

declare(strict_types=1);

namespace Transmuta\Quantity;

/** A kitchen scale: it shows 0.1 g, and 0.01 g for doses under 1 g; what is less than it weighs is weighed as a solution. */
final class Scale
{
    /** The least a kitchen scale weighs surely, g. */
    public const LEAST = 0.1;

    public static function shown(float $grams): float
    {
        return round($grams, $grams < 1.0 ? 2 : 1);
    }

    /** How a dose under what the scale weighs is weighed: "make a 1 % solution and weigh 5 g of it"; null where it can be weighed. */
    public static function solution(float $grams): ?string
    {
        if ($grams <= 0.0 || self::shown($grams) >= self::LEAST) {
            return null;
        }
        $percent = $grams < 0.02 ? 0.1 : 1.0;

        return \sprintf('make a %g %% solution and weigh %g g of it', $percent, round($grams * 100 / $percent, 1));
    }
}
