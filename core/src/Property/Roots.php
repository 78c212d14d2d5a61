<?php

declare(strict_types=1);

namespace Transmuta\Property;

/** Roots of one unknown. */
final class Roots
{
    private const MOST = 60;

    /**
     * Regula falsi with Illinois' halving: the root of a function between two places where its signs differ.
     *
     * @param callable(float): float $f
     * @param float $within how close two steps must come for it to have settled
     *
     * @throws \DomainException if the signs at the two ends are the same, so that no root is known to lie between
     */
    public static function between(callable $f, float $low, float $high, float $within = 1e-9): float
    {
        $atLow = $f($low);
        $atHigh = $f($high);
        if ($atLow === 0.0 || $atHigh === 0.0) {
            return $atLow === 0.0 ? $low : $high;
        }
        if (($atLow > 0.0) === ($atHigh > 0.0)) {
            throw new \DomainException(\sprintf('No change of sign between %g and %g: %g and %g.', $low, $high, $atLow, $atHigh));
        }
        $root = $low;
        for ($i = 0, $side = 0; $i < self::MOST; ++$i) {
            $before = $root;
            $root = ($low * $atHigh - $high * $atLow) / ($atHigh - $atLow);
            $value = $f($root);
            if ($value === 0.0 || abs($root - $before) < $within) {
                break;
            }
            if (($value > 0.0) === ($atHigh > 0.0)) {
                [$high, $atHigh] = [$root, $value];
                $atLow = $side === 1 ? $atLow / 2 : $atLow;
                $side = 1;
            } else {
                [$low, $atLow] = [$root, $value];
                $atHigh = $side === -1 ? $atHigh / 2 : $atHigh;
                $side = -1;
            }
        }

        return $root;
    }

    /**
     * The least place from which on something is enough, for what only gets better the more of it there is and may do so by steps.
     *
     * @param callable(float): bool $isEnough
     * @param float $within how close to the least the answer must lie
     *
     * @return ?float never less than what is enough; null where not even the most is
     */
    public static function least(callable $isEnough, float $low, float $high, float $within): ?float
    {
        if (!$isEnough($high)) {
            return null;
        }
        for ($i = 0; $i < self::MOST && $high - $low > $within; ++$i) {
            $middle = ($low + $high) / 2;
            $isEnough($middle) ? $high = $middle : $low = $middle;
        }

        return $high;
    }
}
