<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Diet\Diet;
use Transmuta\Diet\DietRules;
use Transmuta\Shelf\Ingredient;

/** What may stay and what may come in: the brief's diets and words, the market, and what the dish meets already. */
final readonly class Permit
{
    private const ALLERGEN_ROWS = ['milk' => ['dairy-free', 'vegan'], 'eggs' => ['eggless', 'vegan'], 'gluten' => ['gluten-free'], 'nuts' => ['nut-free'], 'peanuts' => ['nut-free'], 'soybeans' => ['soy-free']];

    /** Rows to look under where a word names a single ingredient: any that puts something else in its place. */
    private const ANY_ROWS = ['dairy-free', 'vegan', 'eggless', 'gluten-free', 'nut-free', 'soy-free', 'vegetarian', 'gelatin-free', 'lactose-free'];

    public function __construct(private Brief $brief, private Exclusions $exclusions, private Market $market, private Guard $guard) {}

    /** Whether the brief keeps it out: it leaves where it is, and never comes in. */
    public function bans(Ingredient $in): bool
    {
        foreach ($this->brief->diets as $diet) {
            if (DietRules::bans($diet, $in) || ($diet === Diet::GlutenFree && self::needsCertificate($in))) {
                return true;
            }
        }

        return $this->exclusions->bans($in);
    }

    /** Whether it is of wheat, rye or barley and only a certificate makes it gluten-free, as wheat starch: a route does not build on that. */
    private static function needsCertificate(Ingredient $in): bool
    {
        return array_diff($in->cereals, ['oats']) !== [];
    }

    /** Whether it may come in. */
    public function allows(Ingredient $in): bool
    {
        return !$this->bans($in) && $this->market->allows($in->id) && $this->guard->allows($in);
    }

    public function asks(Diet $diet): bool
    {
        return $this->brief->asks($diet);
    }

    /**
     * Rows of the twins' table for what keeps an ingredient out, nearest first.
     *
     * @return list<string>
     */
    public function dietsBanning(Ingredient $in): array
    {
        $rows = [];
        foreach ([...$this->brief->diets, ...$this->guard->diets] as $diet) {
            if (DietRules::bans($diet, $in) || ($diet === Diet::GlutenFree && self::needsCertificate($in))) {
                $rows = [...$rows, ...TwinBook::names($diet)];
            }
        }
        if ($this->exclusions->bans($in)) {
            foreach ($in->allergens as $allergen) {
                $rows = [...$rows, ...self::ALLERGEN_ROWS[$allergen] ?? []];
            }
            $rows = [...$rows, ...self::ANY_ROWS];
        }
        if ($rows === [] && !$this->guard->allows($in)) {
            foreach ($in->allergens as $allergen) {
                $rows = [...$rows, ...self::ALLERGEN_ROWS[$allergen] ?? []];
            }
        }

        return array_values(array_unique($rows));
    }
}
