<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Reference\Table;

/** Things an amount is counted in (`core/data/intake/containers.csv`): tins and tubs, leaves and pods, handfuls and squeezes. */
final class Containers
{
    /** Holds what it holds: a mass beside one is of each. */
    private const HOLDERS = ['can', 'packet', 'tub', 'carton', 'punnet', 'bar', 'jar', 'bottle', 'block', 'bag', 'box', 'sleeve', 'roll', 'tube'];

    /** @var array<string, string> container by name */
    private array $byName = [];

    /** @var array<string, array{kind: 'mass'|'volume', value: float}> */
    private array $byHand = [];

    /** All names as one alternation, longest first. */
    public readonly string $pattern;

    public function __construct()
    {
        foreach (Table::of('intake/containers') as $row) {
            foreach (explode('|', $row['names']) as $name) {
                $this->byName[$name] = $row['container'];
            }
        }
        foreach (Table::of('intake/by-hand') as $row) {
            $this->byHand[$row['container']] = ['kind' => $row['kind'] === 'mass' ? 'mass' : 'volume', 'value' => (float) $row['value']];
        }
        $names = array_keys($this->byName);
        usort($names, static fn(string $a, string $b): int => \strlen($b) <=> \strlen($a));
        $this->pattern = implode('|', array_map(static fn(string $name): string => str_replace(' ', '[\s-]+', $name), $names));
    }

    /** One of what the words count; null where they count nothing. */
    public function named(string $words): ?string
    {
        return $this->byName[preg_replace('/[\s-]+/', ' ', $words) ?? $words] ?? null;
    }

    public function holds(string $container): bool
    {
        return \in_array($container, self::HOLDERS, true);
    }

    /** @return array{kind: 'mass'|'volume', value: float}|null g or ml of what is measured by the hand; an estimate */
    public function byHand(string $container): ?array
    {
        return $this->byHand[$container] ?? null;
    }
}
