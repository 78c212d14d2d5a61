<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Watch\Rule;

/** Gelatin that only swells and is never melted stays in grains and sets nothing (practice: agents). Only a method can say so: a layer that nobody heats is as often one whose method nobody wrote. */
final class GelatinNeverMelted implements Rule
{
    public static function name(): string
    {
        return 'gelatin-never-melted';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $i => $portion) {
                if ($portion->ingredient->does('gelatin-bloom') > 0.0 && $portion->isNeverWarmed() && $layer->state->grams[$i] > 0.0) {
                    yield new Warning(self::name(), Severity::Stop, \sprintf('%s: no step of the method melts the %s, so it sets nothing. Melt it, once swollen, in a warm part of the mass at 50–60 °C.', $layer->layer->name, mb_strtolower($portion->ingredient->name)), $n);
                }
            }
        }
    }
}
