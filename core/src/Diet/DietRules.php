<?php

declare(strict_types=1);

namespace Transmuta\Diet;

use Transmuta\Shelf\Ingredient;

/** Whether one ingredient may stay in a diet, and what its packet must still answer. */
final class DietRules
{
    /** Contents of sugars from outside the fruit and the milk: they make an ingredient "added sugar" for keto. */
    private const SWEETENED = ['condensed-milk', 'coconut-condensed', 'vanilla-paste', 'milk-chocolate', 'white-chocolate', 'chocolate-55', 'chocolate-70', 'plain-biscuit', 'plain-biscuit-gf', 'date', 'custard-powder'];

    /** Flours and starches that carry too much starch for a keto portion in any but thickening amounts. */
    private const STARCHY = ['plain-flour', 'rice-flour', 'oats', 'puff-pastry-baked', 'puff-pastry-plant', 'oat-milk', 'banana'];

    public static function bans(Diet $diet, Ingredient $in): bool
    {
        $from = $in->comesFrom(...);

        return match ($diet) {
            Diet::Vegan => $from('dairy') || $from('egg') || $from('gelatin') || $from('honey'),
            Diet::Eggless => $from('egg'),
            Diet::Vegetarian => $from('gelatin'),
            Diet::DairyFree => $from('dairy'),
            Diet::GlutenFree => $from('gluten'),
            Diet::Keto => $in->group === 'sugar' || \in_array($in->id, self::SWEETENED, true) || \in_array($in->id, self::STARCHY, true),
            Diet::HighProtein => false,
            Diet::NutFree => \in_array('nuts', $in->allergens, true) || \in_array('peanuts', $in->allergens, true),
            Diet::SoyFree => \in_array('soybeans', $in->allergens, true),
            Diet::AlcoholFree => $from('alcohol'),
        };
    }

    /** The question to put to the packet before this ingredient counts as meeting the diet. */
    public static function question(Diet $diet, Ingredient $in): ?string
    {
        return match ($diet) {
            Diet::Vegan => $in->askVegan,
            Diet::DairyFree => $in->askVegan !== null && preg_match('/milk|casein|butter/i', $in->askVegan) === 1 ? $in->askVegan : null,
            Diet::Eggless => $in->askVegan !== null && preg_match('/egg/i', $in->askVegan) === 1 ? $in->askVegan : null,
            Diet::GlutenFree => $in->askGluten,
            Diet::NutFree => \in_array('nuts', $in->mayContain, true) ? 'Does the packet warn of nuts?' : null,
            Diet::Vegetarian, Diet::Keto, Diet::HighProtein, Diet::SoyFree, Diet::AlcoholFree => null,
        };
    }
}
