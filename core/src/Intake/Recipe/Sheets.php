<?php

declare(strict_types=1);

namespace Transmuta\Intake\Recipe;

/**
 * Rows of a table as lines of a recipe: "Whole milk ⇥ 58.0 ⇥ 14.500" under "Ingredient ⇥ % ⇥ kg" is 14.5 kg of milk. The amount is the column of a mass or a
 * volume, else that of the per cent; a total is no line, and what is no row of the table stays as it is.
 */
final class Sheets
{
    private const CELLS = '~\s*(?:\t|\||;|\s{3,})\s*~u';

    /** What a column is headed by, the surest amount first. */
    private const AMOUNTS = ['kg' => 'kg', 'kilos' => 'kg', 'g' => 'g', 'gr' => 'g', 'grams' => 'g', 'grammes' => 'g', 'gramos' => 'g', 'ml' => 'ml', 'l' => 'l', 'litres' => 'l', 'weight' => 'g', 'quantity' => 'g', 'qty' => 'g', 'amount' => 'g', 'peso' => 'g', 'poids' => 'g', '%' => 'g'];

    private const NAMES = '~^(?:ingredients?|ingredientes?|ingrédients?|zutaten?|item|material|raw material|component|name|producto|product)$~iu';

    private const TOTAL = '~^(?:sub-?)?total\w*\b|^(?:sum|suma|summe|somme|yield)\b~iu';

    /** A number in a cell, with its unit where it says one. */
    private const NUMBER = '~^(\d{1,6}(?:[.,]\d+)?)\s*(kg|g|gr|ml|l|%|pcs?|no\.?)?$~iu';

    /**
     * @param list<string> $rows
     *
     * @return list<string> the same rows, those of a table as lines; each in its place
     */
    public static function asLines(array $rows): array
    {
        $cells = array_map(static fn(string $row): array => preg_split(self::CELLS, trim($row)) ?: [$row], $rows);
        $said = $rows;
        /** @var ?array{name: int, amount: int, unit: string} $head */
        $head = null;
        foreach ($cells as $at => $row) {
            $heads = self::head($row);
            if ($heads !== null) {
                $head = $heads;
                $said[$at] = 'Ingredients';
                continue;
            }
            if ($head === null || \count($row) <= max($head['name'], $head['amount'])) {
                // A row of one cell between two of a table is a heading of it, and after it the table is over.
                $head = trim($rows[$at]) === '' || ($head !== null && preg_match('~[\d.]~', $rows[$at]) !== 1 && self::goesOn($cells, $at, $head)) ? $head : null;
                continue;
            }
            $name = trim($row[$head['name']]);
            if (preg_match(self::NUMBER, trim($row[$head['amount']]), $m) !== 1 || $name === '') {
                continue;
            }
            $unit = ($m[2] ?? '') === '' || $m[2] === '%' ? $head['unit'] : $m[2];
            $said[$at] = preg_match(self::TOTAL, $name) === 1 ? '' : "$m[1] $unit $name";
        }

        return array_values($said);
    }

    /**
     * @param list<string> $row
     *
     * @return ?array{name: int, amount: int, unit: string}
     */
    private static function head(array $row): ?array
    {
        $name = null;
        $found = [];
        foreach ($row as $at => $cell) {
            $plain = mb_strtolower(trim($cell, " \t.:()[]"));
            if (preg_match(self::NAMES, $plain) === 1) {
                $name ??= $at;
            } elseif (isset(self::AMOUNTS[$plain])) {
                $found[(int) array_search($plain, array_keys(self::AMOUNTS), true)] = [$at, self::AMOUNTS[$plain]];
            }
        }
        if ($name === null || $found === []) {
            return null;
        }
        ksort($found);
        [$amount, $unit] = $found[array_key_first($found)];

        return ['name' => $name, 'amount' => $amount, 'unit' => $unit];
    }

    /**
     * @param list<list<string>> $cells
     * @param array{name: int, amount: int, unit: string} $head
     */
    private static function goesOn(array $cells, int $at, array $head): bool
    {
        $next = $cells[$at + 1] ?? [];

        return \count($next) > max($head['name'], $head['amount']) && preg_match(self::NUMBER, trim($next[$head['amount']])) === 1;
    }
}
