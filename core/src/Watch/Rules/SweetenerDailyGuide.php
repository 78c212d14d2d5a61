<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Taste\SweetenerIntake;
use Transmuta\Property\Warning;
use Transmuta\Reference\Figure;
use Transmuta\Shelf\Ingredient;
use Transmuta\Watch\Cure;
use Transmuta\Watch\Rule;

/** Practice, cautions: one portion that fills a child's daily guide of a sweetener is told, with what it is of a grown guest's. */
final class SweetenerDailyGuide implements Rule
{
    public static function name(): string
    {
        return 'sweetener-daily-guide';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach (SweetenerIntake::ofPortion($dish, $models->reference) as $what => $one) {
            if ($one['child'] > 1.0) {
                [$layer, $cure] = Cure::lowering($dish->layers, static fn(Ingredient $in): float => SweetenerIntake::perGram($in, $what, $models->reference), 0.99 / $one['child']);
                yield new Warning(self::name(), $one['adult'] > 1.0 ? Severity::Attention : Severity::Note, \sprintf(
                    'A portion holds %s of %s: %.0f %% of the daily guide of a %g kg adult and more than that of a %g kg child (%g mg per kg of body weight, %s). Guides differ by country; for a medical diet ask a professional. Less of it is less sweet: balance again after it.',
                    $one['mg'] >= 1000.0 ? \sprintf('%.1f g', $one['mg'] / 1000) : \sprintf('%.0f mg', $one['mg']),
                    SweetenerIntake::words($what),
                    100 * $one['adult'],
                    Figure::BodyAdult->number(),
                    Figure::BodyChild->number(),
                    $one['guide'],
                    SweetenerIntake::guideSource($what, $models->reference),
                ), $layer, $cure);
            }
        }
    }
}
