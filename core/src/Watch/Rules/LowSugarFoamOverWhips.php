<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Remedies;
use Transmuta\Shelf\Nature;
use Transmuta\Watch\Rule;

/** Practice, watch rule 36: an egg-white foam with little sugar goes over easily. */
final class LowSugarFoamOverWhips implements Rule
{
    public static function name(): string
    {
        return 'low-sugar-foam-over-whips';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach ($layer->state->model->portions as $i => $portion) {
                $white = $portion->ingredient->is(Nature::WhiteFoam) && $portion->whipped && $layer->state->share[$i] > 5.0;
                if ($white && $layer->state->bulk() < 0.5 * $layer->state->share[$i] && $layer->state->of100('acid.tartaric') < Figure::FoamSteady->number() * $layer->state->share[$i]) {
                    yield new Warning(self::name(), Severity::Note, \sprintf('%s: with this little sugar the foam goes over easily. Whip at medium to soft peaks, rest 10–15 min and whip again; cream of tartar steadies it.', $layer->layer->name), $n, ['action' => 'add', 'ingredient' => Remedies::of(self::name()), 'grams' => round(Figure::FoamTartar->number() * $layer->state->grams[$i], 2)]);
                }
            }
        }
    }
}
