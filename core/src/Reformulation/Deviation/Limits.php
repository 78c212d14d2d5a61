<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Deviation;

/**
 * What one layer may hold at most, or must hold at least, so that a portion keeps the brief; g and kcal for the whole layer. `deficit` is kJ that
 * protein still owes to its share of the energy: a fifth of the layer's energy less that of its protein.
 */
final readonly class Limits
{
    public function __construct(
        public ?float $netCarbs = null,
        public ?float $protein = null,
        public ?float $kcal = null,
        public ?float $deficit = null,
        public ?float $sugars = null,
        public ?float $fat = null,
    ) {}

    public function isNone(): bool
    {
        return $this->netCarbs === null && $this->protein === null && $this->kcal === null && $this->deficit === null && $this->sugars === null && $this->fat === null;
    }
}
