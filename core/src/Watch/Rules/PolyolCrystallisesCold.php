<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Structure\Base;
use Transmuta\Property\Warning;
use Transmuta\Watch\Rule;

/** Practice, watch rule 15: a sweetener above its cold solubility turns to grain; in a base, which is eaten dry, it is grain as sugar is. */
final class PolyolCrystallisesCold implements Rule
{
    public static function name(): string
    {
        return 'polyol-crystallises-cold';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            foreach (Base::isDry($layer->state) ? [] : \Transmuta\Property\Water\Crystals::above($layer->state, $models->reference) as $species => $case) {
                yield new Warning(self::name(), Severity::Attention, \sprintf('%s: %s is %.0f g per 100 g water and only %.0f stay dissolved at 5 °C, so it turns grainy. Keep it under %.0f g in this layer; allulose or a second sweetener takes over.', $layer->layer->name, $species, $case['has'], $case['holds'], $case['most_g']), $n, self::cure($layer, $species, $case['most_g']));
            }
        }
    }

    /**
     * The line that brings most of it, weighed down to what stays dissolved.
     *
     * @return ?array{action: string, ingredient: string, grams: float}
     */
    private static function cure(\Transmuta\Property\LayerReading $layer, string $species, float $most): ?array
    {
        $best = null;
        $rest = 0.0;
        foreach ($layer->state->model->portions as $i => $portion) {
            $brings = $layer->state->grams[$i] * $portion->ingredient->composition->of100("polyol.$species") / 100;
            $rest += $brings;
            if ($best === null || $brings > $best[1]) {
                $best = [$portion->ingredient, $brings];
            }
        }
        if ($best === null || $best[1] <= 0.0) {
            return null;
        }
        $share = $best[0]->composition->of100("polyol.$species") / 100;

        return ['action' => 'weigh', 'ingredient' => $best[0]->id, 'grams' => round(max(0.0, 0.97 * $most - ($rest - $best[1])) / $share, 1)];
    }
}
