<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Taste\SweetenerIntake;
use Transmuta\Property\Warning;
use Transmuta\Shelf\Ingredient;
use Transmuta\Watch\Cure;
use Transmuta\Watch\Rule;

/** Practice, sweeteners: high-potency sweeteners have maxima in the desserts of the EU and UK. */
final class SweetenerOverMaximum implements Rule
{
    public static function name(): string
    {
        return 'sweetener-over-maximum';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach (SweetenerIntake::overMost($dish, $models->reference) as $what => $one) {
            [$layer, $cure] = Cure::lowering($dish->layers, static fn(Ingredient $in): float => SweetenerIntake::perGram($in, $what, $models->reference), 0.97 * $one['most'] / $one['mg_kg']);
            yield new Warning(self::name(), Severity::Note, \sprintf(
                '%.0f mg/kg of %s: the EU and UK let an energy-reduced or unsweetened dessert hold %g mg/kg (recalled). Set the market under the schools and routes stay under it; check the local rules before it is sold.',
                $one['mg_kg'],
                SweetenerIntake::words($what),
                $one['most'],
            ), $layer, $cure);
        }
    }
}
