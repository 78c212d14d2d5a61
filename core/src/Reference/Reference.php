<?php

declare(strict_types=1);

namespace Transmuta\Reference;

use Transmuta\Provenance\Mark;
use Transmuta\Provenance\Provenance;

/**
 * All coefficient tables of the computation, read once from `core/data/reference`.
 *
 * Units stand in the column names of the files; see docs/computation.md for what each model does with them.
 */
final readonly class Reference
{
    /**
     * @param array<string, array<string, string>> $sweeteners by species
     * @param array<string, array{kj: float, kcal: float}> $energy EU factors per g, by part
     * @param array<string, array{molar: float, pka: list<float>, food: list<float>}> $acids
     * @param array<string, float> $buffers mmol per g protein per pH unit, by protein kind
     * @param array<string, array<int, float>> $solidFat % solid by °C, by fat kind
     * @param array<string, float> $set coefficients of the set model
     * @param array<string, array{molar: float, k: float, ions: float}> $solutes Norrish constants
     * @param list<array{0: float, 1: float}> $freezing sucrose % in the water phase to °C
     * @param array<string, float> $density kg/m³ at 20 °C by part
     * @param list<array<string, string>> $units rows of the unit table
     * @param array<string, float> $energyUs kcal per g under 21 CFR 101.9, by part or polyol
     * @param list<array<string, string>> $claims nutrition claims with their thresholds
     * @param array<string, array<string, array{0: float, 1: float, 2: float}>> $thermal a + b·T + c·T² (T in °C) by property, by part
     * @param array<string, array{air: float, film: float}> $places air °C and surface film coefficient W/m²K, by place
     * @param array<string, array<string, string>> $agents setting agents by function: dose range, activation, window
     * @param array<string, array{name: string, doses: list<string>, coefficients: list<string>, words: string}> $mechanisms of the set, in words
     * @param array<string, array{days: int, words: string, mark: string, source: string}> $keeping cautious keeping times by rule
     * @param array<string, float> $cooking shifts of an egg's cooking window
     * @param array<string, array{celsius: float, minutes: float}> $pasteurisation by product
     * @param array<string, float> $synergy gain where two high-potency sweeteners taste equally sweet, by their names
     * @param array<string, float> $sweetenerLimits mg, by what is limited: `guide …` per kg body weight and day, `most …` per kg of a dessert in Europe, `steviol …` in 1 mg
     * @param list<array{0: float, 1: float}> $viscosity sucrose % in water to mPa·s at 20 °C
     * @param array<string, array{cold: float, hot: float, foam: float}> $emulsion g fat that 1 g of a holder holds, by `class:…`, `protein:…` or ingredient
     * @param array<string, float> $freeFat share 0…1 of a class's fat that must be held
     * @param array<string, array{members: list<string>, strength: float, neighbours: list<string>}> $characters what a layer can be about; strength in % of the layer
     * @param array<string, array<string, array{0: string, 1: string}>> $sources mark and source by table and key
     */
    private function __construct(
        public array $sweeteners,
        public array $energy,
        public array $acids,
        public array $buffers,
        public array $solidFat,
        public array $set,
        public array $solutes,
        public array $freezing,
        public array $density,
        public array $units,
        public array $energyUs,
        public array $claims,
        public array $thermal,
        public array $places,
        public array $agents,
        public array $mechanisms,
        public array $keeping,
        public array $cooking,
        public array $pasteurisation,
        public array $synergy,
        public array $sweetenerLimits,
        public array $viscosity,
        public array $emulsion,
        public array $freeFat,
        public array $characters,
        private array $sources,
    ) {}

    /** Where a coefficient comes from, by table and key; null where the table has no such key. */
    public function sourceOf(string $table, string $key): ?Provenance
    {
        $found = $this->sources[$table][$key] ?? null;

        return $found === null ? null : Provenance::of(Mark::from($found[0]), $found[1]);
    }

    /**
     * The same tables with some coefficients of the set model replaced: how a fit or a sensitivity is tried.
     *
     * @param array<string, float> $set
     */
    public function withSet(array $set): self
    {
        return new self(
            $this->sweeteners,
            $this->energy,
            $this->acids,
            $this->buffers,
            $this->solidFat,
            [...$this->set, ...$set],
            $this->solutes,
            $this->freezing,
            $this->density,
            $this->units,
            $this->energyUs,
            $this->claims,
            $this->thermal,
            $this->places,
            $this->agents,
            $this->mechanisms,
            $this->keeping,
            $this->cooking,
            $this->pasteurisation,
            $this->synergy,
            $this->sweetenerLimits,
            $this->viscosity,
            $this->emulsion,
            $this->freeFat,
            $this->characters,
            $this->sources,
        );
    }

    /** Every table by name with the column its rows are known by. */
    private const KEYS = [
        'sweeteners' => 'species', 'energy' => 'part', 'acids' => 'acid', 'buffers' => 'protein', 'solid-fat' => 'fat', 'set' => 'key', 'water' => 'solute',
        'freezing' => 'sucrose_percent', 'density' => 'part', 'units' => 'unit', 'energy-us' => 'part', 'claims' => 'claim',
        'thermal' => 'part', 'cooling' => 'place', 'agents' => 'function', 'mechanisms' => 'mechanism', 'keeping' => 'rule',
        'synergy' => 'pair', 'sweetener-limits' => 'limit',
        'cooking' => 'key', 'pasteurisation' => 'product', 'viscosity' => 'sucrose_percent',
        'emulsion' => 'key', 'free-fat' => 'class', 'characters' => 'character', 'dry-structure' => 'class', 'coagulated-casein' => 'class',
    ];

    /**
     * @return array<string, list<array<string, string>>> rows of every table, as a store may keep them
     *
     * @throws BrokenTable if a table is missing or a row is malformed
     */
    public static function tables(): array
    {
        $tables = [];
        foreach (array_keys(self::KEYS) as $name) {
            $tables[$name] = Table::of("reference/$name");
        }

        return $tables;
    }

    /** @throws BrokenTable if a table is missing or a row is malformed */
    public static function standard(): self
    {
        return self::of(self::tables());
    }

    /** @param array<string, list<array<string, string>>> $tables as {@see tables} gives them */
    public static function of(array $tables): self
    {
        $read = static fn(string $name): array => $tables[$name];
        $sources = [];
        foreach (self::KEYS as $name => $column) {
            foreach ($tables[$name] as $row) {
                $sources[$name][$row[$column]] = [$row['mark'], $row['source']];
            }
        }
        $thermal = [];
        foreach ($tables['thermal'] as $row) {
            $thermal[$row['property']][$row['part']] = [(float) $row['a'], (float) $row['b'], (float) $row['c']];
        }
        $numbers = static fn(string $cell): array => array_map(floatval(...), explode(' ', $cell));

        return new self(
            sweeteners: self::by('species', $read('sweeteners'), static fn(array $r): array => $r),
            energy: self::by('part', $read('energy'), static fn(array $r): array => ['kj' => (float) $r['kj_g'], 'kcal' => (float) $r['kcal_g']]),
            acids: self::by('acid', $read('acids'), static fn(array $r): array => [
                'molar' => (float) $r['molar_mass'], 'pka' => $numbers($r['pka']), 'food' => $numbers($r['pka_in_food']),
            ]),
            buffers: self::by('protein', $read('buffers'), static fn(array $r): float => (float) $r['mmol_per_g_ph']),
            solidFat: self::by('fat', $read('solid-fat'), static fn(array $r): array => [
                5 => (float) $r['at_5'], 10 => (float) $r['at_10'], 20 => (float) $r['at_20'],
                25 => (float) $r['at_25'], 30 => (float) $r['at_30'], 35 => (float) $r['at_35'],
            ]),
            set: self::by('key', $read('set'), static fn(array $r): float => (float) $r['value']),
            solutes: self::by('solute', $read('water'), static fn(array $r): array => [
                'molar' => (float) $r['molar_mass'], 'k' => (float) $r['norrish_k'], 'ions' => (float) $r['ions'],
            ]),
            freezing: array_map(
                static fn(array $r): array => [(float) $r['sucrose_percent'], (float) $r['freezing_c']],
                $read('freezing'),
            ),
            density: self::by('part', $read('density'), static fn(array $r): float => (float) $r['kg_m3_20c']),
            units: $read('units'),
            energyUs: self::by('part', $read('energy-us'), static fn(array $r): float => (float) $r['kcal_g']),
            claims: $read('claims'),
            thermal: $thermal,
            places: self::by('place', $read('cooling'), static fn(array $r): array => ['air' => (float) $r['air_c'], 'film' => (float) $r['film_w_m2k']]),
            agents: self::by('function', $read('agents'), static fn(array $r): array => $r),
            mechanisms: self::by('mechanism', $read('mechanisms'), static fn(array $r): array => [
                'name' => $r['name'], 'doses' => explode(' ', $r['doses']), 'coefficients' => explode(' ', $r['coefficients']), 'words' => $r['words'],
            ]),
            keeping: self::by('rule', $read('keeping'), static fn(array $r): array => ['days' => (int) $r['days'], 'words' => $r['words'], 'mark' => $r['mark'], 'source' => $r['source']]),
            cooking: self::by('key', $read('cooking'), static fn(array $r): float => (float) $r['value']),
            pasteurisation: self::by('product', $read('pasteurisation'), static fn(array $r): array => [
                'celsius' => ((float) $r['fahrenheit'] - 32) / 1.8, 'minutes' => (float) $r['minutes'],
            ]),
            synergy: self::by('pair', $read('synergy'), static fn(array $r): float => (float) $r['factor']),
            sweetenerLimits: self::by('limit', $read('sweetener-limits'), static fn(array $r): float => (float) $r['mg']),
            viscosity: array_map(static fn(array $r): array => [(float) $r['sucrose_percent'], (float) $r['mpas_20c']], $read('viscosity')),
            emulsion: self::by('key', $read('emulsion'), static fn(array $r): array => ['cold' => (float) $r['cold'], 'hot' => (float) $r['hot'], 'foam' => (float) $r['foam']]),
            freeFat: self::by('class', $read('free-fat'), static fn(array $r): float => (float) $r['share']),
            characters: self::by('character', $read('characters'), static fn(array $r): array => ['members' => explode(' ', $r['members']), 'strength' => (float) $r['strength'], 'neighbours' => $r['neighbours'] === '' ? [] : explode(' ', $r['neighbours'])]),
            sources: $sources,
        );
    }

    /**
     * @template T
     *
     * @param list<array<string, string>> $rows
     * @param callable(array<string, string>): T $value
     *
     * @return array<string, T>
     */
    private static function by(string $column, array $rows, callable $value): array
    {
        $map = [];
        foreach ($rows as $row) {
            $map[$row[$column]] = $value($row);
        }

        return $map;
    }
}
