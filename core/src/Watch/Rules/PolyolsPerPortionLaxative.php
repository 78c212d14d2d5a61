<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Figure;
use Transmuta\Shelf\Ingredient;
use Transmuta\Watch\Cure;
use Transmuta\Watch\Rule;

/** Practice, watch rule 17: polyols per portion and the label words above 10 %. */
final class PolyolsPerPortionLaxative implements Rule
{
    public static function name(): string
    {
        return 'polyols-laxative';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        $now = $dish->portion['polyols_g'];
        if ($now > Figure::PolyolPortion->number()) {
            [$layer, $cure] = Cure::lowering($dish->layers, static fn(Ingredient $in): float => $in->composition->family('polyol.') / 100, Figure::PolyolCured->number() / $now);
            yield new Warning(self::name(), Severity::Attention, \sprintf('%.0f g polyols a portion. Above 10 %% of the food a label needs "excessive consumption may produce laxative effects" (Regulation (EU) No 1169/2011 Annex III); here it is %.0f %%. Less of it is less sweet: balance again after it.', $now, $dish->per100['polyols_g']), $layer, $cure);
        }
    }
}
