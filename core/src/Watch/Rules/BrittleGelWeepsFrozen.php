<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Remedies;
use Transmuta\Watch\Rule;

/** Practice, watch rule 10: agar and kappa carrageenan weep when frozen. */
final class BrittleGelWeepsFrozen implements Rule
{
    public static function name(): string
    {
        return 'gel-weeps-frozen';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            if ($dish->formula->serveAt >= -2.0 && !$layer->layer->treatment->freezes()) {
                continue;
            }
            foreach ($layer->state->model->portions as $i => $portion) {
                $gel = $portion->ingredient->does('agar') > 0.0 ? 'agar' : 'kappa';
                if ($portion->ingredient->does($gel) > 0.0) {
                    // As much iota as would set as firmly where no milk helps it.
                    $firm = $layer->state->share[$i] > 0.0 ? ($layer->set->mechanisms[$gel] ?? 0.0) / $layer->state->share[$i] : 0.0;
                    $iota = 0.6 * $models->reference->set['iota.slope'] / $models->set->space($layer->state);
                    yield new Warning(self::name(), Severity::Attention, \sprintf('%s: %s weeps and turns spongy once it is frozen. Iota carrageenan holds through freezing.', $layer->layer->name, mb_strtolower($portion->ingredient->name)), $n, $firm > 0.0 ? ['action' => 'swap', 'ingredient' => $portion->ingredient->id, 'for' => Remedies::of(self::name()), 'grams' => round($firm / $iota, 2)] : null);
                }
            }
        }
    }
}
