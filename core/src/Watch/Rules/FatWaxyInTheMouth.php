<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Remedies;
use Transmuta\Watch\Rule;

/** Practice, watch rule 25: over 3 % fat still solid at mouth temperature feels waxy. */
final class FatWaxyInTheMouth implements Rule
{
    public static function name(): string
    {
        return 'fat-waxy-in-the-mouth';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            if ($layer->solidAtMouth > 3.0 && $layer->baseWords === null) {
                $hardest = null;
                foreach ($layer->state->model->portions as $i => $portion) {
                    $solid = $portion->ingredient->group === 'fat' ? $models->fat->solidOf($portion->ingredient, Figure::FatMouth->number()) * $layer->state->share[$i] : 0.0;
                    $hardest = $solid > ($hardest[1] ?? 0.0) ? [$portion->ingredient, $solid] : $hardest;
                }
                // As much coconut oil as is as firm on the plate: it is all melted in the mouth.
                $cure = $hardest === null ? null : ['action' => 'swap', 'ingredient' => $hardest[0]->id, 'for' => Remedies::of(self::name()), 'grams' => round($models->fat->solidOf($hardest[0], $dish->formula->serveAt) / max(0.05, 100 * $models->fat->solidShare('coconut', $dish->formula->serveAt)), 2)];
                yield new Warning(self::name(), Severity::Attention, \sprintf('%s: %.1f %% fat is still solid in the mouth (over 3 %% coats it like wax). Coconut oil is as firm on a cold plate and melts away; or part of it can go to a liquid oil.', $layer->layer->name, $layer->solidAtMouth), $n, $cure);
            }
        }
    }
}
