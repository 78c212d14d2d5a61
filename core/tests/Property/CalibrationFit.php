<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use Transmuta\Property\LayerState;
use Transmuta\Property\Reader;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Reference\Reference;
use Transmuta\Tests\Kit;
use Transmuta\Watch\WatchList;

/**
 * Ridge regression of a few coefficients of the set model on the reference formulas, each drawn towards the value it starts from
 * (practice: setting). One value for all formulas; none belongs to a single case.
 */
final class CalibrationFit
{
    /** Start values by coefficient of `reference/set.csv`. */
    public const START = [
        'gelatin.slope' => 0.96, 'agar.slope' => 2.63, 'iota.slope' => 2.2, 'lm-pectin.slope' => 0.99,
        'starch.slope' => 0.115, 'starch.power' => 1.37, 'fat.slope' => 0.076, 'fat.power' => 1.05, 'fat.emulsion' => 0.14,
        'fat.coconut-cream' => 0.54, 'fat.watery' => 0.59, 'fat.cocoa' => 1.0, 'fat.cocoa-milk-20' => 1.3,
        'cultured.slope' => 0.09, 'cultured.threshold' => 1.2, 'particles.slope' => 0.11, 'air.slope' => 0.27, 'frozen.air' => 0.4,
    ];

    /** How far a coefficient is let go from its start, as a share of it, for one step of the ladder. */
    private const LEASH = 0.30;

    /** Scatter of what is remembered about a formula, steps of the ladder. */
    private const SCATTER = 0.7;

    /** @var list<array{id: int, name: string, celsius: float, observed: int, state: LayerState}> */
    public readonly array $cases;

    public function __construct()
    {
        $this->cases = array_map(static fn(array $case): array => [
            'id' => $case['id'], 'name' => $case['name'], 'celsius' => $case['celsius'], 'observed' => $case['observed'],
            'state' => LayerState::ofLayer($case['layer'], Kit::shelf()),
        ], CalibrationCases::all());
    }

    /** @return array<string, float> today's values of the coefficients that are fitted */
    public static function today(): array
    {
        return array_intersect_key(Reference::standard()->set, self::START);
    }

    /**
     * GE of every case with these coefficients.
     *
     * @param array<string, float> $set
     *
     * @return list<float>
     */
    public function predict(array $set): array
    {
        $reader = new Reader(Reference::standard()->withSet($set), Kit::shelf(), WatchList::standard());

        return array_map(static fn(array $case): float => $reader->set->ge($case['state'], $case['celsius']), $this->cases);
    }

    /**
     * @param list<int> $without cases left out, by place
     * @param ?array<string, float> $from
     *
     * @return array<string, float>
     */
    public function fit(array $without = [], ?array $from = null, int $iterations = 12): array
    {
        $theta = array_map(static fn(string $key, float $start): float => log(($from[$key] ?? $start) / $start), array_keys(self::START), self::START);
        for ($n = 0; $n < $iterations; ++$n) {
            $step = $this->step($theta, $this->residuals($theta), $this->jacobian($theta), $without);
            $theta = array_map(static fn(float $t, float $d): float => $t + max(-0.3, min(0.3, $d)), $theta, $step);
            if (array_filter($step, static fn(float $d): bool => abs($d) >= 1e-3) === []) {
                break;
            }
        }

        return self::values($theta);
    }

    /**
     * Steps read by each case when it is left out, by one Gauss–Newton step from the fit of all: exact for a linear model.
     *
     * @param array<string, float> $fitted
     *
     * @return list<int>
     */
    public function leaveOneOut(array $fitted): array
    {
        $theta = self::theta($fitted);
        $residuals = $this->residuals($theta);
        $jacobian = $this->jacobian($theta);
        $steps = [];
        foreach (array_keys($this->cases) as $i) {
            $change = $this->step($theta, $residuals, $jacobian, [$i]);
            $moved = array_map(static fn(float $t, float $d): float => $t + $d, $theta, $change);
            $reader = new Reader(Reference::standard()->withSet(self::values($moved)), Kit::shelf(), WatchList::standard());
            $steps[] = Ladder::step($reader->set->ge($this->cases[$i]['state'], $this->cases[$i]['celsius']));
        }

        return $steps;
    }

