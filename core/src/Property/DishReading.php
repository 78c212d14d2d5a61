<?php

declare(strict_types=1);

namespace Transmuta\Property;

use Transmuta\Diet\Claim;
use Transmuta\Diet\Verdict;
use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Formula;
use Transmuta\Method\Method;
use Transmuta\Property\Heat\Stack;
use Transmuta\Shelf\Ingredient;

/** A dish read: its layers, one portion and 100 g of it, its allergens and diets, how it cools and keeps. */
final readonly class DishReading
{
    /**
     * @param list<LayerReading> $layers
     * @param array<string, float> $portion nutrition of one portion, with `mass_g` and `cost_minor`
     * @param array<string, float> $per100 the same per 100 g
     * @param array<string, float> $us facts of one portion under US rules, unrounded
     * @param array<string, array{value: float, unknown: list<string>}> $micronutrients of one portion
     * @param list<string> $contains EU allergens
     * @param list<string> $mayContain
     * @param array<string, array{contains: array<string, list<string>>, may: array<string, list<string>>}> $allergens ingredient names by allergen, by regime
     * @param array<string, Verdict> $diets
     * @param list<Claim> $claims
     * @param Stack $stack heights, cooling and freezing in the vessel
     * @param list<\Transmuta\Property\Warning> $watch most serious first
     * @param ?self $original what it was made from, where that is read with it
     * @param ?Method $method the maker's own method as it was understood with it; null where nobody wrote one, or its lines were read before
     */
    public function __construct(
        public Formula $formula,
        public array $layers,
        public array $portion,
        public array $per100,
        public array $us,
        public array $micronutrients,
        public array $contains,
        public array $mayContain,
        public array $allergens,
        public array $diets,
        public array $claims,
        public Stack $stack,
        public array $watch = [],
        public ?self $original = null,
        public ?Method $method = null,
    ) {}

    /** g of the finished dish. */
    public function mass(): float
    {
        return array_sum(array_map(static fn(LayerReading $layer): float => $layer->state->mass, $this->layers));
    }

    /** ml of the finished dish, its air with it. */
    public function volume(): float
    {
        return array_sum(array_map(static fn(LayerReading $layer): float => $layer->volume, $this->layers));
    }

    /** Null where no layer has that id. */
    public function layerOf(string $id): ?LayerReading
    {
        foreach ($this->layers as $layer) {
            if ($layer->layer->id === $id) {
                return $layer;
            }
        }

        return null;
    }

    /** @return array<string, Ingredient> everything that goes in, what is only infused with it, by id */
    public function ingredients(): array
    {
        $all = [];
        foreach ($this->layers as $layer) {
            foreach ($layer->state->model->portions as $portion) {
                $all[$portion->ingredient->id] = $portion->ingredient;
            }
        }

        return $all;
    }

    /**
     * The layers that are called so, whatever the letters: two may share a name.
     *
     * @return non-empty-list<LayerReading>
     *
     * @throws Nonsense with the names there are
     */
    public function layersNamed(string $name, string $field = 'layer'): array
    {
        $called = array_values(array_filter($this->layers, static fn(LayerReading $layer): bool => mb_strtolower($layer->layer->name) === mb_strtolower(trim($name))));

        return $called !== [] ? $called : throw Nonsense::of($field, $name, 'name a layer of the formula: ' . implode(', ', array_map(static fn(LayerReading $layer): string => $layer->layer->name, $this->layers)));
    }

    /** @param list<\Transmuta\Property\Warning> $watch */
    public function watched(array $watch): self
    {
        return new self(
            $this->formula,
            $this->layers,
            $this->portion,
            $this->per100,
            $this->us,
            $this->micronutrients,
            $this->contains,
            $this->mayContain,
            $this->allergens,
            $this->diets,
            $this->claims,
            $this->stack,
            $watch,
            $this->original,
            $this->method,
        );
    }

    /** Whether any of its layers is frozen. */
    public function isFrozen(): bool
    {
        return array_filter($this->layers, static fn(LayerReading $one): bool => $one->layer->treatment->freezes()) !== [];
    }

    /** Days the whole dish keeps: its shortest layer. */
    public function keepsDays(): int
    {
        return min([60, ...array_map(static fn(LayerReading $l): int => $l->keeping->days, $this->layers)]);
    }
}
