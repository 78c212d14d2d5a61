<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

use Transmuta\Provenance\Mark;
use Transmuta\Provenance\Provenance;

/**
 * One thing on the shelf: what it is made of, how it measures, what it does, and what its packet must prove.
 */
final readonly class Ingredient
{
    /** What a label may ask for beside the parts: absent from {@see $micronutrients} means unknown, which is not zero. */
    public const MICRONUTRIENTS = ['cholesterol_mg', 'trans_g', 'calcium_mg', 'iron_mg', 'potassium_mg', 'vitamin_d_ug'];

    /**
     * @param array<string, float> $functions agent functions by name (`gelatin-bloom`, `starch`, `foam-overrun` ml air per g …)
     * @param array<string, float> $densities g per ml by form; '' is the usual form
     * @param array<string, float> $units g of one unit by name (`each:us-large`, `can`, `fruit`, `leaf` …)
     * @param list<string> $names what kitchens call it, lower case; `name@uk` in one country alone, `~name` for near kin it stands in for
     * @param list<string> $origins `dairy`, `egg`, `gelatin`, `meat`, `honey`, `gluten`, `alcohol`
     * @param list<string> $allergens EU Annex II words: milk, eggs, nuts, soybeans, gluten, peanuts, sesame …
     * @param list<string> $mayContain allergens its packets commonly warn of
     * @param list<string> $cereals which gluten cereal: `wheat`, `barley`, `oats`, `rye`
     * @param array<string, float> $micronutrients per 100 g, by {@see MICRONUTRIENTS}; only what is known
     * @param string $class what a practitioner takes it for (`core/data/shelf/classes.csv`), which decides its twins; '' where nobody said
     * @param ?float $statedKj energy the source states, kJ per 100 g
     * @param ?array{lines: list<array{ingredient: string, name: string, grams: float}>, steps: list<string>, yield: float, keeps_days: int, beside: ?string, inner: list<array{name: string, grams: float, steps: list<string>, keeps_days: int}>, raw: list<array{ingredient: string, name: string, group: string, class: string, grams: float}>} $madeOf what a preparation is made of: lines in g per 1000 g of it, what is fetched for it (raw) likewise, its own steps, g of one making, days it keeps, id of what would be bought instead
     * @param ?string $declared its own list of ingredients, as its packet prints it; null where nobody has read it
     * @param ?float $sulphites mg of sulphur dioxide in 1 kg, as its maker states it; null where nobody has said
     * @param array<string, Provenance> $provenances by value: `parts`, `acids`, `ph`, `density:<form>`, `unit:<name>`, `function:<name>`, a micronutrient, `price`
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
        public array $cereals = [],
        public array $micronutrients = [],
        public ?float $statedKj = null,
        public ?string $note = null,
        public array $provenances = [],
        public ?string $basedOn = null,
        public string $class = '',
        public ?string $askVegetarian = null,
        public ?string $askAlcohol = null,
        public ?array $madeOf = null,
        public ?string $declared = null,
        public ?float $sulphites = null,
    ) {}

    /**
     * What kitchens call it, without the marks that say where ({@see \Transmuta\Intake\NameIndex}).
     *
     * @return list<string>
     */
    public function called(): array
    {
        return array_values(array_unique(array_map(static fn(string $name): string => explode('@', ltrim($name, '~'))[0], $this->names)));
    }

    /** What 100 g of it hold, in a line: "fat 34, sugars 4, protein 6 g". */
    public function glance(): string
    {
        $c = $this->composition;
        $g = static fn(float $v): string => (string) round($v, $v < 10 ? 1 : 0);
        $said = [];
        foreach (['water' => $c->of100('water'), 'fat' => $c->family('fat.'), 'sugars' => $c->family('sugar.'), 'starch' => $c->of100('starch'), 'protein' => $c->family('protein.'), 'fibre' => $c->of100('fibre')] as $part => $value) {
            if ($value >= 1.0) {
                $said[] = $part . ' ' . $g($value);
            }
        }

        return $said === [] ? 'next to nothing' : implode(', ', $said) . ' g';
    }

    /** Its packet's own list, read: nothing where nobody has typed it. */
    public function packet(): PacketList
    {
        return PacketList::of($this->declared ?? '');
    }

    public function does(string $function): float
    {
        return $this->functions[$function] ?? 0.0;
    }

    public function is(Nature $nature): bool
    {
        $of = Natures::of($nature);

        return isset($of['ingredient'][$this->id]) || isset($of['class'][$this->class]) || isset($of['group'][$this->group])
            || ($this->basedOn !== null && isset($of['ingredient'][$this->basedOn]))
            || array_filter(array_keys($of['function'] ?? []), fn(string $function): bool => $this->does($function) > 0.0) !== [];
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

    /**
     * What is fetched for 1000 g of it: itself, or what goes into it where the kitchen makes it.
     *
     * @return list<array{ingredient: string, name: string, group: string, class: string, grams: float}>
     */
    public function raw(): array
    {
        return $this->madeOf['raw'] ?? [['ingredient' => $this->id, 'name' => $this->name, 'group' => $this->group, 'class' => $this->class, 'grams' => 1000.0]];
    }

    public function isAgent(): bool
    {
        return $this->group === 'agent';
    }

    /** Where one of its values comes from; what has no mark of its own has that of its composition. */
    public function provenanceOf(string $value): Provenance
    {
        return $this->provenances[$value] ?? match (true) {
            str_starts_with($value, 'acid.') => $this->provenances['acids'] ?? $this->provenance,
            $value === 'particles' => Provenance::of(Mark::Memory, 'share that thickens, taken for the set model'),
            default => $this->provenance,
        };
    }

    /** g per 100 g of the acids that make a dish sharp: of fruit, added, and lactic from souring; milk's own citrate is not counted. */
    public function sharpAcid(): float
    {
        return \in_array($this->group, ['fruit', 'acid'], true) ? $this->composition->family('acid.') : $this->composition->of100('acid.lactic');
    }

    /** A flour, meal or flake, which has the grain's protein; a starch has next to none. */
    public function isFlour(): bool
    {
        return $this->group === 'starch' && $this->composition->of100('starch') >= 40.0 && $this->composition->family('protein.') >= 4.0;
    }

    /** g of its sugars per 100 g that were added to it, not grown in it or drawn with the milk. */
    public function addedSugars(): float
    {
        return $this->group === 'sugar' ? $this->composition->family('sugar.') : min($this->does('added-sugars'), $this->composition->family('sugar.'));
    }

    /** The same ingredient with another composition, as a measured fruit or a checked packet has it. */
    public function holding(Composition $composition, Provenance $provenance): self
    {
        return new self(
            $this->id,
            $this->name,
            $this->group,
            $composition,
            $this->ph,
            $this->fatState,
            $this->functions,
            $this->densities,
            $this->units,
            $this->names,
            $this->origins,
            $this->allergens,
            $this->mayContain,
            $this->askVegan,
            $this->askGluten,
            $this->priceMinorPerKg,
            $provenance,
            $this->cereals,
            $this->micronutrients,
            null,
            $this->note,
            [...$this->provenances, 'acids' => $provenance],
            $this->basedOn,
            $this->class,
            $this->askVegetarian,
            $this->askAlcohol,
            $this->madeOf,
            $this->declared,
            $this->sulphites,
        );
    }
}
