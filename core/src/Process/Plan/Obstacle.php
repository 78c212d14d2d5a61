<?php

declare(strict_types=1);

namespace Transmuta\Process\Plan;

/** What cannot be: one step, resource or time, why, and the cheapest thing that would make it possible. */
final readonly class Obstacle
{
    public function __construct(public string $what, public string $why, public string $cure) {}
}
