<?php

declare(strict_types=1);

namespace Transmuta\Sensory;

use Transmuta\Reference\Figure;
use Transmuta\Statistics\Binomial;
use Transmuta\Statistics\Student;

/**
 * Just about right: what those who find too little or too much of something like it less (penalty analysis, ASTM MNL 63, recalled). A side is worth acting on
 * if at least a fifth of the tasters hold it and they like it at least a point less. It is association, not cause.
 */
final class Penalty
{
    /**
     * @param list<array{just: int, liking: ?int}> $answers just: −1 too little, 0 right, 1 too much; liking 1…9
     *
     * @return array{n: int, shares: array{low: float, right: float, high: float}, balance: ?float, sides: list<array{side: string, n: int, share: float, drop: ?float, weighted: ?float, t: ?float, p: ?float, interval: ?array{float, float}, acts: bool, judged: bool}>}
     */
    public static function of(array $answers): array
    {
        $n = \count($answers);
        $by = [-1 => [], 0 => [], 1 => []];
        $count = [-1 => 0, 0 => 0, 1 => 0];
        foreach ($answers as $one) {
            ++$count[$one['just']];
            if ($one['liking'] !== null) {
                $by[$one['just']][] = (float) $one['liking'];
            }
        }
        $sides = [];
        foreach ([Just::TooLittle, Just::TooMuch] as $side) {
            $just = $side->side();
            $share = $n === 0 ? 0.0 : $count[$just] / $n;
            $found = self::welch($by[0], $by[$just]);
            $drop = $found['drop'];
            $judged = \count($by[0]) >= Figure::PenaltyFewest->number() && \count($by[$just]) >= Figure::PenaltyFewest->number();
            $sides[] = [
                'side' => $side->value, 'n' => $count[$just], 'share' => $share, 'drop' => $drop, 'weighted' => $drop === null ? null : $share * $drop, 't' => $found['t'], 'p' => $found['p'], 'interval' => $found['interval'],
                'acts' => $drop !== null && $share >= Figure::PenaltyShare->number() - 1e-12 && ($drop >= Figure::PenaltyDrop->number() || ($found['interval'] !== null && $found['interval'][0] > 0.0)), 'judged' => $judged,
            ];
        }
        $off = $count[-1] + $count[1];

        return [
            'n' => $n,
            'shares' => ['low' => $n === 0 ? 0.0 : $count[-1] / $n, 'right' => $n === 0 ? 0.0 : $count[0] / $n, 'high' => $n === 0 ? 0.0 : $count[1] / $n],
            'balance' => $off === 0 ? null : min(1.0, 2 * Binomial::atLeast(max($count[-1], $count[1]), $off, 0.5)),
            'sides' => $sides,
        ];
    }

    /**
     * Welch 1947: the variances differ.
     *
     * @param list<float> $a
     * @param list<float> $b
     *
     * @return array{drop: ?float, t: ?float, p: ?float, interval: ?array{float, float}}
     */
    private static function welch(array $a, array $b): array
    {
        if ($a === [] || $b === []) {
            return ['drop' => null, 't' => null, 'p' => null, 'interval' => null];
        }
        $mean = static fn(array $of): float => array_sum($of) / \count($of);
        $variance = static function (array $of) use ($mean): float {
            $m = $mean($of);

            return array_sum(array_map(static fn(float $v): float => ($v - $m) ** 2, $of)) / (\count($of) - 1);
        };
        $drop = $mean($a) - $mean($b);
        if (\count($a) < 2 || \count($b) < 2) {
            return ['drop' => $drop, 't' => null, 'p' => null, 'interval' => null];
        }
        [$va, $vb] = [$variance($a) / \count($a), $variance($b) / \count($b)];
        if ($va + $vb <= 0.0) {
            return ['drop' => $drop, 't' => null, 'p' => null, 'interval' => null];
        }
        $df = ($va + $vb) ** 2 / ($va ** 2 / (\count($a) - 1) + $vb ** 2 / (\count($b) - 1));
        $se = sqrt($va + $vb);
        $half = Student::critical(0.05, $df) * $se;

        return ['drop' => $drop, 't' => $drop / $se, 'p' => Student::twoSided($drop / $se, $df), 'interval' => [$drop - $half, $drop + $half]];
    }
}
