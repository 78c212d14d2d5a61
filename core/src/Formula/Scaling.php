<?php

declare(strict_types=1);

namespace Transmuta\Formula;

use Transmuta\Fault\Nonsense;
use Transmuta\Quantity\Scale;

/** A formula for another number of portions or another vessel: every line by one factor, rounded as a scale shows it. */
final class Scaling
{
    /** Share of a tin that may go on top of the others before one more is taken. */
    private const A_LITTLE = 0.05;

    /** @throws Nonsense if the number cannot be meant */
    public static function toPortions(Formula $formula, int $portions): Formula
    {
        if ($portions < 1 || $portions > 10000) {
            throw Nonsense::of('portions', (string) $portions, 'give a whole number from 1 to 10000');
        }

        $factor = $portions / $formula->portions;

        // Each in its own glass; else as many whole tins as hold it as deep as before, and never fewer than there were.
        return self::by($formula, $factor, $portions, static fn(?Tin $tin): ?Tin => match (true) {
            $tin === null => null,
            $tin->count > 1 && $tin->count === $formula->portions => $tin->times($portions),
            $factor <= 1.0 => $tin,
            default => $tin->times((int) ceil($tin->count * $factor - self::A_LITTLE)),
        });
    }

    /**
     * As {@see toPortions}, in as many vessels of the same kind as it takes: twice the portions of a ring are two rings.
     *
     * @throws Nonsense if the number cannot be meant
     */
    public static function toService(Formula $formula, int $portions): Formula
    {
        $scaled = self::toPortions($formula, $portions);
        $layers = array_map(static function (Layer $layer, Layer $was) use ($formula, $portions): Layer {
            $tin = $was->tin;

            return $tin === null ? $layer : $layer->in($tin->times(max(1, (int) ceil($tin->count * $portions / $formula->portions - 1e-9))));
        }, $scaled->layers, $formula->layers);

        return $scaled->with($layers);
    }

    /** The same portions cut from the same mass: each is smaller or larger, nothing else changes. */
    public static function cutInto(Formula $formula, int $portions): Formula
    {
        if ($portions < 1 || $portions > 10000) {
            throw Nonsense::of('portions', (string) $portions, 'give a whole number from 1 to 10000');
        }

        return Formula::of($formula->title, $formula->layers, $formula->family, $formula->measures, $portions, $formula->serveAt, $formula->method, $formula->measured);
    }

    /**
     * Into another vessel. Where its depth was said, by volume: a deep tin equals two shallow; a base, which is pressed as thick as it was, by area all the same.
     * Where nobody said how deep it is, by area, as deep as before. Portions go with what the filling goes by.
     *
     * @param bool $isDeep whether somebody said how deep the vessel is
     * @param list<int> $bases places of the layers that are bases
     *
     * @throws Nonsense if the formula names no vessel to scale from
     */
    public static function toTin(Formula $formula, Tin $tin, bool $isDeep = true, array $bases = []): Formula
    {
        $was = null;
        foreach ($formula->layers as $layer) {
            if ($layer->tin !== null && ($was === null || $layer->tin->volume() > $was->volume())) {
                $was = $layer->tin;
            }
        }
        if ($was === null) {
            throw Nonsense::of('tin', 'none', 'give the dish the tin it is written for first');
        }
        $byArea = $tin->area() / $was->area();
        $tin = $isDeep ? $tin : $tin->deep($was->height);
        $factor = $isDeep ? $tin->volume() / $was->volume() : $byArea;
        $portions = $tin->count > 1 && $was->count === $formula->portions ? $tin->count : max(1, (int) round($formula->portions * $factor));

        return self::by($formula, $factor, $portions, static fn(?Tin $old): ?Tin => $old === null ? null : $tin, array_fill_keys($bases, $byArea));
    }

    /**
     * @param callable(?Tin): ?Tin $tin
     * @param array<int, float> $others factors of layers that go by another, by their place
     */
    private static function by(Formula $formula, float $factor, int $portions, callable $tin, array $others = []): Formula
    {
        $layers = array_map(static function (Layer $layer, int $n) use ($factor, $tin, $others): Layer {
            $factor = $others[$n] ?? $factor;
            $lines = array_map(static fn(Line $line): Line => $line->ingredient === null ? $line : $line->weighing(Scale::shown($line->grams * $factor)), $layer->lines);

            return $layer->with($lines)->in($tin($layer->tin))->losing($layer->loss?->times($factor));
        }, $formula->layers, array_keys($formula->layers));

        return Formula::of($formula->title, $layers, $formula->family, $formula->measures, $portions, $formula->serveAt, $formula->method, $formula->measured);
    }
}
