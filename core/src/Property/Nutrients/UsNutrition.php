<?php

declare(strict_types=1);

namespace Transmuta\Property\Nutrients;

use Transmuta\Property\LayerState;
use Transmuta\Reference\Reference;

/**
 * Nutrition facts under 21 CFR 101.9: total carbohydrate with fibre and sugar alcohols (and, by difference, organic acids), calories by
 * general factors with soluble fibre at 2, insoluble at 0, sugar alcohols by their own and allulose at 0.4 kcal/g; allulose is in total
 * carbohydrate and out of total and added sugars. Fibre of unknown solubility counts as soluble, which never understates calories.
 */
final readonly class UsNutrition
{
    public function __construct(private Reference $reference) {}

    /**
     * What carries calories, g per 100 g, by the key of `reference/energy-us.csv`.
     *
     * @return array<string, float>
     */
    public function amounts(LayerState $state): array
    {
        $insoluble = min($state->of100('insoluble'), $state->of100('fibre'));
        $amounts = [
            'protein' => $state->protein,
            'fat' => $state->fat,
            'carbohydrate' => $state->sugars + $state->of100('starch') + $state->of100('dextrin'),
            'organic_acid' => $state->acids,
            'soluble_fibre' => $state->of100('fibre') - $insoluble,
            'insoluble_fibre' => $insoluble,
            'alcohol' => $state->of100('alcohol'),
            'allulose' => $state->of100('allulose'),
        ];
        foreach ($state->parts as $part => $grams) {
            if (str_starts_with($part, 'polyol.')) {
                $amounts[substr($part, 7)] = $grams;
            }
        }

        return $amounts;
    }

    /** @return array<string, float> per 100 g, unrounded */
    public function per100(LayerState $state): array
    {
        $kcal = 0.0;
        foreach ($this->amounts($state) as $part => $grams) {
            $kcal += $grams * ($this->reference->energyUs[$part] ?? 2.4);
        }
        $added = 0.0;
        foreach ($state->model->portions as $i => $portion) {
            $added += $state->share[$i] / 100 * $portion->ingredient->addedSugars();
        }

        return [
            'calories' => $kcal,
            'fat_g' => $state->fat,
            'saturates_g' => $state->of100('saturates'),
            'sodium_mg' => $state->of100('salt') / 2.5 * 1000,
            'carbohydrate_g' => $state->carbohydrate() + $state->of100('fibre') + $state->acids,
            'fibre_g' => $state->of100('fibre'),
            'sugars_g' => $state->sugars,
            'added_sugars_g' => min($added, $state->sugars),
            'polyols_g' => $state->polyols,
            'protein_g' => $state->protein,
        ];
    }

    /**
     * Facts that only some packets state. An unknown one is not zero: the lines that leave it open are named.
     *
     * @return array<string, array{value: float, unknown: list<string>}> per 100 g, by {@see \Transmuta\Shelf\Ingredient::MICRONUTRIENTS}
     */
    public function micronutrients(LayerState $state): array
    {
        $facts = [];
        foreach (\Transmuta\Shelf\Ingredient::MICRONUTRIENTS as $fact) {
            $sum = 0.0;
            $unknown = [];
            foreach ($state->model->portions as $i => $portion) {
                if ($state->share[$i] < 0.05) {
                    continue; // a pinch moves no label
                }
                $value = $portion->ingredient->micronutrients[$fact] ?? null;
                if ($value === null) {
                    $unknown[] = $portion->ingredient->name;
                } else {
                    $sum += $state->share[$i] / 100 * $value;
                }
            }
            $facts[$fact] = ['value' => $sum, 'unknown' => $unknown];
        }

        return $facts;
    }
}
