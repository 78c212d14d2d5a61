<?php

declare(strict_types=1);

namespace Transmuta\Watch;

use Transmuta\Property\LayerReading;
use Transmuta\Property\Setting\SetDoses;
use Transmuta\Property\Warning;
use Transmuta\Quantity\Scale;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Shelf;

/** What the cures of several rules share: a dose brought down, and what a cure does in words short enough for a button. */
final class Cure
{
    /** @param array{action: string, ingredient: string, grams?: float, for?: string} $cure ({@see Warning}) */
    public static function words(array $cure, Shelf $shelf): string
    {
        $name = self::name($cure['ingredient'], $shelf);
        $grams = $cure['grams'] ?? 1.0;
        $for = $cure['for'] ?? '';

        return match ($cure['action']) {
            'boil-apart' => "Boil the $name apart",
            'heat' => "Cook the $name first",
            'boil-layer' => 'Boil it 2 min',
            'add' => \sprintf('Add %s g %s', Scale::shown($grams), $name),
            'weigh' => \sprintf('Weigh %s g %s', Scale::shown($grams), $name),
            'swap' => 'Take ' . self::name($for, $shelf) . ' instead',
            'cook' => \sprintf('Cook to %g °C', $grams),
            'treat' => $for === 'melt' ? 'Only melt it' : ucfirst((string) preg_replace('/(\d) C\b/', '$1 °C', $for)),
            'tin' => "Use $for",
            'scale' => \sprintf('Everything × %g', round($grams, 2)),
            default => 'Do that',
        };
    }

    /**
     * With what must be done to something put in so that it works at all, as a line of its own has it.
     *
     * @param ?array{action: string, ingredient: string, grams?: float, for?: string} $cure
     *
     * @return ?array{action: string, ingredient: string, grams?: float, for?: string, prep?: list<string>}
     */
    public static function ready(?array $cure, Shelf $shelf): ?array
    {
        $added = ($cure['action'] ?? '') === 'add' ? $shelf->find($cure['ingredient'] ?? '') : null;

        return $cure === null || $added === null ? $cure : [...$cure, 'prep' => SetDoses::form($added)];
    }

    /**
     * The line that brings most of something, weighed so that the whole of it comes to a share of what it is.
     *
     * @param array<int, LayerReading> $layers by their place in the dish
     * @param callable(Ingredient): float $per what one gram of an ingredient brings, in whatever unit
     * @param float $share 0…1 of what there is now
     *
     * @return array{?int, ?array{action: string, ingredient: string, grams: float}} its layer and the cure; nulls where one line cannot do it
     */
    public static function lowering(array $layers, callable $per, float $share): array
    {
        $most = null;
        $all = 0.0;
        foreach ($layers as $n => $layer) {
            foreach ($layer->state->model->portions as $i => $portion) {
                $brings = $layer->state->grams[$i] * $per($portion->ingredient);
                $all += $brings;
                $most = $brings > ($most['brings'] ?? 0.0) ? ['layer' => $n, 'ingredient' => $portion->ingredient->id, 'grams' => $layer->state->grams[$i], 'brings' => $brings] : $most;
            }
        }
        $left = $most === null ? 0.0 : 1.0 - (1.0 - $share) * $all / $most['brings'];

        return $most === null || $left <= 0.0 ? [null, null] : [$most['layer'], ['action' => 'weigh', 'ingredient' => $most['ingredient'], 'grams' => floor(100 * $left * $most['grams']) / 100]];
    }

    /** The name without what is told more finely after a comma or in brackets. */
    private static function name(string $id, Shelf $shelf): string
    {
        return lcfirst((string) preg_replace('/(,| \().*$/', '', $shelf->find($id)->name ?? $id));
    }
}
