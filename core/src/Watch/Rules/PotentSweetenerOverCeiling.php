<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Shelf\Ingredient;
use Transmuta\Watch\Cure;
use Transmuta\Watch\Rule;

/** Practice, watch rule 16: above about 0.65 of its maximum a high-potency sweetener turns bitter. */
final class PotentSweetenerOverCeiling implements Rule
{
    public static function name(): string
    {
        return 'potent-sweetener-over-ceiling';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($models->sweetness->overCeiling($layer->state) as $receptor => $share) {
                // C/K that answers with just the ceiling, R/Rm = C/(K + C), against the one that is there.
                $ceiling = $models->sweetness->ceiling($receptor);
                $wanted = ($ceiling / (1 - $ceiling)) / ($share / (1 - $share));
                [, $cure] = Cure::lowering([$layer], static fn(Ingredient $in): float => $models->sweetness->strength($in, $receptor), $wanted);
                yield new Warning(self::name(), Severity::Attention, \sprintf('%s: the %s sweetener runs at %.0f %% of what it can give, past the %.0f %% where it turns bitter. Share the sweetness with a bulk sweetener.', $layer->layer->name, $receptor, $share * 100, 100 * $ceiling), $n, $cure);
            }
        }
    }
}
