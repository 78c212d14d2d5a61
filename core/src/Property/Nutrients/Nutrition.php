<?php

declare(strict_types=1);

namespace Transmuta\Property\Nutrients;

use Transmuta\Property\LayerState;
use Transmuta\Reference\Reference;

/**
 * Nutrition per 100 g under Regulation (EU) No 1169/2011: kJ and kcal each from their own factors of Annex XIV, carbohydrate
 * without fibre, salt as sodium × 2.5. Allulose has no standing of its own there and counts as carbohydrate.
 */
final readonly class Nutrition
{
    public function __construct(private Reference $reference, public NetCarbSchool $school = NetCarbSchool::HalfPolyols) {}

    /**
     * What carries energy, g per 100 g, by the word of Annex XIV.
     *
     * @return array<string, float>
     */
    public function amounts(LayerState $state): array
    {
        $erythritol = $state->of100('polyol.erythritol');

        return [
            'carbohydrate' => $state->sugars + $state->of100('starch') + $state->of100('dextrin') + $state->of100('allulose'),
            'polyols' => $state->polyols - $erythritol,
            'erythritol' => $erythritol,
            'fat' => $state->fat,
            'protein' => $state->protein,
            'alcohol' => $state->of100('alcohol'),
            'organic_acid' => $state->acids,
            'fibre' => $state->of100('fibre'),
        ];
    }

    /** @return array<string, float> g per 100 g, kj and kcal per 100 g, unrounded */
    public function per100(LayerState $state): array
    {
        $kj = $kcal = 0.0;
        foreach ($this->amounts($state) as $part => $grams) {
            $kj += $grams * $this->reference->energy[$part]['kj'];
            $kcal += $grams * $this->reference->energy[$part]['kcal'];
        }

        return [
            'kj' => $kj,
            'kcal' => $kcal,
            'fat_g' => $state->fat,
            'saturates_g' => $state->of100('saturates'),
            'carbohydrate_g' => $state->carbohydrate(),
            'sugars_g' => $state->sugars,
            'polyols_g' => $state->polyols,
            'net_carbs_g' => $state->carbohydrate() - array_sum($this->offNetCarbs($state)),
            'fibre_g' => $state->of100('fibre'),
            'protein_g' => $state->protein,
            'salt_g' => $state->of100('salt'),
        ];
    }

    /**
     * What the studio's school takes off carbohydrate (which excludes fibre here), g per 100 g.
     *
     * @return array<string, float>
     */
    public function offNetCarbs(LayerState $state): array
    {
        $erythritol = $state->of100('polyol.erythritol');

        return [
            'allulose' => $state->of100('allulose'),
            'erythritol' => $erythritol,
            'other polyols' => ($state->polyols - $erythritol) * ($this->school === NetCarbSchool::NoPolyols ? 1.0 : 0.5),
        ];
    }
}
