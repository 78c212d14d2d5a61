<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Watch\Rule;

/** Practice, watch rule 3: agar boiled below pH 4 loses strength. */
final class AgarWeakensBoiledInAcid implements Rule
{
    public static function name(): string
    {
        return 'agar-boiled-in-acid';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $portion) {
                if ($portion->ingredient->does('agar') > 0.0 && $portion->boiledInLayer && $layer->ph !== null && $layer->ph < 4.0) {
                    yield new Warning(self::name(), Severity::Attention, \sprintf('%s: agar boiled at pH %.1f loses about a third. Boil it in the water or milk and add the juice last.', $layer->layer->name, $layer->ph), $n, ['action' => 'boil-apart', 'ingredient' => $portion->ingredient->id]);
                }
            }
        }
    }
}
