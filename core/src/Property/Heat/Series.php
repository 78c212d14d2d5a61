<?php

declare(strict_types=1);

namespace Transmuta\Property\Heat;

use Transmuta\Property\Roots;

/**
 * The roots ζ and coefficients C of a shape's series at a Biot number, each found when it is asked for: after the first minutes the first terms are all
 * there is.
 */
final class Series
{
    /** First roots of J₁ and of J₀: a root of the cylinder's equation lies between zero and the first of J₀, then between one of J₁ and the next of J₀ (Abramowitz and Stegun, table 9.5). */
    private const J1 = [0.0, 3.8317059702, 7.0155866698, 10.1734681351, 13.3236919363];
    private const J0 = [2.4048255577, 5.5200781103, 8.6537279129, 11.7915344391, 14.9309177086];

    /** Terms kept: at a Fourier number of 0.02 what is left out is under 0.001. */
    public const TERMS = 5;

    /** @var array<string, self> by shape and Biot number */
    private static array $known = [];

    /** @var array<int, array{float, float}> */
    private array $terms = [];

    /** @param \Closure(int): array{float, float} $find ζ and C by the number of the term, from 0 */
    private function __construct(private readonly \Closure $find) {}

    /** A slab cooled on both faces: ζ tan ζ = Bi, C = 4 sin ζ/(2ζ + sin 2ζ). */
    public static function slab(float $biot): self
    {
        return self::$known['slab' . round($biot, 6)] ??= new self(static function (int $n) use ($biot): array {
            $zeta = Roots::between(static fn(float $z): float => $z * sin($z) - $biot * cos($z), $n * \M_PI, $n * \M_PI + \M_PI_2);

            return [$zeta, 4 * sin($zeta) / (2 * $zeta + sin(2 * $zeta))];
        });
    }

    /** An endless cylinder: ζ J₁(ζ)/J₀(ζ) = Bi, C = 2J₁/(ζ(J₀² + J₁²)). */
    public static function cylinder(float $biot): self
    {
        return self::$known['cylinder' . round($biot, 6)] ??= new self(static function (int $n) use ($biot): array {
            $zeta = Roots::between(static fn(float $z): float => $z * Bessel::j1($z) - $biot * Bessel::j0($z), self::J1[$n], self::J0[$n]);

            return [$zeta, 2 * Bessel::j1($zeta) / ($zeta * (Bessel::j0($zeta) ** 2 + Bessel::j1($zeta) ** 2))];
        });
    }

    /**
     * @param int $n from 0, under {@see TERMS}
     *
     * @return array{float, float} ζ and C
     */
    public function term(int $n): array
    {
        return $this->terms[$n] ??= ($this->find)($n);
    }
}
