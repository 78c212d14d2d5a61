<?php

declare(strict_types=1);

namespace Transmuta\Trial\Outcome;

use Transmuta\Reference\Table;

/** One way a kitchen measures a set (`core/data/trial/protocols.csv`): how, to what number, how unsure. */
final readonly class Protocol
{
    private function __construct(public string $id, public string $name, public string $unit, public float $low, public float $high, public bool $needsForce, public string $how, public string $reads, public string $unsure, public string $mark) {}

    /** @return list<self> */
    public static function all(): array
    {
        return array_map(
            static fn(array $row): self => new self($row['protocol'], $row['name'], $row['unit'], (float) $row['low'], (float) $row['high'], $row['needs_force'] === '1', $row['how'], $row['reads'], $row['unsure'], $row['mark']),
            Table::of('trial/protocols'),
        );
    }

    /** @return array<string, bool|float|string> */
    public function write(): array
    {
        return ['id' => $this->id, 'name' => $this->name, 'unit' => $this->unit, 'low' => $this->low, 'high' => $this->high, 'needs_force' => $this->needsForce, 'how' => $this->how, 'reads' => $this->reads, 'unsure' => $this->unsure, 'mark' => $this->mark];
    }
}
