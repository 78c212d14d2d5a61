<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Shelf\Nature;
use Transmuta\Watch\Rule;

/** Practice, cautions: fresh cheese that may be of unpasteurised milk, unheated, is not for pregnant guests. */
final class CheeseOfRawMilk implements Rule
{
    public static function name(): string
    {
        return 'cheese-of-raw-milk';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $i => $portion) {
                if (!$portion->heated && $layer->state->grams[$i] > 0.0 && $portion->ingredient->is(Nature::RawMilkSold)) {
                    yield new Warning(self::name(), Severity::Note, \sprintf('%s: %s is also sold of unpasteurised milk. Read the packet: for pregnant, very young, old or ill guests only of pasteurised milk; follow your local code.', $layer->layer->name, mb_strtolower($portion->ingredient->name)), $n);
                }
            }
        }
    }
}
