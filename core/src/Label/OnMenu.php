<?php

declare(strict_types=1);

namespace Transmuta\Label;

use Transmuta\Diet\Allergens;
use Transmuta\Diet\Diet;
use Transmuta\Diet\FreeFrom;
use Transmuta\Diet\Kitchen;
use Transmuta\Diet\Verdict;
use Transmuta\Property\DishReading;
use Transmuta\Shelf\Ingredient;

/**
 * What the front of the house is told of a dish: for every listed allergen whether it is in it, may be, or nobody knows. Nothing is called free of
 * anything: the best that can be said is that it is in none of the lines.
 */
final class OnMenu
{
    /** In what order it is said: the first that holds. */
    public const STATES = [
        'contains' => 'contains it', 'may' => 'packets warn of it', 'unknown' => 'not known: a line or a packet is open', 'kitchen' => 'may be carried in by this kitchen', 'none' => 'in none of its lines',
    ];

    /** The word of Annex II that a word of US law goes by. */
    private const BY = ['crustacean shellfish' => 'crustaceans', 'tree nuts' => 'nuts', 'wheat' => 'gluten'];

    /** @return array{final: bool, open: list<string>, diets: list<array{diet: string, standing: string, why: list<string>}>, eu: list<array{allergen: string, state: string, because: list<string>}>, us: list<array{allergen: string, state: string, because: list<string>}>, portion: array{mass_g: float, kcal: float, net_carbs_g: float, sugars_g: float, protein_g: float}} */
    public static function of(DishReading $dish, Kitchen $kitchen): array
    {
        $open = $dish->formula->questions();

        return [
            'final' => $open === [],
            'open' => $open,
            'diets' => self::diets($dish),
            'eu' => array_map(static fn(string $allergen): array => self::cell($dish, $kitchen, 'eu', $allergen, $open), Allergens::EU),
            'us' => array_map(static fn(string $allergen): array => self::cell($dish, $kitchen, 'us', $allergen, $open), Allergens::US),
            'portion' => ['mass_g' => $dish->portion['mass_g'], 'kcal' => $dish->portion['kcal'], 'net_carbs_g' => $dish->portion['net_carbs_g'], 'sugars_g' => $dish->portion['sugars_g'], 'protein_g' => $dish->portion['protein_g']],
        ];
    }

    /** @return list<array{diet: string, standing: string, why: list<string>}> what is said of each diet; nothing of less than before where there is no before */
    public static function diets(DishReading $dish): array
    {
        $told = array_filter($dish->diets, static fn(Verdict $one): bool => $one->diet !== Diet::ReducedSugar || $dish->original !== null);

        return array_values(array_map(static fn(Verdict $one): array => $one->said(), $told));
    }

    /**
     * @param list<string> $open lines nobody has settled
     *
     * @return array{allergen: string, state: string, because: list<string>}
     */
    private static function cell(DishReading $dish, Kitchen $kitchen, string $regime, string $allergen, array $open): array
    {
        $annex = self::BY[$allergen] ?? $allergen;
        $contains = $dish->allergens[$regime]['contains'][$allergen] ?? [];
        $may = $dish->allergens[$regime]['may'][$allergen] ?? [];
        // A packet that a diet has a question to may hold it: what is contained already is no question.
        $asked = array_values(array_map(static fn(Ingredient $in): string => $in->name, array_filter($dish->ingredients(), static fn(Ingredient $in): bool => !\in_array($annex, $in->allergens, true) && !\in_array($annex, $in->mayContain, true) && !FreeFrom::isClear($in, $annex))));
        [$state, $because] = match (true) {
            $contains !== [] => ['contains', $contains],
            $may !== [] => ['may', $may],
            $open !== [] => ['unknown', $open],
            $asked !== [] => ['unknown', $asked],
            \in_array($annex, $kitchen->mayCarry(array_values($dish->contains)), true) => ['kitchen', [$kitchen->words()]],
            default => ['none', []],
        };

        return ['allergen' => $allergen, 'state' => $state, 'because' => array_values(array_unique($because))];
    }
}
