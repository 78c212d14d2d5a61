<?php

declare(strict_types=1);

namespace Transmuta\Process\Plan;

use Transmuta\Process\Making\ProcessBook;
use Transmuta\Process\Making\Station;

/**
 * One plan made from its end backwards: of the tasks all of whose followers stand, the one whose chain would have to begin first is put as late
 * as it can be. Where a result would stand too long, what uses it is moved before that moment and the whole is made again.
 */
final class Attempt
{
    /** How often a plan is made again because something was held too long. */
    private const AGAIN = 60;

    /** s: what may stand no longer than this is put down before anything takes its place. */
    private const URGENT = 3600;

    /** @var array<int, Slot> */
    private array $slots = [];

    /** @var array<int, int> the latest start asked of a task by what it uses */
    private array $limits = [];

    /** @var list<Task> */
    private readonly array $tasks;

    private ?int $stuck = null;

    private bool $isHeldTooLong = false;

    private bool $isTooLate = false;

    private Timetable $table;

    /**
     * @param array<int, list<int>> $users places of those that wait for each
     * @param array<int, int> $waits s
     * @param array<int, array<int, bool>> $brings
     * @param array<int, int> $heads
     * @param array<int, float> $noise s added to how early a chain would begin
     */
    public function __construct(
        private readonly Given $given,
        private readonly array $users,
        private readonly array $waits,
        private readonly Service $service,
        private readonly array $brings,
        private readonly array $heads,
        private readonly array $noise,
        private readonly int $floor,
        private readonly ProcessBook $book,
    ) {
        $this->tasks = $given->tasks;
    }

    public function succeeds(): bool
    {
        for ($again = 0; $again < self::AGAIN; ++$again) {
            if ($this->put()) {
                return true;
            }
            if (!$this->isHeldTooLong) {
                return false;
            }
        }

        return false;
    }

    /** The place of the task that could not be put, after it has failed. */
    public function stuck(): int
    {
        return $this->stuck ?? 0;
    }

    /** Whether it failed because a result would stand too long, not for want of a unit. */
    public function isHeldTooLong(): bool
    {
        return $this->isHeldTooLong;
    }

    /** Whether it failed because what is begun or locked is not ready in time. */
    public function isTooLate(): bool
    {
        return $this->isTooLate;
    }

    /** s by which all that is planned could begin later and still be in time, from a moment on. */
    public function spare(int $now): int
    {
        $spare = \PHP_INT_MAX;
        foreach ($this->slots as $i => $slot) {
            if (!isset($this->given->locked[$i])) {
                $spare = min($spare, $slot->start - max($now, $this->given->notBefore[$i] ?? $now));
            }
        }

        return $spare === \PHP_INT_MAX ? $this->service->serveAt->seconds - $now : $spare;
    }

    /** The first moment anything begins. */
    public function start(): int
    {
        $first = $this->service->serveAt->seconds;
        foreach ($this->slots as $slot) {
            $first = min($first, $slot->start, ...array_column($slot->cleans, 'from'));
        }

        return min([$first, ...array_column($this->table->heatings(), 'from')]);
    }

    /** s that is waited beyond what was aimed at, and what a clean costs: of two plans as long the one with less is better. */
    public function slack(): int
    {
        $slack = 3600 * \count($this->table->cleans());
        foreach ($this->slots as $i => $slot) {
            $slack += $this->users[$i] === [] ? 0 : $this->lastUse($i) - $slot->start - $this->tasks[$i]->hands - $this->waits[$i];
        }

        return $slack;
    }

