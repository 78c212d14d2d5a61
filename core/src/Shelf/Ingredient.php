<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

/**
 * One thing on the shelf: what it is made of, how it measures, what it does, and what its packet must prove.
 */
final readonly class Ingredient
{
    /**
     * @param array<string, float> $functions agent functions by name (`gelatin-bloom`, `starch`, `foam-overrun` ml air per g …)
     * @param array<string, float> $densities g per ml by form; '' is the usual form
     * @param array<string, float> $units g of one unit by name (`each:us-large`, `can`, `fruit`, `leaf` …)
     * @param list<string> $names what kitchens call it, lower case
     * @param list<string> $origins `dairy`, `egg`, `gelatin`, `honey`, `gluten`, `alcohol`
     * @param list<string> $allergens EU Annex II words: milk, eggs, nuts, soybeans, gluten, peanuts, sesame …
     * @param list<string> $mayContain allergens its packets commonly warn of
     */
    public function __construct(
        public string $id,
        public string $name,
        public string $group,
        public Composition $composition,
        public ?float $ph,
        public FatState $fatState,
        public array $functions,
        public array $densities,
        public array $units,
        public array $names,
        public array $origins,
        public array $allergens,
        public array $mayContain,
        public ?string $askVegan,
        public ?string $askGluten,
        public ?int $priceMinorPerKg,
        public Provenance $provenance,
    ) {}

    public function does(string $function): float
    {
        return $this->functions[$function] ?? 0.0;
    }

    public function comesFrom(string $origin): bool
    {
        return \in_array($origin, $this->origins, true);
    }

    /** g per ml, for a form such as `sifted`; the usual form where that one is unknown; null where none is known. */
    public function density(string $form = ''): ?float
    {
        return $this->densities[$form] ?? $this->densities[''] ?? (array_values($this->densities)[0] ?? null);
    }

    public function isAgent(): bool
    {
        return $this->group === 'agent';
    }
}
