<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Watch\Rule;

/** Practice, watch rule 48: the net-carb target is met by smaller portions only. */
final class NetCarbsBySmallerPortions implements Rule
{
    public static function name(): string
    {
        return 'net-carbs-by-portion';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        $was = $dish->original;
        if ($was === null || $was->per100['net_carbs_g'] <= 0.0) {
            return;
        }
        $same = abs($dish->per100['net_carbs_g'] / $was->per100['net_carbs_g'] - 1.0) < 0.05;
        if ($same && $dish->portion['mass_g'] < 0.9 * $was->portion['mass_g'] && $dish->portion['net_carbs_g'] < $was->portion['net_carbs_g']) {
            yield new Warning(self::name(), Severity::Note, \sprintf('The portion has %.1f g net carbs instead of %.1f only because it is smaller: 100 g have as many as before. Say so.', $dish->portion['net_carbs_g'], $was->portion['net_carbs_g']));
        }
    }
}
