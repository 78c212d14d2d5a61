<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

use Transmuta\Reference\Table;

/** What a compound is made of (`core/data/reformulation/parts.csv`): only the parts that are banned leave, the others may stay as lines of their own. */
final class PartsBook
{
    /** @var ?array<string, list<array{id: string, share: float, kind: string}>> */
    private static ?array $parts = null;

    /** @return list<array{id: string, share: float, kind: string}> shares by mass that sum to 1; a negative water is what left in the pan or oven. Empty where nothing is known */
    public static function of(string $ingredient): array
    {
        return self::all()[$ingredient] ?? [];
    }

    /** @return array<string, list<array{id: string, share: float, kind: string}>> by ingredient */
    public static function all(): array
    {
        if (self::$parts === null) {
            self::$parts = [];
            foreach (Table::of('reformulation/parts') as $row) {
                self::$parts[$row['id']][] = ['id' => $row['part'], 'share' => (float) $row['share'], 'kind' => $row['kind']];
            }
        }

        return self::$parts;
    }
}
