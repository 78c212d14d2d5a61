<?php

declare(strict_types=1);

namespace Transmuta\Process\Plan;

use Transmuta\Process\Making\ProcessBook;
use Transmuta\Process\Making\Station;

/**
 * Who and what is busy when, while a plan is made from its end backwards. A cook does one thing at a time, a ring, a bowl and a blender hold
 * one, an oven has one temperature, a shelf takes what it takes, and nothing free of an allergen follows what brings it without a clean.
 */
final class Timetable
{
    /** @var list<list<array{int, int}>> by cook, the latest first */
    private array $busy;

    /** @var array<string, array<int, list<Stay>>> by station and unit, from 0, the latest first */
    private array $stays = [];

    /** @var list<array{station: Station, unit: int, from: int, cook: int, item: int}> */
    private array $cleans = [];

    private readonly int $heats;

    private readonly int $staysHot;

    private readonly int $wipes;

    /**
     * @param array<int, array<int, bool>> $brings whether the first item brings what the second must be free of
     * @param int $floor nothing before this moment
     */
    public function __construct(private readonly Kitchen $kitchen, private readonly array $brings, private readonly int $floor, ProcessBook $book)
    {
        $this->busy = array_fill(0, $kitchen->cooks, []);
        $this->heats = (int) (60 * $book->value('preheat-min'));
        $this->staysHot = (int) (60 * $book->capacity('oven-stays-min'));
        $this->wipes = (int) (60 * $book->capacity('clean-min'));
    }

    /**
     * The latest moment at or before one at which a task can begin.
     *
     * @param int $until when the last that uses its result begins: so long it stays in its fridge
     */
    public function latest(Task $task, int $at, int $wait, int $until): ?Slot
    {
        while ($at >= $this->floor) {
            $open = $this->kitchen->hours->latest($at - $task->heats, $task->open($wait) + $task->heats);
            if ($open === null || $open + $task->heats < $this->floor) {
                return null;
            }
            $at = $open + $task->heats;
            $cook = null;
            if ($task->hands > 0) {
                [$free, $cook] = $this->cookAt($at, $task->hands);
                if ($free < $at) {
                    $at = $free;

                    continue;
                }
            }
            $slot = match ($task->station()) {
                Station::Bench => new Slot($at, $cook, []),
                Station::Fridge, Station::Freezer => $this->shelf($task, $at, $cook, $until),
                default => $this->unit($task, $at, $cook, $at + $task->hands + $wait),
            };
            if (!\is_int($slot)) {
                return $slot;
            }
            $at = $slot;
        }

        return null;
    }

    /** Where a task stands that is begun or locked, whatever else is there: who and what is free, else the first. */
    public function stand(Task $task, int $at, int $wait, int $until): Slot
    {
        [$free, $cook] = $task->hands > 0 ? $this->cookAt($at, $task->hands) : [$at, null];
        $cook = $task->hands === 0 ? null : ($free === $at ? $cook : 0);
        $slot = match ($task->station()) {
            Station::Bench => new Slot($at, $cook, []),
            Station::Fridge, Station::Freezer => $this->shelf($task, $at, $cook, $until),
            default => $this->unit($task, $at, $cook, $at + $task->hands + $wait),
        };

        return $slot instanceof Slot ? new Slot($at, $cook, $slot->units) : new Slot($at, $cook, [($task->units[0] ?? 1) - 1]);
    }

    public function take(Task $task, Slot $slot, int $wait, int $until, bool $isBegun = false): void
    {
        if ($slot->cook !== null) {
            $this->keep($slot->cook, $slot->start, $slot->start + $task->hands);
        }
        $station = $task->station();
        foreach ($slot->cleans as $clean) {
            $this->keep($clean['cook'], $clean['from'], $clean['from'] + $this->wipes);
            $this->stay($station, $slot->units[0], new Stay($clean['from'], $clean['from'] + $this->wipes, null));
            $this->cleans[] = ['station' => $station, 'unit' => $slot->units[0], ...$clean];
        }
        $isShelf = $station === Station::Fridge || $station === Station::Freezer;
        foreach ($slot->units as $unit) {
            $this->stay($station, $unit, new Stay($slot->start, $isShelf ? max($until, $slot->start + $task->hands + $wait) : $slot->start + $task->hands + $wait, $task->item, $task->load / \count($slot->units), $station === Station::Oven ? $task->step->target : null, $isBegun));
        }
    }

