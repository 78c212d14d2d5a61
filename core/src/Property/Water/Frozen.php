<?php

declare(strict_types=1);

namespace Transmuta\Property\Water;

use Transmuta\Property\LayerState;
use Transmuta\Reference\Figure;

/** A layer out of the freezer: ice at three temperatures (share 0…1 of its water), how it scoops, and how long it stands first. */
final readonly class Frozen
{
    /** Latent heat of ice, J/g, and the room it stands in: °C and W/m²K at both faces. */
    private const FUSION = 333.5;

    private function __construct(
        public float $iceAt18,
        public float $iceAt10,
        public string $word,
        public float $scoopsAt,
        public float $temperMinutes,
    ) {}

    public static function of(LayerState $state, Freezing $freezing, float $heightMm): self
    {
        $ice = static fn(float $celsius): float => $freezing->iceShare($state, $celsius);
        $grams = $ice(-18.0) * $state->water;
        $scoopsAt = -18.0;
        while ($scoopsAt < -1.0 && $ice($scoopsAt) * $state->water > Figure::IceScoops->number()) {
            $scoopsAt += 0.5;
        }
        // Heat to melt the ice in between and to warm the rest, over the faces of a slab.
        $melted = ($ice(-18.0) - $ice($scoopsAt)) * $state->water / 100;
        $heat = $melted * self::FUSION + 2.6 * ($scoopsAt + 18.0);
        $perArea = $heat * 1000 * 1000 * $heightMm / 1000;
        $minutes = $scoopsAt <= -18.0 ? 0.0 : $perArea / (2 * Figure::IceFilm->number() * (Figure::IceRoom->number() - (-18.0 + $scoopsAt) / 2)) / 60;

        return new self($ice(-18.0), $ice(-10.0), match (true) {
            $grams < 20.0 => 'soft from the freezer',
            $grams < Figure::IceScoops->number() => 'scoops from the freezer',
            $grams < 52.0 => 'firm, scoops after standing',
            default => 'rock hard, stands long',
        }, $scoopsAt, $minutes);
    }
}
