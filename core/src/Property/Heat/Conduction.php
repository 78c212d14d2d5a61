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
    /** A term that has decayed by e⁻⁴⁰ is nothing beside the first, and so are those after it. */
    private const SPENT = 40.0;

    /**
     * θ in the middle of a slab or on the axis of a cylinder, or at another place of a slab, after a Fourier number.
     *
     * @param Series $series of the shape at its Biot number
     */
    public static function theta(Series $series, float $fourier, float $place = 0.0): float
    {
        $sum = 0.0;
        for ($n = 0; $n < Series::TERMS; ++$n) {
            [$zeta, $c] = $series->term($n);
            $decay = $zeta * $zeta * $fourier;
            if ($decay > self::SPENT) {
                break;
            }
            $sum += $c * exp(-$decay) * ($place === 0.0 ? 1.0 : cos($zeta * $place));
        }

        return min(1.0, $sum);
    }
}