    /** @return list<array{station: Station, unit: int, from: int, to: int, cook: int, item: int}> */
    public function cleans(): array
    {
        return array_map(fn(array $clean): array => [...$clean, 'to' => $clean['from'] + $this->wipes], $this->cleans);
    }

    /** @return list<array{unit: int, from: int, to: int, celsius: float}> the heating of each oven that was cold or at another temperature */
    public function heatings(): array
    {
        $all = [];
        foreach ($this->stays[Station::Oven->value] ?? [] as $unit => $stays) {
            foreach ($stays as $stay) {
                if ($stay->celsius !== null && !$stay->isBegun && !$this->isHot($stays, $stay->from, $stay->celsius)) {
                    $all["$unit $stay->from"] = ['unit' => $unit, 'from' => $stay->from - $this->heats, 'to' => $stay->from, 'celsius' => $stay->celsius];
                }
            }
        }

        return array_values($all);
    }

    private function keep(int $cook, int $from, int $to): void
    {
        $at = \count($this->busy[$cook]);
        while ($at > 0 && $this->busy[$cook][$at - 1][0] < $from) {
            --$at;
        }
        array_splice($this->busy[$cook], $at, 0, [[$from, $to]]);
    }

    private function stay(Station $station, int $unit, Stay $stay): void
    {
        $all = $this->stays[$station->value][$unit] ?? [];
        $at = \count($all);
        while ($at > 0 && $all[$at - 1]->from < $stay->from) {
            --$at;
        }
        array_splice($all, $at, 0, [$stay]);
        $this->stays[$station->value][$unit] = $all;
    }

    /** @return array{int, int} the latest moment at or before one from which somebody has so long, and who */
    private function cookAt(int $at, int $length): array
    {
        $best = [\PHP_INT_MIN, 0];
        foreach ($this->busy as $cook => $busy) {
            $free = $at;
            foreach ($busy as [$from, $to]) {
                if ($to <= $free) {
                    break;
                }
                if ($from < $free + $length) {
                    $free = $from - $length;
                }
            }
            if ($free > $best[0]) {
                $best = [$free, $cook];
            }
            if ($free === $at) {
                break;
            }
        }

        return $best;
    }

    /** @return ?Slot null where no shelf has room, which no earlier moment mends */
    private function shelf(Task $task, int $at, ?int $cook, int $until): ?Slot
    {
        $shelves = $this->kitchen->units($task->station()) ?? 0;
        $many = max(1, (int) ceil($task->load - 1e-9));
        $load = $task->load / $many;
        $room = [];
        for ($unit = 0; $unit < $shelves; ++$unit) {
            $stays = array_values(array_filter($this->stays[$task->station()->value][$unit] ?? [], static fn(Stay $s): bool => $s->from < $until && $s->to > $at));
            if (self::peak($stays, $at) + $load <= 1.0 + 1e-9) {
                // A shelf that nothing shares which brings what this must be free of, or the other way round.
                $room[$unit] = array_filter($this->stays[$task->station()->value][$unit] ?? [], fn(Stay $s): bool => $this->areApart($s->item, $task->item)) === [] ? 0 : 1;
            }
        }
        asort($room);

        return \count($room) < $many ? null : new Slot($at, $cook, \array_slice(array_keys($room), 0, $many));
    }

    /** @param list<Stay> $stays */
    private static function peak(array $stays, int $from): float
    {
        $peak = 0.0;
        foreach ([$from, ...array_map(static fn(Stay $s): int => $s->from, $stays)] as $moment) {
            $here = 0.0;
            foreach ($stays as $stay) {
                $here += $moment >= $from && $stay->from <= $moment && $stay->to > $moment ? $stay->load : 0.0;
            }
            $peak = max($peak, $here);
        }

        return $peak;
    }

    /** @return Slot|int an earlier moment to try */
    private function unit(Task $task, int $at, ?int $cook, int $to): Slot|int
    {
        $best = null;
        $next = \PHP_INT_MIN;
        for ($unit = 0, $units = $this->kitchen->units($task->station()) ?? 0; $unit < $units; ++$unit) {
            if ($task->units !== null && !\in_array($unit + 1, $task->units, true)) {
                continue;
            }
            $found = $this->unitAt($task, $unit, $at, $to);
            if (\is_int($found)) {
                $next = max($next, $found);
            } elseif ($best === null || \count($found) < \count($best->cleans)) {
                $best = new Slot($at, $cook, [$unit], $found);
            }
            if ($best !== null && $best->cleans === []) {
                return $best;
            }
        }

        return $best ?? $next;
    }

