<?php

declare(strict_types=1);

namespace Transmuta\Statistics;

/** Exact chances of so many right answers, and what they say of the chance of one (Clopper and Pearson 1934). */
final class Binomial
{
    /** Share of all outcomes with at least x right, of n that are right with chance p each. */
    public static function atLeast(int $x, int $n, float $p): float
    {
        if ($x <= 0) {
            return 1.0;
        }
        if ($x > $n || $p <= 0.0) {
            return 0.0;
        }
        if ($p >= 1.0) {
            return 1.0;
        }
        // The smaller tail is summed, so that nothing is lost by taking it from one.
        return $x > $n * $p ? self::sum($x, $n, $n, $p) : 1.0 - self::sum(0, $x - 1, $n, $p);
    }

    /** Smallest number of right answers whose tail is at most alpha; null where none is. */
    public static function critical(int $n, float $p, float $alpha): ?int
    {
        [$low, $high] = [0, $n + 1];
        // The tail falls with every answer more.
        while ($high - $low > 1) {
            $middle = intdiv($low + $high, 2);
            if (self::atLeast($middle, $n, $p) <= $alpha) {
                $high = $middle;
            } else {
                $low = $middle;
            }
        }

        return $high > $n ? null : $high;
    }

    /** @return array{float, float} limits of the chance of a right answer, each tail alpha/2 */
    public static function limits(int $x, int $n, float $alpha = 0.05): array
    {
        return [
            $x === 0 ? 0.0 : self::solved(static fn(float $p): float => self::atLeast($x, $n, $p) - $alpha / 2),
            $x === $n ? 1.0 : self::solved(static fn(float $p): float => $alpha / 2 - (1.0 - self::atLeast($x + 1, $n, $p))),
        ];
    }

    /** @param \Closure(float): float $of rises from below nothing to above it between 0 and 1 */
    private static function solved(\Closure $of): float
    {
        [$low, $high] = [0.0, 1.0];
        for ($i = 0; $i < 60; ++$i) {
            $middle = ($low + $high) / 2;
            if ($of($middle) < 0.0) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2;
    }

    private static function sum(int $from, int $to, int $n, float $p): float
    {
        if ($from > $to) {
            return 0.0;
        }
        // From its largest term outwards, each from the one before.
        $mode = max($from, min($to, (int) floor(($n + 1) * $p)));
        $largest = exp(self::logChoose($n, $mode) + $mode * log($p) + ($n - $mode) * log1p(-$p));
        $sum = $largest;
        for ($k = $mode, $term = $largest; $k < $to && $term > 1e-19 * $sum; ++$k) {
            $sum += $term *= ($n - $k) / ($k + 1) * $p / (1.0 - $p);
        }
        for ($k = $mode, $term = $largest; $k > $from && $term > 1e-19 * $sum; --$k) {
            $sum += $term *= $k / ($n - $k + 1) * (1.0 - $p) / $p;
        }

        return min(1.0, $sum);
    }

    private static function logChoose(int $n, int $k): float
    {
        return self::logGamma($n + 1.0) - self::logGamma($k + 1.0) - self::logGamma($n - $k + 1.0);
    }

    /** Lanczos 1964 with g = 7, nine terms; about 1e-15 for the whole numbers it is asked for. */
    private static function logGamma(float $x): float
    {
        $c = [0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059, 12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7];
        --$x;
        $sum = $c[0];
        for ($i = 1; $i < 9; ++$i) {
            $sum += $c[$i] / ($x + $i);
        }
        $t = $x + 7.5;

        return 0.5 * log(2 * \M_PI) + ($x + 0.5) * log($t) - $t + log($sum);
    }
}
