<?php

declare(strict_types=1);

namespace Transmuta\Format;

use Transmuta\Formula\LayerKeys;
use Transmuta\Property\DishReading;
use Transmuta\Property\Setting\Ladder;

/** What differs between two readings of the same formula: only what a developer would see. */
final class ReadingChanges
{
    /** Facts of a portion, with their unit and the difference that shows. */
    private const FACTS = [
        'kcal' => ['Energy', 'kcal', 0.5], 'fat_g' => ['Fat', 'g', 0.05], 'saturates_g' => ['Saturates', 'g', 0.05], 'carbohydrate_g' => ['Carbohydrate', 'g', 0.05], 'sugars_g' => ['Sugars', 'g', 0.05],
        'net_carbs_g' => ['Net carbs', 'g', 0.05], 'fibre_g' => ['Fibre', 'g', 0.05], 'protein_g' => ['Protein', 'g', 0.05], 'salt_g' => ['Salt', 'g', 0.005], 'cost_minor' => ['Cost', 'minor units', 0.5],
    ];

    /** @return array{portion: list<array{what: string, unit: string, was: float, now: float}>, layers: list<array{layer: string, what: string, was: string, now: string}>, diets: list<array{diet: string, was: string, now: string}>, allergens: array{in: list<string>, out: list<string>}} */
    public static function between(DishReading $was, DishReading $now): array
    {
        $portion = $layers = $diets = [];
        foreach (self::FACTS as $fact => [$what, $unit, $shows]) {
            [$a, $b] = [$was->portion[$fact] ?? 0.0, $now->portion[$fact] ?? 0.0];
            if (abs($a - $b) >= $shows) {
                $portion[] = ['what' => $what, 'unit' => $unit, 'was' => round($a, 2), 'now' => round($b, 2)];
            }
        }
        // Layers by what they are, not by where they stand: one may have been put between.
        $had = array_combine(LayerKeys::of($was->formula->layers), $was->layers);
        foreach (array_combine(LayerKeys::of($now->formula->layers), $now->layers) as $key => $layer) {
            $before = $had[$key] ?? null;
            if ($before === null) {
                continue;
            }
            $name = $layer->layer->name;
            if ($layer->baseWords === null && abs($layer->set->ge - $before->set->ge) >= 0.02) {
                $layers[] = ['layer' => $name, 'what' => 'Set', 'was' => self::set($before->set->ge), 'now' => self::set($layer->set->ge)];
            }
            if (abs($layer->se - $before->se) >= 0.1) {
                $layers[] = ['layer' => $name, 'what' => 'Sweetness', 'was' => \sprintf('%.1f SE', $before->se), 'now' => \sprintf('%.1f SE', $layer->se)];
            }
            if ($layer->ph !== null && $before->ph !== null && abs($layer->ph - $before->ph) >= 0.05) {
                $layers[] = ['layer' => $name, 'what' => 'pH', 'was' => \sprintf('%.2f', $before->ph), 'now' => \sprintf('%.2f', $layer->ph)];
            }
        }
        foreach ($now->diets as $diet => $verdict) {
            $before = ($was->diets[$diet] ?? $verdict)->standing();
            if ($before !== $verdict->standing()) {
                $diets[] = ['diet' => $diet, 'was' => $before->value, 'now' => $verdict->standing()->value];
            }
        }

        return [
            'portion' => $portion, 'layers' => $layers, 'diets' => $diets,
            'allergens' => ['in' => array_values(array_diff($now->contains, $was->contains)), 'out' => array_values(array_diff($was->contains, $now->contains))],
        ];
    }

    private static function set(float $ge): string
    {
        return \sprintf('%s (%.2f GE)', Ladder::word($ge), $ge);
    }
}
