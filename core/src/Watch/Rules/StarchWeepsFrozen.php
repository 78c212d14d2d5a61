<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Remedies;
use Transmuta\Watch\Rule;

/** Practice, watch rule 9: a plain starch gel weeps when it thaws. */
final class StarchWeepsFrozen implements Rule
{
    public static function name(): string
    {
        return 'starch-weeps-frozen';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            if ($dish->formula->serveAt >= -2.0 && !$layer->layer->treatment->freezes()) {
                continue;
            }
            foreach ($layer->state->model->portions as $i => $portion) {
                if ($portion->ingredient->does('starch') > 0.0 && $portion->heated && $layer->state->share[$i] > 1.0 && $layer->baseWords === null) {
                    yield new Warning(self::name(), Severity::Attention, \sprintf('%s: %s weeps once it is frozen and thawed. Use a freeze-stable starch, or iota carrageenan or gelatin.', $layer->layer->name, mb_strtolower($portion->ingredient->name)), $n, ['action' => 'swap', 'ingredient' => $portion->ingredient->id, 'for' => Remedies::of(self::name())]);
                }
            }
        }
    }
}
