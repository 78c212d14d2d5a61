<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Heat\ColdInTime;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Figure;
use Transmuta\Watch\Rule;

/** Practice, watch rule 32: a hot layer too deep to cool in time (FDA Food Code 2022, 3-501.14: 57 to 21 °C within 2 h, to 5 °C within 6 h in all). */
final class CoolingTooSlow implements Rule
{
    public static function name(): string
    {
        return 'cooling-too-slow';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach (ColdInTime::failing($dish, $models->reference) as $slow) {
            $cure = $slow->shallower === null ? null : ['action' => 'tin', 'ingredient' => '', 'for' => $slow->shallower->words()];
            yield new Warning(self::name(), Severity::Stop, \sprintf(
                '%s: %.0f mm deep, its middle takes about %.1f h from 57 to 21 °C%s in a still fridge; the Food Code allows 2 h%s. Cool it shallower or in an ice bath first (a computed time, not a proof: use a probe).',
                $dish->layers[$slow->layer]->layer->name,
                $slow->cooling->heightMm,
                $slow->hours,
                $slow->hours > Figure::FoodCodeWarmWithin->number() ? '' : \sprintf(' and %.1f h to 5 °C', $slow->cooling->coldHours ?? 0.0),
                $slow->hours > Figure::FoodCodeWarmWithin->number() ? '' : ' and 6 h',
            ), $slow->layer, $cure);
        }
    }
}
