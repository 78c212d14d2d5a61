<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

/** How a kitchen converts a mass of a kind for a diet. */
final readonly class KindWay
{
    /**
     * @param list<string> $out classes that leave
     * @param list<WayItem> $in
     */
    public function __construct(public array $out, public array $in) {}

    /** Both at once; what leaves by the first is not taken out again. */
    public function and(self $other): self
    {
        return new self(array_values(array_unique([...$this->out, ...$other->out])), [...$this->in, ...array_values(array_filter($other->in, fn(WayItem $item): bool => $item->of === [] || array_diff($item->of, $this->out) !== []))]);
    }
}