    /**
     * @param array<string, float> $set
     *
     * @return list<float>
     */
    private static function theta(array $set): array
    {
        return array_values(array_map(static fn(string $key, float $start): float => log($set[$key] / $start), array_keys(self::START), self::START));
    }

    /**
     * @param list<float> $theta
     *
     * @return array<string, float>
     */
    private static function values(array $theta): array
    {
        return array_combine(array_keys(self::START), array_map(static fn(float $start, float $t): float => $start * exp($t), array_values(self::START), $theta));
    }

    /**
     * How far each case reads from the middle of its step; beyond the ladder's ends nothing is wrong, and far misses are softened.
     *
     * @param list<float> $theta
     *
     * @return list<float>
     */
    private function residuals(array $theta): array
    {
        $out = [];
        foreach ($this->predict(self::values($theta)) as $i => $ge) {
            $observed = $this->cases[$i]['observed'];
            $away = Ladder::coordinate($ge) - ($observed + 0.5);
            $away = match ($observed) {
                0 => max(0.0, $away),
                6 => min(0.0, $away),
                default => $away,
            };
            $out[] = 1.5 * tanh($away / 1.5);
        }

        return $out;
    }

    /**
     * @param list<float> $theta
     *
     * @return list<list<float>> a row for each coefficient
     */
    private function jacobian(array $theta): array
    {
        $rows = [];
        foreach (array_keys($theta) as $j) {
            [$up, $down] = [$theta, $theta];
            $up[$j] += 0.02;
            $down[$j] -= 0.02;
            $rows[] = array_map(static fn(float $a, float $b): float => ($a - $b) / 0.04, $this->residuals(array_values($up)), $this->residuals(array_values($down)));
        }

        return $rows;
    }

    /**
     * (JᵀJ + λI) d = −(Jᵀr + λθ)
     *
     * @param list<float> $theta
     * @param list<float> $residuals
     * @param list<list<float>> $jacobian
     * @param list<int> $without
     *
     * @return list<float>
     */
    private function step(array $theta, array $residuals, array $jacobian, array $without): array
    {
        foreach ($without as $i) {
            $residuals[$i] = 0.0;
        }
        $ridge = (self::SCATTER / self::LEASH) ** 2;
        $n = \count($theta);
        $matrix = [];
        for ($j = 0; $j < $n; ++$j) {
            $row = [];
            for ($k = 0; $k < $n; ++$k) {
                $sum = $j === $k ? $ridge : 0.0;
                foreach ($residuals as $i => $_) {
                    $sum += \in_array($i, $without, true) ? 0.0 : $jacobian[$j][$i] * $jacobian[$k][$i];
                }
                $row[] = $sum;
            }
            $gradient = $ridge * $theta[$j];
            foreach ($residuals as $i => $r) {
                $gradient += $jacobian[$j][$i] * $r;
            }
            $row[] = -$gradient;
            $matrix[] = $row;
        }

        return self::solve($matrix);
    }

    /**
     * Gauss–Jordan with pivoting on an augmented matrix.
     *
     * @param list<list<float>> $m
     *
     * @return list<float>
     */
    private static function solve(array $m): array
    {
        $n = \count($m);
        for ($c = 0; $c < $n; ++$c) {
            $pivot = $c;
            for ($r = $c + 1; $r < $n; ++$r) {
                $pivot = abs($m[$r][$c]) > abs($m[$pivot][$c]) ? $r : $pivot;
            }
            [$m[$c], $m[$pivot]] = [$m[$pivot], $m[$c]];
            for ($r = 0; $r < $n; ++$r) {
                if ($r !== $c) {
                    $factor = $m[$r][$c] / $m[$c][$c];
                    for ($k = $c; $k <= $n; ++$k) {
                        $m[$r][$k] -= $factor * $m[$c][$k];
                    }
                }
            }
        }

        return array_map(static fn(int $r): float => $m[$r][$n] / $m[$r][$r], range(0, $n - 1));
    }
}
