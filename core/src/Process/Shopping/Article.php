<?php

declare(strict_types=1);

namespace Transmuta\Process\Shopping;

/** A pack as somebody sells it. Money in minor units, as an integer. */
final readonly class Article
{
    public function __construct(public string $supplier, public string $ingredient, public string $name, public float $grams, public int $minor) {}

    /** @return array{supplier: string, ingredient: string, name: string, grams: float, minor: int} */
    public function write(): array
    {
        return ['supplier' => $this->supplier, 'ingredient' => $this->ingredient, 'name' => $this->name, 'grams' => $this->grams, 'minor' => $this->minor];
    }
}
