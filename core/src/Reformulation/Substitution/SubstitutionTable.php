<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

use Transmuta\Reference\BrokenTable;
use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/**
 * What practitioners take for what: `core/data/substitution`, each cell one value. `substitutions.csv` has a row for what is replaced, by its class, the
 * diets and the place; `parts.csv` what stands in, by its shares; `helpers.csv` what comes along. Rows stand in the order they are offered in.
 */
final class SubstitutionTable
{
    /** @param array<string, list<Substitution>> $byClass */
    private function __construct(private readonly array $byClass) {}

    /** The application's own, read once. */
    public static function standard(): self
    {
        return Kept::once(self::class, static fn(): self => self::of(Table::of('substitution/substitutions'), Table::of('substitution/parts'), Table::of('substitution/helpers')));
    }

    /**
     * @param list<array<string, string>> $rows
     * @param list<array<string, string>> $parts
     * @param list<array<string, string>> $helpers
     *
     * @throws BrokenTable if a cell is not what its column says, or a part or a helper is of no row
     */
    public static function of(array $rows, array $parts, array $helpers): self
    {
        $mixes = $along = [];
        foreach ($parts as $part) {
            $mixes[$part['substitution']][$part['ingredient']] = self::number($part['share'], $part['substitution']);
        }
        foreach ($helpers as $helper) {
            $key = $helper['substitution'];
            $condition = $helper['condition'] === '' ? null : Condition::read($helper['condition']) ?? throw BrokenTable::cell('substitution/helpers', $key, 'condition', $helper['condition'], 'a condition that is known');
            $basis = Basis::tryFrom($helper['basis']) ?? throw BrokenTable::cell('substitution/helpers', $key, 'basis', $helper['basis'], 'substitute, layer or replaced');
            $along[$key][$helper['helper']][$helper['choice']] = new Helper($helper['ingredient'], self::number($helper['dose'], $key), $basis, $condition);
        }
        $byClass = $known = [];
        foreach ($rows as $row) {
            $id = $row['id'];
            if (isset($known[$id])) {
                throw BrokenTable::cell('substitution/substitutions', $id, 'id', $id, 'a key of its own');
            }
            $known[$id] = true;
            $byClass[$row['class']][] = new Substitution(
                $id,
                self::words($row['diets']),
                $row['place'],
                $mixes[$id] ?? [],
                self::number($row['ratio'], $id),
                array_map(self::chosen(...), array_values($along[$id] ?? [])),
                $row['boil_off'] === '' ? 0.0 : self::number($row['boil_off'], $id),
                $row['baked'] === 'yes',
                $row['words'],
                $row['note'],
                $row['mark'],
                self::words($row['only']),
            );
        }
        foreach ([...array_keys($mixes), ...array_keys($along)] as $id) {
            if (!isset($known[$id])) {
                throw BrokenTable::cell('substitution/parts or helpers', (string) $id, 'substitution', (string) $id, 'a row of substitutions.csv');
            }
        }

        return new self($byClass);
    }

    /** @return list<Substitution> those for a class, in the order they are offered in */
    public function for(string $class): array
    {
        return $this->byClass[$class] ?? [];
    }

    /** @return array<string, list<Substitution>> by class */
    public function all(): array
    {
        return $this->byClass;
    }

    /** @param array<array-key, Helper> $choices */
    private static function chosen(array $choices): Helper
    {
        ksort($choices);
        $choices = array_values($choices);

        return new Helper($choices[0]->ingredient, $choices[0]->dose, $choices[0]->basis, $choices[0]->condition, \array_slice($choices, 1));
    }

    private static function number(string $cell, string $id): float
    {
        return is_numeric($cell) ? (float) $cell : throw BrokenTable::cell('substitution', $id, 'a figure', $cell, 'a number');
    }

    /** @return list<string> */
    private static function words(string $cell): array
    {
        return preg_split('/\s+/', $cell, -1, \PREG_SPLIT_NO_EMPTY) ?: [];
    }
}
