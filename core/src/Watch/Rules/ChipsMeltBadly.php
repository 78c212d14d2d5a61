<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Remedies;
use Transmuta\Watch\Rule;

/** Practice, watch rule 22: chocolate chips carry stabilisers and melt badly into a mass. */
final class ChipsMeltBadly implements Rule
{
    public static function name(): string
    {
        return 'chips-melt-badly';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $i => $portion) {
                $melted = !$layer->layer->treatment->isNone() && $layer->baseWords === null;
                if ($portion->ingredient->does('chips') > 0.0 && $melted && $layer->state->share[$i] > 3.0) {
                    yield new Warning(self::name(), Severity::Attention, \sprintf('%s: %s hold their shape and melt thick and grainy. Bar chocolate melts smooth.', $layer->layer->name, mb_strtolower($portion->ingredient->name)), $n, ['action' => 'swap', 'ingredient' => $portion->ingredient->id, 'for' => Remedies::of(self::name())]);
                }
            }
        }
    }
}
