<?php

declare(strict_types=1);

namespace Transmuta\Trial\Learning;

use Transmuta\Fault\Nonsense;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Reference\Figure;

/**
 * What a trial found of a layer's set, on the ladder: a place u (whole numbers at the lower edge of each step) and how unsure it is. Kitchen protocols
 * as in docs/computation.md, "Measuring with what a kitchen has": conversions from memory, on published forms.
 */
final readonly class Finding
{
    private function __construct(public float $u, public float $variance) {}

    /**
     * What somebody says was found: step_index, or ge and sd, or protocol and value.
     *
     * @param array<array-key, mixed> $found
     *
     * @throws Nonsense naming what cannot be meant
     */
    public static function read(array $found): self
    {
        $number = static function (string $key) use ($found): float {
            $value = $found[$key] ?? null;
            if (!\is_int($value) && !\is_float($value)) {
                throw Nonsense::sent($key, $value, 'give a number');
            }

            return (float) $value;
        };

        return match (true) {
            \array_key_exists('step_index', $found) => self::step($number('step_index')),
            \array_key_exists('ge', $found) => self::ge($number('ge'), \array_key_exists('sd', $found) ? $number('sd') : 0.0),
            \is_string($found['protocol'] ?? null) => self::protocol($found['protocol'], $number('value'), \array_key_exists('force_g', $found) ? $number('force_g') : null),
            default => throw Nonsense::sent('found', $found, 'say what was found: step_index, ge, or protocol and value'),
        };
    }

    /** A step, 0 pours to 6 hard, halves allowed; a whole step k is anywhere within it. */
    public static function step(float $index): self
    {
        if ($index < 0.0 || $index > 6.0 || abs(2 * $index - round(2 * $index)) > 1e-9) {
            throw Nonsense::of('step_index', (string) $index, 'give a step from 0 (pours) to 6 (hard), halves allowed');
        }
        // Between two steps is nearer known than somewhere in one.
        $width = abs($index - round($index)) < 1e-9 ? 1.0 : 0.5;

        return new self($index + 0.5, $width ** 2 / 12);
    }

    public static function ge(float $ge, float $sd = 0.0): self
    {
        if ($ge < 0.0 || $ge > 30.0 || $sd < 0.0 || $sd > 30.0) {
            throw Nonsense::of('ge', (string) $ge, 'give gelatin equivalents from 0 to 30, and their spread');
        }

        return new self(Ladder::coordinate($ge), (Ladder::slope($ge) * $sd) ** 2);
    }

    /**
     * @param string $protocol P1 … P8 of the kitchen's protocols
     * @param float $value in the protocol's own unit
     * @param ?float $force g on the dowel of P3
     */
    public static function protocol(string $protocol, float $value, ?float $force = null): self
    {
        return match (strtoupper($protocol)) {
            'P1' => self::slump($value),
            'P2' => self::within($protocol, $value, 1.5, 8.0, 'mm a glass ball of 16 mm sinks in')->relative((6.1 / $value) ** 0.75, 0.20),
            'P3' => self::within($protocol, $value, 1.0, 5.0, 'mm the dowel sinks in')->relative(0.72 * sqrt(($force ?? 50.0) / $value), 0.12),
            // Yield stress of 50 ml by the radius it spreads to, Pa.
            'P4' => self::within($protocol, $value, 2.0, 15.0, 'cm of radius')->paste(14.7 * (5.0 / $value) ** 5, 0.7),
            'P5' => self::within($protocol, $value, 0.2, 0.99, 'share of the height that is left')->paste(self::yieldStress($value), 0.5),
            'P7' => self::within($protocol, $value, 0.0, 120.0, 's to the third drop')->drip($value),
            'P8' => self::judged(self::step($value)),
            'P6', 'P9', 'P10', 'P11', 'P12', 'P13', 'P14', 'P15', 'P16', 'P17' => throw Nonsense::of('protocol', $protocol, 'that one does not measure a set; use P1 to P5, P7 or P8'),
            default => throw Nonsense::of('protocol', $protocol, 'choose P1 to P5, P7 or P8'),
        };
    }

    /** P1: a cup of 50 mm turned out; the share of its height that is left after 30 s, or the height in mm. */
    private static function slump(float $value): self
    {
        $x = $value > 1.0 ? $value / 50.0 : $value;
        if ($x <= 0.0 || $x >= 0.995) {
            throw Nonsense::of('value', (string) $value, 'give the height that is left in mm, under 50, or as a share of it; one that does not slump is measured by P3');
        }
        if ($x < 0.25) {
            return new self(0.5, 1 / 12);
        }
        $ge = static fn(float $left): float => 1.05 / sqrt($left ** -2 - $left);
        // A height is read to ± 0.02.
        $reading = abs($ge(min(0.994, $x + 0.02)) - $ge($x - 0.02)) / 2;

        return self::ge($ge($x), hypot($reading, Figure::ProtocolFriction->number() * $ge($x)));
    }

    private static function within(string $protocol, float $value, float $low, float $high, string $what): self
    {
        if ($value < $low || $value > $high) {
            throw Nonsense::of('value', (string) $value, "$protocol holds from $low to $high $what");
        }

        return new self(0.0, 0.0);
    }

    private function relative(float $ge, float $share): self
    {
        return self::ge($ge, $share * $ge);
    }

    /** By yield stress: under 4 Pa it pours, under 15 it coats, under 60 it is spoonable, under 200 it holds, over that it is sliced. */
    private function paste(float $pascal, float $sd): self
    {
        $edges = [4.0, 15.0, 60.0, 200.0];
        $below = 1.0;
        foreach ($edges as $step => $edge) {
            if ($pascal < $edge) {
                return new self($step + max(0.0, log($pascal / $below) / log($edge / $below)), $sd ** 2);
            }
            $below = $edge;
        }

        return new self(4.5, $sd ** 2 + 1 / 12);
    }

    /** Pashias 1996: the height that is left of a cup of 50 mm of a paste of 1.05 g/ml, solved for its yield stress, Pa. */
    private static function yieldStress(float $left): float
    {
        [$low, $high] = [1e-4, 0.5];
        for ($i = 0; $i < 60; ++$i) {
            $middle = ($low + $high) / 2;
            if (2 * $middle * (1 - log(2 * $middle)) < $left) {
                $low = $middle;
            } else {
                $high = $middle;
            }
        }

        return ($low + $high) / 2 * 1050 * 9.81 * 0.05;
    }

    private function drip(float $seconds): self
    {
        return new self(match (true) {
            $seconds < 2.0 => $seconds / 2,
            $seconds < 8.0 => 1.0 + log($seconds / 2) / log(4),
            $seconds <= 15.0 => 2.0 + 0.5 * ($seconds - 8.0) / 7.0,
            default => 2.5,
        }, 0.7 ** 2);
    }

    private static function judged(self $of): self
    {
        return new self($of->u, $of->variance + 0.5 ** 2);
    }
}
