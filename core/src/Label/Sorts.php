<?php

declare(strict_types=1);

namespace Transmuta\Label;

use Transmuta\Reference\Table;

/** What an ingredient counts as on a label (`core/data/label/sorts.csv`): a polyol, of which nut, barred where. */
final class Sorts
{
    /** @var ?array<string, array<string, string>> word by ingredient, by sort */
    private static ?array $all = null;

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
        if (self::$all === null) {
            self::$all = [];
            foreach (Table::of('label/sorts') as $row) {
                self::$all[$row['sort']][$row['ingredient']] = $row['word'];
            }
        }

        return self::$all;
    }
}
