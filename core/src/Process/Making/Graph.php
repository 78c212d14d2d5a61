<?php

declare(strict_types=1);

namespace Transmuta\Process\Making;

/**
 * The steps of a dish as they are put down, and what their hands depend on.
 *
 * `isSmall`: filled in glasses, moulds or tartlets rather than tins to be cut.
 */
final class Graph
{
    /** @var list<MakingStep> */
    private array $steps = [];

    public function __construct(public readonly ProcessBook $book, public readonly int $portions, public readonly int $vessels, public readonly bool $isSmall) {}

    public function put(MakingStep $step): void
    {
        $this->steps[] = $step;
    }

    /** @return list<MakingStep> in an order in which they may be done */
    public function steps(): array
    {
        return $this->steps;
    }
}
