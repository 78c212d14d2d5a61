<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Formula\TreatmentKind;
use Transmuta\Property\DishReading;
use Transmuta\Property\Reader;
use Transmuta\Watch\Rule;
use Transmuta\Watch\Severity;
use Transmuta\Watch\Warning;

/** Handbook F 10: agar and kappa carrageenan weep when frozen. */
final class BrittleGelWeepsFrozen implements Rule
{
    public static function name(): string
    {
        return 'gel-weeps-frozen';
    }

    public function check(DishReading $dish, Reader $reader): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            if ($dish->formula->serveAt >= -2.0 && $layer->layer->treatment->kind !== TreatmentKind::Freeze) {
                continue;
            }
            foreach ($layer->state->model->portions as $portion) {
                if ($portion->ingredient->does('agar') > 0.0 || $portion->ingredient->does('kappa') > 0.0) {
                    yield new Warning(self::name(), Severity::Attention, \sprintf('%s: %s weeps and turns spongy once it is frozen. Iota carrageenan holds through freezing.', $layer->layer->name, mb_strtolower($portion->ingredient->name)), $n);
                }
            }
        }
    }
}
