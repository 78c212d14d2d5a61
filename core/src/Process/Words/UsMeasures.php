<?php

declare(strict_types=1);

namespace Transmuta\Process\Words;

use Transmuta\Quantity\Customary;
use Transmuta\Shelf\Ingredient;

/**
 * Grams in the measures of a kitchen in the United States, so that they read back to within 1 %: pounds and ounces, and cups and spoons where it is known how
 * heavy a spoon is. What neither says near enough stays in grams alone.
 */
final class UsMeasures
{
    /** What a measure may be off by, of what it says. */
    private const NEAR = 0.0095;

    private const CUPS = ['' => 0.0, '¼' => 0.25, '⅓' => 1 / 3, '½' => 0.5, '⅔' => 2 / 3, '¾' => 0.75];

    private const MOST_CUPS = 8;

    private const EIGHTHS = ['', '⅛', '¼', '⅜', '½', '⅝', '¾', '⅞'];

    /** Second terms, in teaspoons. */
    private const SPOONS = ['1 tbsp' => 3.0, '2 tbsp' => 6.0, '3 tbsp' => 9.0, '1 tsp' => 1.0, '2 tsp' => 2.0, '½ tsp' => 0.5, '1½ tsp' => 1.5, '¼ tsp' => 0.25, '¾ tsp' => 0.75, '⅛ tsp' => 0.125];

    /** "1 lb 2¼ oz"; null where a kitchen’s ounces cannot say it. */
    public static function weight(float $grams): ?string
    {
        $ounces = Customary::ounces($grams);
        $eighths = (int) round(8 * $ounces);
        if ($eighths > 0 && self::isNear($eighths / 8, $ounces)) {
            $pounds = intdiv($eighths, 128);
            $left = $eighths - 128 * $pounds;
            $whole = intdiv($left, 8);
            $rest = $left === 0 ? '' : ($whole > 0 ? (string) $whole : '') . self::EIGHTHS[$left % 8] . ' oz';

            return trim(($pounds > 0 ? "$pounds lb" : '') . " $rest");
        }
        foreach ([1, 2] as $places) {
            if (round($ounces, $places) > 0.0 && self::isNear(round($ounces, $places), $ounces)) {
                return round($ounces, $places) . ' oz';
            }
        }

        return null;
    }

    /** "1¼ cups + 1 tbsp"; null where two terms do not say it near enough, or nobody knows how heavy a spoon of it is. */
    public static function volume(float $grams, Ingredient $ingredient): ?string
    {
        $density = $ingredient->density();
        if ($density === null || $density <= 0.0 || $grams <= 0.0) {
            return null;
        }
        $spoons = $grams / $density / Customary::TEASPOON;
        $firsts = [];
        foreach (range(0, self::MOST_CUPS) as $whole) {
            foreach (self::CUPS as $fraction => $part) {
                $firsts[($whole > 0 ? (string) $whole : '') . $fraction . ($whole + $part > 1.0 ? ' cups' : ' cup')] = 48 * ($whole + $part);
            }
        }
        $ways = [];
        foreach ([...array_filter($firsts, static fn(float $of): bool => $of > 0.0), ...self::SPOONS] as $words => $of) {
            $ways[$words] = $of;
        }
        foreach ($ways as $words => $of) {
            if (self::isNear($of, $spoons)) {
                return $words;
            }
        }
        foreach ($ways as $first => $of) {
            foreach (self::SPOONS as $second => $more) {
                if ($more < $of && self::isNear($of + $more, $spoons)) {
                    return "$first + $second";
                }
            }
        }

        return null;
    }

    private static function isNear(float $said, float $is): bool
    {
        return abs($said - $is) <= self::NEAR * $is;
    }
}
