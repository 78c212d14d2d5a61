<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Reader;
use Transmuta\Watch\Rule;
use Transmuta\Watch\Severity;
use Transmuta\Watch\Warning;

/** Handbook F 17: polyols per portion and the label words above 10 %. */
final class PolyolsPerPortionLaxative implements Rule
{
    public static function name(): string
    {
        return 'polyols-laxative';
    }

    public function check(DishReading $dish, Reader $reader): iterable
    {
        if ($dish->portion['polyols_g'] > 10.0) {
            yield new Warning(self::name(), Severity::Attention, \sprintf('%.0f g polyols a portion. Above 10 %% of the food a label needs "excessive consumption may produce laxative effects" (Regulation (EU) No 1169/2011 Annex III); here it is %.0f %%.', $dish->portion['polyols_g'], $dish->per100['polyols_g']));
        }
    }
}
