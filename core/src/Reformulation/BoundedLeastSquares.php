<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

/**
 * Linear least squares with bounds: minimise ½‖Ax − b‖² over l ≤ x ≤ u by the active-set method of Stark and Parker,
 * "Bounded-variable least-squares: an algorithm and applications", Computational Statistics 10 (1995). Dense and small: up to a few dozen unknowns.
 */
final class BoundedLeastSquares
{
    private const MOST_ROUNDS = 400;

    /**
     * @param non-empty-list<list<float>> $a m rows of n
     * @param list<float> $b m values
     * @param list<float> $lower n values
     * @param list<float> $upper n values, each above its lower
     *
     * @return array{x: list<float>, objective: float, rounds: int, converged: bool} objective is ½‖Ax − b‖²
     */
    public static function solve(array $a, array $b, array $lower, array $upper): array
    {
        $n = \count($a[0]);
        $x = array_fill(0, $n, 0.0);
        $at = array_fill(0, $n, 0); // -1 at the lower bound, 1 at the upper, 0 free
        $rounds = 0;
        $converged = false;
        self::settle($a, $b, $lower, $upper, $x, $at, null, $rounds);
        while ($rounds < self::MOST_ROUNDS) {
            $gradient = self::gradient($a, $b, $x);
            $scale = 1e-12 * (1.0 + max([0.0, ...array_map(abs(...), $gradient)]));
            $best = null;
            $most = $scale;
            foreach ($at as $j => $side) {
                $gain = $side * $gradient[$j];
                if ($side !== 0 && $gain > $most) {
                    $most = $gain;
                    $best = $j;
                }
            }
            if ($best === null) {
                $converged = true;
                break;
            }
            $before = self::objective($a, $b, $x);
            $side = $at[$best];
            $at[$best] = 0;
            self::settle($a, $b, $lower, $upper, $x, $at, $best, $rounds);
            if (self::objective($a, $b, $x) > $before * (1 - 1e-14) - 1e-300 && $at[$best] === $side) {
                $converged = true;
                break;
            }
        }

        return ['x' => array_values($x), 'objective' => self::objective($a, $b, $x), 'rounds' => $rounds, 'converged' => $converged];
    }

    /**
     * Solves for the free unknowns and moves towards that, fixing whatever meets a bound, until all free ones lie inside.
     *
     * @param list<list<float>> $a
     * @param list<float> $b
     * @param list<float> $lower
     * @param list<float> $upper
     * @param array<int, float> $x
     * @param array<int, int> $at
     */
    private static function settle(array $a, array $b, array $lower, array $upper, array &$x, array &$at, ?int $freed, int &$rounds): void
    {
        $first = $freed === null;
        while ($rounds++ < self::MOST_ROUNDS) {
            $free = array_keys($at, 0, true);
            if ($free === []) {
                return;
            }
            $rest = $b;
            foreach ($a as $i => $row) {
                foreach ($at as $j => $side) {
                    if ($side !== 0) {
                        $rest[$i] -= $row[$j] * $x[$j];
                    }
                }
            }
            $z = Householder::leastSquares(array_map(static fn(array $row): array => array_map(static fn(int $j): float => $row[$j], $free), $a), array_values($rest));
            if ($first) {
                $outside = false;
                foreach ($free as $k => $j) {
                    $x[$j] = max($lower[$j], min($upper[$j], $z[$k]));
                    $at[$j] = $z[$k] < $lower[$j] ? -1 : ($z[$k] > $upper[$j] ? 1 : 0);
                    $outside = $outside || $at[$j] !== 0;
                }
                if (!$outside) {
                    return;
                }
                continue;
            }
            $step = 1.0;
            $stop = null;
            foreach ($free as $k => $j) {
                $bound = $z[$k] < $lower[$j] ? $lower[$j] : ($z[$k] > $upper[$j] ? $upper[$j] : null);
                if ($bound !== null && abs($z[$k] - $x[$j]) > 0.0) {
                    $reach = ($bound - $x[$j]) / ($z[$k] - $x[$j]);
                    if ($reach < $step) {
                        $step = max(0.0, $reach);
                        $stop = $j;
                    }
                }
            }
            foreach ($free as $k => $j) {
                $x[$j] += $step * ($z[$k] - $x[$j]);
            }
            if ($stop === null) {
                return;
            }
            foreach ($free as $k => $j) {
                $slack = 1e-13 * (1.0 + abs($upper[$j] - $lower[$j]));
                if ($j === $stop || ($z[$k] < $lower[$j] && $x[$j] <= $lower[$j] + $slack) || ($z[$k] > $upper[$j] && $x[$j] >= $upper[$j] - $slack)) {
                    $at[$j] = $z[$k] < $lower[$j] ? -1 : 1;
                    $x[$j] = $at[$j] < 0 ? $lower[$j] : $upper[$j];
                }
            }
        }
    }

    /**
     * @param list<list<float>> $a
     * @param list<float> $b
     * @param array<int, float> $x
     *
     * @return list<float> Aᵀ(Ax − b)
     */
    private static function gradient(array $a, array $b, array $x): array
    {
        $gradient = array_fill(0, \count($x), 0.0);
        foreach ($a as $i => $row) {
            $r = -$b[$i];
            foreach ($row as $j => $v) {
                $r += $v * $x[$j];
            }
            foreach ($row as $j => $v) {
                $gradient[$j] += $v * $r;
            }
        }

        return array_values($gradient);
    }

    /**
     * @param list<list<float>> $a
     * @param list<float> $b
     * @param array<int, float> $x
     */
    private static function objective(array $a, array $b, array $x): float
    {
        $sum = 0.0;
        foreach ($a as $i => $row) {
            $r = -$b[$i];
            foreach ($row as $j => $v) {
                $r += $v * $x[$j];
            }
            $sum += $r * $r;
        }

        return $sum / 2;
    }
}
