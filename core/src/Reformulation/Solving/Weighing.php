<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Solving;

use Transmuta\Property\LayerState;
use Transmuta\Reformulation\Deviation\JobTable;
use Transmuta\Reformulation\Deviation\LayerKind;
use Transmuta\Reformulation\Substitution\Unknown;

/** A layer weighed in one way, and how far off that leaves it. */
final readonly class Weighing
{
    private LayerState $state;

    /**
     * @param list<Unknown> $unknowns every line
     * @param list<float> $grams of every line
     */
    public function __construct(public LayerProblem $problem, public array $unknowns, public array $grams)
    {
        $this->state = $problem->state($grams);
    }

    /** @return array<string, float> how far each property is off its target, in the tolerances within which it still counts as met in a layer of a kind */
    public function off(LayerKind $kind): array
    {
        $off = [];
        foreach ($this->problem->rails($this->state) as $rail) {
            $off[$rail->property] = abs($rail->residual) / JobTable::verdict($rail->property, $kind);
        }

        return $off;
    }

    /** How far its mass is off, as a share of it. */
    public function massOff(): float
    {
        return $this->problem->massOff($this->state);
    }

    /** By how much it passes what it may not: grain, wax, what several things may come to together, the limits of the brief. */
    public function passed(): float
    {
        return $this->problem->passed($this->state);
    }
}
