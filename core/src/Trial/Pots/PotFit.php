<?php

declare(strict_types=1);

namespace Transmuta\Trial\Pots;

use Transmuta\Fault\Nonsense;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Reference\Figure;
use Transmuta\Statistics\Normal;

/**
 * What pots at stepped doses say: ordered probit on the ladder with the model's own curve, ln factor ~ N(0, 0.25²), ln σ ~ N(ln 0.4, 0.5²), its posterior
 * on a grid. Beside it, without a model, pooled adjacent violators (Ayer et al. 1955). Judges of one pot share its weighing error, which is not told apart.
 */
final readonly class PotFit
{
    private const FAR = 0.8;

    private const STEP = 0.01;

    private const SIGMAS = [0.1, 1.5, 0.04];

    private const SIGMA = [0.4, 0.5];

    /** Weights of the posterior under which a point of the grid changes no digit that is shown. */
    private const COUNTS = 2e-5;

    /** Surely enough at least the wanted step. */
    private const SURE = 0.9;

    /**
     * @param array{value: float, low: float, high: float} $factor of the mechanism against the shipped model, median and 95 %
     * @param ?array{value: float, low: ?float, high: ?float} $dose g per 100 g of the layer for the middle of the wanted step; null beyond what was looked at
     * @param list<list<float>> $chances of the seven steps, by pot
     * @param ?float $sure dose from which at least the wanted step is reached nine times in ten
     * @param list<float> $means of each pot, pooled
     * @param array{?float, ?float} $bracket doses of the last pot below the wanted step and the first at or above it
     */
    private function __construct(public array $factor, public float $sigma, public ?array $dose, public array $chances, public ?float $sure, public array $means, public array $bracket) {}

    /**
     * @param list<float> $doses of the pots, rising
     * @param list<list<float>> $found steps noted of each pot, halves allowed
     * @param int $wanted step, 0…6
     *
     * @throws Nonsense if nothing was noted
     */
    public static function of(DoseCurve $curve, array $doses, array $found, int $wanted): self
    {
        $points = [];
        foreach ($found as $pot => $steps) {
            foreach ($steps as $step) {
                if ($step < 0.0 || $step > 6.0 || abs(2 * $step - round(2 * $step)) > 1e-9) {
                    throw Nonsense::of("pots.$pot", (string) $step, 'give a step from 0 (pours) to 6 (hard), halves allowed');
                }
                $points[] = [$pot, $step];
            }
        }
        if ($points === []) {
            throw Nonsense::of('pots', 'nothing', 'note a step of at least one pot');
        }
        $posterior = self::posterior($curve, $doses, $points);
        $aimed = Ladder::ge($wanted + 0.5);
        $sorted = [];
        foreach ($posterior['factors'] as [$ln, $weight]) {
            $sorted[] = ['factor' => exp($ln), 'dose' => $curve->dose($aimed, exp($ln)), 'weight' => $weight];
        }
        $means = array_map(static fn(array $of): ?float => $of === [] ? null : array_sum($of) / \count($of), $found);
        $pooled = self::pooled($means, array_map(\count(...), $found));

        return new self(
            ['value' => self::quantile($sorted, 'factor', 0.5) ?? 1.0, 'low' => self::quantile($sorted, 'factor', 0.025) ?? 0.0, 'high' => self::quantile($sorted, 'factor', 0.975) ?? 0.0],
            $posterior['sigma'],
            ($middle = self::quantile($sorted, 'dose', 0.5)) === null ? null : ['value' => $middle, 'low' => self::quantile($sorted, 'dose', 0.025), 'high' => self::quantile($sorted, 'dose', 0.975)],
            array_map(static fn(float $dose): array => self::chances($curve, $dose, $posterior['all']), $doses),
            self::sure($curve, $doses, $posterior['all'], $wanted),
            $pooled,
            self::bracket($doses, $pooled, $wanted),
        );
    }

    /** @return array<string, mixed> */
    public function write(): array
    {
        return ['factor' => $this->factor, 'sigma' => $this->sigma, 'dose' => $this->dose, 'chances' => $this->chances, 'sure' => $this->sure, 'means' => $this->means, 'bracket' => $this->bracket];
    }

    /**
     * @param list<float> $doses
     * @param list<array{int, float}> $points
     *
     * @return array{factors: list<array{float, float}>, sigma: float, all: list<array{float, float, float}>} weights sum to 1
     */
    private static function posterior(DoseCurve $curve, array $doses, array $points): array
    {
        $alike = [];
        foreach ($points as [$pot, $step]) {
            $alike["$pot $step"] = [$pot, $step, ($alike["$pot $step"][2] ?? 0) + 1];
        }
        $logs = [];
        $most = -\INF;
        for ($ln = -self::FAR; $ln <= self::FAR + 1e-9; $ln += self::STEP) {
            $at = array_map(static fn(float $dose): float => Ladder::coordinate($curve->ge($dose, exp($ln))), $doses);
            for ($sigma = self::SIGMAS[0]; $sigma <= self::SIGMAS[1] + 1e-9; $sigma += self::SIGMAS[2]) {
                $log = -0.5 * ($ln / Figure::SetKitchens->number()) ** 2 - 0.5 * (log($sigma / self::SIGMA[0]) / self::SIGMA[1]) ** 2;
                foreach ($alike as [$pot, $step, $times]) {
                    $log += $times * log(max(1e-300, self::noted($step, $at[$pot], $sigma)));
                }
                $logs[] = [$ln, $sigma, $log];
                $most = max($most, $log);
            }
        }
        $all = array_map(static fn(array $one): array => [$one[0], $one[1], exp($one[2] - $most)], $logs);
        $sum = array_sum(array_column($all, 2));
        $factors = [];
        $mean = 0.0;
        foreach ($all as $n => [$ln, $sigma, $weight]) {
            $all[$n][2] = $weight / $sum;
            $key = (string) round($ln, 6);
            $factors[$key] = [$ln, ($factors[$key][1] ?? 0.0) + $weight / $sum];
            $mean += $sigma * $weight / $sum;
        }

        return ['factors' => array_values($factors), 'sigma' => $mean, 'all' => $all];
    }

    /** Chance that a judge notes this step of what stands at u; one between two steps is nearer known than one within. */
    private static function noted(float $step, float $u, float $sigma): float
    {
        $whole = abs($step - round($step)) < 1e-9;
        // Between k and k + 1 is where their common edge is.
        [$from, $to] = $whole ? [$step, $step + 1] : [$step + 0.25, $step + 0.75];

        return ($to >= 7.0 ? 1.0 : Normal::below(($to - $u) / $sigma)) - ($from <= 0.0 ? 0.0 : Normal::below(($from - $u) / $sigma));
    }

    /**
     * @param list<array{float, float, float}> $all
     *
     * @return list<float>
     */
    private static function chances(DoseCurve $curve, float $dose, array $all): array
    {
        $chances = array_fill(0, 7, 0.0);
        $at = [];
        foreach ($all as [$ln, $sigma, $weight]) {
            if ($weight < self::COUNTS) {
                continue;
            }
            $u = $at[(string) $ln] ??= Ladder::coordinate($curve->ge($dose, exp($ln)));
            $below = 0.0;
            for ($step = 0; $step < 7; ++$step) {
                $to = $step === 6 ? 1.0 : Normal::below(($step + 1 - $u) / $sigma);
                $chances[$step] += $weight * ($to - $below);
                $below = $to;
            }
        }

        return array_values($chances);
    }

    /**
     * @param list<float> $doses
     * @param list<array{float, float, float}> $all
     */
    private static function sure(DoseCurve $curve, array $doses, array $all, int $wanted): ?float
    {
        $all = array_values(array_filter($all, static fn(array $one): bool => $one[2] >= self::COUNTS));
        $reaches = static function (float $dose) use ($curve, $all, $wanted): bool {
            $at = [];
            $sum = 0.0;
            foreach ($all as [$ln, $sigma, $weight]) {
                $u = $at[(string) $ln] ??= Ladder::coordinate($curve->ge($dose, exp($ln)));
                $sum += $weight * (1.0 - Normal::below(($wanted - $u) / $sigma));
            }

            return $sum >= self::SURE;
        };
        [$low, $high] = [$doses[0] / 2, $doses[\count($doses) - 1] * 1.6];
        if (!$reaches($high)) {
            return null;
        }
        for ($i = 0; $i < 12; ++$i) {
            $middle = ($low + $high) / 2;
            if ($reaches($middle)) {
                $high = $middle;
            } else {
                $low = $middle;
            }
        }

        return $high;
    }

    /**
     * Pool adjacent violators: means that fall as the dose rises are drawn together.
     *
     * @param list<?float> $means
     * @param list<int> $weights
     *
     * @return list<float> one a pot; a pot nobody judged stands with the one below it
     */
    public static function pooled(array $means, array $weights): array
    {
        $blocks = [];
        foreach ($means as $n => $mean) {
            if ($mean === null) {
                if ($blocks === []) {
                    continue;
                }
                ++$blocks[\count($blocks) - 1]['pots'];
                continue;
            }
            $blocks[] = ['mean' => $mean, 'weight' => (float) $weights[$n], 'pots' => 1];
            while (\count($blocks) > 1 && $blocks[\count($blocks) - 2]['mean'] > $blocks[\count($blocks) - 1]['mean']) {
                $b = array_pop($blocks);
                $a = array_pop($blocks);
                $weight = $a['weight'] + $b['weight'];
                $blocks[] = ['mean' => ($a['mean'] * $a['weight'] + $b['mean'] * $b['weight']) / $weight, 'weight' => $weight, 'pots' => $a['pots'] + $b['pots']];
            }
        }
        $pooled = array_merge(...array_map(static fn(array $block): array => array_fill(0, (int) max(1, $block['pots']), $block['mean']), $blocks));

        return [...array_fill(0, (int) max(0, \count($means) - \count($pooled)), $pooled[0] ?? 0.0), ...$pooled];
    }

    /**
     * @param list<float> $doses
     * @param list<float> $pooled
     *
     * @return array{?float, ?float}
     */
    private static function bracket(array $doses, array $pooled, int $wanted): array
    {
        $below = $above = null;
        foreach ($pooled as $n => $mean) {
            if ($mean < $wanted) {
                $below = $doses[$n];
            } elseif ($above === null) {
                $above = $doses[$n];
            }
        }

        return [$below, $above];
    }

    /** @param list<array{factor: float, dose: ?float, weight: float}> $of */
    private static function quantile(array $of, string $what, float $share): ?float
    {
        // A dose that is beyond what was looked at is larger than all.
        usort($of, static fn(array $a, array $b): int => ($a[$what] ?? \INF) <=> ($b[$what] ?? \INF));
        $sum = 0.0;
        $before = null;
        foreach ($of as $one) {
            // A weight stands for the stretch about its point.
            $here = $sum + $one['weight'] / 2;
            if ($here >= $share) {
                return $one[$what] === null || $before === null ? $one[$what] : $before[0] + ($one[$what] - $before[0]) * ($share - $before[1]) / max(1e-12, $here - $before[1]);
            }
            $before = $one[$what] === null ? null : [$one[$what], $here];
            $sum += $one['weight'];
        }

        return null;
    }
}
