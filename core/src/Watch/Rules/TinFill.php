<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Watch\Rule;

/** Practice, watch rule 42: the tin is over- or under-filled. */
final class TinFill implements Rule
{
    public static function name(): string
    {
        return 'tin-fill';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        $volume = $dish->volume();
        $tin = $dish->stack->vessel;
        if ($tin !== null && $tin->volume() > 0.0) {
            $fill = $volume / $tin->volume();
            if ($fill > 1.02) {
                yield new Warning(self::name(), Severity::Attention, \sprintf('The layers come to %.0f ml and the tin holds %.0f: it overflows by %.0f ml. A little less of everything fits.', $volume, $tin->volume(), $volume - $tin->volume()), null, ['action' => 'scale', 'ingredient' => '', 'grams' => round(0.98 / $fill, 3)]);
            } elseif ($fill < 0.5) {
                yield new Warning(self::name(), Severity::Note, \sprintf('The layers fill %.0f %% of the tin.', $fill * 100), null, $fill > 0.05 ? ['action' => 'scale', 'ingredient' => '', 'grams' => round(0.9 / $fill, 3)] : null);
            }
        }
    }
}
