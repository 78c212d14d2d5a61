<?php

declare(strict_types=1);

namespace Transmuta\Property\Setting;

/**
 * The ladder of firmness in gelatin-equivalent %, from what pours to what is hard, and a continuous coordinate along it
 * (0 at no set, a whole number at each rung's lower edge) in which targets are measured.
 */
final class Ladder
{
    public const WORDS = ['pours', 'coats a spoon', 'spoonable', 'holds or pipes', 'soft slice', 'clean slice', 'hard'];

    /** Upper edges of the rungs, GE %. */
    public const EDGES = [0.25, 0.5, 0.8, 1.15, 1.6, 2.6];

    /** GE % that one more step is worth beyond the last edge. */
    private const BEYOND = 1.6;

    public static function step(float $ge): int
    {
        return self::rung($ge)[0];
    }

    public static function word(float $ge): string
    {
        return self::WORDS[self::step($ge)];
    }

    /** Place along the ladder: 2.5 is half-way through "spoonable". */
    public static function coordinate(float $ge): float
    {
        [$step, $below, $width] = self::rung($ge);

        return $step + ($ge - $below) / $width;
    }

    /** The step a place along the ladder stands on. */
    public static function standsOn(float $coordinate): int
    {
        return max(0, min(\count(self::EDGES), (int) floor($coordinate)));
    }

    /** Steps a GE % is worth at this place. */
    public static function slope(float $ge): float
    {
        return 1.0 / self::rung($ge)[2];
    }

    /** @return array{int, float, float} the rung it stands on, its lower edge and its width in GE % */
    private static function rung(float $ge): array
    {
        $below = 0.0;
        foreach (self::EDGES as $index => $edge) {
            if ($ge < $edge) {
                return [$index, $below, $edge - $below];
            }
            $below = $edge;
        }

        return [\count(self::EDGES), $below, self::BEYOND];
    }

    /** GE % at a place along the ladder; below the foot it is 0. */
    public static function ge(float $coordinate): float
    {
        if ($coordinate <= 0.0) {
            return 0.0;
        }
        $below = 0.0;
        foreach (self::EDGES as $index => $edge) {
            if ($coordinate < $index + 1) {
                return $below + ($coordinate - $index) * ($edge - $below);
            }
            $below = $edge;
        }

        return $below + ($coordinate - \count(self::EDGES)) * self::BEYOND;
    }
}
