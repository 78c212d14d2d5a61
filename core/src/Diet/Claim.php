<?php

declare(strict_types=1);

namespace Transmuta\Diet;

use Transmuta\Provenance\Provenance;

/** A nutrition claim with its standing, the number it rests on, and the words of its condition. */
final readonly class Claim
{
    public function __construct(
        public string $name,
        public Regime $regime,
        public Standing $standing,
        public float $value,
        public string $unit,
        public string $condition,
        public ?Provenance $source,
        public string $note = '',
    ) {}

    /** The same claim while something of the dish is not known: it cannot be met. */
    public function inDoubt(string $question): self
    {
        return $this->standing === Standing::Met ? new self($this->name, $this->regime, Standing::Unproven, $this->value, $this->unit, $this->condition, $this->source, $question) : $this;
    }

    /** @return array<string, mixed> */
    public function toArray(): array
    {
        return [
            'claim' => $this->name, 'regime' => $this->regime->value, 'standing' => $this->standing->value, 'value' => round($this->value, 2), 'unit' => $this->unit,
            'condition' => $this->condition, 'source' => $this->source?->source, 'mark' => $this->source?->mark->value, 'note' => $this->note,
        ];
    }
}
