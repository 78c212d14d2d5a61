<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Explanation;

/** What stands between a dish and its brief: by how much the nearest route misses it, why in words, and the nearest that can be had. */
final readonly class Blocked
{
    /**
     * @param float $number by how much it is missed, in `unit`; for what is banned and stays, how many things do
     * @param list<string> $because what holds the nearest route back, in words
     */
    public function __construct(public string $what, public float $number, public string $unit, public string $reason, public string $nearest, public array $because = []) {}

    public function nearest(string $nearest): self
    {
        return new self($this->what, $this->number, $this->unit, $this->reason, $nearest, $this->because);
    }

    /** @return array{what: string, number: float, unit: string, reason: string, nearest: string, because: list<string>} */
    public function toArray(): array
    {
        return ['what' => $this->what, 'number' => $this->number, 'unit' => $this->unit, 'reason' => $this->reason, 'nearest' => $this->nearest, 'because' => $this->because];
    }
}
