<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Remedies;
use Transmuta\Watch\Rule;

/** Practice, watch rule 11: high-methoxyl pectin sets only above 55 % soluble solids and below pH 3.6. */
final class HighMethoxylPectinNeedsSolids implements Rule
{
    public static function name(): string
    {
        return 'hm-pectin-needs-solids';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            $solids = 100.0 - $layer->state->water;
            foreach ($layer->state->model->portions as $i => $portion) {
                if ($portion->ingredient->does('hm-pectin') > 0.0 && $layer->state->grams[$i] > 0.0 && ($solids < 55.0 || ($layer->ph ?? 7.0) > 3.6)) {
                    // As much low-methoxyl pectin, with its calcium, as sets as the other would under its own conditions.
                    $s = $models->reference->set;
                    $c = $layer->state->share[$i] / $models->set->space($layer->state);
                    $other = ($s['hm-pectin.slope'] * $c / $s['lm-pectin.slope']) ** (1 / $s['lm-pectin.power']);
                    yield new Warning(self::name(), Severity::Stop, \sprintf('%s: high-methoxyl pectin needs 55 %% solids and a pH under 3.6; here it has %.0f %% and pH %.1f, so it sets little or nothing. Use low-methoxyl pectin with calcium.', $layer->layer->name, $solids, $layer->ph ?? 7.0), $n, ['action' => 'swap', 'ingredient' => $portion->ingredient->id, 'for' => Remedies::of(self::name()), 'grams' => round($other / $c, 2)]);
                }
            }
        }
    }
}
