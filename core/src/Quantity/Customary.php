<?php

declare(strict_types=1);

namespace Transmuta\Quantity;

/** Customary measures of the United States in grams and millilitres (NIST Handbook 44, Appendix C); those that are read are in `core/data/reference/units.csv`. */
final class Customary
{
    /** g */
    public const OUNCE = 28.349523125;

    /** ml */
    public const TEASPOON = 4.92892159375;

    public static function ounces(float $grams): float
    {
        return $grams / self::OUNCE;
    }

    public static function fahrenheit(float $celsius): float
    {
        return 1.8 * $celsius + 32.0;
    }
}
