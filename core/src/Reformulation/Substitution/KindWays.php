<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

use Transmuta\Reference\BrokenTable;
use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/** The plain ways of a kitchen, by kind of mass and diet, shop first (`core/data/substitution/ways.csv`). */
final class KindWays
{
    /** Diets whose ways together are those of another, where it has none of its own. */
    private const TOGETHER = ['vegan' => ['dairy-free', 'eggless']];

    /**
     * @param string $kind a key of `method/kinds`
     * @param list<string> $diets that something of the mass is against
     *
     * @return list<KindWay> the plainest first; those of any kind where it has none of its own
     */
    public static function of(string $kind, array $diets): array
    {
        $all = [];
        foreach ($diets as $diet) {
            $ways = self::table()["$kind $diet"] ?? self::table()["any $diet"] ?? null;
            if ($ways === null && isset(self::TOGETHER[$diet])) {
                array_push($all, ...array_values(array_filter(array_map(static fn(string $one): array => self::table()["$kind $one"] ?? [], self::TOGETHER[$diet]))));
                continue;
            }
            if ($ways !== null) {
                $all[] = $ways;
            }
        }
        if ($all === []) {
            return [];
        }
        $found = [];
        for ($n = 0; $n < max(array_map(\count(...), $all)); ++$n) {
            $found[] = array_reduce($all, static fn(?KindWay $way, array $ways): KindWay => $way === null ? $ways[min($n, \count($ways) - 1)] : $way->and($ways[min($n, \count($ways) - 1)]));
        }

        return array_values(array_filter($found));
    }

    /** @return array<string, non-empty-list<KindWay>> by kind and diet */
    private static function table(): array
    {
        return Kept::once(self::class, static function (): array {
            $all = [];
            foreach (Table::of('substitution/ways') as $row) {
                $all["{$row['kind']} {$row['diet']}"][] = new KindWay(explode(' ', $row['out']), $row['in'] === 'none' ? [] : array_map(self::item(...), explode('|', $row['in'])));
            }

            return $all;
        });
    }

    private static function item(string $text): WayItem
    {
        if (preg_match('~^(?<things>[a-z0-9/-]+) (?:(?<rest>rest)|(?<share>[\d.]+)%|(?<factor>[\d.]+) of (?<of>[a-z+-]+))$~', $text, $m, \PREG_UNMATCHED_AS_NULL) !== 1) {
            throw BrokenTable::missing("substitution/ways.csv: a dose in \"$text\"");
        }

        return new WayItem(explode('/', (string) $m['things']), match (true) {
            $m['share'] !== null => (float) $m['share'] / 100,
            $m['factor'] !== null => (float) $m['factor'],
            default => null,
        }, $m['of'] === null ? [] : explode('+', $m['of']));
    }
}
