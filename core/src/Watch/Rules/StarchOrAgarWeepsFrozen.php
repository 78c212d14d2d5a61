<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Reader;
use Transmuta\Watch\Rule;
use Transmuta\Watch\Severity;
use Transmuta\Watch\Warning;

/** Handbook F 9 and 10: starch, agar and kappa gels weep after freezing. */
final class StarchOrAgarWeepsFrozen implements Rule
{
    public static function name(): string
    {
        return 'gel-weeps-frozen';
    }

    public function check(DishReading $dish, Reader $reader): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            $frozen = $layer->layer->treatment->kind === \Transmuta\Formula\TreatmentKind::Freeze || $dish->formula->serveAt < -2.0;
            $weeping = array_intersect(['starch', 'agar', 'kappa'], array_keys($layer->set->mechanisms));
            if ($frozen && $weeping !== []) {
                yield new Warning(self::name(), Severity::Attention, \sprintf('%s: a gel of %s weeps once frozen and thawed. Use iota carrageenan, waxy maize or gelatin.', $layer->layer->name, implode(' and ', $weeping)), $n);
            }
        }
    }
}
