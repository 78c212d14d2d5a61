<?php

declare(strict_types=1);

namespace Transmuta\Format;

use Transmuta\Property\DishReading;
use Transmuta\Property\Nutrients\Fact;

/** What a portion and 100 g hold, as a table: unrounded, what is not known left empty. Computed, not analysed. */
final class NutritionCsv
{
    public static function write(DishReading $dish): string
    {
        $rows = [['nutrient', 'unit', 'portion', 'per_100_g']];
        foreach ($dish->portion as $key => $value) {
            if ($key !== 'mass_g') {
                $rows[] = [self::name($key), Fact::unit($key), self::figure($value), self::figure($dish->per100[$key] ?? null)];
            }
        }
        $mass = $dish->portion['mass_g'];
        foreach ($dish->micronutrients as $key => $of) {
            $value = $of['unknown'] === [] ? $of['value'] : null;
            $rows[] = [self::name($key), Fact::unit($key), self::figure($value), self::figure($value === null || $mass <= 0.0 ? null : 100 * $value / $mass)];
        }

        return Csv::write($rows);
    }

    private static function name(string $key): string
    {
        return match ($key) {
            'kj', 'kcal' => 'energy',
            default => Fact::bare($key),
        };
    }

    private static function figure(?float $value): string
    {
        return $value === null ? '' : (string) round($value, 4);
    }
}
