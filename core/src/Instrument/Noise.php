<?php

declare(strict_types=1);

namespace Transmuta\Instrument;

/** Noise that comes out the same for a seed and a moment: a standard normal by Box and Muller 1958 of two uniforms from a hash. */
final class Noise
{
    /** How many independent values a second has. */
    private const TICKS = 4;

    public static function at(int $seed, float $seconds): float
    {
        $bits = hash('xxh128', $seed . ' ' . (int) floor($seconds * self::TICKS));
        [$first, $second] = [hexdec(substr($bits, 0, 12)), hexdec(substr($bits, 12, 12))];

        return sqrt(-2 * log(($first + 1) / (2 ** 48 + 1))) * cos(2 * \M_PI * $second / 2 ** 48);
    }
}
