<?php

declare(strict_types=1);

namespace Transmuta\Process\Plan;

use Transmuta\Process\Making\MakingStep;
use Transmuta\Process\Making\Station;

/**
 * A step of a dish as it is planned, or one batch of it. Seconds.
 *
 * `runs`: hands and wait keep its unit and lie in one window of the kitchen (oven, hob, mixer, blender). `hold`: how long after its wait its
 * result may stand until the last task that uses it begins; null for no limit. `load`: the share of a unit it takes. `units`: which it can
 * use, from 1; null where any will do. `heats`: s its oven heats before it, where it is cold.
 */
final readonly class Task
{
    /**
     * @param ?int $batch from 1; null where it is done at once
     * @param list<int> $after places of what must be done before
     * @param ?list<int> $units
     */
    public function __construct(
        public int $item,
        public MakingStep $step,
        public ?int $batch,
        public int $hands,
        public int $least,
        public int $best,
        public ?int $most,
        public ?int $hold,
        public array $after,
        public float $load = 1.0,
        public ?array $units = null,
        public bool $runs = false,
        public int $heats = 0,
    ) {}

    /** @param list<int> $after */
    public function waitingFor(array $after): self
    {
        return new self($this->item, $this->step, $this->batch, $this->hands, $this->least, $this->best, $this->most, $this->hold, $after, $this->load, $this->units, $this->runs, $this->heats);
    }

    public function station(): Station
    {
        return $this->step->station;
    }

    /** s of the shortest wait that is one: a machine takes what it takes, only what ripens may be cut short. */
    public function shortest(): int
    {
        return $this->runs ? $this->best : $this->least;
    }

    /** s for which hands, and what runs with them, need the kitchen open. */
    public function open(int $wait): int
    {
        return $this->hands + ($this->runs ? $wait : 0);
    }

    /** s from its start to the latest moment the last that uses it may begin; null for no limit. */
    public function reach(int $wait): ?int
    {
        if ($this->most === null || ($this->hold === null && ($this->runs || $this->most === 0))) {
            return null;
        }

        return $this->hands + ($this->runs ? $wait : $this->most) + ($this->hold ?? 0);
    }
}
