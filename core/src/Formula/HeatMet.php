<?php

declare(strict_types=1);

namespace Transmuta\Formula;

/** What heat a line meets by the maker's own steps, from where it goes in to the end: of a line in two parts, what the part meets that meets least. */
final readonly class HeatMet
{
    /**
     * @param bool $still whether it is heated undisturbed, as in an oven
     * @param bool $apart whether only a part of its layer is in the pot with it when it is hottest
     * @param bool $alone whether nothing else is
     * @param float $water g of water in that pot
     * @param ?float $minutes it is held at that heat, where somebody said
     * @param ?float $stirredAt °C at which it is stirred or folded last after that, where somebody said how far it cools; null where nobody did
     * @param bool $sheared whether it is left to set and then blended smooth: a gel is a soft cream from there on
     */
    public function __construct(public HeatLevel $level, public bool $still = false, public bool $apart = false, public bool $alone = false, public float $water = 0.0, public ?float $minutes = null, public ?float $stirredAt = null, public bool $sheared = false) {}
}
