<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Shelf\Nature;
use Transmuta\Watch\Rule;

/** Practice, watch rule 33: sugar dusted early dissolves, cut fruit browns and weeps. */
final class GarnishTooEarly implements Rule
{
    public static function name(): string
    {
        return 'garnish-too-early';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        $top = \count($dish->layers) - 1;
        if ($top < 1) {
            return;
        }
        foreach ($dish->layers[$top]->state->model->portions as $i => $portion) {
            $in = $portion->ingredient;
            $share = $dish->layers[$top]->state->share[$i];
            if ($in->is(Nature::DustingSugar) && $share > 60.0) {
                yield new Warning(self::name(), Severity::Note, \sprintf('%s: dust the icing sugar just before it is served; on a moist top it dissolves.', $dish->layers[$top]->layer->name), $top);
            } elseif ($in->group === 'fruit' && !$portion->heated && $share > 50.0 && $in->composition->of100('water') > 70.0) {
                yield new Warning(self::name(), Severity::Note, \sprintf('%s: cut the %s last; it browns and weeps on the stack.', $dish->layers[$top]->layer->name, mb_strtolower($in->name)), $top);
            }
        }
    }
}
