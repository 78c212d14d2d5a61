<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Watch\Rule;

/** Practice, watch rule 4: raw pineapple, kiwi, papaya, fig or ginger digest gelatin. */
final class LiveFruitDissolvesGelatin implements Rule
{
    public static function name(): string
    {
        return 'live-fruit-dissolves-gelatin';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            $gelatin = $layer->state->of100('protein.gelatin');
            foreach ($layer->state->model->portions as $portion) {
                if ($gelatin > 0.1 && $portion->ingredient->does('live-enzyme') > 0.0 && !$portion->heated) {
                    yield new Warning(self::name(), Severity::Stop, \sprintf('%s: raw %s digests gelatin. Heat the fruit past 80 °C first, or set with agar.', $layer->layer->name, mb_strtolower($portion->ingredient->name)), $n, ['action' => 'heat', 'ingredient' => $portion->ingredient->id]);
                }
            }
        }
    }
}
