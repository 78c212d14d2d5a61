<?php

declare(strict_types=1);

namespace Transmuta\Trial\Learning;

use Transmuta\Property\Setting\Ladder;
use Transmuta\Reference\Figure;

/**
 * By how much the mechanisms of this kitchen set firmer or softer than the shipped model says, from its own trials: one factor a mechanism, drawn
 * towards 1, with its interval and what it gains on trials it has not seen. Proposed, never used by itself.
 */
final class KitchenFactors
{
    private const SPREADS = [0.1, 0.15, 0.2, 0.25, 0.3, 0.4, 0.5, 0.6];

    /** A batch bears on a mechanism that moves it half a step or more as it doubles by e. */
    private const BEARS = 0.5;

    /** A mechanism that moves nothing by so much is left out. */
    private const LEAST = 0.02;

    private const FEWEST = 3;

    private const Z = 1.96;

    /**
     * @param list<Tried> $trials
     *
     * @return list<array{mechanism: string, factor: float, low: float, high: float, n: int, gain: float, proposed: bool}> what is proposed first, then by what bears on it
     */
    public static function of(array $trials): array
    {
        [$names, $s, $r, $sigma] = self::design($trials);
        if ($names === []) {
            return [];
        }
        $tau = self::spread($s, $r, $sigma);
        $fit = Ridge::fit($s, $r, $sigma, $tau);
        $all = self::sum($fit->leftOut, $sigma);
        $factors = [];
        foreach ($names as $m => $name) {
            $theta = $fit->theta[$m];
            $half = self::Z * sqrt($fit->covariance[$m][$m]);
            $n = \count(array_filter(array_column($s, $m), static fn(float $of): bool => abs($of) >= self::BEARS));
            $without = self::without($s, $r, $sigma, $m, $tau);
            $gain = $without > 0.0 ? 1.0 - $all / $without : 0.0;
            $factors[] = [
                'mechanism' => $name, 'factor' => exp($theta), 'low' => exp($theta - $half), 'high' => exp($theta + $half), 'n' => $n, 'gain' => $gain,
                'proposed' => $n >= self::FEWEST && abs($theta) > $half && $gain > 0.0,
            ];
        }
        usort($factors, static fn(array $a, array $b): int => [$b['proposed'], $b['n'], $a['mechanism']] <=> [$a['proposed'], $a['n'], $b['mechanism']]);

        return $factors;
    }

    /**
     * A row a batch and layer: what one batch was found to be, by several hands, is one finding.
     *
     * @param list<Tried> $trials
     *
     * @return array{list<string>, list<list<float>>, list<float>, list<float>}
     */
    private static function design(array $trials): array
    {
        $batches = $largest = [];
        foreach ($trials as $tried) {
            $batches[$tried->batch][] = $tried;
            foreach ($tried->foretold->mechanisms as $name => $ge) {
                $largest[$name] = max($largest[$name] ?? 0.0, abs($ge * Ladder::slope($tried->foretold->ge)));
            }
        }
        $names = array_map(strval(...), array_keys(array_filter($largest, static fn(float $of): bool => $of >= self::LEAST)));
        $s = $r = $sigma = [];
        foreach ($batches as $of) {
            $count = \count($of);
            $s[] = array_map(static fn(string $name): float => array_sum(array_map(static fn(Tried $t): float => ($t->foretold->mechanisms[$name] ?? 0.0) * Ladder::slope($t->foretold->ge), $of)) / $count, $names);
            $r[] = array_sum(array_map(static fn(Tried $t): float => $t->found->u - Ladder::coordinate($t->foretold->ge), $of)) / $count;
            $sigma[] = sqrt(Figure::TrialRepeat->number() ** 2 + array_sum(array_map(static fn(Tried $t): float => $t->found->variance, $of)) / $count ** 2);
        }

        return [$names, $s, $r, $sigma];
    }

    /**
     * @param list<list<float>> $s
     * @param list<float> $r
     * @param list<float> $sigma
     */
    private static function spread(array $s, array $r, array $sigma): float
    {
        if (\count($r) < Figure::TrialEnough->number() || \count($r) > 400) {
            return Figure::SetKitchens->number();
        }
        $best = [Figure::SetKitchens->number(), -\INF];
        foreach (self::SPREADS as $tau) {
            $evidence = Ridge::evidence($s, $r, $sigma, $tau);
            if ($evidence > $best[1]) {
                $best = [$tau, $evidence];
            }
        }

        return $best[0];
    }

    /**
     * How far the trials are from what the others say of them, with this mechanism as shipped.
     *
     * @param list<list<float>> $s
     * @param list<float> $r
     * @param list<float> $sigma
     */
    private static function without(array $s, array $r, array $sigma, int $mechanism, float $tau): float
    {
        $left = array_map(static function (array $row) use ($mechanism): array {
            unset($row[$mechanism]);

            return array_values($row);
        }, $s);

        return self::sum(($left[0] ?? []) === [] ? $r : Ridge::fit($left, $r, $sigma, $tau)->leftOut, $sigma);
    }

    /**
     * @param list<float> $off
     * @param list<float> $sigma
     */
    private static function sum(array $off, array $sigma): float
    {
        return array_sum(array_map(static fn(float $e, float $s): float => ($e / $s) ** 2, $off, $sigma));
    }
}
