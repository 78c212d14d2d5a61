<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Deviation;

use Transmuta\Property\Setting\Ladder;

/** One property against its target, scaled by its tolerance. */
final readonly class Rail
{
    public function __construct(
        public string $property,
        public string $unit,
        public float $target,
        public float $now,
        public float $tolerance,
        public float $residual,
        public string $targetWord = '',
        public string $nowWord = '',
        public ?float $low = null,
        public ?float $high = null,
    ) {}

    /** 1 on the target, 0.8 at the tolerance, 0.5 at twice it. */
    public function score(): float
    {
        return 1.0 / (1.0 + ($this->residual / 2) ** 2);
    }

    /**
     * The target moved by so many tolerances, in the rail's own unit: along the ladder of firmness a step is not as wide everywhere.
     */
    public function moved(float $tolerances): float
    {
        $by = $tolerances * $this->tolerance;

        return max(0.0, str_starts_with($this->property, 'set') ? Ladder::ge(Ladder::coordinate($this->target) + $by) : $this->target + $by);
    }

    public function isMet(): bool
    {
        return abs($this->residual) <= 1.0;
    }
}
