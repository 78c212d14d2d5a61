<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Evaluation;

use Transmuta\Kind\Kind;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/**
 * Structures that no computation proves: a meringue, a whisked sponge, a choux or leaves whose egg or flour has left. Such a route is for a trial, whatever
 * else of it holds (`core/data/substitution/trials.csv`).
 */
final class Trials
{
    /** Share of what makes the structure that is left, under which it is another. */
    private const LEFT = 0.5;

    /** Share of its layer under which it made no structure. */
    private const MADE = 0.05;

    /**
     * @param list<Kind> $kinds of the original's layers
     *
     * @return list<string> what has to be tried first, in words
     */
    public static function of(DishReading $original, DishReading $result, array $kinds): array
    {
        $all = Kept::once(self::class, static fn(): array => Table::of('substitution/trials'));
        $said = [];
        foreach ($original->layers as $n => $layer) {
            foreach ($all as $row) {
                $classes = explode(' ', $row['classes']);
                $was = self::held($layer, $classes);
                if (\in_array($row['kind'], ['any', $kinds[$n]->key], true) && $was > self::MADE * $layer->state->mixed && self::held($result->layers[$n], $classes) < self::LEFT * $was) {
                    $said[] = \sprintf('%s: for a trial only; %s: make a small one first', $layer->layer->name, $row['why']);
                }
            }
        }

        return array_values(array_unique($said));
    }

    /** @param list<string> $classes */
    private static function held(LayerReading $layer, array $classes): float
    {
        $grams = 0.0;
        foreach ($layer->state->model->portions as $i => $portion) {
            $grams += \in_array($portion->ingredient->class, $classes, true) ? $layer->state->grams[$i] : 0.0;
        }

        return $grams;
    }
}
