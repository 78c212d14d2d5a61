<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Solving;

use Transmuta\Reformulation\Deviation\LayerKind;

/** How far off a weighing may be. */
final readonly class Bounds
{
    /**
     * @param array<string, float> $off by property, in the tolerances within which it still counts as met
     * @param float $mass share of the layer's mass
     * @param float $passed by how much what may not be passed may be
     */
    public function __construct(private array $off, private float $mass, private float $passed, private LayerKind $kind) {}

    public function hold(Weighing $weighing): bool
    {
        return $this->excess($weighing) <= 0.0;
    }

    /** By how much it is off beyond that, the properties summed; 0 where it is not. */
    public function excess(Weighing $weighing): float
    {
        $excess = max(0.0, 100.0 * ($weighing->massOff() - $this->mass)) + max(0.0, $weighing->passed() - $this->passed);
        foreach ($weighing->off($this->kind) as $property => $off) {
            $excess += max(0.0, $off - ($this->off[$property] ?? 1.0));
        }

        return $excess;
    }
}
