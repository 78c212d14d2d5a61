<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Watch\Rule;

/** Practice, watch rule 49: a fruit measured otherwise than the table has it. */
final class MeasuredBrixDiffers implements Rule
{
    public static function name(): string
    {
        return 'brix-differs';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->formula->measured as $measured) {
            foreach ($dish->layers as $n => $layer) {
                foreach ($layer->state->model->portions as $i => $portion) {
                    if ($portion->ingredient->id !== $measured->ingredient || $measured->brix === null || $layer->state->share[$i] < 1.0) {
                        continue;
                    }
                    $table = $models->unmeasured()->find($measured->ingredient)?->composition;
                    $was = $table === null ? $measured->brix : $table->family('sugar.') + $table->family('acid.');
                    if (abs($measured->brix - $was) > 0.1 * max(1.0, $was)) {
                        yield new Warning(self::name(), Severity::Note, \sprintf('%s: this %s measures %.1f °Brix and the table has about %.1f; the layer comes out %.1f SE %s for it.', $layer->layer->name, mb_strtolower($portion->ingredient->name), $measured->brix, $was, abs($measured->brix - $was) * $layer->state->share[$i] / 100, $measured->brix > $was ? 'sweeter' : 'less sweet'), $n);
                    }
                }
            }
        }
    }
}
