<?php

declare(strict_types=1);

namespace Transmuta\Trial;

use Transmuta\Statistics\Normal;

/**
 * Whether chances come true: Brier 1950 and its parts (Murphy 1973, with what is left over within classes of unequal forecasts: Stephenson et al. 2008),
 * Spiegelhalter's Z 1986, and the ranked probability score over the ladder (Epstein 1969). Only of forecasts that were kept before the outcome.
 */
final class Reliability
{
    /** Under so many the score is shown and no curve. */
    private const FEWEST = 20;

    private const LEAST_OF_A_CLASS = 5;

    private const MOST_CLASSES = 5;

    /**
     * @param list<array{float, int}> $forecasts a chance, and whether it came (0, 1)
     *
     * @return ?array{n: int, came: int, said: float, brier: float, reliability: float, resolution: float, uncertainty: float, within: float, skill: ?float, expected: float, z: ?float, p: ?float, classes: list<array{n: int, forecast: float, came: float, low: float, high: float, expected_low: float, expected_high: float}>} null of none
     */
    public static function of(array $forecasts): ?array
    {
        $n = \count($forecasts);
        if ($n === 0) {
            return null;
        }
        $brier = array_sum(array_map(static fn(array $one): float => ($one[0] - $one[1]) ** 2, $forecasts)) / $n;
        $base = array_sum(array_column($forecasts, 1)) / $n;
        $classes = self::classes($forecasts);
        $reliability = $resolution = $within = $expected = 0.0;
        $told = [];
        foreach ($classes as $class) {
            $size = \count($class);
            $forecast = array_sum(array_column($class, 0)) / $size;
            $came = array_sum(array_column($class, 1)) / $size;
            $reliability += $size * ($forecast - $came) ** 2 / $n;
            $resolution += $size * ($came - $base) ** 2 / $n;
            foreach ($class as [$f, $o]) {
                $within += (($f - $forecast) ** 2 - 2 * ($f - $forecast) * ($o - $came)) / $n;
            }
            // What even a perfect forecaster would show.
            $expected += $forecast * (1 - $forecast) / $n;
            [$low, $high] = self::wilson($came, $size);
            $spread = 1.96 * sqrt($forecast * (1 - $forecast) / $size);
            $told[] = ['n' => $size, 'forecast' => $forecast, 'came' => $came, 'low' => $low, 'high' => $high, 'expected_low' => max(0.0, $forecast - $spread), 'expected_high' => min(1.0, $forecast + $spread)];
        }
        $uncertainty = $base * (1 - $base);
        $variance = array_sum(array_map(static fn(array $one): float => (1 - 2 * $one[0]) ** 2 * $one[0] * (1 - $one[0]), $forecasts));
        $z = $variance > 1e-12 ? array_sum(array_map(static fn(array $one): float => ($one[1] - $one[0]) * (1 - 2 * $one[0]), $forecasts)) / sqrt($variance) : null;

        return [
            'n' => $n, 'came' => array_sum(array_column($forecasts, 1)), 'said' => array_sum(array_column($forecasts, 0)), 'brier' => $brier, 'reliability' => $reliability, 'resolution' => $resolution, 'uncertainty' => $uncertainty, 'within' => $within,
            'skill' => $uncertainty > 0.0 ? 1 - $brier / $uncertainty : null, 'expected' => $expected,
            'z' => $z, 'p' => $z === null ? null : 2 * (1 - Normal::below(abs($z))), 'classes' => $n < self::FEWEST ? [] : $told,
        ];
    }

    /**
     * Ranked probability score: a miss by one step costs less than by three; 0 is perfect.
     *
     * @param list<float> $chances over the steps
     */
    public static function ranked(array $chances, int $came): float
    {
        $below = $score = 0.0;
        foreach ($chances as $step => $chance) {
            $below += $chance;
            $score += ($below - ($came <= $step ? 1.0 : 0.0)) ** 2;
        }

        return $score;
    }

    /**
     * Wilson 1927.
     *
     * @return array{float, float}
     */
    public static function wilson(float $share, int $n, float $z = 1.959964): array
    {
        $middle = ($share + $z ** 2 / (2 * $n)) / (1 + $z ** 2 / $n);
        $half = $z * sqrt($share * (1 - $share) / $n + $z ** 2 / (4 * $n ** 2)) / (1 + $z ** 2 / $n);

        return [max(0.0, $middle - $half), min(1.0, $middle + $half)];
    }

    /**
     * As many in each; equal forecasts are never parted, so that where there are few different ones each is a class.
     *
     * @param list<array{float, int}> $forecasts
     *
     * @return list<non-empty-list<array{float, int}>>
     */
    private static function classes(array $forecasts): array
    {
        usort($forecasts, static fn(array $a, array $b): int => $a[0] <=> $b[0]);
        $alike = [];
        foreach ($forecasts as $one) {
            $alike[(string) round($one[0], 9)][] = $one;
        }
        $groups = array_values($alike);
        if (\count($groups) <= self::MOST_CLASSES) {
            return $groups;
        }
        $each = max(self::LEAST_OF_A_CLASS, (int) ceil(\count($forecasts) / self::MOST_CLASSES));
        $classes = [];
        $class = [];
        foreach ($groups as $group) {
            $class = [...$class, ...$group];
            if (\count($class) >= $each) {
                $classes[] = $class;
                $class = [];
            }
        }
        if ($class !== []) {
            // Too few for a class of their own go with the last.
            if (\count($class) < self::LEAST_OF_A_CLASS && $classes !== []) {
                $classes[\count($classes) - 1] = [...$classes[\count($classes) - 1], ...$class];
            } else {
                $classes[] = $class;
            }
        }

        return $classes;
    }
}
