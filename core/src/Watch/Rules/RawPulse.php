<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Shelf\Nature;
use Transmuta\Watch\Rule;

/** A raw pulse in a layer that is not boiled: lectins are undone by a hard boil alone, and a slow gentle heat makes them worse. */
final class RawPulse implements Rule
{
    public static function name(): string
    {
        return 'raw-pulse';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $i => $portion) {
                if (!$portion->boiled && $layer->state->grams[$i] > 0.0 && $portion->ingredient->is(Nature::RawPulse)) {
                    yield new Warning(self::name(), Severity::Stop, \sprintf('%s: the %s is never boiled. Soak it, pour the water off and boil it hard for 10 minutes at 100 °C, then until it is soft; baking or a slow heat is not enough.', $layer->layer->name, mb_strtolower($portion->ingredient->name)), $n, ['action' => 'boil-apart', 'ingredient' => $portion->ingredient->id]);
                }
            }
        }
    }
}
