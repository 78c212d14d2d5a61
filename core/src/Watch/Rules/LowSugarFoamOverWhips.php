<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Reader;
use Transmuta\Watch\Rule;
use Transmuta\Watch\Severity;
use Transmuta\Watch\Warning;

/** Handbook F 36: an egg-white foam with little sugar goes over easily. */
final class LowSugarFoamOverWhips implements Rule
{
    public static function name(): string
    {
        return 'low-sugar-foam-over-whips';
    }

    public function check(DishReading $dish, Reader $reader): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $i => $portion) {
                $white = \in_array($portion->ingredient->id, ['egg-white', 'potato-protein-solution', 'aquafaba'], true) && $portion->whipped && $layer->state->share[$i] > 5.0;
                if ($white && $layer->state->bulk() < 0.5 * $layer->state->share[$i]) {
                    yield new Warning(self::name(), Severity::Note, \sprintf('%s: with this little sugar the foam goes over easily. Whip at medium to soft peaks, rest 10–15 min and whip again.', $layer->layer->name), $n);
                }
            }
        }
    }
}
