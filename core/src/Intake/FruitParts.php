<?php

declare(strict_types=1);

namespace Transmuta\Intake;

/** The part of a counted fruit a phrase asks for: "juice of lemon", "limes, zested", "passion fruit, pulp only". */
final class FruitParts
{
    private const PARTS = ['juice' => 'juice', 'juiced' => 'juice', 'squeezed' => 'juice', 'zest' => 'zest', 'zested' => 'zest', 'rind' => 'zest', 'peel' => 'zest', 'pulp' => 'pulp', 'pulped' => 'pulp'];

    /** @return array{part: string, fruit: string}|null null where no part is asked for */
    public static function of(string $phrase): ?array
    {
        $plain = preg_replace('/[(),;:]/u', ' ', $phrase) ?? $phrase;
        $part = null;
        foreach (self::PARTS as $word => $of) {
            if (preg_match('/\b' . $word . '\b/u', $plain) === 1) {
                $part = $of;
                break;
            }
        }
        if ($part === null) {
            return null;
        }
        $fruit = preg_replace('/\b(?:' . implode('|', array_keys(self::PARTS)) . '|only|of|from|the|and|a|an|finely|coarsely|freshly|fresh|grated|strained|strips?|pared|removed|scooped|out|halved|large|medium|small|big|juicy|unwaxed|organic|ripe|their|its|about|approx|seeds?|no)\b/u', ' ', $plain) ?? $plain;

        return ['part' => $part, 'fruit' => trim(preg_replace('/\s+/u', ' ', $fruit) ?? $fruit)];
    }
}
