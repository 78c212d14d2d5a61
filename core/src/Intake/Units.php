<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Quantity\UnitSystem;
use Transmuta\Reference\Reference;

/** Kitchen units: the table's masses (g) and volumes (ml) by system of measures. */
final class Units
{
    /** @var array<string, array<string, string>> rows by each of a unit's names, longest first */
    private array $byName = [];

    public function __construct(Reference $reference)
    {
        foreach ($reference->units as $row) {
            foreach (explode('|', $row['names']) as $name) {
                $this->byName[mb_strtolower($name)] = $row;
            }
        }
        uksort($this->byName, static fn(string $a, string $b): int => \strlen($b) <=> \strlen($a));
    }

    /**
     * Takes a unit off the front of a plain, lower-case text.
     *
     * @return array{unit: string, kind: string, value: float, rest: string}|null `value` in g or ml
     */
    public function take(string $text, UnitSystem $system): ?array
    {
        $text = ltrim($text);
        foreach ($this->byName as $name => $row) {
            if (str_starts_with($text, $name) && preg_match('/^\.?(?![\p{L}])/u', substr($text, \strlen($name)))) {
                return ['unit' => $row['unit'], 'kind' => $row['kind'], 'value' => (float) $row[$system->value], 'rest' => ltrim(substr($text, \strlen($name)), '. ')];
            }
        }

        return null;
    }

    /** Value of a unit in g or ml; null for an unknown unit. */
    public function value(string $unit, UnitSystem $system): ?float
    {
        foreach ($this->byName as $row) {
            if ($row['unit'] === $unit) {
                return (float) $row[$system->value];
            }
        }

        return null;
    }
}
