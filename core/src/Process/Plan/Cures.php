<?php

declare(strict_types=1);

namespace Transmuta\Process\Plan;

use Transmuta\Process\Making\Station;

/** Why a plan cannot be, and the cheapest thing that would make it possible: each cure was planned before it is said. */
final readonly class Cures
{
    /** s: a later service is tried at these steps, and no farther than the last. */
    private const LATER = [900, 1800, 2700, 3600, 5400, 7200, 10800, 14400, 21600, 28800, 43200, 57600, 72000, 86400, 129600, 172800, 259200];

    /** Of a station that is too few, so many more are tried. */
    private const MOST_ADDED = 8;

    /** @param \Closure(Service): ?int $begins the moment a service can begin at the latest; null where nothing makes it possible */
    public function __construct(private \Closure $begins) {}

    /**
     * @param list<Task> $tasks
     * @param ?Attempt $stuck the last that did not succeed; null where it succeeds and begins too early
     */
    public function of(Service $service, array $tasks, Chain $chain, ?Attempt $stuck): Obstacle
    {
        $begins = ($this->begins)($service);
        if ($service->now !== null && $begins !== null) {
            return $this->tooLate($service, $tasks, $chain, $begins);
        }
        // Where nothing was tried, the longest chain says that it is too late.
        $task = $tasks[$stuck?->stuck() ?? $chain->longest()[0] ?? 0];
        $name = Words::task($task, $service);
        if ($stuck?->isTooLate() ?? true) {
            return new Obstacle($name, 'what it waits for is begun, done or locked too late for this service', $this->later($service, $service->now->seconds ?? null, 'Serve') ?? 'Unlock what it waits for.');
        }
        $station = $task->station();
        $why = match (true) {
            $stuck?->isHeldTooLong() ?? false => \sprintf('what it makes stands no longer than %s, and the next cannot be done in that time', Words::span(max(0, (int) $task->reach($task->best)))),
            $station === Station::Fridge || $station === Station::Freezer => \sprintf('the %s is full when it must go in', $station->value),
            default => \sprintf('no moment is left for it within %s', $service->kitchen->hours->words()),
        };

        return new Obstacle($name, $why, $this->more($service, $station) ?? 'Serve fewer dishes at once, or make it in another kitchen.');
    }

    /** @param list<Task> $tasks */
    private function tooLate(Service $service, array $tasks, Chain $chain, int $begins): Obstacle
    {
        $now = $service->now->seconds ?? 0;
        $first = $chain->longest()[0] ?? 0;
        $cures = [];
        $cook = $service->kitchen->withCooks($service->kitchen->cooks + 1);
        if ((($this->begins)($service->in($cook)) ?? 0) >= $now) {
            $cures[] = \sprintf('Have %d cooks', $cook->cooks);
        }
        $later = $this->later($service, $now, $cures === [] ? 'Serve' : 'or serve');
        if ($later !== null) {
            $cures[] = rtrim($later, '.');
        }
        $cures[] = \sprintf('%s by %s', $cures === [] ? 'Begin' : 'or begin', $service->serveAt->at($begins)->said());

        return new Obstacle(
            Words::task($tasks[$first], $service),
            \sprintf('everything at its shortest, it must begin %s before the service, and %s are left', Words::span($service->serveAt->seconds - $begins), Words::span(max(0, $service->serveAt->seconds - $now))),
            implode(', ', $cures) . '.',
        );
    }

    /** The first later service that can be made from a moment on. */
    private function later(Service $service, ?int $now, string $verb): ?string
    {
        foreach (self::LATER as $late) {
            $later = $service->servedAt($service->serveAt->seconds + $late);
            $begins = ($this->begins)($later);
            if ($begins !== null && $begins >= ($now ?? $begins)) {
                return \sprintf('%s at %s.', $verb, $later->serveAt->said());
            }
        }

        return null;
    }

    /** The first of what could be added that makes it possible. */
    private function more(Service $service, Station $station): ?string
    {
        $kitchen = $service->kitchen;
        $tries = [];
        $more = $kitchen;
        for ($added = 0; $station !== Station::Bench && $added < self::MOST_ADDED; ++$added) {
            $more = $more->oneMore($station);
            $tries[] = [$more, \sprintf('Have %d %s.', $more->units($station) ?? 1, Limits::words($station, $more->units($station) ?? 1))];
        }
        foreach ([1, 2, 3] as $cooks) {
            $tries[] = [$kitchen->withCooks($kitchen->cooks + $cooks), \sprintf('Have %d cooks.', $kitchen->cooks + $cooks)];
        }
        $tries[] = [$kitchen->open(Hours::of([['06:00', '24:00']])), 'Stay open from 06:00 to 24:00.'];
        $tries[] = [$kitchen->open(Hours::always()), 'Have somebody there through the night.'];
        foreach ($tries as [$more, $words]) {
            if (($this->begins)($service->in($more)) !== null) {
                return $words;
            }
        }

        return null;
    }
}
