<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Watch\Rule;

/** Practice, watch rule 37: protein powder above 12 % tastes of chalk. */
final class ProteinPowderChalk implements Rule
{
    public static function name(): string
    {
        return 'protein-powder-chalk';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            $powder = 0.0;
            $most = null;
            foreach ($layer->state->model->portions as $i => $portion) {
                $powder += $portion->ingredient->group === 'protein' ? $layer->state->share[$i] : 0.0;
                $most = $portion->ingredient->group === 'protein' && ($most === null || $layer->state->grams[$i] > $most[1]) ? [$portion->ingredient->id, $layer->state->grams[$i]] : $most;
            }
            if ($powder > 12.0) {
                yield new Warning(self::name(), Severity::Attention, \sprintf('%s: %.1f %% protein powder; above 12 %% it turns chalky and drinks its water.', $layer->layer->name, $powder), $n, $most === null ? null : ['action' => 'weigh', 'ingredient' => $most[0], 'grams' => round(max(0.0, $most[1] * 11.5 / $powder), 1)]);
            }
        }
    }
}
