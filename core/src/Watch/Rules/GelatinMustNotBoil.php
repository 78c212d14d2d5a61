<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Formula\HeatLevel;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Watch\Rule;

/** Practice, watch rule 5: long boiling breaks gelatin down. */
final class GelatinMustNotBoil implements Rule
{
    public static function name(): string
    {
        return 'gelatin-must-not-boil';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            if ($layer->state->of100('protein.gelatin') > 0.1 && self::boils($layer)) {
                yield new Warning(self::name(), Severity::Attention, \sprintf('%s is boiled with its gelatin in it. Take it off the heat and melt the swollen gelatin in below 60 °C.', $layer->layer->name), $n, self::isByItsMethod($layer) ? null : ['action' => 'treat', 'ingredient' => '', 'for' => 'melt']);
            }
        }
    }

    /** Whether its gelatin meets the boil: by the maker's own steps, else as the layer does. */
    private static function boils(LayerReading $layer): bool
    {
        foreach ($layer->state->model->portions as $i => $portion) {
            if ($portion->ingredient->does('gelatin-bloom') > 0.0 && $layer->state->grams[$i] > 0.0 && ($portion->met === null ? $layer->layer->treatment->boils() : $portion->met->level === HeatLevel::Boil)) {
                return true;
            }
        }

        return false;
    }

    /** Whether the maker's own steps say so: no treatment of the layer changes them. */
    private static function isByItsMethod(LayerReading $layer): bool
    {
        foreach ($layer->state->model->portions as $portion) {
            if ($portion->ingredient->does('gelatin-bloom') > 0.0 && $portion->met !== null) {
                return true;
            }
        }

        return false;
    }
}
