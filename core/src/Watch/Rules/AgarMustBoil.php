<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Watch\Rule;

/** Practice, watch rule 2: agar that has not boiled sets nothing. */
final class AgarMustBoil implements Rule
{
    public static function name(): string
    {
        return 'agar-must-boil';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $i => $portion) {
                if ($portion->ingredient->does('agar') > 0.0 && !$portion->boiled && $layer->state->grams[$i] > 0.0) {
                    yield new Warning(self::name(), Severity::Stop, \sprintf('%s: the agar never boils here (%s), so it sets nothing. Boil it 2–3 min in part of the liquid first.', $layer->layer->name, $portion->met === null ? $layer->layer->treatment->words() : 'by its own method'), $n, ['action' => 'boil-apart', 'ingredient' => $portion->ingredient->id]);
                }
            }
        }
    }
}
