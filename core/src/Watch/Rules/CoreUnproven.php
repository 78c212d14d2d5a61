<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\Care;
use Transmuta\Property\DishReading;
use Transmuta\Property\Heat\BakedCore;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Figure;
use Transmuta\Watch\Rule;

/**
 * A layer of egg, raw milk or flour that is baked for a stated time in a stated oven, as thick as it stands: whether its middle comes to 71 °C. An
 * estimate is no proof: near the limit the middle is to be measured.
 */
final class CoreUnproven implements Rule
{
    public static function name(): string
    {
        return 'core-unproven';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            $core = BakedCore::of($layer, $dish->stack->heights[$n], $dish->stack->vessel, $models->reference);
            if ($core === null || $core >= Figure::EggDishSafe->number() + Figure::CoreOff->number()) {
                continue;
            }
            $asks = [];
            foreach ($layer->state->model->portions as $i => $portion) {
                if ($layer->state->grams[$i] > 0.0 && !$portion->boiled && !$portion->apart && !$portion->fired && (Care::isRawFlour($portion->ingredient) || (Care::isRawEgg($portion->ingredient) && $layer->state->of100('protein.egg') > Figure::CoreEgg->number()))) {
                    $asks[] = mb_strtolower(explode(',', $portion->ingredient->name)[0]);
                }
            }
            if ($asks !== [] && $layer->layer->treatment->reaches(Figure::EggDishSafe->number())) {
                $isSurelyUnder = $core < Figure::EggDishSafe->number() - Figure::CoreOff->number();
                yield new Warning(self::name(), $isSurelyUnder ? Severity::Stop : Severity::Attention, \sprintf('%s: about %.0f mm thick, its middle comes to about %.0f °C in that oven in that time, by an estimate: %s 71 °C. %s holds %s: measure the middle, and bake on until it is there.', $layer->layer->name, $dish->stack->heights[$n], $core, $isSurelyUnder ? 'well under the' : 'too near the', $layer->layer->name, implode(' and ', array_unique($asks))), $n);
            }
        }
    }
}
