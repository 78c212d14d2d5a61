<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Watch\Rule;

/** Practice, watch rule 50: how long it keeps, by water activity, pH, dairy and egg. */
final class KeepingTime implements Rule
{
    public static function name(): string
    {
        return 'keeping-time';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        $shortest = null;
        foreach ($dish->layers as $n => $layer) {
            if ($layer->keeping->reasons !== [] && ($shortest === null || $layer->keeping->days < $dish->layers[$shortest]->keeping->days)) {
                $shortest = $n;
            }
        }
        if ($shortest !== null && $dish->layers[$shortest]->keeping->days <= 2) {
            $keeping = $dish->layers[$shortest]->keeping;
            yield new Warning(self::name(), Severity::Attention, \sprintf('Keeps about %d day%s, because of %s: %s. An estimate, not a shelf-life test.', $keeping->days, $keeping->days === 1 ? '' : 's', $dish->layers[$shortest]->layer->name, $keeping->reasons[0]['words']), $shortest);
        }
    }
}
