<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Watch\Rule;

/** Practice, watch rule 8: starch boiled below pH 4 thins. */
final class StarchThinsInAcid implements Rule
{
    public static function name(): string
    {
        return 'starch-thins-in-acid';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            if (($layer->set->mechanisms['starch'] ?? 0.0) > 0.1 && $layer->ph !== null && $layer->ph < 4.0 && $layer->layer->treatment->isHot() && self::cure($layer) !== null) {
                yield new Warning(self::name(), Severity::Attention, \sprintf('%s: starch cooked at pH %.1f thins, about a fifth is already counted. Boil it in the water or milk, then add the juice.', $layer->layer->name, $layer->ph), $n, self::cure($layer));
            }
        }
    }

    /** @return ?array{action: string, ingredient: string} the starch that is cooked with the acid; null where all of it is boiled apart */
    private static function cure(\Transmuta\Property\LayerReading $layer): ?array
    {
        foreach ($layer->state->model->portions as $portion) {
            if ($portion->ingredient->does('starch') > 0.0 && $portion->heated && !$portion->apart) {
                return ['action' => 'boil-apart', 'ingredient' => $portion->ingredient->id];
            }
        }

        return null;
    }
}
