<?php

declare(strict_types=1);

namespace Transmuta\Intake;

/** Sub-steps a line's own words ask for. */
final class Preparation
{
    private const WORDS = ['boiled', 'melted', 'whipped', 'heated', 'infused'];

    /** @return list<string> */
    public static function of(string $rest): array
    {
        return array_values(array_filter(self::WORDS, static fn(string $word): bool => preg_match('/\b' . $word . '\b/u', $rest) === 1));
    }
}
