<?php

declare(strict_types=1);

namespace Transmuta\Format;

use Transmuta\Process\Making\Making;
use Transmuta\Process\Making\MakingStep;
use Transmuta\Process\Words\Measures;
use Transmuta\Property\DishReading;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;

/** The making of a dish as scripts and screens have it. */
final class MakingJson
{
    /**
     * @param ?Measures $measures the kitchen's own, in which amounts are said as well
     * @param ?DishReading $original where it is given, each step says whether the original has none like it: the same kind of the same layer with the same in it
     *
     * @return array{steps: list<array<string, mixed>>, critical: list<array<string, mixed>>, stops: list<array{layer: string, text: string}>}
     */
    public static function write(DishReading $dish, Making $making, ?DishReading $original = null, ?Measures $measures = null): array
    {
        $known = [];
        if ($original !== null) {
            foreach ($making->of($original) as $step) {
                $known[self::like($step, $original)] = true;
            }
        }

        return [
            'steps' => array_map(static fn(MakingStep $step): array => [...self::step($step, $dish, $measures), ...($original === null ? [] : ['is_new' => !isset($known[self::like($step, $dish)])])], $making->of($dish)),
            'critical' => $making->critical($dish),
            // Steps that are followed as they stand would serve it raw: said before the first.
            'stops' => array_values(array_map(
                static fn(Warning $w): array => ['layer' => $w->layer === null ? '' : $dish->layers[$w->layer]->layer->name, 'text' => $w->text],
                array_filter($dish->watch, static fn(Warning $w): bool => $w->severity === Severity::Stop),
            )),
        ];
    }

    private static function like(MakingStep $step, DishReading $dish): string
    {
        $held = array_column($step->lines, 'ingredient');
        sort($held);

        return json_encode([$dish->layers[$step->layer]->layer->name ?? '', $step->kind->value, $held], \JSON_THROW_ON_ERROR);
    }

    /** @param array{ingredient: string, grams: float} $line */
    private static function about(array $line, MakingStep $step, DishReading $dish, Measures $measures): ?string
    {
        $portion = ($dish->layers[$step->layer] ?? null)?->portionOf($line['ingredient']);
        $said = $portion === null ? null : $measures->of($line['grams'], $portion->ingredient);

        return $portion === null || $said === null ? null : "about $said of " . mb_strtolower($portion->ingredient->name);
    }

    /** @return array<string, mixed> */
    private static function step(MakingStep $step, DishReading $dish, ?Measures $measures): array
    {
        return [
            'id' => $step->id,
            'layer' => $dish->layers[$step->layer]->layer->name ?? '',
            'kind' => $step->kind->value,
            'text' => $step->text,
            'lines' => $measures === null ? $step->lines : array_map(static fn(array $line): array => [...$line, 'about' => self::about($line, $step, $dish, $measures)], $step->lines),
            'target_c' => $step->target,
            'endpoint' => $step->endpoint,
            'hands_on_min' => $step->hands,
            'wait_min' => ['least' => $step->wait->least, 'best' => $step->wait->best, 'most' => $step->wait->most],
            'station' => $step->station->value,
            'tools' => $step->tools,
            'after' => $step->after,
            'hold_max_min' => $step->hold,
            'reason' => $step->reason,
            'goes_wrong' => $step->wrong,
            'rescue' => $step->rescue,
        ];
    }
}
