<?php

declare(strict_types=1);

namespace Transmuta\Process\Plan;

/** What a kitchen has said of a step: begun or done at a moment, or not to be moved from one. Seconds. */
final readonly class Fixed
{
    private function __construct(public int $item, public string $step, public ?int $batch, public FixedState $state, public int $at, public ?int $unit) {}

    /**
     * @param int $at when its hands began; of what is done, when it was over
     * @param ?int $unit of its station, from 1, where that is known
     */
    public static function of(int $item, string $step, ?int $batch, FixedState $state, int $at, ?int $unit = null): self
    {
        return new self($item, $step, $batch, $state, $at, $unit);
    }

    public function is(Task $task): bool
    {
        return $task->item === $this->item && $task->step->id === $this->step && ($this->batch === null || $task->batch === $this->batch);
    }

    /** When its hands began: of what is done as its times say, since nobody wrote it down. */
    public function startOf(Task $task): int
    {
        return $this->state === FixedState::Begun ? $this->at : $this->at - $task->open($task->best);
    }
}
