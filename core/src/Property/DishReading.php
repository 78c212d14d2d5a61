<?php

declare(strict_types=1);

namespace Transmuta\Property;

use Transmuta\Diet\Verdict;
use Transmuta\Formula\Formula;

/** A dish read: its layers, one portion and 100 g of it, its allergens and diets. */
final readonly class DishReading
{
    /**
     * @param list<LayerReading> $layers
     * @param array<string, float> $portion nutrition of one portion, with `mass_g` and `cost_minor`
     * @param array<string, float> $per100 the same per 100 g
     * @param list<string> $contains allergens
     * @param list<string> $mayContain
     * @param array<string, Verdict> $diets
     * @param list<\Transmuta\Watch\Warning> $watch most serious first
     */
    public function __construct(
        public Formula $formula,
        public array $layers,
        public array $portion,
        public array $per100,
        public array $contains,
        public array $mayContain,
        public array $diets,
        public array $watch,
    ) {}
}
