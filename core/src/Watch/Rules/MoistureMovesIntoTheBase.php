<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Reader;
use Transmuta\Watch\Rule;
use Transmuta\Watch\Severity;
use Transmuta\Watch\Warning;

/** Handbook F 34: moisture moves into a crumb overnight. */
final class MoistureMovesIntoTheBase implements Rule
{
    public static function name(): string
    {
        return 'moisture-into-base';
    }

    public function check(DishReading $dish, Reader $reader): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            $above = $dish->layers[$n + 1] ?? null;
            if ($layer->baseWords !== null && $above !== null && $above->aw - $layer->aw > 0.12 && $layer->state->fat < 30.0) {
                yield new Warning(self::name(), Severity::Note, \sprintf('%s at water activity %.2f under %s at %.2f: it softens overnight. Brush it with melted cocoa butter or chocolate first, or fill it on the day.', $layer->layer->name, $layer->aw, mb_strtolower($above->layer->name), $above->aw), $n);
            }
        }
    }
}
