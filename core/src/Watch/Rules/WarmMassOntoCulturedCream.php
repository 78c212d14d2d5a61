<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Formula\HeatLevel;
use Transmuta\Formula\TreatmentKind;
use Transmuta\Property\Care;
use Transmuta\Property\DishReading;
use Transmuta\Property\Heat\Cooling;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Figure;
use Transmuta\Watch\Rule;

/** Practice, watch rule 24: a mass above 40 °C splits cultured cream and cheese. */
final class WarmMassOntoCulturedCream implements Rule
{
    public static function name(): string
    {
        return 'warm-mass-onto-cultured';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            $celsius = Cooling::startOf($layer->layer->treatment);
            $warm = $layer->layer->treatment->bakes() ? null : $layer->layer->treatment->step(TreatmentKind::Cook, TreatmentKind::Boil, TreatmentKind::Melt);
            foreach ($layer->state->model->portions as $i => $portion) {
                $in = $portion->ingredient;
                if (Care::splitsWarm($in) && $portion->met?->level !== HeatLevel::Cold && $warm !== null && $celsius > Figure::CulturedBears->number() && $layer->state->share[$i] > 8.0) {
                    yield new Warning(self::name(), Severity::Attention, \sprintf('%s: at %.0f °C the %s loosens and splits. Warm is fine, steaming is not: let the rest fall under %.0f °C first.', $layer->layer->name, $celsius, mb_strtolower($in->name), Figure::CulturedBears->number()), $n, $warm->kind === TreatmentKind::Melt ? ['action' => 'treat', 'ingredient' => '', 'for' => $layer->layer->treatment->with($warm->at(Figure::CulturedCool->number()))->words()] : null);
                }
            }
        }
    }
}
