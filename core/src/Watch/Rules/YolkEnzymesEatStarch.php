<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Figure;
use Transmuta\Watch\Rule;

/** Practice, watch rule 7: raw yolk thins starch unless boiled about 2 minutes. */
final class YolkEnzymesEatStarch implements Rule
{
    public static function name(): string
    {
        return 'yolk-enzymes-eat-starch';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            $treatment = $layer->layer->treatment;
            $starch = $layer->set->mechanisms['starch'] ?? 0.0;
            if ($starch > 0.03 && $layer->state->of100('protein.egg') > 0.6 && $treatment->has(\Transmuta\Formula\TreatmentKind::Cook) && !$treatment->reaches(95.0)) {
                yield new Warning(self::name(), Severity::Attention, \sprintf('%s: yolk cooked only to %g °C leaves enzymes that eat the starch. Boil 2 min, whisking.', $layer->layer->name, $treatment->step(\Transmuta\Formula\TreatmentKind::Cook)->celsius ?? Figure::CookedUnsaid->number()), $n, ['action' => 'boil-layer', 'ingredient' => '', 'for' => $treatment->heatedBy(\Transmuta\Formula\TreatmentStep::of(\Transmuta\Formula\TreatmentKind::Boil, null, 2.0))->words()]);
            }
        }
    }
}
