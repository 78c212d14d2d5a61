<?php

declare(strict_types=1);

namespace Transmuta\Formula;

/** One layer of a dish, in the order it is built from the bottom. Its id (a ULID, or '' where nobody has given one) stays with it through every change. */
final readonly class Layer
{
    /** What a list under no heading is called. */
    public const UNNAMED = 'Dish';

    /** @param list<Line> $lines */
    public function __construct(
        public string $name,
        public array $lines,
        public Treatment $treatment,
        public ?Tin $tin = null,
        public ?Loss $loss = null,
        public string $id = '',
    ) {}

    /** @param list<Line> $lines */
    public function with(array $lines): self
    {
        return new self($this->name, $lines, $this->treatment, $this->tin, $this->loss, $this->id);
    }

    public function identified(string $id): self
    {
        return new self($this->name, $this->lines, $this->treatment, $this->tin, $this->loss, $id);
    }

    public function treated(Treatment $treatment): self
    {
        return new self($this->name, $this->lines, $treatment, $this->tin, $this->loss, $this->id);
    }

    public function losing(?Loss $loss): self
    {
        return new self($this->name, $this->lines, $this->treatment, $this->tin, $loss, $this->id);
    }

    public function in(?Tin $tin): self
    {
        return new self($this->name, $this->lines, $this->treatment, $tin, $this->loss, $this->id);
    }

    /** @return list<Line> the lines that count */
    public function understood(): array
    {
        return array_values(array_filter($this->lines, static fn(Line $line): bool => $line->ingredient !== null));
    }
}
