<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Reference\BrokenTable;
use Transmuta\Reference\Table;

/** The packages and the like-for-like swaps of `core/data/reformulation`, read when a route is first looked for. */
final class Catalogue
{
    /** @var ?array{packages: list<Package>, likeness: array<string, list<array{to: string, ratio: float}>>} */
    private ?array $read = null;

    public static function standard(): self
    {
        return new self();
    }

    /**
     * @return list<Package>
     *
     * @throws BrokenTable if a file is missing or malformed
     */
    public function packages(): array
    {
        return ($this->read ??= self::read())['packages'];
    }

    /**
     * @return array<string, list<array{to: string, ratio: float}>> by ingredient replaced, best first
     *
     * @throws BrokenTable if a file is missing or malformed
     */
    public function likeness(): array
    {
        return ($this->read ??= self::read())['likeness'];
    }

    /** @return array{packages: list<Package>, likeness: array<string, list<array{to: string, ratio: float}>>} */
    private static function read(): array
    {
        $dir = \dirname(__DIR__, 2) . '/data/reformulation/';
        $json = json_decode((string) @file_get_contents($dir . 'packages.json'), true);
        if (!\is_array($json)) {
            throw BrokenTable::missing('packages.json');
        }
        /** @var array{packages: list<array{id: string, pays: 'set'|'foam'|'body'|'sweet'|'protein'|'lean', name: string, mouth: string, effort_min: int, wait_h?: int, layers: list<string>, families?: list<string>, min_ph?: float, max_ph?: float, lean?: bool, agents: list<array{id: string, typical: float|int, least: float|int, most: float|int, names?: bool, prep?: string}>}>} $json */
        $packages = [];
        foreach ($json['packages'] as $p) {
            $packages[] = new Package(
                $p['id'],
                $p['pays'],
                $p['name'],
                $p['mouth'],
                $p['effort_min'],
                $p['wait_h'] ?? 0,
                $p['layers'],
                $p['families'] ?? [],
                $p['min_ph'] ?? null,
                $p['max_ph'] ?? null,
                array_map(static fn(array $a): Agent => new Agent($a['id'], (float) $a['typical'], (float) $a['least'], (float) $a['most'], $a['names'] ?? false, isset($a['prep']) ? [$a['prep']] : []), $p['agents']),
                $p['lean'] ?? false,
            );
        }
        $likeness = [];
        foreach (Table::rows($dir . 'likeness.csv') as $row) {
            $likeness[$row['from']][] = ['to' => $row['to'], 'ratio' => (float) $row['ratio']];
        }

        return ['packages' => $packages, 'likeness' => $likeness];
    }
}
