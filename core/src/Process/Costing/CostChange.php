<?php

declare(strict_types=1);

namespace Transmuta\Process\Costing;

/** Why a dish costs more or less than it did: the same formula by the prices of two days, by ingredient. */
final class CostChange
{
    /** Share of the earlier cost under which a change is not told. */
    private const TOLD = 0.002;

    /** @return array{minor: int, percent: ?float, because: list<array{ingredient: string, minor: int, percent: ?float}>} of a batch; the largest first, whichever way; percent of the whole earlier cost, null where that was nothing */
    public static function of(Cost $before, Cost $now): array
    {
        $was = $before->batch();
        $percent = static fn(int $minor): ?float => $was > 0 ? 100 * $minor / $was : null;
        $by = [];
        foreach ([[$before, -1], [$now, 1]] as [$cost, $sign]) {
            foreach ($cost->lines as $line) {
                $by[$line->ingredient] = ($by[$line->ingredient] ?? 0) + $sign * $line->minor;
            }
        }
        $by = array_filter($by, static fn(int $minor): bool => $minor !== 0 && abs($minor) >= self::TOLD * $was);
        uasort($by, static fn(int $a, int $b): int => abs($b) <=> abs($a));
        $all = $now->batch() - $was;

        return ['minor' => $all, 'percent' => $percent($all), 'because' => array_map(static fn(string $id, int $minor): array => ['ingredient' => $id, 'minor' => $minor, 'percent' => $percent($minor)], array_map(strval(...), array_keys($by)), array_values($by))];
    }
}
