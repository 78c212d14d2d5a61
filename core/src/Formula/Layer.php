<?php

declare(strict_types=1);

namespace Transmuta\Formula;

/** One layer of a dish, in the order it is built from the bottom. */
final readonly class Layer
{
    /** @param list<Line> $lines */
    public function __construct(
        public string $name,
        public array $lines,
        public Treatment $treatment,
        public ?Tin $tin = null,
        public ?Loss $loss = null,
    ) {}

    /** @param list<Line> $lines */
    public function with(array $lines): self
    {
        return new self($this->name, $lines, $this->treatment, $this->tin, $this->loss);
    }

    /** @return list<Line> the lines that count */
    public function understood(): array
    {
        return array_values(array_filter($this->lines, static fn(Line $line): bool => $line->ingredient !== null));
    }
}
