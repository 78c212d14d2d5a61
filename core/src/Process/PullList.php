<?php

declare(strict_types=1);

namespace Transmuta\Process;

use Transmuta\Property\DishReading;
use Transmuta\Quantity\Scale;
use Transmuta\Reference\Table;

/**
 * What is fetched before a dish is made: every ingredient once, with its sum over all layers, by where it is kept
 * (`core/data/reference/store.csv`, trade). What the kitchen makes for itself is opened, at any depth, into what goes into it.
 */
final class PullList
{
    private const PLACES = ['Cold store', 'Fruit and herbs', 'Freezer', 'Dry store', 'Tap'];

    /** @return list<array{place: string, lines: list<array{ingredient: string, name: string, grams: float, for: list<array{what: string, grams: float}>}>}> grams as a scale shows them, heaviest first */
    public static function of(DishReading $dish): array
    {
        return self::ofAll([['', $dish]]);
    }

    /**
     * What is fetched for several dishes: every ingredient once, and how much of it for each.
     *
     * @param list<array{string, DishReading}> $dishes each with what it is called; '' to say the layer instead
     *
     * @return list<array{place: string, lines: list<array{ingredient: string, name: string, grams: float, for: list<array{what: string, grams: float}>}>}>
     */
    public static function ofAll(array $dishes): array
    {
        $store = array_column(Table::of('reference/store'), 'place', 'of');
        $sums = [];
        foreach ($dishes as [$called, $dish]) {
            foreach ($dish->layers as $layer) {
                foreach ($layer->layer->understood() as $i => $line) {
                    $in = $layer->state->model->portions[$i]->ingredient;
                    $for = $called !== '' ? $called : ($in->madeOf === null ? $layer->layer->name : $in->name);
                    foreach ($in->raw() as ['ingredient' => $id, 'name' => $name, 'group' => $group, 'class' => $class, 'grams' => $perKg]) {
                        $grams = $perKg * $line->grams / 1000;
                        $sums[$id] ??= ['ingredient' => $id, 'name' => $name, 'place' => $store["class:$class"] ?? $store["group:$group"] ?? 'Dry store', 'grams' => 0.0, 'for' => []];
                        $sums[$id]['grams'] += $grams;
                        $sums[$id]['for'][$for] = ($sums[$id]['for'][$for] ?? 0.0) + $grams;
                    }
                }
            }
        }
        usort($sums, static fn(array $a, array $b): int => $b['grams'] <=> $a['grams']);
        $list = [];
        foreach (self::PLACES as $place) {
            $lines = array_values(array_filter($sums, static fn(array $sum): bool => $sum['place'] === $place));
            if ($lines !== []) {
                $list[] = ['place' => $place, 'lines' => array_map(static fn(array $sum): array => [
                    'ingredient' => $sum['ingredient'],
                    'name' => $sum['name'],
                    'grams' => Scale::shown($sum['grams']),
                    'for' => array_map(static fn(string $what, float $grams): array => ['what' => $what, 'grams' => Scale::shown($grams)], array_keys($sum['for']), $sum['for']),
                ], $lines)];
            }
        }

        return $list;
    }
}
