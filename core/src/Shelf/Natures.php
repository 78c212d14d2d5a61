<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

use Transmuta\Reference\Table;

/** Reads `core/data/shelf/natures.csv`: by ingredient, class, group or function. What a studio bases on an ingredient has that one's natures. */
final class Natures
{
    /** @var ?array<string, array<string, array<string, true>>> nature → by → of */
    private static ?array $table = null;

    public static function has(Nature $nature, Ingredient $in): bool
    {
        $of = self::table()[$nature->value] ?? [];

        return isset($of['ingredient'][$in->id]) || isset($of['class'][$in->class]) || isset($of['group'][$in->group])
            || ($in->basedOn !== null && isset($of['ingredient'][$in->basedOn]))
            || (isset($of['function']) && array_filter(array_keys($of['function']), static fn(string $function): bool => $in->does($function) > 0.0) !== []);
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

    public static function file(): string
    {
        return \dirname(__DIR__, 2) . '/data/shelf/natures.csv';
    }

    /** @return array<string, array<string, array<string, true>>> */
    private static function table(): array
    {
        if (self::$table === null) {
            self::$table = [];
            foreach (Table::rows(self::file()) as $row) {
                self::$table[$row['nature']][$row['by']][$row['of']] = true;
            }
        }

        return self::$table;
    }
}
