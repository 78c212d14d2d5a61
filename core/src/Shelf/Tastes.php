<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/** What an ingredient is the fruit, the nut or the leaf of (`core/data/shelf/tastes.csv`): lemon juice and lemon zest are of lemon. */
final class Tastes
{
    /** @return list<string> words such as "lemon" or "custard apple"; none where it is of nothing that a dessert is named for */
    public static function of(Ingredient $ingredient): array
    {
        $table = Kept::once(self::class, static function (): array {
            $made = [];
            foreach (Table::of('shelf/tastes') as $row) {
                $made[$row['ingredient']][] = $row['of'];
            }

            return $made;
        });

        return $table[$ingredient->id] ?? [];
    }
}
