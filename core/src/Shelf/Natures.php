<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/** Reads `core/data/shelf/natures.csv`: by ingredient, class, group or function. What a studio bases on an ingredient has that one's natures. */
final class Natures
{
    /** @return array<string, array<string, true>> what has a nature: ids by `ingredient`, words by `class` and `group`, names by `function` */
    public static function of(Nature $nature): array
    {
        return self::table()[$nature->value] ?? [];
    }

    /**
     * The one ingredient a nature stands for, such as what "2 yolks" means.
     *
     * @throws \LogicException where the table names none
     */
    public static function one(Nature $nature): string
    {
        return array_key_first(self::table()[$nature->value]['ingredient'] ?? []) ?? throw new \LogicException("No ingredient of the nature {$nature->value}.");
    }

    /** @return array<string, array<string, array<string, true>>> */
    private static function table(): array
    {
        $table = Kept::once(self::class . ' table', static function (): array {
            $made = [];
            foreach (Table::of('shelf/natures') as $row) {
                $made[$row['nature']][$row['by']][$row['of']] = true;
            }

            return $made;
        });

        return $table;
    }
}
