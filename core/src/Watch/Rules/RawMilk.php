<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Shelf\Nature;
use Transmuta\Watch\Rule;

/** Milk or cream that nobody has pasteurised, in a layer that does not heat it: it has carried Listeria, Campylobacter and STEC. */
final class RawMilk implements Rule
{
    public static function name(): string
    {
        return 'milk-not-pasteurised';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $i => $portion) {
                if (!$portion->heated && $layer->state->grams[$i] > 0.0 && $portion->ingredient->is(Nature::Unpasteurised)) {
                    yield new Warning(self::name(), Severity::Stop, \sprintf('%s: the %s is never heated. Bring it to 72 °C for 15 seconds at the least, or use pasteurised; keep it raw from pregnant, young, old or ill guests, and follow your local code.', $layer->layer->name, mb_strtolower(explode(',', $portion->ingredient->name)[0])), $n, ['action' => 'heat', 'ingredient' => $portion->ingredient->id]);
                }
            }
        }
    }
}
