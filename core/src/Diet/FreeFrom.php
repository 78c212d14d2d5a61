<?php

declare(strict_types=1);

namespace Transmuta\Diet;

use Transmuta\Shelf\Ingredient;

/** Whether an ingredient is free from an allergen by all that is known of it, the questions of the diet that leaves it out among that. */
final class FreeFrom
{
    /** Allergens that a whole diet leaves out. */
    private const LEFT_OUT_BY = ['milk' => Diet::DairyFree, 'eggs' => Diet::Eggless, 'gluten' => Diet::GlutenFree, 'nuts' => Diet::NutFree, 'soybeans' => Diet::SoyFree];

    /**
     * Whether nothing known of an ingredient speaks of an allergen: it is not in it, its packets do not commonly warn of it, its packet's list is understood, and no diet that
     * leaves it out has a question to its packet. Cross-contact in the kitchen is another matter.
     *
     * @param string $allergen one of {@see Allergens::EU}
     */
    public static function isClear(Ingredient $in, string $allergen): bool
    {
        $diet = self::LEFT_OUT_BY[$allergen] ?? null;

        return $in->packet()->unread === [] && !self::speaksOf($in, $allergen) && ($diet === null || DietRules::question($diet, $in) === null);
    }

    /**
     * Whether something known of an ingredient speaks of an allergen: it is in it, its packets commonly warn of it, or the diet that leaves it out bars it. What is neither
     * so nor {@see isClear} hangs on its packet.
     *
     * @param string $allergen one of {@see Allergens::EU}
     */
    public static function speaksOf(Ingredient $in, string $allergen): bool
    {
        $diet = self::LEFT_OUT_BY[$allergen] ?? null;

        return \in_array($allergen, $in->allergens, true) || \in_array($allergen, $in->mayContain, true) || ($diet !== null && DietRules::bans($diet, $in));
    }

    /** The diet that leaves an allergen out, whose questions are asked of its packets; null where no diet does. */
    public static function leftOutBy(string $allergen): ?Diet
    {
        return self::LEFT_OUT_BY[$allergen] ?? null;
    }
}
