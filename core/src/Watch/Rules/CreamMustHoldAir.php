<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Models;
use Transmuta\Property\Portion;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Remedies;
use Transmuta\Shelf\Nature;
use Transmuta\Watch\Rule;

/** Practice, watch rule 13: cream under 30 % fat, or coconut cream under 20 %, does not whip. */
final class CreamMustHoldAir implements Rule
{
    public static function name(): string
    {
        return 'cream-must-hold-air';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $portion) {
                $in = $portion->ingredient;
                if ($portion->whipped && $in->does('foam-overrun') > 0.0 && $in->is(Nature::FickleFoam)) {
                    yield new Warning(self::name(), Severity::Note, \sprintf('%s: batches of %s differ and some never whip. Chill it and the bowl below 7 °C, whip 30 s alone first, and keep a second batch.', $layer->layer->name, mb_strtolower($in->name)), $n);
                } elseif ($portion->whipped && $in->is(Nature::PouringCream) && !self::hasAnother($layer)) {
                    yield new Warning(self::name(), Severity::Stop, \sprintf('%s: %s at %.0f %% fat cannot whip; it takes 30 %%.', $layer->layer->name, mb_strtolower($in->name), $in->composition->family('fat.')), $n, $in->comesFrom('dairy') ? ['action' => 'swap', 'ingredient' => $in->id, 'for' => Remedies::of(self::name())] : null);
                }
            }
        }
    }

    /** Whether something else in the layer holds the air, so that the thin cream only loosens it. */
    private static function hasAnother(LayerReading $layer): bool
    {
        return array_filter($layer->state->model->portions, static fn(Portion $p): bool => $p->whipped && $p->ingredient->does('foam-overrun') > 0.0) !== [];
    }
}
