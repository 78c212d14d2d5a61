<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Deviation;

use Transmuta\Reference\BrokenTable;
use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/** Tolerances of every job against an original, from `core/data/reformulation/jobs.csv`, each with its mark and source. */
final class JobTable
{
    /**
     * How far a job may be off while it is solved for.
     *
     * @throws BrokenTable if the table is missing or malformed
     */
    public static function tolerance(string $job, float $target, bool $isOver = false): float
    {
        $row = self::row($job);
        $tolerance = max($row['absolute'], $row['share'] * abs($target));

        return $isOver && $row['over'] > 0.0 ? $row['over'] : $tolerance;
    }

    /**
     * Tolerances of a solve that still count as paid once it is settled.
     *
     * @param ?LayerKind $kind of the layer; null as of any filling
     */
    public static function verdict(string $job, ?LayerKind $kind = null): float
    {
        return $kind === LayerKind::Base ? self::row($job)['base'] : self::row($job)['verdict'];
    }

    public static function unit(string $job): string
    {
        return self::row($job)['unit'];
    }

    /** @return array{unit: string, absolute: float, share: float, over: float, verdict: float, base: float} */
    private static function row(string $job): array
    {
        return Kept::once(self::class, self::read(...))[$job] ?? throw BrokenTable::missing("jobs.csv: $job");
    }

    /** @return array<string, array{unit: string, absolute: float, share: float, over: float, verdict: float, base: float}> */
    private static function read(): array
    {
        $rows = [];
        foreach (Table::of('reformulation/jobs') as $row) {
            $rows[$row['job']] = ['unit' => $row['unit'], 'absolute' => (float) $row['absolute'], 'share' => (float) $row['share'], 'over' => (float) $row['over'], 'verdict' => (float) $row['verdict'], 'base' => (float) ($row['verdict_base'] === '' ? $row['verdict'] : $row['verdict_base'])];
        }

        return $rows;
    }
}