    /** @return list<Placed> in the order in which they begin */
    public function placed(): array
    {
        $all = [];
        $benches = [];
        foreach ($this->tasks as $i => $task) {
            $slot = $this->slots[$i];
            $end = $slot->start + $task->hands + $this->waited($i);
            $all[] = [$i, $slot, $end];
        }
        usort($all, static fn(array $a, array $b): int => [$a[1]->start, $a[0]] <=> [$b[1]->start, $b[0]]);
        $placed = [];
        $batches = [];
        foreach ($all as [$i, $slot, $end]) {
            $task = $this->tasks[$i];
            // The first in time is the first of its batches.
            $batch = $task->batch === null ? null : $batches["$task->item {$task->step->id}"] = ($batches["$task->item {$task->step->id}"] ?? 0) + 1;
            $unit = $task->station() === Station::Bench ? $this->bench($benches, $slot->start, $end, $task->item) : $slot->units[0];
            $placed[] = new Placed($task->item, $task->step->id, $task->step->kind->value, $batch, $slot->start, $end, $task->hands, $task->station(), $unit + 1, $slot->cook === null ? null : $slot->cook + 1, $task->step->text, $task, isset($this->given->locked[$i]) ? FixedState::Locked : null);
        }
        foreach ($this->given->over as ['task' => $task, 'fixed' => $fixed]) {
            $start = $fixed->startOf($task);
            $placed[] = new Placed($task->item, $task->step->id, $task->step->kind->value, $task->batch, $start, $fixed->state === FixedState::Done ? $fixed->at : $start + $task->hands + $task->best, $task->hands, $task->station(), $fixed->unit ?? 1, null, $task->step->text, $task, $fixed->state);
        }
        foreach ($this->table->cleans() as $n => $clean) {
            $placed[] = new Placed($clean['item'], 'clean' . ($n + 1), 'clean', null, $clean['from'], $clean['to'], $clean['to'] - $clean['from'], $clean['station'], $clean['unit'] + 1, $clean['cook'] + 1, 'Clean it down and have a second person look: what comes next must be free of what was here.');
        }
        foreach ($this->table->heatings() as $n => $heat) {
            $placed[] = new Placed(null, 'preheat' . ($n + 1), 'preheat', null, $heat['from'], $heat['to'], 0, Station::Oven, $heat['unit'] + 1, null, \sprintf('Oven on, %g °C.', $heat['celsius']));
        }
        usort($placed, static fn(Placed $a, Placed $b): int => [$a->start, $a->end] <=> [$b->start, $b->end]);

        return $placed;
    }

    /** s a task waits after its hands: what it must, what it may, until the first that uses it begins. */
    private function waited(int $i): int
    {
        $task = $this->tasks[$i];
        if ($task->runs) {
            return $this->waits[$i];
        }
        $hands = $this->slots[$i]->start + $task->hands;
        $wait = max($task->least, min($this->firstUse($i) - $hands, $task->most ?? \PHP_INT_MAX));

        return $task->hold === null ? $wait : max($wait, min($this->lastUse($i) - $hands - $task->hold, $task->most ?? \PHP_INT_MAX));
    }

    private function firstUse(int $i): int
    {
        return min($this->uses($i));
    }

    private function lastUse(int $i): int
    {
        return max($this->uses($i));
    }

    /** @return non-empty-list<int> when those that use it begin; the service, where none does */
    private function uses(int $i): array
    {
        $starts = [];
        foreach ($this->users[$i] as $user) {
            $starts[] = $this->slots[$user]->start;
        }

        return $starts === [] ? [$this->service->serveAt->seconds] : $starts;
    }

    /**
     * A place on a bench that is free, and where nothing stood before that brings what this must be free of.
     *
     * @param array<int, list<array{int, int, int}>> $benches
     */
    private function bench(array &$benches, int $start, int $end, int $item): int
    {
        for ($unit = 0;; ++$unit) {
            foreach ($benches[$unit] ?? [] as [$from, $to, $other]) {
                if (($from < $end && $to > $start) || ($from === $start) || ($this->brings[$other][$item] ?? false)) {
                    continue 2;
                }
            }
            $benches[$unit][] = [$start, $end, $item];

            return $unit;
        }
    }

