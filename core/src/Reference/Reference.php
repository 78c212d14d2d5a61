<?php

declare(strict_types=1);

namespace Transmuta\Reference;

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
    ) {}

    /**
     * @throws BrokenTable if a table is missing or a row is malformed
     */
    public static function standard(): self
    {
        $dir = \dirname(__DIR__, 2) . '/data/reference/';
        $read = static fn(string $name): array => Table::rows($dir . $name . '.csv');
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
