<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Deviation;

use Transmuta\Diet\Allergens;
use Transmuta\Diet\Diet;
use Transmuta\Diet\DietRules;
use Transmuta\Diet\Standing;
use Transmuta\Property\DishReading;
use Transmuta\Shelf\Ingredient;

/** What a dish meets already and its routes may not lose by the way: its diets, and its freedom from each allergen. */
final readonly class Guard
{
    public const DIETS = [Diet::Vegan, Diet::Eggless, Diet::Vegetarian, Diet::DairyFree, Diet::GlutenFree, Diet::AlcoholFree];
    /**
     * What a route may bring as a question, where nothing else pays: soy, nuts, oats, sesame, lupin. Milk and egg are never brought in by the way.
     */
    public const QUESTIONS = ['soybeans', 'nuts', 'sesame', 'gluten', 'peanuts', 'lupin', 'sulphites'];

    /**
     * @param list<Diet> $diets
     * @param list<string> $free allergens it is free of
     */
    private function __construct(public array $diets, public array $free) {}

    public static function of(DishReading $original): self
    {
        return new self(
            array_values(array_filter(self::DIETS, static fn(Diet $d): bool => $original->diets[$d->value]->standing() !== Standing::NotMet)),
            array_values(array_diff(Allergens::EU, $original->contains)),
        );
    }

    /** @param list<string> $allergens that may come in, as a question */
    public function asking(array $allergens): self
    {
        return new self($this->diets, array_values(array_diff($this->free, $allergens)));
    }

    public function allows(Ingredient $in): bool
    {
        foreach ($this->diets as $diet) {
            if (DietRules::bans($diet, $in)) {
                return false;
            }
        }

        return array_intersect($in->allergens, $this->free) === [];
    }

    /**
     * What a result no longer keeps, in words.
     *
     * @return list<string>
     */
    public function broken(DishReading $result): array
    {
        $broken = array_map(static fn(string $a): string => 'brings ' . $a, array_values(array_intersect($this->free, $result->contains)));
        foreach ($this->diets as $diet) {
            if ($result->diets[$diet->value]->standing() === Standing::NotMet) {
                $broken[] = 'is no longer ' . $diet->value;
            }
        }

        return $broken;
    }
}
