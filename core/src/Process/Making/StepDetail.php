<?php

declare(strict_types=1);

namespace Transmuta\Process\Making;

/** What one step says beside its kind: where it is left out, the book speaks for its kind. */
final readonly class StepDetail
{
    /**
     * @param ?float $target °C it is brought to
     * @param float $attended min nobody leaves it, beside the hands of its kind: while it heats, say
     * @param ?float $mass g the hands are counted by; null: what its lines weigh
     * @param ?string $thing what its result is, for how long it holds: the book's word
     * @param ?int $counted how many things the hands are counted by; null: its lines
     */
    public function __construct(
        public ?float $target = null,
        public float $attended = 0.0,
        public ?float $mass = null,
        public ?Wait $wait = null,
        public ?string $thing = null,
        public string $reason = '',
        public ?string $endpoint = null,
        public ?int $counted = null,
        public StepOrigin $origin = new StepOrigin(),
    ) {}
}
