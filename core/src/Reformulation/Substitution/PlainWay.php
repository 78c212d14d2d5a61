<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

/** A kitchen's own way to convert a layer: which of its lines leave, and what comes in for them all together. */
final readonly class PlainWay
{
    /**
     * @param array<int, ?Substitution> $leaves what stands in for each line that leaves, by its place; null where nothing does
     * @param array<string, array{dose: Dose, for: int}> $comes what comes in, by ingredient, and the line it is first of all for
     */
    public function __construct(public array $leaves, public array $comes) {}
}
