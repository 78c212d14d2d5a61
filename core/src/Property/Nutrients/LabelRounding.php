<?php

declare(strict_types=1);

namespace Transmuta\Property\Nutrients;

use Transmuta\Property\Fats\Fat;

/** Rounding for an EU label: the Commission's guidance document on tolerances, December 2012. */
final class LabelRounding
{
    public static function energy(float $value): string
    {
        return (string) (int) round($value);
    }

    /** Fat, carbohydrate, sugars, protein, fibre and polyols, g. */
    public static function grams(float $value): string
    {
        return match (true) {
            $value <= 0.5 => '< 0.5',
            $value < 10.0 => number_format(round($value, 1), 1),
            default => (string) (int) round($value),
        };
    }

    /** Saturates, g. */
    public static function saturates(float $value): string
    {
        return match (true) {
            $value <= 0.1 => '< 0.1',
            $value < 10.0 => number_format(round($value, 1), 1),
            default => (string) (int) round($value),
        };
    }

    /** Salt, g. */
    public static function salt(float $value): string
    {
        return match (true) {
            $value <= 0.0125 => '< 0.01',
            $value < 1.0 => number_format(round($value, 2), 2),
            default => number_format(round($value, 1), 1),
        };
    }
}
