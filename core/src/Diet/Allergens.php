<?php

declare(strict_types=1);

namespace Transmuta\Diet;

use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Nature;

/**
 * Allergens by ingredient: the fourteen of Regulation (EU) No 1169/2011 Annex II and the nine of US law (FALCPA 2004 with the FASTER Act
 * 2021). What packets commonly warn of is kept apart; cross-contact in the kitchen is never computed.
 */
final class Allergens
{
    /** Annex II in its own order. */
    public const EU = ['gluten', 'crustaceans', 'eggs', 'fish', 'peanuts', 'soybeans', 'milk', 'nuts', 'celery', 'mustard', 'sesame', 'sulphites', 'lupin', 'molluscs'];

    public const US = ['milk', 'eggs', 'fish', 'crustacean shellfish', 'tree nuts', 'peanuts', 'wheat', 'soybeans', 'sesame'];

    /**
     * @param list<Ingredient> $ingredients
     *
     * @return array<string, array{contains: array<string, list<string>>, may: array<string, list<string>>}> ingredient names by allergen, by regime
     */
    public static function of(array $ingredients): array
    {
        $found = ['eu' => ['contains' => [], 'may' => []], 'us' => ['contains' => [], 'may' => []]];
        foreach ($ingredients as $in) {
            foreach ($in->allergens as $allergen) {
                $found['eu']['contains'][$allergen][] = $in->name;
            }
            foreach ($in->mayContain as $allergen) {
                $found['eu']['may'][$allergen][] = $in->name;
            }
            foreach (self::inTheUs($in) as $allergen) {
                $found['us']['contains'][$allergen][] = $in->name;
            }
            foreach ($in->mayContain as $allergen) {
                $word = self::word($allergen);
                if ($word !== null) {
                    $found['us']['may'][$word][] = $in->name;
                }
            }
        }
        foreach ($found as $regime => $lists) {
            $lists['may'] = array_diff_key($lists['may'], $lists['contains']);
            $order = $regime === 'eu' ? self::EU : self::US;
            foreach ($lists as $list => $names) {
                uksort($names, static fn(string $a, string $b): int => array_search($a, $order, true) <=> array_search($b, $order, true));
                $found[$regime][$list] = $names;
            }
        }

        return $found;
    }

    /** @return list<string> */
    public static function inTheUs(Ingredient $in): array
    {
        $words = [];
        foreach ($in->allergens as $allergen) {
            // Only wheat among the cereals, so gluten asks which cereal it is.
            $word = $allergen === 'gluten' ? (\in_array('wheat', $in->cereals, true) ? 'wheat' : null) : self::word($allergen);
            if ($word !== null) {
                $words[] = $word;
            }
        }

        return $in->is(Nature::UsTreeNut) ? [...$words, 'tree nuts'] : $words;
    }

    private static function word(string $eu): ?string
    {
        return match ($eu) {
            'milk', 'eggs', 'fish', 'peanuts', 'soybeans', 'sesame' => $eu,
            'nuts' => 'tree nuts',
            'crustaceans' => 'crustacean shellfish',
            'gluten' => 'wheat',
            default => null,
        };
    }
}