    /** @return list<array{from: int, cook: int, item: int}>|int what is cleaned for it there, or an earlier moment to try */
    private function unitAt(Task $task, int $unit, int $at, int $to): array|int
    {
        $stays = $this->stays[$task->station()->value][$unit] ?? [];
        $length = $to - $at;
        $celsius = $task->station() === Station::Oven ? $task->step->target : null;
        $before = $celsius !== null && !$this->isHot($stays, $at, $celsius) ? $this->heats : 0;
        $load = $task->load;
        foreach ($stays as $stay) {
            $from = $stay->from - ($stay->celsius !== null && $stay->celsius !== $celsius && !$this->isHot($stays, $stay->from, $stay->celsius) ? $this->heats : 0);
            if ($from >= $to || $stay->to <= $at - $before) {
                continue;
            }
            $isShared = $celsius !== null && $stay->celsius === $celsius && !$this->areApart($stay->item, $task->item);
            if ($isShared) {
                $load += $stay->from < $to && $stay->to > $at ? $stay->load : 0.0;
            }
            if (!$isShared || $load > 1.0 + 1e-9) {
                return min($at - 1, $from - $length);
            }
        }

        return $this->cleansFor($task, $stays, $at, $to, $before);
    }

    /**
     * @param list<Stay> $stays
     * @param int $heats s its oven takes to be hot for it
     *
     * @return list<array{from: int, cook: int, item: int}>|int
     */
    private function cleansFor(Task $task, array $stays, int $at, int $to, int $heats): array|int
    {
        $cleans = [];
        foreach (array_reverse($stays) as $later) {
            if ($later->from < $to) {
                continue;
            }
            if ($later->item === null) {
                break;
            }
            if ($this->brings[$task->item][$later->item] ?? false) {
                $clean = $this->clean($stays, $later->from, $later->item);
                if ($clean === null || $clean['from'] < $to) {
                    return ($clean['from'] ?? $this->floor) - ($to - $at);
                }
                $cleans[] = $clean;

                break;
            }
        }
        foreach ($stays as $earlier) {
            if ($earlier->to > $at) {
                continue;
            }
            if ($earlier->item === null) {
                break;
            }
            if ($this->brings[$earlier->item][$task->item] ?? false) {
                $clean = $this->clean($stays, $at - $heats, $task->item);
                if ($clean === null || $clean['from'] < $earlier->to) {
                    return $earlier->from - ($to - $at);
                }
                $cleans[] = $clean;

                break;
            }
        }

        return $cleans;
    }

    /**
     * The latest moment at which a unit can be cleaned for what comes there.
     *
     * @param list<Stay> $stays
     *
     * @return ?array{from: int, cook: int, item: int}
     */
    private function clean(array $stays, int $before, int $item): ?array
    {
        $at = $before - $this->wipes;
        while ($at >= $this->floor) {
            $open = $this->kitchen->hours->latest($at, $this->wipes);
            if ($open === null) {
                return null;
            }
            [$free, $cook] = $this->cookAt($open, $this->wipes);
            foreach ($stays as $stay) {
                // Nobody wipes an oven while it heats for what comes.
                $from = $stay->from - ($stay->celsius !== null && !$stay->isBegun && !$this->isHot($stays, $stay->from, $stay->celsius) ? $this->heats : 0);
                if ($from < $free + $this->wipes && $stay->to > $free) {
                    $free = $from - $this->wipes;
                }
            }
            if ($free === $at) {
                return ['from' => $at, 'cook' => $cook, 'item' => $item];
            }
            $at = $free;
        }

        return null;
    }

    private function areApart(?int $one, int $other): bool
    {
        return $one !== null && (($this->brings[$one][$other] ?? false) || ($this->brings[$other][$one] ?? false));
    }

    /**
     * Whether an oven is at a temperature already at a moment, from what stands in it.
     *
     * @param list<Stay> $stays
     */
    private function isHot(array $stays, int $at, float $celsius): bool
    {
        foreach ($stays as $stay) {
            if ($stay->celsius === $celsius && $stay->from < $at && $stay->to + $this->staysHot >= $at) {
                return true;
            }
        }

        return false;
    }
}
