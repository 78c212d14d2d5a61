<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Watch\Rule;

/** Practice, watch rules 46 and 47: konjac and psyllium swell; konjac is barred from jelly mini-cups in the EU. */
final class ChokingGum implements Rule
{
    public static function name(): string
    {
        return 'choking-gum';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $portion) {
                if ($portion->ingredient->does('konjac') > 0.0 || $portion->ingredient->does('psyllium') > 0.0) {
                    yield new Warning(self::name(), Severity::Attention, \sprintf('%s holds %s, which swells: not for small children or people who swallow with difficulty; serve with water. Konjac is barred from jelly mini-cups in the EU.', $layer->layer->name, mb_strtolower($portion->ingredient->name)), $n);
                }
            }
        }
    }
}
