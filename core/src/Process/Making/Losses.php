<?php

declare(strict_types=1);

namespace Transmuta\Process\Making;

use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;

/** Which step a layer loses its mass at: water where it is reduced, churned dry or baked, what a cloth keeps where it is strained or hung, trimmings where it is cut. */
final class Losses
{
    /** Kinds of step a loss belongs to, the likeliest first. */
    private const AT = [
        'reduce' => [StepKind::Reduce, StepKind::Bake, StepKind::Boil, StepKind::Caramelise, StepKind::Cook, StepKind::Toast, StepKind::Heat],
        'strain' => [StepKind::Strain, StepKind::Rest, StepKind::Blend],
        'trim' => [StepKind::Cut, StepKind::PrepFruit],
    ];

    private const WHAT = ['reduce' => 'water', 'strain' => 'what the cloth or sieve keeps', 'trim' => 'trimmings'];

    /** Operations that lose what a cloth keeps, whatever kind of step they are planned as. */
    private const HUNG = ['hang', 'drain', 'press_tofu', 'strain', 'rub_sieve'];

    /** g under which nothing is said to be lost. */
    private const LEAST = 0.5;

    /**
     * @param list<MakingStep> $steps
     *
     * @return array<string, array{grams: float, what: string}> by the id of the step
     */
    public static function of(array $steps, DishReading $dish): array
    {
        $found = [];
        foreach ($dish->layers as $n => $layer) {
            $of = array_values(array_filter($steps, static fn(MakingStep $step): bool => $step->layer === $n && $step->kind !== StepKind::Weigh));
            foreach (self::lost($layer) as ['kind' => $kind, 'grams' => $grams]) {
                $at = $grams < self::LEAST ? null : self::at($of, $kind);
                if ($at !== null) {
                    $found[$at] = ['grams' => ($found[$at]['grams'] ?? 0.0) + $grams, 'what' => self::WHAT[$kind]];
                }
            }
        }

        return $found;
    }

    /** @return list<array{kind: 'reduce'|'strain'|'trim', grams: float}> */
    private static function lost(LayerReading $layer): array
    {
        $steps = $layer->layer->loss->steps ?? [];
        if ($steps === []) {
            return [];
        }
        $whole = max(0.0, $layer->state->mixed - $layer->state->mass);
        $lost = [];
        $left = $layer->state->mixed;
        foreach ($steps as $n => $step) {
            $grams = match ($step['kind']) {
                'reduce-to' => max(0.0, $left - $step['amount']),
                default => $step['amount'] * $left,
            };
            // The last of them takes what the model says is gone in all.
            $grams = $n === \count($steps) - 1 ? max(0.0, $whole - array_sum(array_column($lost, 'grams'))) : min($grams, $whole);
            $lost[] = ['kind' => match ($step['kind']) {
                'strain' => 'strain',
                'trim' => 'trim',
                default => 'reduce',
            }, 'grams' => $grams];
            $left -= $grams;
        }

        return $lost;
    }

    /**
     * @param list<MakingStep> $steps of one layer
     * @param 'reduce'|'strain'|'trim' $kind
     */
    private static function at(array $steps, string $kind): ?string
    {
        if ($kind === 'strain') {
            foreach ($steps as $step) {
                if (\in_array($step->origin->operation, self::HUNG, true)) {
                    return $step->id;
                }
            }
        }
        foreach (self::AT[$kind] as $wanted) {
            foreach (array_reverse($steps) as $step) {
                if ($step->kind === $wanted) {
                    return $step->id;
                }
            }
        }

        return $steps === [] ? null : $steps[array_key_last($steps)]->id;
    }
}
