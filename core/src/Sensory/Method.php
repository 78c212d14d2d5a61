<?php

declare(strict_types=1);

namespace Transmuta\Sensory;

use Transmuta\Statistics\Normal;

/**
 * How samples are told apart: the chance of a right guess, and of a right answer when they are δ apart on a scale of unit-variance normals
 * (Ennis 1993; Bi, Ennis and O'Mahony 1997).
 */
enum Method: string
{
    /** ISO 4120: which is the odd one of three. */
    case Triangle = 'triangle';
    /** ISO 10399: which equals the reference. */
    case DuoTrio = 'duo-trio';
    /** ISO 5495: which of two has more of something, or is preferred. */
    case Paired = 'paired';

    private const FAR = 8.0;

    private const POINTS = 400;

    public function guess(): float
    {
        return $this === self::Triangle ? 1 / 3 : 0.5;
    }

    public function right(float $delta): float
    {
        return match ($this) {
            self::Paired => Normal::below($delta / \M_SQRT2),
            self::DuoTrio => 1 - Normal::below($delta / \M_SQRT2) - Normal::below($delta / sqrt(6)) + 2 * Normal::below($delta / \M_SQRT2) * Normal::below($delta / sqrt(6)),
            self::Triangle => self::integral(static fn(float $z): float => 2 * (Normal::below(-$z * sqrt(3) + $delta * sqrt(2 / 3)) + Normal::below(-$z * sqrt(3) - $delta * sqrt(2 / 3))) * Normal::density($z)),
        };
    }

    /** δ at which so many answer right: 0 at or below chance, null where all do. */
    public function apart(float $right): ?float
    {
        if ($right <= $this->guess()) {
            return 0.0;
        }
        if ($right >= 1.0) {
            return null;
        }
        [$low, $high] = [0.0, 30.0];
        for ($i = 0; $i < 60; ++$i) {
            $middle = ($low + $high) / 2;
            if ($this->right($middle) < $right) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2;
    }

    /** @param \Closure(float): float $of over 0 to where a normal ends, by Simpson */
    private static function integral(\Closure $of): float
    {
        $step = self::FAR / self::POINTS;
        $sum = $of(0.0) + $of(self::FAR);
        for ($i = 1; $i < self::POINTS; ++$i) {
            $sum += ($i % 2 === 1 ? 4 : 2) * $of($i * $step);
        }

        return $sum * $step / 3;
    }
}
