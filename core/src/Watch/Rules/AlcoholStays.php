<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Watch\Rule;

/** Practice, watch rule 44: alcohol left in the dessert. */
final class AlcoholStays implements Rule
{
    public static function name(): string
    {
        return 'alcohol-stays';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        if ($dish->per100['kj'] > 0.0) {
            foreach ($dish->layers as $n => $layer) {
                if ($layer->state->of100('alcohol') > 0.5) {
                    yield new Warning(self::name(), Severity::Note, \sprintf('%s keeps %.1f %% alcohol unless it is boiled off: say so to guests who avoid it; not for children or in pregnancy.', $layer->layer->name, $layer->state->of100('alcohol')), $n);
                }
            }
        }
    }
}
