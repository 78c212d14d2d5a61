<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Watch\Rule;

/** Practice, watch rule 29: a swap brings an allergen the original did not have. */
final class AllergenAddedBySwap implements Rule
{
    public static function name(): string
    {
        return 'allergen-added';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->original === null ? [] : array_diff($dish->contains, $dish->original->contains) as $allergen) {
            yield new Warning(self::name(), Severity::Attention, \sprintf('It now contains %s (%s), which the original does not. "Vegan" or "dairy-free" is no allergy statement: say it on the card.', $allergen, implode(', ', $dish->allergens['eu']['contains'][$allergen] ?? [])));
        }
    }
}
