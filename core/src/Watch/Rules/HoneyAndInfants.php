<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Reader;
use Transmuta\Watch\Rule;
use Transmuta\Watch\Severity;
use Transmuta\Watch\Warning;

/** Handbook G: honey is not for infants. */
final class HoneyAndInfants implements Rule
{
    public static function name(): string
    {
        return 'honey-and-infants';
    }

    public function check(DishReading $dish, Reader $reader): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $portion) {
                if ($portion->ingredient->comesFrom('honey')) {
                    yield new Warning(self::name(), Severity::Note, \sprintf('%s holds honey: not for children under one year.', $layer->layer->name), $n);
                }
            }
        }
    }
}
