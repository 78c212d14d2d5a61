<?php

declare(strict_types=1);

namespace Transmuta\Property\Heat;

/** Bessel functions of the first kind, x ≥ 0, by the polynomials of Abramowitz and Stegun 9.4.1–9.4.6; error below 1e-7. */
final class Bessel
{
    public static function j0(float $x): float
    {
        if ($x <= 3.0) {
            return self::poly(($x / 3) ** 2, [1.0, -2.2499997, 1.2656208, -0.3163866, 0.0444479, -0.0039444, 0.0002100]);
        }
        $y = 3 / $x;

        return self::poly($y, [0.79788456, -0.00000077, -0.00552740, -0.00009512, 0.00137237, -0.00072805, 0.00014476]) / sqrt($x)
            * cos($x + self::poly($y, [-0.78539816, -0.04166397, -0.00003954, 0.00262573, -0.00054125, -0.00029333, 0.00013558]));
    }

    public static function j1(float $x): float
    {
        if ($x <= 3.0) {
            return $x * self::poly(($x / 3) ** 2, [0.5, -0.56249985, 0.21093573, -0.03954289, 0.00443319, -0.00031761, 0.00001109]);
        }
        $y = 3 / $x;

        return self::poly($y, [0.79788456, 0.00000156, 0.01659667, 0.00017105, -0.00249511, 0.00113653, -0.00020033]) / sqrt($x)
            * cos($x + self::poly($y, [-2.35619449, 0.12499612, 0.00005650, -0.00637879, 0.00074348, 0.00079824, -0.00029166]));
    }

    /** @param list<float> $coefficients lowest power first */
    private static function poly(float $x, array $coefficients): float
    {
        $sum = 0.0;
        foreach (array_reverse($coefficients) as $c) {
            $sum = $sum * $x + $c;
        }

        return $sum;
    }
}
