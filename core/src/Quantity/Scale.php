<?php

declare(strict_types=1);

namespace Transmuta\Quantity;

use Transmuta\Reference\Figure;

/** A kitchen scale: it shows 0.1 g, and 0.01 g for doses under 1 g; what is less than it weighs is weighed as a solution. */
final class Scale
{
    public static function shown(float $grams): float
    {
        return round($grams, $grams < 1.0 ? 2 : 1);
    }

    /**
     * How a dose under what the scale weighs is weighed: "make a 1 % solution and weigh 5 g of it"; null where it can be weighed.
     *
     * @param bool $isLiquid whether it may be counted in drops as well
     */
    public static function solution(float $grams, bool $isLiquid = false): ?string
    {
        if ($grams <= 0.0 || self::shown($grams) >= Figure::ScaleLeast->number()) {
            return null;
        }
        $percent = $grams < 0.02 ? 0.1 : 1.0;

        $drops = (int) round($grams / Figure::Drop->number());

        return ($isLiquid && $drops > 0 ? \sprintf('%d drop%s, or ', $drops, $drops === 1 ? '' : 's') : '') . \sprintf('make a %g %% solution and weigh %g g of it', $percent, round($grams * 100 / $percent, 1));
    }
}
