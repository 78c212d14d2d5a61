<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Shelf\Nature;
use Transmuta\Watch\Rule;

/** Practice, watch rule 45: raw juicy fruit loosens the set by its share. */
final class FruitWaterLoosens implements Rule
{
    public static function name(): string
    {
        return 'fruit-water-loosens';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            $juice = 0.0;
            $most = null;
            foreach ($layer->state->model->portions as $i => $portion) {
                $in = $portion->ingredient;
                if ($in->group === 'fruit' && !$portion->heated && !$in->is(Nature::PressedJuice) && $in->composition->of100('water') > 80.0) {
                    $juice += $layer->state->share[$i];
                    $most = $most === null || $layer->state->share[$i] > $layer->state->share[$most] ? $i : $most;
                }
            }
            if ($juice > 12.0 && $layer->baseWords === null && $layer->set->ge > 0.5) {
                yield new Warning(self::name(), Severity::Note, \sprintf('%s: raw fruit is %.0f %% of it and lets its juice go, about %.0f g by the next day. Cook it down, or add %.0f %% more of what sets.', $layer->layer->name, $juice, 0.15 * $juice * $layer->state->mass / 100, 0.5 * $juice), $n, $most === null ? null : ['action' => 'heat', 'ingredient' => $layer->state->model->portions[$most]->ingredient->id]);
            }
        }
    }
}
