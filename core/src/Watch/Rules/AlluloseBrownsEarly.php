<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Formula\TreatmentKind;
use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Figure;
use Transmuta\Watch\Rule;

/** Practice, watch rule 20: allulose browns early in the oven. */
final class AlluloseBrownsEarly implements Rule
{
    public static function name(): string
    {
        return 'allulose-browns-early';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            $t = $layer->layer->treatment;
            $bake = $t->step(TreatmentKind::Bake);
            if ($layer->state->of100('allulose') > 3.0 && $bake !== null) {
                yield new Warning(self::name(), Severity::Note, \sprintf('%s: allulose browns early; bake about 15 °C cooler and cover once it has colour. It is not authorised in the EU and UK.', $layer->layer->name), $n, $bake->celsius === null || $bake->celsius <= Figure::AlluloseGentle->number() ? null : ['action' => 'treat', 'ingredient' => '', 'for' => $t->with($bake->at($bake->celsius - 15.0))->words()]);
            }
        }
    }
}
