<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Remedies;
use Transmuta\Shelf\Nature;
use Transmuta\Watch\Rule;

/** Practice, watch rule 21: low-fat cheese in an unset cheesecake. */
final class LightCheeseWillNotSet implements Rule
{
    public static function name(): string
    {
        return 'light-cheese-will-not-set';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            $light = 0.0;
            foreach ($layer->state->model->portions as $i => $portion) {
                $light += $portion->ingredient->is(Nature::FirmsAsCheese) && $portion->ingredient->composition->family('fat.') < Figure::CheeseFull->number() ? $layer->state->share[$i] : 0.0;
            }
            if ($light > 25.0 && !$layer->layer->treatment->isHot() && $layer->set->ge < 1.15) {
                yield new Warning(self::name(), Severity::Attention, \sprintf('%s: %.0f %% of it is low-fat cheese, which firms less than full-fat; it reads "%s". Gelatin at about 1 %%, or full-fat cheese, makes it slice.', $layer->layer->name, $light, \Transmuta\Property\Setting\Ladder::word($layer->set->ge)), $n, ['action' => 'add', 'ingredient' => Remedies::of(self::name()), 'grams' => round(0.01 * $layer->state->mixed, 1)]);
            }
        }
    }
}
