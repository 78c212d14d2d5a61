<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Reader;
use Transmuta\Watch\Rule;
use Transmuta\Watch\Severity;
use Transmuta\Watch\Warning;

/** Handbook F 25: over 3 % fat still solid at mouth temperature feels waxy. */
final class FatWaxyInTheMouth implements Rule
{
    public static function name(): string
    {
        return 'fat-waxy-in-the-mouth';
    }

    public function check(DishReading $dish, Reader $reader): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            if ($layer->solidAtMouth > 3.0 && $layer->baseWords === null) {
                yield new Warning(self::name(), Severity::Attention, \sprintf('%s: %.1f %% fat is still solid in the mouth (over 3 %% coats it like wax). Part of the hard fat can go to a liquid oil.', $layer->layer->name, $layer->solidAtMouth), $n);
            }
        }
    }
}
