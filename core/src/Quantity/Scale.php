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

    /** A drop of a watery liquid, g [trade]. */
    private const DROP = 0.05;

    /**
     * How a dose under what the scale weighs is weighed: "make a 1 % solution and weigh 5 g of it"; null where it can be weighed.
     *
     * @param bool $isLiquid whether it may be counted in drops as well
     */
    public static function solution(float $grams, bool $isLiquid = false): ?string
    {
        if ($grams <= 0.0 || self::shown($grams) >= self::LEAST) {
            return null;
        }
        $percent = $grams < 0.02 ? 0.1 : 1.0;

        $drops = (int) round($grams / self::DROP);

        return ($isLiquid && $drops > 0 ? \sprintf('%d drop%s, or ', $drops, $drops === 1 ? '' : 's') : '') . \sprintf('make a %g %% solution and weigh %g g of it', $percent, round($grams * 100 / $percent, 1));
    }
}
