<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

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
        /** @var array{id: string, name: string, group: string, parts: array<string, int|float>, ph: float|int|null, fat_state: string, functions: array<string, int|float>, densities: array<string, int|float>, units: array<string, int|float>, names: list<string>, origins: list<string>, allergens: list<string>, may_contain: list<string>, ask_vegan: ?string, ask_gluten: ?string, price_minor_per_kg: ?int, mark: string, source: string, cereals?: list<string>, micro?: array<string, int|float>, kj?: float|int|null, note?: ?string, marks?: array<string, array{0: string, 1: string}>, based_on?: ?string, class?: string, ask_vegetarian?: ?string, ask_alcohol?: ?string} $row */
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
            origins: $row['origins'],
            allergens: $row['allergens'],
            mayContain: $row['may_contain'],
            askVegan: $row['ask_vegan'],
            askGluten: $row['ask_gluten'],
            priceMinorPerKg: $row['price_minor_per_kg'],
            provenance: Provenance::of(Mark::from($row['mark']), $row['source']),
            cereals: $row['cereals'] ?? [],
            micronutrients: array_map(floatval(...), $row['micro'] ?? []),
            statedKj: isset($row['kj']) ? (float) $row['kj'] : null,
            note: $row['note'] ?? null,
            provenances: array_map(static fn(array $mark): Provenance => Provenance::of(Mark::from($mark[0]), $mark[1]), $row['marks'] ?? []),
            basedOn: $row['based_on'] ?? null,
            class: $row['class'] ?? '',
            askVegetarian: $row['ask_vegetarian'] ?? null,
            askAlcohol: $row['ask_alcohol'] ?? null,
        );
    }
}
