<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

/**
 * Nonlinear least squares in a box: Gauss–Newton with damping, each step a bounded-variable least squares on [J; √μ I]
 * (handbook §10). Undamped Gauss–Newton cycles.
 */
final class DampedSolver
{
    /** Finite-difference step, share of a bound's width. */
    private const STEP = 1e-4;
    /** Longest move of one unknown in one iteration, share of its bound's width. */
    private const LONGEST = 0.35;
    private const MOST_ITERATIONS = 60;
    private const SMALLEST_MOVE = 1e-4;
    private const SMALLEST_GAIN = 1e-7;

    /**
     * @param callable(list<float>): list<float> $residuals
     * @param list<float> $start
     * @param list<float> $lower
     * @param list<float> $upper each above its lower
     */
    public static function solve(callable $residuals, array $start, array $lower, array $upper): Solution
    {
        $width = array_map(static fn(float $u, float $l): float => $u - $l, $upper, $lower);
        $place = static fn(array $u): array => array_map(static fn(float $v, float $l, float $w): float => $l + $v * $w, $u, $lower, $width);
        $u = array_map(static fn(float $x, float $l, float $w): float => max(0.0, min(1.0, ($x - $l) / $w)), $start, $lower, $width);
        $r = $residuals($place($u));
        $f = self::half($r);
        $mu = 1e-2;
        $status = 'most iterations';
        $jacobian = [];
        for ($iteration = 1; $iteration <= self::MOST_ITERATIONS; ++$iteration) {
            $jacobian = self::jacobian($residuals, $place, $u, $r);
            $accepted = false;
            $gain = 0.0;
            for ($try = 0; $try < 12; ++$try) {
                $step = self::step($jacobian, $r, $u, $mu);
                $next = array_map(static fn(float $v, float $d): float => max(0.0, min(1.0, $v + $d)), $u, $step);
                $nextR = $residuals($place($next));
                $nextF = self::half($nextR);
                if ($nextF < $f) {
                    $gain = $f - $nextF;
                    $accepted = true;
                    break;
                }
                if (max([0.0, ...array_map(abs(...), $step)]) < self::SMALLEST_MOVE) {
                    break;
                }
                $mu *= 5;
            }
            if (!$accepted) {
                $status = 'no lower point';
                break;
            }
            $move = max([0.0, ...array_map(static fn(float $a, float $b): float => abs($a - $b), $next, $u)]);
            [$u, $r, $f] = [$next, $nextR, $nextF];
            $mu = max(1e-9, $mu / 4);
            if ($move < self::SMALLEST_MOVE || $gain < self::SMALLEST_GAIN * (1 + $f)) {
                $status = 'settled';
                break;
            }
        }

        return new Solution($place($u), $f, min($iteration, self::MOST_ITERATIONS), $status, $r, $jacobian);
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
     * @param list<list<float>> $jacobian
     * @param list<float> $r
     * @param list<float> $u
     *
     * @return list<float>
     */
    private static function step(array $jacobian, array $r, array $u, float $mu): array
    {
        $n = \count($u);
        $a = $jacobian;
        $b = array_map(static fn(float $v): float => -$v, $r);
        for ($j = 0; $j < $n; ++$j) {
            $row = array_fill(0, $n, 0.0);
            $row[$j] = sqrt($mu);
            $a[] = array_values($row);
            $b[] = 0.0;
        }
        \assert($a !== []);

        return BoundedLeastSquares::solve(
            $a,
            $b,
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
