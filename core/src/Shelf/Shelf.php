<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

/** The port through which the core sees ingredients. The application fills it from its store, tests from the data files. */
interface Shelf
{
    public function find(string $id): ?Ingredient;

    /** @throws UnknownIngredient if the shelf has no such id */
    public function get(string $id): Ingredient;

    /** @return array<string, Ingredient> by id */
    public function all(): array;
}
