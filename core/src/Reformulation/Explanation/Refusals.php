<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Explanation;

use Transmuta\Diet\Diet;
use Transmuta\Kind\Kind;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;
use Transmuta\Reformulation\Brief\Brief;

/** What no mass of a kind can be for a diet, and what a kitchen makes instead (`core/data/substitution/refusals.csv`): there the honest answer is no. */
final class Refusals
{
    /** What a mass is refused by, as the unit of a {@see Blocked}. */
    public const UNIT = 'structure';

    /** Share of the dish under which a mass does not make it. */
    private const MAKES_IT = 0.1;

    /** @param list<Kind> $kinds of the layers */
    public static function of(DishReading $dish, array $kinds, Brief $brief): ?Blocked
    {
        $all = Kept::once(self::class, static fn(): array => Table::of('substitution/refusals'));
        $diets = array_map(static fn(Diet $diet): string => $diet->value, $brief->diets);
        foreach ($dish->layers as $n => $layer) {
            foreach ($all as $row) {
                if ($row['kind'] !== $kinds[$n]->key || !\in_array($row['diet'], $diets, true) || $layer->state->mass < self::MAKES_IT * $dish->mass()) {
                    continue;
                }
                $held = self::held($layer, explode(' ', $row['classes']));
                $grams = array_sum($held);
                if ($grams > 0.0) {
                    $reason = \sprintf('%s: %s; %g g of %s would have to leave, %g %% of the layer', $layer->layer->name, $row['why'], round($grams), implode(' and ', array_map(mb_strtolower(...), array_keys($held))), round(100 * $grams / $layer->state->mixed));

                    return new Blocked($layer->layer->name, round($grams, 1), self::UNIT, $reason, $row['instead'], [$row['why']]);
                }
            }
        }

        return null;
    }

    /**
     * @param list<string> $classes
     *
     * @return array<string, float> g of what is of them, by name
     */
    private static function held(LayerReading $layer, array $classes): array
    {
        $held = [];
        foreach ($layer->state->model->portions as $i => $portion) {
            if (\in_array($portion->ingredient->class, $classes, true) && $layer->state->grams[$i] > 0.0) {
                $held[$portion->ingredient->name] = ($held[$portion->ingredient->name] ?? 0.0) + $layer->state->grams[$i];
            }
        }

        return $held;
    }
}
