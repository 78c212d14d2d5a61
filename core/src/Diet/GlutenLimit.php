<?php

declare(strict_types=1);

namespace Transmuta\Diet;

use Transmuta\Reference\Figure;
use Transmuta\Shelf\Ingredient;

/**
 * "Gluten-free" by regime, mg gluten per kg of the food as sold: at most 20 (Regulation (EU) No 828/2014), under 20 (21 CFR 101.91), not
 * detectable and no oats at all (Australia New Zealand Food Standards Code, Standard 1.2.7). A calculation cannot show it: without an
 * analysis the best it can be is unproven.
 */
final class GlutenLimit
{
    /**
     * @param list<Ingredient> $ingredients
     * @param ?float $analysed mg/kg as a laboratory found it in the food as sold
     */
    public static function standing(Regime $regime, array $ingredients, ?float $analysed = null): Standing
    {
        foreach ($ingredients as $in) {
            if ($in->comesFrom('gluten') || ($regime === Regime::Anz && \in_array('oats', $in->cereals, true))) {
                return Standing::NotMet;
            }
        }
        if ($analysed === null) {
            return Standing::Unproven;
        }
        $free = match ($regime) {
            Regime::Eu => $analysed <= 20.0,
            Regime::Us => $analysed < 20.0,
            Regime::Anz => $analysed < Figure::GlutenDetectable->number(),
        };

        return $free ? Standing::Met : Standing::NotMet;
    }

    public static function words(Regime $regime): string
    {
        return match ($regime) {
            Regime::Eu => 'at most 20 mg gluten per kg; oats only specially produced',
            Regime::Us => 'under 20 mg gluten per kg',
            Regime::Anz => 'no detectable gluten and no oats at all',
        };
    }
}
