<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Reader;
use Transmuta\Watch\Rule;
use Transmuta\Watch\Severity;
use Transmuta\Watch\Warning;

/** Handbook F 30: raw or lightly heated egg, raw flour in an unbaked layer. */
final class RawEggOrFlour implements Rule
{
    public static function name(): string
    {
        return 'raw-egg-or-flour';
    }

    public function check(DishReading $dish, Reader $reader): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $i => $portion) {
                if ($portion->heated || $layer->state->grams[$i] <= 0.0) {
                    continue;
                }
                if ($portion->ingredient->comesFrom('egg') && $portion->ingredient->group === 'egg') {
                    yield new Warning(self::name(), Severity::Stop, \sprintf('%s: the %s stays raw. Use pasteurised egg, and keep it from pregnant, young, old or ill guests; follow your local code.', $layer->layer->name, mb_strtolower($portion->ingredient->name)), $n);
                } elseif ($portion->ingredient->id === 'plain-flour') {
                    yield new Warning(self::name(), Severity::Stop, \sprintf('%s: the flour is never heated. Raw flour is not safe to eat; bake the base or toast the flour to 75 °C right through.', $layer->layer->name), $n);
                }
            }
        }
    }
}
