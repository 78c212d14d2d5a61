<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Reader;
use Transmuta\Watch\Rule;
use Transmuta\Watch\Severity;
use Transmuta\Watch\Warning;

/** Handbook F 26: coconut fat sets anything in the cold and fails above 24 °C. */
final class CoconutSoftensWarm implements Rule
{
    public static function name(): string
    {
        return 'coconut-softens-warm';
    }

    public function check(DishReading $dish, Reader $reader): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            if ($layer->state->of100('fat.coconut') > 4.0 && ($layer->set->mechanisms['fat'] ?? 0.0) > 0.15 * $layer->set->ge && $layer->baseWords === null) {
                yield new Warning(self::name(), Severity::Note, \sprintf('%s: its coconut fat softens by 24 °C; at 20 °C the layer is "%s". Serve it from the fridge.', $layer->layer->name, \Transmuta\Property\Ladder::word($layer->setWarm->ge)), $n);
            }
        }
    }
}
