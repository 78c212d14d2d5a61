<?php

declare(strict_types=1);

namespace Transmuta\Property\Heat;

/**
 * Transient conduction with a surface film, by the classic series (Incropera; Heisler's charts are their first term): a slab cooled on both
 * faces, an endless cylinder, and shapes cut from them by the product of their solutions. Temperatures are dimensionless,
 * θ = (T − T∞)/(T₀ − T∞), from 1 at the start to 0.
 */
final class Conduction
{
    /** Terms kept: at a Fourier number of 0.02 what is left out is under 0.001. */
    private const TERMS = 5;

    /** A term that has decayed by e⁻⁴⁰ is nothing beside the first, and so are those after it. */
    private const SPENT = 40.0;

    /** @var array<string, list<array{0: float, 1: float}>> roots and coefficients by shape and Biot number */
    private static array $series = [];

    /**
     * θ in the middle of a slab or on the axis of a cylinder, or at another place of a slab, after a Fourier number.
     *
     * @param list<array{0: float, 1: float}> $series of the shape at its Biot number
     */
    public static function theta(array $series, float $fourier, float $place = 0.0): float
    {
        $sum = 0.0;
        foreach ($series as [$zeta, $c]) {
            $decay = $zeta * $zeta * $fourier;
            if ($decay > self::SPENT) {
                break;
            }
            $sum += $c * exp(-$decay) * ($place === 0.0 ? 1.0 : cos($zeta * $place));
        }

        return min(1.0, $sum);
    }

    /** @return list<array{0: float, 1: float}> ζ tan ζ = Bi, C = 4 sin ζ/(2ζ + sin 2ζ) */
    public static function slabSeries(float $biot): array
    {
        return self::$series['slab' . round($biot, 6)] ??= array_map(static function (int $n) use ($biot): array {
            $zeta = Roots::between(static fn(float $z): float => $z * sin($z) - $biot * cos($z), $n * \M_PI, $n * \M_PI + \M_PI_2);

            return [$zeta, 4 * sin($zeta) / (2 * $zeta + sin(2 * $zeta))];
        }, range(0, self::TERMS - 1));
    }

    /** @return list<array{0: float, 1: float}> ζ J₁(ζ)/J₀(ζ) = Bi, C = 2J₁/(ζ(J₀² + J₁²)) */
    public static function cylinderSeries(float $biot): array
    {
        // Between zero and the first root of J₀, then between a root of J₁ and the next of J₀.
        static $j1 = [0.0, 3.8317059702, 7.0155866698, 10.1734681351, 13.3236919363, 16.4706300509];
        static $j0 = [2.4048255577, 5.5200781103, 8.6537279129, 11.7915344391, 14.9309177086, 18.0710639679];

        return self::$series['cylinder' . round($biot, 6)] ??= array_map(static function (int $n) use ($biot, $j0, $j1): array {
            $zeta = Roots::between(static fn(float $z): float => $z * Bessel::j1($z) - $biot * Bessel::j0($z), $j1[$n], $j0[$n]);

            return [$zeta, 2 * Bessel::j1($zeta) / ($zeta * (Bessel::j0($zeta) ** 2 + Bessel::j1($zeta) ** 2))];
        }, range(0, self::TERMS - 1));
    }
}
