<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Structure\Base;
use Transmuta\Property\Warning;
use Transmuta\Watch\Rule;

/** Practice, watch rule 39: more than 0.5 % gum turns slimy. */
final class GumOverdose implements Rule
{
    public static function name(): string
    {
        return 'gum-overdose';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $i => $portion) {
                if ($portion->ingredient->does('xanthan') > 0.0 && $layer->state->share[$i] > 0.5 && !Base::isDry($layer->state)) {
                    yield new Warning(self::name(), Severity::Attention, \sprintf('%s: %.2f %% %s turns slimy above 0.5 %%.', $layer->layer->name, $layer->state->share[$i], mb_strtolower($portion->ingredient->name)), $n, ['action' => 'weigh', 'ingredient' => $portion->ingredient->id, 'grams' => round(0.0045 * $layer->state->mixed, 2)]);
                }
            }
        }
    }
}
