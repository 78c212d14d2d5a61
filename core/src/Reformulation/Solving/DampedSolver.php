<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Solving;

/**
 * Nonlinear least squares in a box: Gauss–Newton with damping, each step a bounded-variable least squares on [J; √μ I]
 * (practice: reformulating). Undamped Gauss–Newton cycles.
 */
final class DampedSolver
{
    /** Finite-difference step, share of a bound's width. */
    private const STEP = 1e-4;
    /** Longest move of one unknown in one iteration, share of its bound's width. */
    private const LONGEST = 0.35;
    private const MOST_ITERATIONS = 60;
    private const SMALLEST_MOVE = 1e-4;
    private const SMALLEST_GAIN = 1e-4;
    private const ROUGH_GAIN = 2e-2;
    /** Points over which slopes are carried on before they are measured again. */
    private const OLDEST = 4;
    /** Gain, as a share of the objective, under which carried slopes are no longer trusted. */
    private const WORTHWHILE = 0.05;

    /**
     * @param callable(list<float>): list<float> $residuals
     * @param list<float> $start
     * @param list<float> $lower
     * @param list<float> $upper each above its lower
     * @param bool $rough stops as soon as little more is gained: near enough to see what is owed
     */
    public static function solve(callable $residuals, array $start, array $lower, array $upper, bool $rough = false): Solution
    {
        $smallestGain = $rough ? self::ROUGH_GAIN : self::SMALLEST_GAIN;
        $width = array_map(static fn(float $u, float $l): float => $u - $l, $upper, $lower);
        $place = static fn(array $u): array => array_map(static fn(float $v, float $l, float $w): float => $l + $v * $w, $u, $lower, $width);
        $u = array_map(static fn(float $x, float $l, float $w): float => max(0.0, min(1.0, ($x - $l) / $w)), $start, $lower, $width);
        $r = $residuals($place($u));
        $f = self::half($r);
        $mu = 1e-2;
        $status = 'most iterations';
        $jacobian = [];
        $age = null;
        for ($iteration = 1; $iteration <= self::MOST_ITERATIONS; ++$iteration) {
            if ($age === null) {
                $jacobian = self::jacobian($residuals, $place, $u, $r);
                $age = 0;
            }
            [$gram, $right] = self::normal($jacobian, $r);
            $next = $nextR = null;
            $gain = 0.0;
            for ($try = 0; $try < ($age === 0 ? 12 : 1); ++$try) {
                $step = self::step($gram, $right, $u, $mu);
                $moved = array_map(static fn(float $v, float $d): float => max(0.0, min(1.0, $v + $d)), $u, $step);
                $movedR = $residuals($place($moved));
                $gain = $f - self::half($movedR);
                if ($gain > 0.0) {
                    [$next, $nextR] = [$moved, $movedR];
                    break;
                }
                if (max([0.0, ...array_map(abs(...), $step)]) < self::SMALLEST_MOVE) {
                    break;
                }
                $mu *= 5;
            }
            if ($next === null || $nextR === null) {
                if ($age > 0) {
                    // The slopes were carried on too long: measure them again before giving up.
                    $age = null;
                    continue;
                }
                $status = 'no lower point';
                break;
            }
            $move = array_map(static fn(float $a, float $b): float => $a - $b, $next, $u);
            $settled = max([0.0, ...array_map(abs(...), $move)]) < self::SMALLEST_MOVE || $gain < $smallestGain * (1 + $f);
            if ($settled && ($age === 0 || $rough)) {
                [$u, $r, $f] = [$next, $nextR, $f - $gain];
                $status = 'settled';
                break;
            }
            $stale = $settled || ++$age > self::OLDEST || $gain < self::WORTHWHILE * $f;
            $jacobian = $stale ? $jacobian : self::carried($jacobian, $move, $r, $nextR);
            $age = $stale ? null : $age;
            [$u, $r, $f] = [$next, $nextR, $f - $gain];
            $mu = max(1e-9, $mu / 4);
        }

        return new Solution($place($u), $f, min($iteration, self::MOST_ITERATIONS), $status, $r, $jacobian);
    }

    /**
     * Slopes carried on to the next point by the residuals found there (Broyden's rank-one update), which saves measuring each column anew.
     *
     * @param list<list<float>> $jacobian
     * @param list<float> $move
     * @param list<float> $was
     * @param list<float> $now
     *
     * @return list<list<float>>
     */
    private static function carried(array $jacobian, array $move, array $was, array $now): array
    {
        $length = 0.0;
        foreach ($move as $d) {
            $length += $d * $d;
        }
        foreach ($jacobian as $i => $row) {
            $miss = $now[$i] - $was[$i];
            foreach ($row as $j => $v) {
                $miss -= $v * $move[$j];
            }
            $miss /= $length;
            foreach ($row as $j => $v) {
                $jacobian[$i][$j] = $v + $miss * $move[$j];
            }
        }

        return $jacobian;
    }

    /**
     * @param list<list<float>> $jacobian
     * @param list<float> $r
     *
     * @return array{list<list<float>>, list<float>} JᵀJ and −Jᵀr
     */
    private static function normal(array $jacobian, array $r): array
    {
        \assert($jacobian !== []);

        return BoundedLeastSquares::normal($jacobian, array_map(static fn(float $v): float => -$v, $r));
    }

    /**
     * @param callable(list<float>): list<float> $residuals
     * @param callable(list<float>): list<float> $place
     * @param list<float> $u
     * @param list<float> $r
     *
     * @return list<list<float>>
     */
    private static function jacobian(callable $residuals, callable $place, array $u, array $r): array
    {
        $columns = [];
        foreach ($u as $j => $value) {
            $h = $value + self::STEP > 1.0 ? -self::STEP : self::STEP;
            $moved = $u;
            $moved[$j] = $value + $h;
            $columns[] = array_map(static fn(float $b, float $a): float => ($b - $a) / $h, $residuals($place(array_values($moved))), $r);
        }
        $rows = [];
        foreach (array_keys($r) as $i) {
            $rows[] = array_column($columns, $i);
        }

        return $rows;
    }

    /**
     * One step of damped Gauss–Newton inside the box.
     *
     * @param list<list<float>> $gram
     * @param list<float> $right
     * @param list<float> $u
     *
     * @return list<float>
     */
    private static function step(array $gram, array $right, array $u, float $mu): array
    {
        foreach ($gram as $j => $row) {
            $row[$j] += $mu;
            $gram[$j] = array_values($row);
        }

        return BoundedLeastSquares::within(
            $gram,
            $right,
            array_map(static fn(float $v): float => max(-$v, -self::LONGEST), $u),
            array_map(static fn(float $v): float => min(1.0 - $v, self::LONGEST), $u),
        )['x'];
    }

    /** @param list<float> $r */
    private static function half(array $r): float
    {
        $sum = 0.0;
        foreach ($r as $v) {
            $sum += $v * $v;
        }

        return $sum / 2;
    }
}
