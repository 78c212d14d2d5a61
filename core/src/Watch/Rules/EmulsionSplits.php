<?php

declare(strict_types=1);

namespace Transmuta\Watch\Rules;

use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Models;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Reference\Figure;
use Transmuta\Watch\Rule;

/** Practice, emulsions: free fat that nothing holds splits; held by little more than itself it needs a blender. */
final class EmulsionSplits implements Rule
{
    public static function name(): string
    {
        return 'emulsion-splits';
    }

    public function check(DishReading $dish, Models $models): iterable
    {
        foreach ($dish->layers as $n => $layer) {
            $of = $models->emulsion->of($layer->state);
            if ($of === null || $of['free'] < Figure::EmulsionSeen->number() || $of['held'] >= Figure::EmulsionBlender->number() * $of['free']) {
                continue;
            }
            $splits = $of['held'] < $of['free'];
            $text = \sprintf(
                '%s: %.1f g free fat per 100 g, and what is in it holds %.1f. %s',
                $layer->layer->name,
                $of['free'],
                $of['held'],
                $splits ? 'It will split; lecithin, a nut paste or boiled starch holds more, blended in at 35–45 °C.' : 'It holds with a blender or stick, not with a whisk: blend the fat in at 35–45 °C.',
            );
            yield new Warning(self::name(), $splits ? Severity::Attention : Severity::Note, $text, $n, $splits ? self::cure($layer, $of, $models) : null);
        }
    }

    /**
     * @param array{free: float, held: float} $of
     *
     * @return ?array{action: string, ingredient: string, grams: float}
     */
    private static function cure(LayerReading $layer, array $of, Models $models): ?array
    {
        $best = null;
        foreach ($models->shelf->all() as $in) {
            // One that brings no allergen the dish may not have.
            if ($in->class === 'emulsifier' && $in->allergens === [] && $in->comesFrom('dairy') === false && ($best === null || $in->id < $best->id)) {
                $best = $in;
            }
        }
        $row = $models->reference->emulsion['class:emulsifier'] ?? null;
        if ($best === null || $row === null) {
            return null;
        }
        $per = min($models->reference->emulsion[$best->id] ?? $row);
        $had = 0.0;
        foreach ($layer->state->model->portions as $i => $portion) {
            $had += $portion->ingredient->id === $best->id ? $layer->state->grams[$i] : 0.0;
        }
        $more = (Figure::EmulsionWanted->number() * $of['free'] - $of['held']) * $layer->state->mass / 100 / $per;

        return ['action' => $had > 0.0 ? 'weigh' : 'add', 'ingredient' => $best->id, 'grams' => ceil(10 * ($had + $more)) / 10];
    }
}
