<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Formula\Line;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\LayerState;
use Transmuta\Property\Models;
use Transmuta\Property\Roots;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Remedies;
use Transmuta\Watch\Rule;

/** Practice, watch rule 6: gelatin is weaker below pH 3.5. */
final class GelatinWeakensInAcid implements Rule
{
    public static function name(): string
    {
        return 'gelatin-in-acid';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            if ($layer->state->of100('protein.gelatin') > 0.1 && $layer->ph !== null && $layer->ph < 3.5) {
                yield new Warning(self::name(), Severity::Attention, \sprintf('%s: pH %.1f takes about a fifth off the gelatin; it is already counted in the set. Trisodium citrate buffers it.', $layer->layer->name, $layer->ph), $n, ($citrate = $this->citrate($layer, $models)) === null ? null : ['action' => 'add', 'ingredient' => Remedies::of(self::name()), 'grams' => $citrate]);
            }
        }
    }

    /** g of trisodium citrate that bring the layer to where acid leaves gelatin alone; null where that takes more than can be tasted past. */
    private function citrate(LayerReading $layer, Models $models): ?float
    {
        $salt = $models->shelf->find(Remedies::of(self::name()));
        $ph = static fn(float $grams): float => $models->acidity->ph(LayerState::ofLayer($layer->layer->with([...$layer->layer->lines, Line::of(Remedies::of(self::name()), $grams)]), $models->shelf)) ?? 7.0;
        $most = Figure::GelatinMostCitrate->number() / 100 * $layer->state->mass;
        if ($salt === null || $ph($most) < Figure::GelatinPh->number()) {
            return null;
        }

        return round(Roots::between(static fn(float $grams): float => $ph($grams) - Figure::GelatinPh->number(), 0.0, $most, 0.01), 2);
    }
}
