<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

/** A shelf held in memory. */
final readonly class IngredientList implements Shelf
{
    /** @param array<string, Ingredient> $byId */
    private function __construct(private array $byId) {}

    /** @param iterable<Ingredient> $ingredients */
    public static function of(iterable $ingredients): self
    {
        $byId = [];
        foreach ($ingredients as $ingredient) {
            $byId[$ingredient->id] = $ingredient;
        }

        return new self($byId);
    }

    /** The shelf that ships with the project, read from `core/data/shelf`. */
    public static function shipped(): self
    {
        return self::of(array_map(IngredientRow::ingredient(...), ShelfFiles::rows()));
    }

    public function find(string $id): ?Ingredient
    {
        return $this->byId[$id] ?? null;
    }

    public function get(string $id): Ingredient
    {
        return $this->byId[$id] ?? throw UnknownIngredient::id($id);
    }

    public function all(): array
    {
        return $this->byId;
    }
}
