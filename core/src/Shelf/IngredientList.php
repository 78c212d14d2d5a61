<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

/** A shelf held in memory. Rows become ingredients when they are first asked for: a dish uses a dozen of five hundred. */
final class IngredientList implements Shelf
{
    /**
     * @param array<string, Ingredient> $made
     * @param array<string, array<string, mixed>> $rows
     */
    private function __construct(private array $made, private readonly array $rows) {}

    /** @param iterable<Ingredient> $ingredients */
    public static function of(iterable $ingredients): self
    {
        $byId = [];
        foreach ($ingredients as $ingredient) {
            $byId[$ingredient->id] = $ingredient;
        }

        return new self($byId, []);
    }

    /** @param iterable<array<string, mixed>> $rows as {@see IngredientRow} reads them */
    public static function ofRows(iterable $rows): self
    {
        $byId = [];
        foreach ($rows as $row) {
            $byId[\is_string($row['id']) ? $row['id'] : ''] = $row;
        }

        return self::byId($byId);
    }

    /** @param array<string, array<string, mixed>> $rows the same, each under its id: nothing is gone through */
    public static function byId(array $rows): self
    {
        return new self([], $rows);
    }

    /** The shelf that ships with the project, read from `core/data/shelf`. */
    public static function shipped(): self
    {
        return self::ofRows(ShelfFiles::rows());
    }

    public function find(string $id): ?Ingredient
    {
        return $this->made[$id] ?? (isset($this->rows[$id]) ? $this->made[$id] = IngredientRow::ingredient($this->rows[$id]) : null);
    }

    public function get(string $id): Ingredient
    {
        return $this->find($id) ?? throw UnknownIngredient::id($id);
    }

    public function all(): array
    {
        $all = [];
        foreach (array_keys($this->rows + $this->made) as $id) {
            $all[(string) $id] = $this->get((string) $id);
        }

        return $all;
    }
}
