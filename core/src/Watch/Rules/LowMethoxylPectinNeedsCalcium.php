<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Remedies;
use Transmuta\Watch\Rule;

/** Practice, watch rule 12: low-methoxyl pectin sets with calcium. */
final class LowMethoxylPectinNeedsCalcium implements Rule
{
    public static function name(): string
    {
        return 'lm-pectin-needs-calcium';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            $pectin = $calcium = false;
            foreach ($layer->state->model->portions as $i => $portion) {
                $there = $layer->state->grams[$i] > 0.0;
                $pectin = $pectin || ($there && $portion->ingredient->does('lm-pectin') > 0.0);
                $calcium = $calcium || ($there && ($portion->ingredient->does('calcium') > 0.0 || $portion->ingredient->comesFrom('dairy')));
            }
            if ($pectin && !$calcium) {
                yield new Warning(self::name(), Severity::Attention, \sprintf('%s: low-methoxyl pectin has no calcium here but the fruit’s and the water’s own, so its set is uncertain. Add 0.1–0.15 %% calcium lactate, dissolved, at the end.', $layer->layer->name), $n, ['action' => 'add', 'ingredient' => Remedies::of(self::name()), 'grams' => round(0.0012 * $layer->state->mixed, 2)]);
            }
        }
    }
}
