<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Solving;

/**
 * Linear least squares with bounds: minimise ½‖Ax − b‖² over l ≤ x ≤ u by the active-set method of Stark and Parker,
 * "Bounded-variable least-squares: an algorithm and applications", Computational Statistics 10 (1995), on the normal equations. Dense and
 * small: up to a few dozen unknowns.
 */
final class BoundedLeastSquares
{
    private const MOST_ROUNDS = 400;

    /** Pivot under which a column depends on those before it, share of its own square. */
    private const DEPENDENT = 1e-13;

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
        [$gram, $right] = self::normal($a, $b);
        $solved = self::within($gram, $right, $lower, $upper);
        $sum = 0.0;
        foreach ($a as $i => $row) {
            $r = -$b[$i];
            foreach ($row as $j => $v) {
                $r += $v * $solved['x'][$j];
            }
            $sum += $r * $r;
        }

        return ['x' => $solved['x'], 'objective' => $sum / 2, 'rounds' => $solved['rounds'], 'converged' => $solved['converged']];
    }

    /**
     * @param non-empty-list<list<float>> $a
     * @param list<float> $b
     *
     * @return array{list<list<float>>, list<float>} AᵀA and Aᵀb
     */
    public static function normal(array $a, array $b): array
    {
        $n = \count($a[0]);
        $gram = [];
        $right = [];
        $columns = [];
        for ($j = 0; $j < $n; ++$j) {
            $column = array_column($a, $j);
            $sum = 0.0;
            foreach ($column as $i => $v) {
                $sum += $v * $b[$i];
            }
            $right[] = $sum;
            $row = [];
            foreach ($columns as $k => $other) {
                $sum = 0.0;
                foreach ($column as $i => $v) {
                    $sum += $v * $other[$i];
                }
                $row[] = $sum;
                $gram[$k][] = $sum;
            }
            $sum = 0.0;
            foreach ($column as $v) {
                $sum += $v * $v;
            }
            $gram[] = [...$row, $sum];
            $columns[] = $column;
        }

        return [$gram, $right];
    }

    /**
     * The same from the normal equations: minimise ½xᵀGx − cᵀx in the box.
     *
     * @param list<list<float>> $gram n × n, symmetric
     * @param list<float> $right n values
     * @param list<float> $lower
     * @param list<float> $upper
     *
     * @return array{x: list<float>, rounds: int, converged: bool}
     */
    public static function within(array $gram, array $right, array $lower, array $upper): array
    {
        $n = \count($right);
        $x = array_fill(0, $n, 0.0);
        $at = array_fill(0, $n, 0); // -1 at the lower bound, 1 at the upper, 0 free
        $converged = false;
        $rounds = self::start($gram, $right, $lower, $upper, $x, $at);
        while ($rounds < self::MOST_ROUNDS) {
            $best = null;
            $most = 0.0;
            foreach ($at as $j => $side) {
                if ($side === 0) {
                    continue;
                }
                $slope = -$right[$j];
                $size = abs($right[$j]);
                foreach ($gram[$j] as $k => $v) {
                    $slope += $v * $x[$k];
                    $size += abs($v * $x[$k]);
                }
                $gain = $side * $slope - 1e-13 * $size;
                if ($gain > $most) {
                    $most = $gain;
                    $best = $j;
                }
            }
            if ($best === null) {
                $converged = true;
                break;
            }
            $side = $at[$best];
            $at[$best] = 0;
            self::settle($gram, $right, $lower, $upper, $x, $at, $rounds);
            if ($at[$best] === $side) {
                $converged = true;
                break;
            }
        }

        return ['x' => array_values($x), 'rounds' => $rounds, 'converged' => $converged];
    }

    /**
     * Solves for the free unknowns and fixes all at once that lie outside, until all free ones lie inside: a start that is seldom far off.
     *
     * @param list<list<float>> $gram
     * @param list<float> $right
     * @param list<float> $lower
     * @param list<float> $upper
     * @param array<int, float> $x
     * @param array<int, int> $at
     *
     * @return int rounds it took
     */
    private static function start(array $gram, array $right, array $lower, array $upper, array &$x, array &$at): int
    {
        for ($rounds = 1; $rounds <= self::MOST_ROUNDS; ++$rounds) {
            $free = array_keys($at, 0, true);
            $z = self::freely($gram, $right, $free, $x, $at);
            $isOutside = false;
            foreach ($free as $k => $j) {
                $x[$j] = max($lower[$j], min($upper[$j], $z[$k]));
                $at[$j] = $z[$k] < $lower[$j] ? -1 : ($z[$k] > $upper[$j] ? 1 : 0);
                $isOutside = $isOutside || $at[$j] !== 0;
            }
            if (!$isOutside) {
                return $rounds;
            }
        }

        return $rounds;
    }

    /**
     * Solves for the free unknowns and moves towards that, fixing whatever meets a bound, until all free ones lie inside.
     *
     * @param list<list<float>> $gram
     * @param list<float> $right
     * @param list<float> $lower
     * @param list<float> $upper
     * @param array<int, float> $x
     * @param array<int, int> $at
     */
    private static function settle(array $gram, array $right, array $lower, array $upper, array &$x, array &$at, int &$rounds): void
    {
        while ($rounds++ < self::MOST_ROUNDS) {
            $free = array_keys($at, 0, true);
            if ($free === []) {
                return;
            }
            $z = self::freely($gram, $right, $free, $x, $at);
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
     * The free unknowns alone, the others where they are, by Cholesky's factors; one that depends on those before it stays where it is.
     *
     * @param list<list<float>> $gram
     * @param list<float> $right
     * @param list<int> $free
     * @param array<int, float> $x
     * @param array<int, int> $at
     *
     * @return list<float>
     */
    private static function freely(array $gram, array $right, array $free, array $x, array $at): array
    {
        $n = \count($free);
        $factor = $z = [];
        foreach ($free as $k => $j) {
            $row = $gram[$j];
            $rest = $right[$j];
            foreach ($at as $i => $side) {
                if ($side !== 0) {
                    $rest -= $row[$i] * $x[$i];
                }
            }
            $mine = [];
            for ($l = 0; $l < $k; ++$l) {
                $sum = $row[$free[$l]];
                $other = $factor[$l];
                for ($m = 0; $m < $l; ++$m) {
                    $sum -= $mine[$m] * $other[$m];
                }
                $mine[$l] = $other[$l] > 0.0 ? $sum / $other[$l] : 0.0;
            }
            $pivot = $row[$j];
            for ($m = 0; $m < $k; ++$m) {
                $pivot -= $mine[$m] * $mine[$m];
                $rest -= $mine[$m] * $z[$m];
            }
            $mine[$k] = $pivot > self::DEPENDENT * $row[$j] && $pivot > 0.0 ? sqrt($pivot) : 0.0;
            $factor[$k] = $mine;
            $z[$k] = $mine[$k] > 0.0 ? $rest / $mine[$k] : 0.0;
        }
        for ($k = $n - 1; $k >= 0; --$k) {
            $sum = $z[$k];
            for ($m = $k + 1; $m < $n; ++$m) {
                $sum -= $factor[$m][$k] * $z[$m];
            }
            $z[$k] = $factor[$k][$k] > 0.0 ? $sum / $factor[$k][$k] : $x[$free[$k]];
        }

        return array_values($z);
    }
}
