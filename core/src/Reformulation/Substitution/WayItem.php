<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

/** One thing that comes in where a mass is converted, and how much of it. */
final readonly class WayItem
{
    /**
     * @param non-empty-list<string> $things it, or what it may be instead, in order
     * @param ?float $factor g per g of what is of `of`, or share of the layer; null for what is missing to the layer's mass
     * @param list<string> $of classes that the factor is of; none for a share of the layer
     */
    public function __construct(public array $things, public ?float $factor, public array $of) {}
}
