<?php

declare(strict_types=1);

namespace Transmuta\Process\Plan;

use Transmuta\Process\Making\Station;

/**
 * What follows from the order of the tasks alone, with the hours the kitchen is open: how long the chain before each is, and how late each
 * could begin if hands and stations were without number. Nothing real is later, so the bounds are proven.
 */
final readonly class Chain
{
    /** @var array<int, int> s from the first start of what a task needs to its own start, at least */
    public array $heads;

    /** @var array<int, ?int> the latest start of each; null where no window is long enough */
    public array $latest;

    /**
     * @param list<Task> $tasks each after what it waits for
     * @param array<int, int> $waits s
     */
    public function __construct(private array $tasks, private array $waits, private Service $service)
    {
        $heads = [];
        foreach ($tasks as $i => $task) {
            $heads[$i] = 0;
            foreach ($task->after as $before) {
                $heads[$i] = max($heads[$i], $heads[$before] + $tasks[$before]->hands + $waits[$before]);
            }
        }
        $this->heads = $heads;
        $latest = $bound = array_fill(0, \count($tasks), $service->serveAt->seconds);
        $isClosed = false;
        for ($i = \count($tasks) - 1; $i >= 0; --$i) {
            // What follows may begin when hands and wait are over.
            $open = $isClosed ? null : $service->kitchen->hours->latest(($bound[$i] - $tasks[$i]->hands - $waits[$i]) - $tasks[$i]->heats, $tasks[$i]->open($waits[$i]) + $tasks[$i]->heats);
            $isClosed = $isClosed || $open === null;
            $latest[$i] = $open === null ? null : $open + $tasks[$i]->heats;
            foreach ($tasks[$i]->after as $before) {
                $bound[$before] = min($bound[$before], $latest[$i] ?? $bound[$before]);
            }
        }
        $this->latest = $latest;
    }

    /**
     * The moment no plan can begin after: by the longest chain, by all hands, by what each station carries.
     *
     * @return array{at: int, by: string} and which of them says so; the service itself where nothing can be thought of
     */
    public function bound(): array
    {
        $kitchen = $this->service->kitchen;
        $serve = $this->service->serveAt->seconds;
        $best = ['at' => $serve, 'by' => 'nothing'];
        foreach ($this->latest as $i => $at) {
            if ($at !== null && $at - $this->tasks[$i]->heats < $best['at']) {
                $best = ['at' => $at - $this->tasks[$i]->heats, 'by' => 'chain'];
            }
        }
        $loads = ['hands' => [$kitchen->cooks, array_keys($this->tasks), fn(int $i): int => $this->tasks[$i]->hands]];
        foreach ([Station::Hob, Station::Oven, Station::Mixer, Station::Blender] as $station) {
            $here = array_keys(array_filter($this->tasks, static fn(Task $t): bool => $t->station() === $station));
            $loads[$station->value] = [$kitchen->units($station) ?? 0, $here, fn(int $i): int => (int) floor(($this->tasks[$i]->hands + $this->waits[$i]) * min(1.0, $this->tasks[$i]->load))];
        }
        foreach ($loads as $by => [$many, $here, $work]) {
            if ($many < 1) {
                continue;
            }
            $ends = [];
            foreach ($here as $i) {
                if ($this->latest[$i] !== null) {
                    $ends[] = [$this->latest[$i] + ($by === 'hands' ? $this->tasks[$i]->hands : $this->tasks[$i]->hands + $this->waits[$i]), $i];
                }
            }
            sort($ends);
            // All that must be over by a moment lies before it, and so does what they themselves wait for.
            $sum = 0;
            $head = \PHP_INT_MAX;
            foreach ($ends as [$end, $i]) {
                $sum += $work($i);
                $head = min($head, $this->heads[$i]);
                $at = $kitchen->hours->back($end, (int) floor($sum / $many)) - $head;
                if ($at < $best['at']) {
                    $best = ['at' => $at, 'by' => $by];
                }
            }
        }

        return $best;
    }

    /** @return list<int> places of the longest chain, from its first task */
    public function longest(): array
    {
        $at = null;
        foreach ($this->latest as $i => $moment) {
            if ($moment !== null && ($at === null || $moment < $this->latest[$at])) {
                $at = $i;
            }
        }
        $chain = [];
        while ($at !== null) {
            $chain[] = $at;
            $next = null;
            foreach ($this->tasks as $i => $task) {
                if (\in_array($at, $task->after, true) && ($next === null || $this->latest[$i] < $this->latest[$next])) {
                    $next = $i;
                }
            }
            $at = $next;
        }

        return $chain;
    }
}
