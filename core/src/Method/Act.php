<?php

declare(strict_types=1);

namespace Transmuta\Method;

use Transmuta\Formula\Oven;

/** One thing done: an operation, what goes in, how hot, how long, until when, in the maker's own words. */
final readonly class Act
{
    /**
     * @param int $sentence place of the sentence it was read from, from 0; -1 for one nobody wrote
     * @param string $words the clause as it was written
     * @param int $layer place of the layer it is of
     * @param list<Part> $parts lines that go in here
     * @param list<int> $from acts whose products it works on
     * @param ?float $celsius of the mass; of the oven, as a still one's, for what is baked
     * @param ?Oven $oven as it was said, where it was
     * @param list<array{celsius: ?float, minutes: ?float}> $stages of an oven after the first
     * @param string $sign how it is seen to be done, as written; '' where nothing was said
     */
    public function __construct(
        public int $sentence,
        public string $words,
        public Operation $operation,
        public int $layer,
        public array $parts = [],
        public array $from = [],
        public ?float $celsius = null,
        public ?Oven $oven = null,
        public ?Span $time = null,
        public array $stages = [],
        public string $sign = '',
    ) {}

    /** @param list<array{celsius: ?float, minutes: ?float}> $stages */
    public function inStages(array $stages, string $words, string $sign = ''): self
    {
        return new self($this->sentence, $words, $this->operation, $this->layer, $this->parts, $this->from, $this->celsius, $this->oven, $this->time, $stages, $sign === '' ? $this->sign : $sign);
    }

    /** @param list<Part> $parts the same lines where they stand in that layer */
    public function of(int $layer, array $parts): self
    {
        return new self($this->sentence, $this->words, $this->operation, $layer, $parts, $this->from, $this->celsius, $this->oven, $this->time, $this->stages, $this->sign);
    }

    public function worded(string $words): self
    {
        return new self($this->sentence, $words, $this->operation, $this->layer, $this->parts, $this->from, $this->celsius, $this->oven, $this->time, $this->stages, $this->sign);
    }
}
