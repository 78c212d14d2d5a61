<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

/** Dense linear least squares by Householder reflections with column scaling; a dependent column gets zero. */
final class Householder
{
    /**
     * @param list<list<float>> $a m rows of n, any m ≥ 1
     * @param list<float> $b
     *
     * @return list<float> n values minimising ‖Ax − b‖
     */
    public static function leastSquares(array $a, array $b): array
    {
        $m = \count($a);
        $n = $m > 0 ? \count($a[0]) : 0;
        $columns = $norms = [];
        for ($j = 0; $j < $n; ++$j) {
            $column = array_column($a, $j);
            $norm = self::norm($column, 0);
            $norms[$j] = $norm;
            $columns[$j] = $norm > 0.0 ? array_map(static fn(float $v): float => $v / $norm, $column) : $column;
        }
        $diagonal = [];
        for ($k = 0; $k < $n && $k < $m; ++$k) {
            $alpha = self::norm($columns[$k], $k);
            if ($alpha < 1e-13) {
                $diagonal[$k] = 0.0;
                continue;
            }
            $head = $columns[$k][$k];
            $alpha = $head > 0.0 ? -$alpha : $alpha;
            $v = \array_slice($columns[$k], $k);
            $v[0] = $head - $alpha;
            $vv = 0.0;
            foreach ($v as $e) {
                $vv += $e * $e;
            }
            for ($j = $k + 1; $j < $n; ++$j) {
                self::reflect($columns[$j], $v, $vv, $k);
            }
            self::reflect($b, $v, $vv, $k);
            $columns[$k][$k] = $alpha;
            $diagonal[$k] = $alpha;
        }
        $x = array_fill(0, $n, 0.0);
        for ($k = min($n, $m) - 1; $k >= 0; --$k) {
            if ($diagonal[$k] === 0.0) {
                continue;
            }
            $sum = $b[$k];
            for ($j = $k + 1; $j < $n; ++$j) {
                $sum -= $columns[$j][$k] * $x[$j];
            }
            $x[$k] = $sum / $diagonal[$k];
        }
        foreach ($x as $j => $value) {
            $x[$j] = $norms[$j] > 0.0 ? $value / $norms[$j] : 0.0;
        }

        return array_values($x);
    }

    /**
     * @param array<int, float> $column
     * @param list<float> $v
     */
    private static function reflect(array &$column, array $v, float $vv, int $from): void
    {
        $dot = 0.0;
        foreach ($v as $i => $e) {
            $dot += $e * $column[$from + $i];
        }
        $factor = 2.0 * $dot / $vv;
        foreach ($v as $i => $e) {
            $column[$from + $i] -= $factor * $e;
        }
    }

    /** @param array<int, float> $column */
    private static function norm(array $column, int $from): float
    {
        $sum = 0.0;
        for ($i = $from, $m = \count($column); $i < $m; ++$i) {
            $sum += $column[$i] * $column[$i];
        }

        return sqrt($sum);
    }
}
