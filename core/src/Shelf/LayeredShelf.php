<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

/** A shelf with some of its ingredients seen differently: a measured fruit, or values a version was computed with. */
final readonly class LayeredShelf implements Shelf
{
    /** @param array<string, Ingredient> $over by id */
    private function __construct(private Shelf $under, private array $over) {}

    /** @param iterable<Ingredient> $over */
    public static function over(Shelf $under, iterable $over): Shelf
    {
        $byId = [];
        foreach ($over as $ingredient) {
            $byId[$ingredient->id] = $ingredient;
        }

        return $byId === [] ? $under : new self($under, $byId);
    }

    public function find(string $id): ?Ingredient
    {
        return $this->over[$id] ?? $this->under->find($id);
    }

    public function get(string $id): Ingredient
    {
        return $this->over[$id] ?? $this->under->get($id);
    }

    public function all(): array
    {
        return [...$this->under->all(), ...$this->over];
    }
}
