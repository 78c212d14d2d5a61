<?php

declare(strict_types=1);

namespace Transmuta\Process\Making;

use Transmuta\Reference\BrokenTable;
use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/** The tables of the process: what each kind of step takes, times that no model gives, how long a result holds (`core/data/process`). */
final class ProcessBook
{
    /**
     * @param array<string, array<string, string>> $kinds by kind
     * @param array<string, float> $times
     * @param array<string, array{first: float, half: ?float, dwell: float}> $ripening by mechanism
     * @param array<string, float> $holding min
     * @param array<string, float> $capacity
     * @param array<string, array{grams: float, percent: float}> $near by what a line does
     */
    private function __construct(private readonly array $kinds, private readonly array $times, private readonly array $ripening, private readonly array $holding, private readonly array $capacity, private readonly array $near) {}

    public static function standard(): self
    {
        return Kept::once(self::class, self::read(...));
    }

    private static function read(): self
    {
        $times = $holding = $ripening = $capacity = $near = [];
        $kinds = [];
        foreach (Table::of('process/kinds') as $row) {
            $kinds[$row['kind']] = $row;
        }
        foreach (Table::of('process/times') as $row) {
            $times[$row['name']] = (float) $row['value'];
        }
        foreach (Table::of('process/holding') as $row) {
            $holding[$row['thing']] = (float) $row['minutes'];
        }
        foreach (Table::of('process/capacity') as $row) {
            $capacity[$row['name']] = (float) $row['value'];
        }
        foreach (Table::of('process/tolerance') as $row) {
            $near[$row['kind']] = ['grams' => (float) $row['grams'], 'percent' => (float) $row['percent']];
        }
        foreach (Table::of('process/ripening') as $row) {
            $ripening[$row['mechanism']] = ['first' => (float) $row['first'], 'half' => $row['half_h'] === '' ? null : (float) $row['half_h'], 'dwell' => (float) $row['dwell_min']];
        }

        return new self($kinds, $times, $ripening, $holding, $capacity, $near);
    }

    public function value(string $name): float
    {
        return $this->times[$name] ?? throw BrokenTable::missing("process/times.csv: $name");
    }

    /** What a station takes at once: of `core/data/process/capacity.csv`, in the unit that stands there. */
    public function capacity(string $name): float
    {
        return $this->capacity[$name] ?? throw BrokenTable::missing("process/capacity.csv: $name");
    }

    /** g either way that a line may be off, by what it does: never less than the one, nor than the share. */
    public function near(string $kind, float $grams): float
    {
        $near = $this->near[$kind] ?? throw BrokenTable::missing("process/tolerance.csv: $kind");

        return max($near['grams'], $near['percent'] / 100 * $grams);
    }

    public function holds(string $thing): float
    {
        return $this->holding[$thing] ?? throw BrokenTable::missing("process/holding.csv: $thing");
    }

    /** Hours after its onset at which a mechanism has nine tenths of its final set; 0 for one that has all of it when it is cold. */
    public function ripeHours(string $mechanism): float
    {
        $row = $this->ripening[$mechanism] ?? null;
        if ($row === null || $row['first'] >= 1.0) {
            return 0.0;
        }
        if ($row['half'] === null) {
            // 0.45 + 0.20 ln t = 0.9.
            return exp((0.9 - $row['first']) / ((1.0 - $row['first']) / log($this->value('night-h'))));
        }

        return -$row['half'] * log(0.1 / (1.0 - $row['first']));
    }

    /** min that a mechanism stands at its onset before anything is put on it; 0 for one that says nothing. */
    public function dwell(string $mechanism): float
    {
        return $this->ripening[$mechanism]['dwell'] ?? 0.0;
    }

    /**
     * Hands of a step, min, without what is attended while it heats.
     *
     * @param bool $isSmall whether the vessels are glasses, moulds or tartlets rather than tins to be cut
     */
    public function hands(StepKind $kind, int $lines, float $kg, int $vessels, bool $isSmall, int $portions): float
    {
        $of = $this->row($kind);

        return (float) $of['hands'] + (float) $of['per_line'] * $lines + (float) $of['per_kg'] * $kg + (float) $of[$isSmall ? 'per_small' : 'per_tin'] * $vessels + (float) $of['per_portion'] * $portions;
    }

    /** The operation a drafted step of the kind is, a key of `operations.csv`. */
    public function operation(StepKind $kind): string
    {
        return $this->row($kind)['op'];
    }

    public function wait(StepKind $kind): Wait
    {
        $of = $this->row($kind);

        return Wait::of((float) $of['least'], (float) $of['best'], (float) $of['most']);
    }

    public function station(StepKind $kind): Station
    {
        return Station::from($this->row($kind)['station']);
    }

    /** @return list<string> */
    public function tools(StepKind $kind): array
    {
        return [$this->row($kind)['tools']];
    }

    public function isPassive(StepKind $kind): bool
    {
        return $this->row($kind)['passive'] === 'yes';
    }

    /** @return array{endpoint: string, wrong: string, rescue: string} */
    public function words(StepKind $kind): array
    {
        $of = $this->row($kind);

        return ['endpoint' => $of['endpoint'], 'wrong' => $of['wrong'], 'rescue' => $of['rescue']];
    }

    /** @return array<string, string> */
    private function row(StepKind $kind): array
    {
        return $this->kinds[$kind->value] ?? throw BrokenTable::missing("process/kinds.csv: $kind->value");
    }

    /**
     * °C of the mass that foam is folded into: what sets it decides.
     *
     * @param array<string, list<int>> $roles places of its lines by role
     */
    public function foldAt(array $roles): float
    {
        return match (true) {
            $roles['gelatin'] !== [] => $this->value('fold-gelatin-c'),
            $roles['fat'] !== [] => $this->value('fold-warm-c'),
            default => $this->value('fold-cold-c'),
        };
    }
}
