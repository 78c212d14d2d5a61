<?php

declare(strict_types=1);

namespace Transmuta\Property\Setting;

/** Smooth stand-ins for clamps and steps: a kink makes the solver stall. */
final class Smooth
{
    /** max(0, x), rounded off over about `width`. */
    public static function positive(float $x, float $width): float
    {
        $z = $x / $width;

        return $z > 30.0 ? $x : $width * log1p(exp($z));
    }

    /** Rises from 0 to 1 around `middle`, over a few `width`. */
    public static function rise(float $x, float $middle, float $width): float
    {
        return 1.0 / (1.0 + exp(-max(-60.0, min(60.0, ($x - $middle) / $width))));
    }

    /** Clamp of x to 0…1, rounded off at both ends. */
    public static function unit(float $x, float $width = 0.05): float
    {
        return self::positive($x, $width) - self::positive($x - 1.0, $width);
    }
}
