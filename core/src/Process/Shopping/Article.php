<?php

declare(strict_types=1);

namespace Transmuta\Process\Shopping;

use Transmuta\Fault\Nonsense;

/** A pack as somebody sells it. Money in minor units, as an integer. */
final readonly class Article
{
    public function __construct(public string $supplier, public string $ingredient, public string $name, public float $grams, public int $minor) {}

    /**
     * As {@see write} wrote it.
     *
     * @param array<array-key, mixed> $data
     *
     * @throws Nonsense if it is none
     */
    public static function read(string $supplier, array $data): self
    {
        ['ingredient' => $ingredient, 'name' => $name, 'grams' => $grams, 'minor' => $minor] = $data + ['ingredient' => null, 'name' => null, 'grams' => null, 'minor' => null];
        if (!\is_string($ingredient) || !\is_string($name) || (!\is_int($grams) && !\is_float($grams)) || $grams <= 0.0 || !\is_int($minor) || $minor < 0) {
            throw Nonsense::sent('articles', $data, 'a pack has an ingredient, a name, its grams and a price in whole minor units');
        }

        return new self($supplier, $ingredient, $name, (float) $grams, $minor);
    }

    /** @return array{supplier: string, ingredient: string, name: string, grams: float, minor: int} */
    public function write(): array
    {
        return ['supplier' => $this->supplier, 'ingredient' => $this->ingredient, 'name' => $this->name, 'grams' => $this->grams, 'minor' => $this->minor];
    }
}
