<?php

declare(strict_types=1);

namespace Transmuta\Diagnosis;

/** Something that can be done: what, and, where it is computed, how much of what and how hot. */
final readonly class Cure
{
    public function __construct(public string $text, public ?string $ingredient = null, public ?float $grams = null, public ?float $celsius = null) {}

    /** @return array<string, float|string> */
    public function write(): array
    {
        return array_filter(['text' => $this->text, 'ingredient' => $this->ingredient, 'grams' => $this->grams, 'temperature_c' => $this->celsius], static fn(float|string|null $of): bool => $of !== null);
    }
}
