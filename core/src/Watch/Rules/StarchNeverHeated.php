<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Figure;
use Transmuta\Watch\Rule;

/** Starch that no heat reaches swells nothing and stays chalk on the tongue (common practice); cold-swelling starch is another thing. */
final class StarchNeverHeated implements Rule
{
    public static function name(): string
    {
        return 'starch-never-heated';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $i => $portion) {
                // Flour is stopped for what lives in it.
                if ($portion->heated || $portion->boiled || $portion->ingredient->isFlour() || $portion->ingredient->does('starch') <= 0.0 || $layer->state->grams[$i] < Figure::StarchMeant->number() / 100 * $layer->state->mixed) {
                    continue;
                }
                yield new Warning(self::name(), Severity::Attention, \sprintf('%s: the %s is never heated, so it thickens nothing and stays chalky. Say how it is cooked: most starches want a boil of 1–2 min.', $layer->layer->name, mb_strtolower($portion->ingredient->name)), $n, ['action' => 'heat', 'ingredient' => $portion->ingredient->id]);
            }
        }
    }
}
