<?php

declare(strict_types=1);

namespace Transmuta\Statistics;

/** The standard normal distribution. */
final class Normal
{
    /** Beyond it the tail is nothing a panel could tell. */
    private const FAR = 8.5;

    public static function density(float $z): float
    {
        return exp(-$z * $z / 2) / sqrt(2 * \M_PI);
    }

    /** z below which this share lies. */
    public static function at(float $share): float
    {
        [$low, $high] = [-self::FAR, self::FAR];
        for ($i = 0; $i < 60; ++$i) {
            $middle = ($low + $high) / 2;
            if (self::below($middle) < $share) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2;
    }

    /** Share below z, by the series of Marsaglia 2004 (J. Stat. Software 11:4), to about 1e-15. */
    public static function below(float $z): float
    {
        if (abs($z) > self::FAR) {
            return $z > 0.0 ? 1.0 : 0.0;
        }
        $sum = $term = $z;
        for ($i = 3; abs($term) > 1e-18 * max(1e-300, abs($sum)); $i += 2) {
            $term *= $z * $z / $i;
            $sum += $term;
        }

        return min(1.0, max(0.0, 0.5 + $sum * self::density($z)));
    }
}
