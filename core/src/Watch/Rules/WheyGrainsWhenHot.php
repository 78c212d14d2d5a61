<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Reader;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Watch\Rule;

/** Handbook F 38: whey powder heated above 70 °C turns grainy. */
final class WheyGrainsWhenHot implements Rule
{
    public static function name(): string
    {
        return 'whey-grains-when-hot';
    }

    public function check(DishReading $dish, Reader $reader): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $i => $portion) {
                if ($portion->ingredient->id === 'whey-isolate' && $portion->heated && $layer->state->grams[$i] > 0.0) {
                    yield new Warning(self::name(), Severity::Attention, \sprintf('%s: whey isolate heated past 70 °C grains. Stir it in below 60 °C, or use micellar casein.', $layer->layer->name), $n, ['action' => 'swap', 'ingredient' => 'whey-isolate', 'for' => 'casein-micellar', 'grams' => round($portion->ingredient->composition->family('protein.') / $reader->shelf->get('casein-micellar')->composition->family('protein.'), 2)]);
                }
            }
        }
    }
}
