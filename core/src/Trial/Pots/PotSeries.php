<?php

declare(strict_types=1);

namespace Transmuta\Trial\Pots;

/** The pots that are asked for, before a layer says what goes into them. */
final readonly class PotSeries
{
    /**
     * @param int $count of pots, 3…5
     * @param float $step times the dose from pot to pot, 1.15…1.6
     * @param float $pot g of a pot, 30…500
     * @param int $seed that deals their codes and their order
     */
    public function __construct(public int $count, public float $step, public float $pot, public int $seed) {}
}
