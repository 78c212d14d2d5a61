<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/** What a compound is made of (`core/data/reformulation/parts.csv`): only the parts that are banned leave, the others may stay as lines of their own. */
final class PartsBook
{
    /** @return list<array{id: string, share: float, kind: string}> shares by mass that sum to 1; a negative water is what left in the pan or oven. Empty where nothing is known */
    public static function of(string $ingredient): array
    {
        return self::all()[$ingredient] ?? [];
    }

    /** @return array<string, list<array{id: string, share: float, kind: string}>> by ingredient */
    public static function all(): array
    {
        $parts = Kept::once(self::class . ' parts', static function (): array {
            $made = [];
            foreach (Table::of('reformulation/parts') as $row) {
                $made[$row['id']][] = ['id' => $row['part'], 'share' => (float) $row['share'], 'kind' => $row['kind']];
            }

            return $made;
        });

        return $parts;
    }
}
