<?php

declare(strict_types=1);

namespace Transmuta\Process\Making;

/** min after the hands have left: before the least it fails, the best is what a plan aims for, after the most it is worse (null: nothing says so). */
final readonly class Wait
{
    private function __construct(public float $least, public float $best, public ?float $most) {}

    public static function none(): self
    {
        return new self(0.0, 0.0, 0.0);
    }

    /** Put in order: a best under the least is the least, a most under the best is the best. */
    public static function of(float $least, float $best, ?float $most): self
    {
        $least = max(0.0, $least);
        $best = max($least, $best);

        return new self($least, $best, $most === null ? null : max($best, $most));
    }
}
