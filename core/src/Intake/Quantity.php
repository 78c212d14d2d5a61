<?php

declare(strict_types=1);

namespace Transmuta\Intake;

/** One amount as a line states it: g, ml, or a count of things or containers. */
final readonly class Quantity
{
    /**
     * @param 'mass'|'volume'|'count' $kind
     * @param float $value g, ml or how many
     * @param string $words for the trace
     * @param string $container what is counted; '' for the thing itself, or where g or ml are stated
     * @param float $times how many containers a stated mass or volume was multiplied by
     * @param ?string $length "cm" where a length was counted
     * @param bool $isNet a mass without peel, stone or brine
     */
    public function __construct(
        public string $kind,
        public float $value,
        public string $words,
        public bool $isRange = false,
        public string $container = '',
        public bool $isEach = false,
        public bool $isEstimate = false,
        public string $size = '',
        public float $times = 1.0,
        public ?string $unit = null,
        public ?string $length = null,
        public bool $isNet = false,
    ) {}

    public function times(float $count): self
    {
        return new self($this->kind, $this->value * $count, $count === 1.0 ? $this->words : \sprintf('%s × %s', Numbers::words($count), $this->words), $this->isRange, $this->container, false, $this->isEstimate, $this->size, $this->times * $count, $this->unit, $this->length, $this->isNet);
    }

    /** The same amount, out of that container. */
    public function in(string $container): self
    {
        return new self($this->kind, $this->value, $this->words, $this->isRange, $container, $this->isEach, $this->isEstimate, $this->size, $this->times, $this->unit, $this->length, $this->isNet);
    }
}
