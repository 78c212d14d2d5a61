<?php

declare(strict_types=1);

namespace Transmuta\Property\Nutrients;

/** Rounding for a US label, 21 CFR 101.9(c). Values are per serving and unrounded. */
final class UsRounding
{
    /** Under 5 is 0, to 50 by 5, above by 10. */
    public static function calories(float $kcal): string
    {
        return (string) (int) match (true) {
            $kcal < 5.0 => 0,
            $kcal <= 50.0 => 5 * round($kcal / 5),
            default => 10 * round($kcal / 10),
        };
    }

    /** Total, saturated and trans fat, g: under 0.5 is 0, under 5 by 0.5, above by 1. */
    public static function fat(float $grams): string
    {
        return match (true) {
            $grams < 0.5 => '0',
            $grams < 5.0 => self::trim(0.5 * round($grams / 0.5)),
            default => (string) (int) round($grams),
        };
    }

    /** mg: under 2 is 0, 2 to 5 "less than 5", above by 5. */
    public static function cholesterol(float $milligrams): string
    {
        return match (true) {
            $milligrams < 2.0 => '0',
            $milligrams <= 5.0 => 'less than 5',
            default => (string) (int) (5 * round($milligrams / 5)),
        };
    }

    /** mg: under 5 is 0, 5 to 140 by 5, above by 10. */
    public static function sodium(float $milligrams): string
    {
        return (string) (int) match (true) {
            $milligrams < 5.0 => 0,
            $milligrams <= 140.0 => 5 * round($milligrams / 5),
            default => 10 * round($milligrams / 10),
        };
    }

    /** Carbohydrate, fibre, sugars, sugar alcohol and protein, g: under 0.5 is 0, under 1 "less than 1", above by 1. */
    public static function grams(float $grams): string
    {
        return match (true) {
            $grams < 0.5 => '0',
            $grams < 1.0 => 'less than 1',
            default => (string) (int) round($grams),
        };
    }

    /** Per cent of the daily value of a fat, carbohydrate or sodium: to the whole per cent. */
    public static function share(float $amount, float $dailyValue): int
    {
        return (int) round($amount / $dailyValue * 100);
    }

    /** Per cent of the daily value of a vitamin or mineral, 21 CFR 101.9(c)(8)(iii): under 2 is 0, to 10 by 2, to 50 by 5, above by 10. */
    public static function shareOfVitamin(float $amount, float $dailyValue): int
    {
        $percent = $amount / $dailyValue * 100;

        return (int) match (true) {
            $percent < 2.0 => 0,
            $percent <= 10.0 => 2 * round($percent / 2),
            $percent <= 50.0 => 5 * round($percent / 5),
            default => 10 * round($percent / 10),
        };
    }

    /** Vitamin D to 0.1 µg, iron to 0.1 mg, calcium and potassium to 10 mg (FDA's rounding guidance). */
    public static function mineral(string $fact, float $amount): string
    {
        return match ($fact) {
            'vitamin_d_ug', 'iron_mg' => self::trim(round($amount, 1)),
            default => (string) (int) (10 * round($amount / 10)),
        };
    }

    private static function trim(float $value): string
    {
        return rtrim(rtrim(number_format($value, 1, '.', ''), '0'), '.');
    }
}
