<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Reader;
use Transmuta\Watch\Rule;
use Transmuta\Watch\Severity;
use Transmuta\Watch\Warning;

/** Handbook F 15: a sweetener above its cold solubility turns to grain. */
final class PolyolCrystallisesCold implements Rule
{
    public static function name(): string
    {
        return 'polyol-crystallises-cold';
    }

    public function check(DishReading $dish, Reader $reader): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach (\Transmuta\Property\Crystals::above($layer->state, $reader->reference) as $species => $case) {
                yield new Warning(self::name(), Severity::Attention, \sprintf('%s: %s is %.0f g per 100 g water and only %.0f stay dissolved at 5 °C, so it turns grainy. Keep it under %.0f g in this layer; allulose or a second sweetener takes over.', $layer->layer->name, $species, $case['has'], $case['holds'], $case['most_g']), $n);
            }
        }
    }
}
