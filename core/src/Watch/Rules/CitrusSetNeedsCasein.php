<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Remedies;
use Transmuta\Watch\Rule;

/** Practice, watch rule 1: acid sets casein; with under 1 % of it there is nothing to set. */
final class CitrusSetNeedsCasein implements Rule
{
    public static function name(): string
    {
        return 'citrus-set-needs-casein';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            $hasPlantMilk = $layer->state->of100('protein.casein') < 1.0 && $layer->ph !== null && $layer->ph < 5.0 && $layer->fruitAcid > 0.5;
            $treated = $layer->layer->treatment->isHot();
            if ($hasPlantMilk && !$treated && $layer->baseWords === null && $layer->set->ge < 0.5 && $layer->state->sugars > 15.0) {
                yield new Warning(self::name(), Severity::Stop, \sprintf('%s: casein is %.1f %%, under 1 %%, so the juice will not set it. Bring agar, starch, pectin or a fat that is firm cold.', $layer->layer->name, $layer->state->of100('protein.casein')), $n, ['action' => 'add', 'ingredient' => Remedies::of(self::name()), 'grams' => round(0.006 * $layer->state->mixed, 1)]);
            }
        }
    }
}
