<?php

declare(strict_types=1);

namespace Transmuta\Trace;

use Transmuta\Provenance\Provenance;

/** One step of how a number came about: its value, its formula in words, what went into it, and where a table's value comes from. */
final readonly class Trace
{
    /** @param list<self> $inputs largest first where an order means something */
    private function __construct(public string $label, public ?float $value, public string $unit, public string $words, public array $inputs, public ?Provenance $source) {}

    /** @param list<self> $inputs */
    public static function of(string $label, ?float $value, string $unit = '', string $words = '', array $inputs = [], ?Provenance $source = null): self
    {
        return new self($label, $value, $unit, $words, $inputs, $source);
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'label' => $this->label,
            'value' => $this->value === null ? null : (float) \sprintf('%.4g', $this->value),
            'unit' => $this->unit,
            'words' => $this->words,
            'source' => $this->source === null ? null : ['mark' => $this->source->mark->value, 'words' => $this->source->mark->words(), 'source' => $this->source->source],
            'inputs' => array_map(static fn(self $input): array => $input->toArray(), $this->inputs),
        ];
    }

    /** @return list<Provenance> every source named here and anywhere below */
    public function sources(): array
    {
        return [...($this->source === null ? [] : [$this->source]), ...array_merge([], ...array_map(static fn(self $input): array => $input->sources(), $this->inputs))];
    }
}
