<?php

declare(strict_types=1);

namespace Transmuta\Trial\Learning;

/**
 * Ridge regression (Hoerl and Kennard 1970) as a normal prior (Lindley and Smith 1972): r = Sθ + e, θ ~ N(0, τ²), each e with its own spread. Small
 * problems: a handful of mechanisms.
 */
final readonly class Ridge
{
    /**
     * @param list<float> $theta
     * @param list<list<float>> $covariance
     * @param list<float> $leftOut residual of each trial by what the others say
     */
    private function __construct(public array $theta, public array $covariance, public array $leftOut, public float $effective) {}

    /**
     * @param list<list<float>> $s sensitivities, a row a trial
     * @param list<float> $r residuals
     * @param list<float> $sigma spread of each
     */
    public static function fit(array $s, array $r, array $sigma, float $tau): self
    {
        $m = \count($s[0] ?? []);
        $normal = array_fill(0, $m, array_fill(0, $m, 0.0));
        $right = array_fill(0, $m, 0.0);
        foreach ($s as $i => $row) {
            $w = 1 / $sigma[$i] ** 2;
            for ($a = 0; $a < $m; ++$a) {
                $right[$a] += $w * $row[$a] * $r[$i];
                for ($b = 0; $b < $m; ++$b) {
                    $normal[$a][$b] += $w * $row[$a] * $row[$b];
                }
            }
        }
        for ($a = 0; $a < $m; ++$a) {
            $normal[$a][$a] += 1 / $tau ** 2;
        }
        $right = array_values($right);
        $covariance = self::inverse(array_values(array_map(array_values(...), $normal)));
        $theta = array_map(static fn(array $row): float => self::dot($row, $right), $covariance);
        $leftOut = [];
        $effective = 0.0;
        foreach ($s as $i => $row) {
            $lever = self::dot($row, array_map(static fn(array $of): float => self::dot($of, $row), $covariance)) / $sigma[$i] ** 2;
            $effective += $lever;
            // Without refitting: e / (1 − h).
            $leftOut[] = ($r[$i] - self::dot($row, $theta)) / max(1e-12, 1.0 - $lever);
        }

        return new self($theta, $covariance, $leftOut, $effective);
    }

    /**
     * Log of how likely such residuals are under a spread τ of kitchens: log N(r; 0, diag σ² + τ² S Sᵀ).
     *
     * @param list<list<float>> $s
     * @param list<float> $r
     * @param list<float> $sigma
     */
    public static function evidence(array $s, array $r, array $sigma, float $tau): float
    {
        $n = \count($r);
        $lower = [];
        $log = 0.0;
        for ($i = 0; $i < $n; ++$i) {
            for ($j = 0; $j <= $i; ++$j) {
                $sum = $tau ** 2 * self::dot($s[$i], $s[$j]) + ($i === $j ? $sigma[$i] ** 2 : 0.0);
                for ($k = 0; $k < $j; ++$k) {
                    $sum -= $lower[$i][$k] * $lower[$j][$k];
                }
                $lower[$i][$j] = $i === $j ? sqrt(max(1e-300, $sum)) : $sum / $lower[$j][$j];
            }
            $log += log($lower[$i][$i]);
        }
        $square = 0.0;
        $solved = [];
        for ($i = 0; $i < $n; ++$i) {
            $left = $r[$i];
            for ($k = 0; $k < $i; ++$k) {
                $left -= $lower[$i][$k] * $solved[$k];
            }
            $solved[$i] = $left / $lower[$i][$i];
            $square += $solved[$i] ** 2;
        }

        return -0.5 * $square - $log - 0.5 * $n * log(2 * \M_PI);
    }

    /**
     * @param list<float> $a
     * @param list<float> $b
     */
    private static function dot(array $a, array $b): float
    {
        $sum = 0.0;
        foreach ($a as $i => $of) {
            $sum += $of * $b[$i];
        }

        return $sum;
    }

    /**
     * By Gauss and Jordan; the diagonal of what is asked is never nothing.
     *
     * @param list<list<float>> $of
     *
     * @return list<list<float>>
     */
    private static function inverse(array $of): array
    {
        $m = \count($of);
        $out = [];
        for ($a = 0; $a < $m; ++$a) {
            $out[$a] = array_fill(0, $m, 0.0);
            $out[$a][$a] = 1.0;
        }
        for ($a = 0; $a < $m; ++$a) {
            $pivot = $of[$a][$a];
            for ($b = 0; $b < $m; ++$b) {
                $of[$a][$b] /= $pivot;
                $out[$a][$b] /= $pivot;
            }
            for ($i = 0; $i < $m; ++$i) {
                $factor = $of[$i][$a];
                if ($i === $a || $factor === 0.0) {
                    continue;
                }
                for ($b = 0; $b < $m; ++$b) {
                    $of[$i][$b] -= $factor * $of[$a][$b];
                    $out[$i][$b] -= $factor * $out[$a][$b];
                }
            }
        }

        return array_values(array_map(array_values(...), $out));
    }
}
