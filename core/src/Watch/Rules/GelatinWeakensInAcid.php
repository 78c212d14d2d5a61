<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Reader;
use Transmuta\Watch\Rule;
use Transmuta\Watch\Severity;
use Transmuta\Watch\Warning;

/** Handbook F 6: gelatin is weaker below pH 3.5. */
final class GelatinWeakensInAcid implements Rule
{
    public static function name(): string
    {
        return 'gelatin-in-acid';
    }

    public function check(DishReading $dish, Reader $reader): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            if ($layer->state->of100('protein.gelatin') > 0.1 && $layer->ph !== null && $layer->ph < 3.5) {
                yield new Warning(self::name(), Severity::Attention, \sprintf('%s: pH %.1f takes about a fifth off the gelatin; it is already counted in the set.', $layer->layer->name, $layer->ph), $n);
            }
        }
    }
}
