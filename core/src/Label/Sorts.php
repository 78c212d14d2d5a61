<?php

declare(strict_types=1);

namespace Transmuta\Label;

use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/** What an ingredient counts as on a label (`core/data/label/sorts.csv`): a polyol, of which nut, barred where. */
final class Sorts
{
    /** @return list<string> ingredients of a sort */
    public static function of(string $sort): array
    {
        return array_map(strval(...), array_keys(self::all()[$sort] ?? []));
    }

    /** What it is called by that sort; '' where it is none of it. */
    public static function word(string $ingredient, string $sort): string
    {
        return self::all()[$sort][$ingredient] ?? '';
    }

    /** @return array<string, array<string, string>> */
    private static function all(): array
    {
        $all = Kept::once(self::class . ' all', static function (): array {
            $made = [];
            foreach (Table::of('label/sorts') as $row) {
                $made[$row['sort']][$row['ingredient']] = $row['word'];
            }

            return $made;
        });

        return $all;
    }
}
