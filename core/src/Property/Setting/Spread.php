<?php

declare(strict_types=1);

namespace Transmuta\Property\Setting;

use Transmuta\Reference\Figure;

/** How far a foretold set may be off: a kitchen's repeats, and how kitchens differ (practice: sensory 8: σ 0.35 steps, τ 0.25 of each mechanism's factor, common practice). */
final class Spread
{
    /**
     * Steps of one standard deviation: a mechanism whose factor this kitchen's trials have told adds less.
     *
     * @param array<string, float> $mechanisms GE % by name
     * @param array<string, float> $unsure share by which each may be off for its weighing and its packet
     */
    public static function of(float $ge, array $mechanisms, Strengths $strengths, array $unsure = []): float
    {
        $square = Figure::SetRepeat->number() ** 2;
        foreach ($mechanisms as $name => $part) {
            $square += (hypot($strengths->spread($name), $unsure[$name] ?? 0.0) * Ladder::slope($ge) * $part) ** 2;
        }

        return sqrt($square);
    }
}
