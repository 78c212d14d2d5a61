<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

use Transmuta\Provenance\Mark;
use Transmuta\Provenance\Provenance;

/** Turns a plain row, as the data files or a store give it, into an {@see Ingredient}. */
final class IngredientRow
{
    /**
     * @param array<string, mixed> $row
     *
     * @throws ImpossibleComposition if its parts cannot be
     */
    public static function ingredient(array $row): Ingredient
    {
        /** @var array{id: string, name: string, group: string, parts: array<string, int|float>, ph: float|int|null, fat_state: string, functions: array<string, int|float>, densities: array<string, int|float>, units: array<string, int|float>, names: list<string>, origins: list<string>, allergens: list<string>, may_contain: list<string>, ask_vegan: ?string, ask_gluten: ?string, price_minor_per_kg: ?int, mark: string, source: string, cereals?: list<string>, micro?: array<string, int|float>, kj?: float|int|null, note?: ?string, marks?: array<string, array{0: string, 1: string}>, based_on?: ?string, class?: string, ask_vegetarian?: ?string, ask_alcohol?: ?string, declared?: ?string, sulphites?: float|int|null, made_of?: ?array{lines: list<array{ingredient: string, name: string, grams: int|float}>, steps: list<string>, yield: int|float, keeps_days: int, beside: ?string, inner?: list<array{name: string, grams: int|float, steps: list<string>, keeps_days: int}>}} $row */
        // What a packet's own list names counts, whatever was typed beside it or taken over from what it is like.
        $list = PacketList::of($row['declared'] ?? '');
        $with = static fn(array $own, array $read): array => array_values(array_unique([...$own, ...$read]));
        $allergens = $with($row['allergens'], $list->allergens);

        return new Ingredient(
            id: $row['id'],
            name: $row['name'],
            group: $row['group'],
            composition: Composition::of(array_map(floatval(...), $row['parts'])),
            ph: $row['ph'] === null ? null : (float) $row['ph'],
            fatState: FatState::from($row['fat_state']),
            functions: array_map(floatval(...), $row['functions']),
            densities: array_map(floatval(...), $row['densities']),
            units: array_map(floatval(...), $row['units']),
            names: $row['names'],
            origins: $with($row['origins'], $list->origins),
            allergens: $allergens,
            mayContain: array_values(array_diff($with($row['may_contain'], $list->mayContain), $allergens)),
            askVegan: $row['ask_vegan'],
            askGluten: $row['ask_gluten'],
            priceMinorPerKg: $row['price_minor_per_kg'],
            provenance: Provenance::of(Mark::from($row['mark']), $row['source']),
            cereals: $with($row['cereals'] ?? [], $list->cereals),
            micronutrients: array_map(floatval(...), $row['micro'] ?? []),
            statedKj: isset($row['kj']) ? (float) $row['kj'] : null,
            note: $row['note'] ?? null,
            provenances: array_map(static fn(array $mark): Provenance => Provenance::of(Mark::from($mark[0]), $mark[1]), $row['marks'] ?? []),
            basedOn: $row['based_on'] ?? null,
            class: $row['class'] ?? '',
            askVegetarian: $row['ask_vegetarian'] ?? null,
            askAlcohol: $row['ask_alcohol'] ?? null,
            madeOf: self::madeOf($row['made_of'] ?? null),
            declared: $row['declared'] ?? null,
            sulphites: isset($row['sulphites']) ? (float) $row['sulphites'] : null,
        );
    }

    /**
     * @param ?array{lines: list<array{ingredient: string, name: string, grams: int|float}>, steps: list<string>, yield: int|float, keeps_days: int, beside: ?string, inner?: list<array{name: string, grams: int|float, steps: list<string>, keeps_days: int}>, raw?: list<array{ingredient: string, name: string, group: string, class: string, grams: int|float}>} $of
     *
     * @return ?array{lines: list<array{ingredient: string, name: string, grams: float}>, steps: list<string>, yield: float, keeps_days: int, beside: ?string, inner: list<array{name: string, grams: float, steps: list<string>, keeps_days: int}>, raw: list<array{ingredient: string, name: string, group: string, class: string, grams: float}>}
     */
    private static function madeOf(?array $of): ?array
    {
        return $of === null ? null : [
            'lines' => array_map(static fn(array $line): array => ['ingredient' => $line['ingredient'], 'name' => $line['name'], 'grams' => (float) $line['grams']], $of['lines']),
            'steps' => $of['steps'],
            'yield' => (float) $of['yield'],
            'keeps_days' => $of['keeps_days'],
            'beside' => $of['beside'],
            'inner' => array_map(static fn(array $one): array => ['name' => $one['name'], 'grams' => (float) $one['grams'], 'steps' => $one['steps'], 'keeps_days' => $one['keeps_days']], $of['inner'] ?? []),
            // One kept before it was opened to the end is opened one step.
            'raw' => array_map(static fn(array $one): array => ['ingredient' => $one['ingredient'], 'name' => $one['name'], 'group' => $one['group'] ?? '', 'class' => $one['class'] ?? '', 'grams' => (float) $one['grams']], $of['raw'] ?? $of['lines']),
        ];
    }
}
