<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Figure;
use Transmuta\Watch\Rule;

/** Practice, watch rule 31: egg dishes reach 71 °C (USDA). */
final class EggCustardUnderSafeHeat implements Rule
{
    public static function name(): string
    {
        return 'egg-under-71';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            $treatment = $layer->layer->treatment;
            if ($layer->state->of100('protein.egg') > 0.5 && $treatment->has(\Transmuta\Formula\TreatmentKind::Cook) && !$treatment->reaches(Figure::EggDishSafe->number())) {
                yield new Warning(self::name(), Severity::Stop, \sprintf('%s: %g °C is under the 71 °C that egg dishes should reach (USDA). Cook on, or use pasteurised egg.', $layer->layer->name, $treatment->step(\Transmuta\Formula\TreatmentKind::Cook)->celsius ?? Figure::CookedUnsaid->number()), $n, ['action' => 'cook', 'ingredient' => '', 'grams' => $to = max(75.0, round($layer->window->done ?? 75.0)), 'for' => $treatment->heatedBy(\Transmuta\Formula\TreatmentStep::of(\Transmuta\Formula\TreatmentKind::Cook, $to))->words()]);
            }
        }
    }
}
