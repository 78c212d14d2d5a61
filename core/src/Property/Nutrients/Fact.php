<?php

declare(strict_types=1);

namespace Transmuta\Property\Nutrients;

/** What the key of a fact says of it: "protein_g" is protein in g, "vitamin_d_ug" vitamin d in µg. */
final class Fact
{
    /** The key without its unit. */
    public static function bare(string $key): string
    {
        return (string) preg_replace('/_(g|mg|ug)$/', '', $key);
    }

    public static function unit(string $key): string
    {
        return match (true) {
            $key === 'kj' => 'kJ',
            $key === 'kcal', $key === 'calories' => 'kcal',
            str_ends_with($key, '_mg') => 'mg',
            str_ends_with($key, '_ug') => 'µg',
            default => 'g',
        };
    }
}
