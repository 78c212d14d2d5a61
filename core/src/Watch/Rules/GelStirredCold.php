<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Method\Editing\Agents;
use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Watch\Rule;

/** A gel that grips hot is broken by what is folded in cold: agar under 45 °C, carrageenan under 55 °C (`core/data/method/agents.csv`). Only a method can say when it is stirred. */
final class GelStirredCold implements Rule
{
    public static function name(): string
    {
        return 'gel-stirred-cold';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $i => $portion) {
                $above = Agents::of($portion->ingredient->id)?->stirredAbove;
                $at = $portion->met?->stirredAt;
                if ($above === null || $at === null || !$portion->heated || $at >= $above || $layer->state->grams[$i] <= 0.0) {
                    continue;
                }
                yield new Warning(self::name(), Severity::Attention, \sprintf('%s: by its method it is stirred at %.0f °C, where the %s has gripped (under %g °C): it breaks, weeps and holds less. Join all above that and leave it still, or let it set and blend it smooth before anything is folded in.', $layer->layer->name, $at, mb_strtolower($portion->ingredient->name), $above), $n);
            }
        }
    }
}
