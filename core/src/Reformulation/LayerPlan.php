<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

/** A choice for one layer before it is solved: which packages, and the unknown masses they lead to. */
final readonly class LayerPlan
{
    /**
     * @param list<Unknown> $unknowns
     */
    public function __construct(public string $id, public string $name, public string $mouth, public int $effortMinutes, public int $waitHours, public array $unknowns) {}
}
