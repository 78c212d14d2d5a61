<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Method\Editing\Agents;
use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Watch\Rule;

/** An agent that dissolves in the pot wants water in that pot: what is boiled in too little stays in grains (`core/data/method/agents.csv`). Only a method can say what is in the pot. */
final class AgentShortOfWater implements Rule
{
    public static function name(): string
    {
        return 'agent-short-of-water';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $i => $portion) {
                $times = Agents::of($portion->ingredient->id)?->waterTimes;
                $grams = $layer->state->grams[$i];
                if ($times === null || $portion->met === null || $portion->met->still || !$portion->heated || $grams <= 0.0 || $portion->met->water >= $times * $grams) {
                    continue;
                }
                yield new Warning(self::name(), Severity::Attention, \sprintf('%s: by its method %.3g g of %s is heated in %.0f g of water, %.0f times its weight; under %g times some of it stays in grains and sets nothing. Heat it with more of the liquid.', $layer->layer->name, $grams, mb_strtolower($portion->ingredient->name), $portion->met->water, $portion->met->water / $grams, $times), $n);
            }
        }
    }
}
