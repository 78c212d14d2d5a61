<?php

declare(strict_types=1);

namespace Transmuta\Tests\Process;

use Transmuta\Format\PlanJson;

/**
 * Reads a printed plan as a head cook would, from the paper alone: the service as it was asked, the method of each dish as it is printed, the
 * plan as it is printed. Nothing of the planner is used.
 *
 * @phpstan-import-type Printed from PlanJson
 *
 * @phpstan-type Asked array{serve_at: string, now?: string, kitchen: array{cooks: int, hours: list<array{string, string}>, ovens: int, rings: int, mixers: list<array{litres: int|float}>, fridge_shelves: int, freezer_shelves: int}, items: list<array<string, mixed>>}
 * @phpstan-type Step array{id: string, kind: string, station: string, target_c: ?float, hands_on_min: float, lines: list<array{ingredient: string, grams: float}>, after: list<string>, wait_min: array{least: float, best: float, most: ?float}, hold_max_min: ?float}
 */
final class PlanReader
{
    /** min: moments are printed to the second. */
    private const CLOSE = 0.05;

    /**
     * @param Asked $service
     * @param list<list<Step>> $methods by item
     * @param Printed $plan
     * @param array<int, list<int>> $brings items that bring what this item must be free of
     *
     * @return list<string> what is wrong with it
     */
    public static function faults(array $service, array $methods, array $plan, array $brings = []): array
    {
        $wrong = [];
        $serve = self::minute($service['serve_at']);
        $kitchen = $service['kitchen'];
        $rows = [];
        foreach ($plan['steps'] as $row) {
            $row['from'] = self::minute($row['start']);
            $row['to'] = self::minute($row['end']);
            $row['hands_to'] = $row['from'] + $row['hands_on_min'];
            $rows[] = $row;
        }
        $of = static fn(int $item, string $id): array => array_values(array_filter($rows, static fn(array $r): bool => $r['item'] === $item && $r['step'] === $id));
        foreach ($methods as $item => $steps) {
            foreach ($steps as $step) {
                $here = $of($item, $step['id']);
                $name = "item $item $step[id] $step[kind]";
                if ($here === [] || (\count($here) > 1 && array_map(static fn(array $r): int => $r['batch'] ?? 0, $here) !== range(1, \count($here)) && array_diff(range(1, \count($here)), array_map(static fn(array $r): int => $r['batch'] ?? 0, $here)) !== [])) {
                    $wrong[] = "$name is not there once, or its batches are not counted";

                    continue;
                }
                $uses = array_merge(...array_map(static fn(array $s): array => \in_array($step['id'], $s['after'], true) ? $of($item, $s['id']) : [], $steps));
                $last = $uses === [] ? $serve : max(array_column($uses, 'from'));
                $grams = array_sum(array_column($step['lines'], 'grams')) / \count($here);
                foreach ($here as $row) {
                    $wait = $row['to'] - $row['hands_to'];
                    if ($wait < $step['wait_min']['least'] - self::CLOSE || ($step['wait_min']['most'] !== null && $wait > $step['wait_min']['most'] + self::CLOSE)) {
                        $wrong[] = "$name waits $wait min";
                    }
                    foreach ($uses as $use) {
                        if ($use['from'] < $row['hands_to'] + $step['wait_min']['least'] - self::CLOSE) {
                            $wrong[] = "$use[step] begins before $name is over";
                        }
                    }
                    if ($step['hold_max_min'] !== null && $last - $row['to'] > $step['hold_max_min'] + self::CLOSE) {
                        $wrong[] = \sprintf('%s is held %.1f min', $name, $last - $row['to']);
                    }
                    if ($row['to'] > $serve + self::CLOSE) {
                        $wrong[] = "$name ends after the service";
                    }
                    if ($step['station'] === 'mixer') {
                        $bowl = $kitchen['mixers'][$row['unit'] - 1]['litres'] * (['whip' => 220, 'foam' => 85][$step['kind']] ?? 500);
                        if ($grams > $bowl + 0.01) {
                            $wrong[] = "$name: $grams g do not fit the bowl";
                        }
                    }
                }
            }
        }
        foreach ($rows as $row) {
            $name = "$row[step] of item " . ($row['item'] ?? '-');
            if (isset($service['now']) && $row['from'] < self::minute($service['now']) - self::CLOSE) {
                $wrong[] = "$name begins before now";
            }
            if (($row['hands_on_min'] > 0.0) !== ($row['cook'] !== null) || ($row['cook'] !== null && ($row['cook'] < 1 || $row['cook'] > $kitchen['cooks']))) {
                $wrong[] = "$name: who does it?";
            }
            $runs = \in_array($row['station'], ['oven', 'hob', 'mixer', 'blender'], true);
            if (!self::isOpen($kitchen['hours'], $row['from'], $runs ? $row['to'] : $row['hands_to'])) {
                $wrong[] = "$name is done while the kitchen is closed";
            }
            $many = ['oven' => $kitchen['ovens'], 'hob' => $kitchen['rings'], 'mixer' => \count($kitchen['mixers']), 'blender' => 1, 'fridge' => $kitchen['fridge_shelves'], 'freezer' => $kitchen['freezer_shelves']][$row['station']] ?? \PHP_INT_MAX;
            if ($row['unit'] < 1 || $row['unit'] > $many) {
                $wrong[] = "$name: there is no $row[station] $row[unit]";
            }
        }
        $celsius = static function (array $row) use ($methods): ?float {
            foreach ($methods[$row['item'] ?? -1] ?? [] as $step) {
                if ($step['id'] === $row['step']) {
                    return $step['target_c'];
                }
            }

            return null;
        };
        foreach ($rows as $n => $one) {
            foreach (\array_slice($rows, $n + 1) as $other) {
                if ($one['cook'] !== null && $one['cook'] === $other['cook'] && self::meet($one['from'], $one['hands_to'], $other['from'], $other['hands_to'])) {
                    $wrong[] = "cook $one[cook] does $one[step] and $other[step] at once";
                }
                if ($one['station'] !== $other['station'] || $one['unit'] !== $other['unit'] || !\in_array($one['station'], ['oven', 'hob', 'mixer', 'blender', 'bench'], true) || !self::meet($one['from'], $one['to'], $other['from'], $other['to'])) {
                    continue;
                }
                if ($one['station'] !== 'oven' || $celsius($one) === null || $celsius($one) !== $celsius($other)) {
                    $wrong[] = "$one[station] $one[unit] is used by $one[step] of $one[item] and $other[step] of $other[item] at once";
                }
            }
            if ($one['kind'] === 'bake') {
                $hot = array_filter($rows, static fn(array $r): bool => $r['station'] === 'oven' && $r['unit'] === $one['unit'] && $r['from'] < $one['from'] && $r['to'] > $one['from'] - 20.1 && ($r['kind'] === 'preheat' || $celsius($r) === $celsius($one)));
                if ($hot === []) {
                    $wrong[] = "the oven is cold for $one[step] of $one[item]";
                }
            }
            foreach ($brings[$one['item'] ?? -1] ?? [] as $bringer) {
                foreach ($rows as $before) {
                    if ($before['item'] !== $bringer || $before['kind'] === 'clean' || $before['station'] !== $one['station'] || $before['unit'] !== $one['unit'] || $before['from'] >= $one['to'] || $one['kind'] === 'clean' || \in_array($one['station'], ['fridge', 'freezer'], true)) {
                        continue;
                    }
                    $cleaned = array_filter($rows, static fn(array $r): bool => $r['kind'] === 'clean' && $r['station'] === $one['station'] && $r['unit'] === $one['unit'] && $r['from'] >= $before['to'] - self::CLOSE && $r['to'] <= $one['from'] + self::CLOSE);
                    if ($cleaned === []) {
                        $wrong[] = "$one[station] $one[unit]: $one[step] of $one[item] follows $before[step] of $bringer uncleaned";
                    }
                }
            }
        }
        $span = $serve - min($serve, $serve, ...array_column($rows, 'from'));
        if (abs($span - (float) $plan['span_min']) > self::CLOSE) {
            $wrong[] = "it spans $span min and says $plan[span_min]";
        }
        if ($plan['lower_bound_min'] > $plan['span_min'] + self::CLOSE) {
            $wrong[] = "a bound of $plan[lower_bound_min] min over its own $plan[span_min]";
        }

        return $wrong;
    }

    private static function meet(float $from, float $to, float $start, float $end): bool
    {
        return $from < $end - self::CLOSE && $start < $to - self::CLOSE;
    }

    private static function minute(string $moment): float
    {
        return (new \DateTimeImmutable($moment, new \DateTimeZone('UTC')))->getTimestamp() / 60;
    }

    /** @param list<array{string, string}> $hours */
    private static function isOpen(array $hours, float $from, float $to): bool
    {
        $ofDay = static function (string $time): float {
            [$h, $m] = explode(':', $time);

            return 60.0 * (int) $h + (int) $m;
        };
        // By the minute: is each of them inside a window?
        for ($at = $from; $at < $to - self::CLOSE; ++$at) {
            $minute = fmod($at, 1440.0);
            $open = array_filter($hours, static function (array $w) use ($minute, $ofDay): bool {
                [$start, $end] = [$ofDay($w[0]), $ofDay($w[1])];

                return $end > $start ? $minute >= $start - self::CLOSE && $minute <= $end + self::CLOSE : $minute >= $start - self::CLOSE || $minute <= $end + self::CLOSE;
            });
            if ($open === []) {
                return false;
            }
        }

        return true;
    }
}
