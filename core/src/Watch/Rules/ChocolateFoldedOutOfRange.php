<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Watch\Rule;

/** Practice, watch rule 23: a chocolate mass folded too warm melts the foam, too cold it sets in lumps. */
final class ChocolateFoldedOutOfRange implements Rule
{
    public static function name(): string
    {
        return 'chocolate-fold-temperature';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            $chocolate = 0.0;
            foreach ($layer->state->model->portions as $i => $portion) {
                $chocolate += $portion->ingredient->group === 'chocolate' && $portion->ingredient->composition->of100('fat.cocoa') > 10.0 && !$portion->whipped ? $layer->state->share[$i] : 0.0;
                $chocolate += $portion->ingredient->group === 'chocolate' && $portion->ingredient->composition->of100('fat.cocoa') > 10.0 && $portion->whipped ? $layer->state->share[$i] : 0.0;
            }
            if ($layer->airShare > 0.15 && $chocolate > 12.0) {
                yield new Warning(self::name(), Severity::Note, \sprintf('%s: fold the chocolate in at 28–35 °C and the cream or foam at 8–10 °C. Warmer melts the foam, colder sets in lumps.', $layer->layer->name), $n);
            }
        }
    }
}
