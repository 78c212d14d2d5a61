<?php

declare(strict_types=1);

namespace Transmuta\Statistics;

/** Student's t distribution, by the incomplete beta function (continued fraction of Lentz; Numerical Recipes 6.4, recalled). */
final class Student
{
    /** Two-sided p of a t with these degrees of freedom. */
    public static function twoSided(float $t, float $df): float
    {
        return self::beta($df / ($df + $t * $t), $df / 2, 0.5);
    }

    /** t that leaves this share in both tails together. */
    public static function critical(float $alpha, float $df): float
    {
        [$low, $high] = [0.0, 200.0];
        for ($i = 0; $i < 80; ++$i) {
            $middle = ($low + $high) / 2;
            if (self::twoSided($middle, $df) > $alpha) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2;
    }

    /** Regularised incomplete beta I_x(a, b). */
    private static function beta(float $x, float $a, float $b): float
    {
        if ($x <= 0.0 || $x >= 1.0) {
            return $x <= 0.0 ? 0.0 : 1.0;
        }
        $front = exp(self::logGamma($a + $b) - self::logGamma($a) - self::logGamma($b) + $a * log($x) + $b * log1p(-$x));

        return $x < ($a + 1) / ($a + $b + 2) ? $front * self::fraction($x, $a, $b) / $a : 1.0 - $front * self::fraction(1.0 - $x, $b, $a) / $b;
    }

    private static function fraction(float $x, float $a, float $b): float
    {
        $tiny = 1e-300;
        $c = 1.0;
        $d = 1.0 - ($a + $b) * $x / ($a + 1.0);
        $d = 1.0 / (abs($d) < $tiny ? $tiny : $d);
        $h = $d;
        for ($m = 1; $m <= 400; ++$m) {
            $before = $h;
            foreach ([$m * ($b - $m) * $x / (($a + 2 * $m - 1) * ($a + 2 * $m)), -($a + $m) * ($a + $b + $m) * $x / (($a + 2 * $m) * ($a + 2 * $m + 1))] as $term) {
                $d = 1.0 + $term * $d;
                $d = 1.0 / (abs($d) < $tiny ? $tiny : $d);
                $c = 1.0 + $term / $c;
                $c = abs($c) < $tiny ? $tiny : $c;
                $h *= $d * $c;
            }
            if (abs($h / $before - 1.0) < 1e-15) {
                break;
            }
        }

        return $h;
    }

    /** Stirling's series from 8 on, and the recurrence below. */
    private static function logGamma(float $x): float
    {
        $shift = 0.0;
        while ($x < 10.0) {
            $shift += log($x);
            ++$x;
        }

        return ($x - 0.5) * log($x) - $x + 0.5 * log(2 * \M_PI) + 1 / (12 * $x) - 1 / (360 * $x ** 3) + 1 / (1260 * $x ** 5) - 1 / (1680 * $x ** 7) - $shift;
    }
}
