<?php

declare(strict_types=1);

namespace Transmuta\Process\Plan;

/** Something on a unit from one moment to another: a task, or (item null) a clean wipe. What is begun has its oven hot already. */
final readonly class Stay
{
    public function __construct(public int $from, public int $to, public ?int $item, public float $load = 1.0, public ?float $celsius = null, public bool $isBegun = false) {}
}
