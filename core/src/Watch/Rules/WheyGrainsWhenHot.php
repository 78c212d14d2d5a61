<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Structure\Base;
use Transmuta\Property\Warning;
use Transmuta\Reference\Remedies;
use Transmuta\Shelf\Nature;
use Transmuta\Watch\Rule;

/** Practice, watch rule 38: whey powder heated above 70 °C turns grainy; in a dry crumb nobody feels it. */
final class WheyGrainsWhenHot implements Rule
{
    public static function name(): string
    {
        return 'whey-grains-when-hot';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $i => $portion) {
                if ($portion->ingredient->is(Nature::WheyPowder) && $portion->heated && $layer->state->grams[$i] > 0.0 && !Base::isDry($layer->state)) {
                    yield new Warning(self::name(), Severity::Attention, \sprintf('%s: %s heated past 70 °C grains. Stir it in below 60 °C, or use micellar casein.', $layer->layer->name, mb_strtolower($portion->ingredient->name)), $n, ['action' => 'swap', 'ingredient' => $portion->ingredient->id, 'for' => Remedies::of(self::name()), 'grams' => round($portion->ingredient->composition->family('protein.') / $models->shelf->get(Remedies::of(self::name()))->composition->family('protein.'), 2)]);
                }
            }
        }
    }
}
