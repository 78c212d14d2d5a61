<?php

declare(strict_types=1);

namespace Transmuta\Property;

use Transmuta\Reference\Reference;

/**
 * Nutrition per 100 g under Regulation (EU) No 1169/2011: kJ and kcal each from their own factors of Annex XIV, carbohydrate
 * without fibre, salt as sodium × 2.5. Allulose has no standing of its own there and counts as carbohydrate.
 */
final readonly class Nutrition
{
    public function __construct(private Reference $reference, private NetCarbSchool $school = NetCarbSchool::HalfPolyols) {}

    /** @return array<string, float> g per 100 g, kj and kcal per 100 g, unrounded */
    public function per100(LayerState $state): array
    {
        $erythritol = $state->of100('polyol.erythritol');
        $polyols = $state->polyols;
        $allulose = $state->of100('allulose');
        $amounts = [
            'carbohydrate' => $state->sugars + $state->of100('starch') + $allulose,
            'polyols' => $polyols - $erythritol,
            'erythritol' => $erythritol,
            'fat' => $state->fat,
            'protein' => $state->protein,
            'alcohol' => $state->of100('alcohol'),
            'organic_acid' => $state->acids,
            'fibre' => $state->of100('fibre'),
        ];
        $kj = $kcal = 0.0;
        foreach ($amounts as $part => $grams) {
            $kj += $grams * $this->reference->energy[$part]['kj'];
            $kcal += $grams * $this->reference->energy[$part]['kcal'];
        }
        $off = $this->school === NetCarbSchool::NoPolyols ? $polyols : $erythritol + ($polyols - $erythritol) / 2;

        return [
            'kj' => $kj,
            'kcal' => $kcal,
            'fat_g' => $state->fat,
            'saturates_g' => $state->of100('saturates'),
            'carbohydrate_g' => $state->carbohydrate(),
            'sugars_g' => $state->sugars,
            'polyols_g' => $polyols,
            'net_carbs_g' => $state->carbohydrate() - $allulose - $off,
            'fibre_g' => $state->of100('fibre'),
            'protein_g' => $state->protein,
            'salt_g' => $state->of100('salt'),
        ];
    }
}
