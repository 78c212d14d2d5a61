<?php

declare(strict_types=1);

namespace Transmuta\Format;

use Transmuta\Diet\Allergens;
use Transmuta\Diet\Diet;
use Transmuta\Diet\DietRules;
use Transmuta\Diet\EvidenceBook;
use Transmuta\Property\IngredientCurves;
use Transmuta\Property\Reader;
use Transmuta\Provenance\Provenance;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Jobs;
use Transmuta\Shelf\Standards;

/** An ingredient of the shelf: in short for a list, in full with the provenance of every value. */
final readonly class IngredientJson
{
    public function __construct(private Reader $reader, private EvidenceBook $evidence) {}

    /** @return array<string, mixed> */
    public function short(Ingredient $in): array
    {
        $not = $ask = [];
        foreach (Diet::cases() as $diet) {
            match ($this->standing($diet, $in)['standing']) {
                'not met' => $not[] = $diet->value,
                'unproven' => $ask[] = $diet->value,
                default => null,
            };
        }

        return [
            'id' => $in->id, 'name' => $in->name, 'group' => $in->group, 'names' => $in->called(), 'jobs' => Jobs::of($in), 'not' => $not, 'ask' => $ask,
            'mark' => $in->provenance->mark->value, 'source' => $in->provenance->source,
        ];
    }

    /** @return array<string, mixed> */
    public function full(Ingredient $in): array
    {
        $agents = array_intersect_key($this->reader->reference->agents, $in->functions);
        if ($in->composition->family('fat.') > 5.0) {
            // What the table says of foams is of those without fat: cream whips by its own fat.
            unset($agents['foam-overrun']);
        }

        return [
            ...$this->short($in),
            'parts' => array_map(fn(string $part, float $grams): array => ['part' => $part, 'grams' => round($grams, 4), ...self::mark($in->provenanceOf($part))], array_keys($in->composition->parts), $in->composition->parts),
            'sum' => round($in->composition->sum(), 2),
            'stated_kj' => $in->statedKj,
            'computed_kj' => round($this->energy($in), 1),
            'note' => $in->note,
            'declared' => $in->declared,
            'sulphites' => $in->sulphites,
            'ph' => $in->ph === null ? null : ['value' => $in->ph, ...self::mark($in->provenanceOf('ph'))],
            'micronutrients' => array_map(static fn(string $fact): array => isset($in->micronutrients[$fact]) ? ['fact' => $fact, 'value' => $in->micronutrients[$fact], ...self::mark($in->provenanceOf($fact))] : ['fact' => $fact, 'value' => null], Ingredient::MICRONUTRIENTS),
            'densities' => self::values($in, $in->densities, 'density'),
            'units' => self::values($in, $in->units, 'unit'),
            'functions' => self::values($in, $in->functions, 'function'),
            'agents' => array_values($agents),
            'sweetener' => $this->sweetener($in),
            'diets' => array_map(fn(Diet $diet): array => ['diet' => $diet->value, ...$this->standing($diet, $in)], Diet::cases()),
            'allergens' => ['eu' => $in->allergens, 'us' => Allergens::inTheUs($in), 'may_contain' => $in->mayContain, 'cereals' => $in->cereals],
            'price' => $in->priceMinorPerKg === null ? null : ['minor_per_kg' => $in->priceMinorPerKg, ...self::mark($in->provenanceOf('price'))],
            'based_on' => $in->basedOn,
            'standards' => array_map(static fn(array $bound): array => [...$bound, 'ours' => round(Standards::value($bound['fact'], $in), 2)], Standards::of($in->id)),
            'curves' => (new IngredientCurves($this->reader))->of($in),
        ];
    }

    /** @return array{standing: string, why: string} */
    private function standing(Diet $diet, Ingredient $in): array
    {
        $seen = $this->evidence->of($in->id, $diet);
        $question = DietRules::question($diet, $in);

        return match (true) {
            DietRules::bans($diet, $in) => ['standing' => 'not met', 'why' => ''],
            $seen !== null => ['standing' => $seen->meets ? 'met' : 'not met', 'why' => $seen->words()],
            $question !== null => ['standing' => 'unproven', 'why' => $question],
            default => ['standing' => 'met', 'why' => ''],
        };
    }

    /** kJ per 100 g by the EU factors. */
    private function energy(Ingredient $in): float
    {
        $c = $in->composition;
        $e = $this->reader->reference->energy;
        $erythritol = $c->of100('polyol.erythritol');

        return $e['carbohydrate']['kj'] * ($c->family('sugar.') + $c->of100('starch') + $c->of100('dextrin') + $c->of100('allulose')) + $e['polyols']['kj'] * ($c->family('polyol.') - $erythritol)
            + $e['fat']['kj'] * $c->family('fat.') + $e['protein']['kj'] * $c->family('protein.') + $e['alcohol']['kj'] * $c->of100('alcohol')
            + $e['organic_acid']['kj'] * $c->family('acid.') + $e['fibre']['kj'] * $c->of100('fibre');
    }

    /** @return list<array<string, string>> rows of the sweetener table this ingredient carries */
    private function sweetener(Ingredient $in): array
    {
        $rows = [];
        foreach ($this->reader->reference->sweeteners as $species => $row) {
            $parts = $in->composition->parts;
            if (isset($parts["sugar.$species"]) || isset($parts["polyol.$species"]) || isset($parts["active.$species"]) || ($row['kind'] === 'allulose' && isset($parts['allulose']))) {
                $rows[] = $row;
            }
        }

        return \in_array('sweetens', Jobs::of($in), true) ? $rows : [];
    }

    /**
     * @param array<string, float> $values
     *
     * @return list<array<string, mixed>>
     */
    private static function values(Ingredient $in, array $values, string $kind): array
    {
        return array_map(static fn(string $name, float $value): array => ['name' => $name, 'value' => $value, ...self::mark($in->provenanceOf("$kind:$name"))], array_keys($values), array_values($values));
    }

    /** @return array{mark: string, words: string, source: string} */
    private static function mark(Provenance $p): array
    {
        return ['mark' => $p->mark->value, 'words' => $p->mark->words(), 'source' => $p->source];
    }
}
