<?php

declare(strict_types=1);

namespace Transmuta\Tests\Process;

/**
 * The shortest of all plans of a small service, by trying every order in which its steps can be put down from the end backwards, each as late
 * as it can be: one cook, always open, waits at their best, nothing about how long things are held. Minutes.
 *
 * @phpstan-import-type Step from PlanReader
 */
final class EveryOrder
{
    private const MOST = 2_000_000;

    private int $tried = 0;

    /**
     * @param list<array{hands: float, wait: float, station: string, runs: bool, users: list<int>, before: list<int>, head: float}> $steps
     */
    private function __construct(private readonly array $steps, private readonly int $rings, private readonly float $heating, private float $best) {}

    /**
     * @param list<list<Step>> $methods
     * @param float $best only what is shorter is looked for
     *
     * @return float what was given, where nothing is
     */
    public static function shortest(array $methods, int $rings, float $heating, float $best = \INF): float
    {
        $steps = $at = $users = [];
        foreach ($methods as $item => $method) {
            foreach ($method as $step) {
                $before = array_map(static fn(string $id): int => $at["$item $id"], $step['after']);
                $at["$item $step[id]"] = \count($steps);
                $steps[] = ['hands' => $step['hands_on_min'], 'wait' => $step['wait_min']['best'], 'station' => $step['station'], 'runs' => \in_array($step['station'], ['hob', 'oven', 'mixer', 'blender'], true), 'before' => $before, 'head' => max(0.0, 0.0, ...array_map(static fn(int $b): float => $steps[$b]['head'] + $steps[$b]['hands'] + $steps[$b]['wait'], $before))];
            }
        }
        foreach (array_column($steps, 'before') as $i => $all) {
            foreach ($all as $before) {
                $users[$before][] = $i;
            }
        }
        $steps = array_map(static fn(array $step, int $i): array => [...$step, 'users' => $users[$i] ?? []], $steps, array_keys($steps));
        $all = new self($steps, $rings, $heating, $best);
        $all->put([], [], []);

        return $all->best;
    }

    /**
     * Left where no way from here can be better than the best there is.
     *
     * @param array<int, float> $starts
     * @param list<array{float, float}> $cook
     * @param array<string, list<array{float, float}>> $units
     */
    private function put(array $starts, array $cook, array $units): void
    {
        // An oven is on before anything is baked.
        $first = min([0.0, ...$starts, ...array_column($units['oven'] ?? [], 0)]);
        foreach ($starts as $i => $at) {
            $first = min($first, $at - $this->steps[$i]['head']);
        }
        if (-$first >= $this->best - 1e-6) {
            return;
        }
        if (++$this->tried > self::MOST) {
            throw new \LogicException('Too many orders to try them all.');
        }
        if (\count($starts) === \count($this->steps)) {
            $this->best = -$first;

            return;
        }
        foreach ($this->steps as $i => $step) {
            if (isset($starts[$i]) || array_filter($step['users'], static fn(int $user): bool => !isset($starts[$user])) !== []) {
                continue;
            }
            $at = min(0.0, 0.0, ...array_map(static fn(int $user): float => $starts[$user], $step['users'])) - $step['hands'] - $step['wait'];
            $heats = $step['station'] === 'oven' ? $this->heating : 0.0;
            $many = $step['station'] === 'hob' ? $this->rings : 1;
            do {
                $was = $at;
                $at = self::free($cook, $at, $step['hands'], 1);
                if ($step['runs']) {
                    $at = self::free($units[$step['station']] ?? [], $at - $heats, $step['hands'] + $step['wait'] + $heats, $many) + $heats;
                }
            } while ($at !== $was);
            $this->put(
                $starts + [$i => $at],
                $step['hands'] > 0.0 ? [...$cook, [$at, $at + $step['hands']]] : $cook,
                $step['runs'] ? [...$units, $step['station'] => [...$units[$step['station']] ?? [], [$at - $heats, $at + $step['hands'] + $step['wait']]]] : $units,
            );
        }
    }

    /** @param list<array{float, float}> $busy */
    private static function free(array $busy, float $at, float $length, int $many): float
    {
        for (;;) {
            $in = array_values(array_filter($busy, static fn(array $b): bool => $b[0] < $at + $length - 1e-9 && $b[1] > $at + 1e-9));
            if (\count($in) < $many) {
                return $at;
            }
            $at = max($in[0][0], ...array_column($in, 0)) - $length;
        }
    }
}
