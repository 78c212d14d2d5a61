<?php

declare(strict_types=1);

namespace Transmuta\Watch;

use Transmuta\Quantity\Scale;
use Transmuta\Shelf\Shelf;

/** What a warning's cure does, in words short enough for a button. */
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

    /** The name without what is told more finely after a comma or in brackets. */
    private static function name(string $id, Shelf $shelf): string
    {
        return lcfirst((string) preg_replace('/(,| \().*$/', '', $shelf->find($id)->name ?? $id));
    }
}