    private function put(): bool
    {
        $this->slots = [];
        $this->stuck = null;
        $this->isHeldTooLong = false;
        $this->isTooLate = false;
        $this->table = new Timetable($this->service->kitchen, $this->brings, $this->floor, $this->book);
        $left = array_map(\count(...), $this->users);
        $this->stand($left);
        /** @var array<int, array{int, ?int}> $ready the latest and earliest start of those that can be put */
        $ready = [];
        foreach ($left as $i => $users) {
            if ($users === 0 && !isset($this->slots[$i])) {
                $ready[$i] = $this->window($i);
            }
        }
        while ($ready !== []) {
            $i = $this->next($ready);
            [$high, $low] = $ready[$i];
            unset($ready[$i]);
            $until = $this->lastUse($i);
            $slot = $this->table->latest($this->tasks[$i], $high, $this->waits[$i], $until);
            if ($slot === null || ($low !== null && $slot->start < $low)) {
                return $this->fails($i, $slot);
            }
            if ($slot->start < ($this->given->notBefore[$i] ?? $slot->start) || !$this->followsWhatIsLocked($i, $slot->start)) {
                $this->stuck = $i;
                $this->isTooLate = true;

                return false;
            }
            $this->table->take($this->tasks[$i], $slot, $this->waits[$i], $until);
            $this->slots[$i] = $slot;
            foreach ($this->tasks[$i]->after as $before) {
                if (--$left[$before] === 0 && !isset($this->slots[$before])) {
                    $ready[$before] = $this->window($before);
                }
            }
        }

        return true;
    }

    /**
     * What is begun keeps its station, what is locked stands where it is.
     *
     * @param array<int, int> $left users of each that are not put yet
     */
    private function stand(array &$left): void
    {
        $serve = $this->service->serveAt->seconds;
        foreach ($this->given->over as ['task' => $task, 'fixed' => $fixed]) {
            $start = $fixed->startOf($task);
            if ($fixed->state === FixedState::Begun) {
                $slot = $this->table->stand($task, $start, $task->best, $serve);
                $this->table->take($task, $fixed->unit === null || $slot->units === [] ? $slot : new Slot($start, $slot->cook, [$fixed->unit - 1]), $task->best, $serve, true);
            } elseif ($task->runs) {
                // Nobody and nothing is kept by it, but what it leaves behind is cleaned away before what must be free of it.
                $this->table->take($task, new Slot($start, null, [($fixed->unit ?? 1) - 1]), $task->best, $fixed->at, true);
            }
        }
        foreach ($this->given->locked as $i => $at) {
            $this->slots[$i] = $this->table->stand($this->tasks[$i], $at, $this->waits[$i], $serve);
            $this->table->take($this->tasks[$i], $this->slots[$i], $this->waits[$i], $serve);
        }
        foreach (array_keys($this->given->locked) as $i) {
            foreach ($this->tasks[$i]->after as $before) {
                --$left[$before];
            }
        }
    }

    private function followsWhatIsLocked(int $i, int $start): bool
    {
        foreach ($this->tasks[$i]->after as $before) {
            if (isset($this->given->locked[$before]) && $start < $this->given->locked[$before] + $this->tasks[$before]->hands + $this->tasks[$before]->shortest()) {
                return false;
            }
        }

        return true;
    }

    /** @return array{int, ?int} its latest start, and its earliest: before it, its result stands too long */
    private function window(int $i): array
    {
        $task = $this->tasks[$i];
        $reach = $task->reach($this->waits[$i]);

        return [min($this->firstUse($i) - $task->hands - $this->waits[$i], $this->limits[$i] ?? \PHP_INT_MAX, $this->given->notAfter[$i] ?? \PHP_INT_MAX), $reach === null ? null : $this->lastUse($i) - $reach];
    }

    /** @param non-empty-array<int, array{int, ?int}> $ready */
    private function next(array $ready): int
    {
        $best = null;
        $next = array_key_first($ready);
        foreach ($ready as $i => [$high, $low]) {
            $isUrgent = $low !== null && $high - $low < self::URGENT;
            $key = [$isUrgent ? 0 : 1, $isUrgent ? -$low : $high - $this->heads[$i] + $this->noise[$i]];
            if ($best === null || $key < $best) {
                [$best, $next] = [$key, $i];
            }
        }

        return $next;
    }

    private function fails(int $i, ?Slot $slot): false
    {
        $this->stuck = $i;
        if ($slot === null || $this->users[$i] === []) {
            return false;
        }
        // The last that uses it begins before its result has stood too long.
        $this->isHeldTooLong = true;
        $limit = $slot->start + ($this->tasks[$i]->reach($this->waits[$i]) ?? 0);
        foreach ($this->users[$i] as $user) {
            if ($this->slots[$user]->start > $limit) {
                $this->limits[$user] = min($this->limits[$user] ?? \PHP_INT_MAX, $limit);
            }
        }

        return false;
    }
}
