<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

use Transmuta\Diet\Diet;
use Transmuta\Diet\DietRules;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Brief\Exclusions;
use Transmuta\Reformulation\Brief\Market;
use Transmuta\Reformulation\Deviation\Guard;
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
            if (self::keepsOut($diet, $in, $this->market)) {
                return true;
            }
        }

        return $this->exclusions->bans($in);
    }

    /** Whether nothing but its sugar keeps a fruit out, of which a little is within the number. */
    public function bansByAmount(Ingredient $in): bool
    {
        return $this->brief->asks(Diet::Keto) && DietRules::isByAmount(Diet::Keto, $in)
            && !$this->exclusions->bans($in) && array_filter($this->brief->diets, fn(Diet $diet): bool => $diet !== Diet::Keto && self::keepsOut($diet, $in, $this->market)) === [];
    }

    /** What only a certificate makes gluten-free, as starch of wheat, is nothing for a route to build on; in Australia and New Zealand nothing with oats is gluten-free (Standard 1.2.7). */
    private static function keepsOut(Diet $diet, Ingredient $in, Market $market): bool
    {
        return DietRules::bans($diet, $in) || ($diet === Diet::GlutenFree && array_diff($in->cereals, $market === Market::Anz ? [] : ['oats']) !== []);
    }

    /**
     * What has to be asked of it before the words of the brief are met; nothing where it is left out anyway.
     *
     * @return list<string>
     */
    public function questions(Ingredient $in): array
    {
        return $this->exclusions->questions($in);
    }

    /** Whether it may come in. What is gluten-free by a certificate alone, as oats are, stays where a kitchen has put it and is never brought by a route. */
    public function allows(Ingredient $in): bool
    {
        if ($this->brief->asks(Diet::GlutenFree) && \in_array('gluten', $in->allergens, true)) {
            return false;
        }

        return !$this->bans($in) && $this->exclusions->allows($in) && $this->market->allows($in->id) && $this->guard->allows($in);
    }

    /** @return list<string> diets of the brief */
    public function asked(): array
    {
        return array_map(static fn(Diet $diet): string => $diet->value, $this->brief->diets);
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
            if (self::keepsOut($diet, $in, $this->market)) {
                $rows = [...$rows, ...DietRows::of($diet)];
            }
        }
        if ($this->exclusions->bans($in)) {
            $rows = [...$rows, ...self::allergenRows($in), ...self::ANY_ROWS];
        }
        if ($rows === [] && !$this->guard->allows($in)) {
            $rows = self::allergenRows($in);
        }

        return array_values(array_unique($rows));
    }

    /** @return list<string> */
    private static function allergenRows(Ingredient $in): array
    {
        return array_merge(...array_map(static fn(string $allergen): array => self::ALLERGEN_ROWS[$allergen] ?? [], $in->allergens));
    }
}
