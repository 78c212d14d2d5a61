<?php

declare(strict_types=1);

namespace Transmuta\Process\Plan;

/** Where a task can stand: when, who, on which unit, and what must be cleaned for it. */
final readonly class Slot
{
    /**
     * @param ?int $cook from 0; null where nobody works
     * @param list<int> $units from 0; several where it takes more than one shelf; [] where nobody counts them
     * @param list<array{from: int, cook: int, item: int}> $cleans
     */
    public function __construct(public int $start, public ?int $cook, public array $units, public array $cleans = []) {}
}
