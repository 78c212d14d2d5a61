<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Remedies;
use Transmuta\Shelf\Nature;
use Transmuta\Watch\Rule;

/** Practice, watch rule 35: a strong foam of aquafaba needs acid. */
final class FoamWithoutAcid implements Rule
{
    public static function name(): string
    {
        return 'foam-without-acid';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $portion) {
                if ($portion->whipped && $portion->ingredient->is(Nature::PulseFoam) && ($layer->ph ?? 7.0) > 5.2) {
                    yield new Warning(self::name(), Severity::Note, \sprintf('%s: aquafaba holds its foam near pH 4 to 5; whip it with a few drops of lemon juice or a little cream of tartar.', $layer->layer->name), $n, ['action' => 'add', 'ingredient' => Remedies::of(self::name()), 'grams' => round(max(0.3, 0.004 * $layer->state->mixed), 1)]);
                }
            }
        }
    }
}
