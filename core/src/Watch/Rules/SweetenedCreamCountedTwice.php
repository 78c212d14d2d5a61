<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Reader;
use Transmuta\Watch\Rule;
use Transmuta\Watch\Severity;
use Transmuta\Watch\Warning;

/** Handbook F 14: cream that is sweetened already, with sugar beside it. */
final class SweetenedCreamCountedTwice implements Rule
{
    public static function name(): string
    {
        return 'sweetened-cream-twice';
    }

    public function check(DishReading $dish, Reader $reader): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            $sweet = null;
            $sugar = null;
            foreach ($layer->state->model->portions as $i => $portion) {
                $in = $portion->ingredient;
                if ($in->does('foam-overrun') > 0.0 && $in->addedSugars() > 4.0 && $layer->state->grams[$i] > 0.0) {
                    $sweet = [$in, $layer->state->grams[$i] * $in->addedSugars() / 100];
                }
                $sugar = $in->group === 'sugar' && $layer->state->grams[$i] > ($sugar[1] ?? 0.0) ? [$in->id, $layer->state->grams[$i]] : $sugar;
            }
            if ($sweet !== null && $sugar !== null && !($sweet[1] > 0.0 && abs($sugar[1]) < 0.1)) {
                yield new Warning(self::name(), Severity::Attention, \sprintf('%s: the %s is sweetened already and brings %.0f g sugar of its own. It is counted here; take that much off the sugar if the recipe meant plain cream.', $layer->layer->name, mb_strtolower($sweet[0]->name), $sweet[1]), $n, $sugar[1] < $sweet[1] ? null : ['action' => 'weigh', 'ingredient' => $sugar[0], 'grams' => round($sugar[1] - $sweet[1], 1)]);
            }
        }
    }
}
