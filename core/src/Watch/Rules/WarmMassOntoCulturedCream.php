<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Formula\TreatmentKind;
use Transmuta\Property\DishReading;
use Transmuta\Property\Heat\Cooling;
use Transmuta\Property\Reader;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Watch\Rule;

/** Handbook F 24: a mass above 40 °C splits cultured cream and cheese. */
final class WarmMassOntoCulturedCream implements Rule
{
    public static function name(): string
    {
        return 'warm-mass-onto-cultured';
    }

    public function check(DishReading $dish, Reader $reader): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            $celsius = Cooling::startOf($layer->layer->treatment);
            $warm = $layer->layer->treatment->bakes() ? null : $layer->layer->treatment->step(TreatmentKind::Cook, TreatmentKind::Boil, TreatmentKind::Melt);
            foreach ($layer->state->model->portions as $i => $portion) {
                $in = $portion->ingredient;
                $cultured = $in->group === 'dairy' && $in->ph !== null && $in->ph < 5.2;
                if ($cultured && $warm !== null && $celsius > 40.0 && $layer->state->share[$i] > 8.0) {
                    yield new Warning(self::name(), Severity::Attention, \sprintf('%s: at %.0f °C the %s loosens and splits. Warm is fine, steaming is not: let the rest fall under 40 °C first.', $layer->layer->name, $celsius, mb_strtolower($in->name)), $n, $warm->kind === TreatmentKind::Melt ? ['action' => 'treat', 'ingredient' => '', 'for' => $layer->layer->treatment->with($warm->at(38.0))->words()] : null);
                }
            }
        }
    }
}
