<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

use Transmuta\Reference\Table;

/** Joins the data files of `core/data/shelf` into one plain row per ingredient, the form a store can keep. */
final class ShelfFiles
{
    /**
     * @return list<array<string, mixed>> rows as {@see IngredientRow} reads them
     *
     * @throws \Transmuta\Reference\BrokenTable if a file is missing or malformed
     */
    public static function rows(): array
    {
        $measures = self::grouped('measures');
        $functions = self::grouped('functions');
        $micro = self::grouped('micronutrients');
        $names = array_column(Table::of('shelf/names'), 'names', 'ingredient');
        $prices = array_column(Table::of('shelf/prices'), null, 'ingredient');
        $standing = array_column(Table::of('shelf/standing'), null, 'ingredient');
        $classes = array_column(Table::of('shelf/classes'), 'class', 'ingredient');
        $dry = array_column(Table::of('reference/dry-structure'), null, 'class');
        $coagulated = array_column(Table::of('reference/coagulated-casein'), null, 'class');
        $acidity = array_column(Table::of('shelf/acidity'), null, 'ingredient');
        $published = self::grouped('published');
        $words = static fn(string $cell): array => preg_split('/\s+/', $cell, -1, \PREG_SPLIT_NO_EMPTY) ?: [];

        $rows = [];
        foreach (Table::of('shelf/composition') as $row) {
            $id = $row['id'];
            $own = $standing[$id] ?? ['origin' => '', 'allergens' => '', 'may_contain' => '', 'ask_vegan' => '', 'ask_gluten' => '', 'cereal' => '', 'note' => '', 'ask_vegetarian' => '', 'ask_alcohol' => '', 'mark' => '', 'source' => ''];
            $sour = $acidity[$id] ?? ['acids' => '', 'ph' => '', 'mark' => '', 'source' => ''];
            $densities = $units = $marks = [];
            foreach ($measures[$id] ?? [] as $measure) {
                $measure['kind'] === 'density'
                    ? $densities[$measure['form']] = (float) $measure['value']
                    : $units[$measure['form']] = (float) $measure['value'];
                $marks[$measure['kind'] . ':' . $measure['form']] = [$measure['mark'], $measure['source']];
            }
            foreach ($functions[$id] ?? [] as $function) {
                $marks['function:' . $function['function']] = [$function['mark'], $function['source']];
            }
            foreach ($micro[$id] ?? [] as $nutrient) {
                $marks[$nutrient['nutrient']] = [$nutrient['mark'], $nutrient['source']];
            }
            if (isset($dry[$classes[$id] ?? ''])) {
                $marks['function:dry-structure'] = [$dry[$classes[$id]]['mark'], $dry[$classes[$id]]['source']];
            }
            if (isset($coagulated[$classes[$id] ?? ''])) {
                $marks['function:coagulated-casein'] = [$coagulated[$classes[$id]]['mark'], $coagulated[$classes[$id]]['source']];
            }
            if ($sour['mark'] !== '') {
                $marks['acids'] = [$sour['mark'], $sour['source']];
                // A published acid does not make the recalled pH beside it published.
                $marks['ph'] = str_contains($sour['source'], 'pH from memory') ? ['mem', 'typical value recalled'] : $marks['acids'];
            }
            if ($own['mark'] !== '') {
                $marks['standing'] = [$own['mark'], $own['source']];
            }
            if (isset($prices[$id])) {
                $marks['price'] = [$prices[$id]['mark'], $prices[$id]['source']];
            }
            $parts = self::parts([...$row, 'acids' => $sour['acids']]);
            foreach ($published[$id] ?? [] as $value) {
                foreach (array_keys($parts) as $part) {
                    if ($part === $value['part'] || str_starts_with($part, $value['part'] . '.')) {
                        $marks[$part] = [$value['mark'], $value['source']];
                    }
                }
            }
            $rows[] = [
                'id' => $id,
                'name' => $row['name'],
                'group' => $row['group'],
                'class' => $classes[$id] ?? '',
                'parts' => $parts,
                'ph' => $sour['ph'] === '' ? null : (float) $sour['ph'],
                'fat_state' => $row['fat_state'],
                'functions' => [...array_map(floatval(...), array_column($functions[$id] ?? [], 'value', 'function')), ...(isset($dry[$classes[$id] ?? '']) ? ['dry-structure' => $dry[$classes[$id]]['counts'] === 'with its fat' ? 1.0 : 2.0] : []), ...(isset($coagulated[$classes[$id] ?? '']) ? ['coagulated-casein' => 1.0] : [])],
                'densities' => $densities,
                'units' => $units,
                'names' => explode('|', $names[$id] ?? mb_strtolower($row['name'])),
                'origins' => $words($own['origin']),
                'allergens' => $words($own['allergens']),
                'may_contain' => $words($own['may_contain']),
                'cereals' => $words($own['cereal']),
                'ask_vegan' => $own['ask_vegan'] ?: null,
                'ask_vegetarian' => $own['ask_vegetarian'] ?: null,
                'ask_alcohol' => $own['ask_alcohol'] ?: null,
                'ask_gluten' => $own['ask_gluten'] ?: null,
                'price_minor_per_kg' => isset($prices[$id]) ? (int) $prices[$id]['minor_per_kg'] : null,
                'micro' => array_map(floatval(...), array_column($micro[$id] ?? [], 'value', 'nutrient')),
                'kj' => $row['kj'] === '' ? null : (float) $row['kj'],
                'note' => trim($row['note'] . ($row['note'] !== '' && $own['note'] !== '' ? '; ' : '') . $own['note']) ?: null,
                'mark' => $row['mark'],
                'source' => $row['source'],
                'marks' => $marks,
            ];
        }

        return $rows;
    }

    /**
     * @param array<string, string> $row
     *
     * @return array<string, float>
     */
    private static function parts(array $row): array
    {
        $parts = [];
        foreach (['water', 'saturates', 'starch', 'dextrin', 'allulose', 'fibre', 'insoluble', 'particles', 'alcohol', 'salt', 'ash'] as $plain) {
            $parts[$plain] = (float) $row[$plain];
        }
        foreach (['protein' => 'protein', 'fat' => 'fat', 'sugars' => 'sugar', 'polyols' => 'polyol', 'acids' => 'acid', 'actives' => 'active'] as $column => $family) {
            foreach (Table::packed($row[$column]) as $kind => $grams) {
                $parts["$family.$kind"] = $grams;
            }
        }

        return array_filter($parts, static fn(float $g): bool => $g > 0.0);
    }

    /** @return array<string, list<array<string, string>>> */
    private static function grouped(string $table): array
    {
        $groups = [];
        foreach (Table::of("shelf/$table") as $row) {
            $groups[$row['ingredient']][] = $row;
        }

        return $groups;
    }
}
