<?php

declare(strict_types=1);

namespace Transmuta\Process\Plan;

use Random\Engine\Mt19937;
use Random\Randomizer;
use Transmuta\Diet\Diet;
use Transmuta\Diet\Standing;
use Transmuta\Process\Making\ProcessBook;

/**
 * Plans a service backwards from the moment it is served: as late as the ages it aims at allow, and never before it may begin. Every plan is
 * a whole {@see Attempt}; of many, with what is put first shaken a little each time, the shortest is kept, until it meets the proven bound.
 */
final readonly class Planner
{
    /** Tasks put down in all attempts together: about a third of a second. */
    private const WORK = 12000;

    /** Attempts made at most where a plan is small. */
    private const ATTEMPTS = 250;

    /** Attempts without anything better after which it is left. */
    private const PATIENCE = 60;

    /** s a plan reaches back from the service: a coconut tin, a soak and a night each still fit. */
    private const FARTHEST = 21 * Hours::DAY;

    /** s by which more are tried to shake what is put first. */
    private const SHAKE = 5400;

    public function __construct(private Tasks $tasks, private ProcessBook $book) {}

    public static function standard(): self
    {
        return new self(Tasks::standard(), ProcessBook::standard());
    }

    public function plan(Service $service): Plan
    {
        $unfit = $this->unfit($service);
        if ($unfit !== []) {
            return new Plan($service, [], $unfit, null, null);
        }
        $tasks = $this->tasks->of($service);
        $limits = new Limits($tasks, $service);
        $blocked = $limits->blocked();
        if ($blocked !== []) {
            return new Plan($service, [], $blocked, null, null);
        }
        $given = Given::of($tasks, $service);
        $tasks = $given->tasks;
        $waits = array_map(static fn(Task $t): int => $t->best, $tasks);
        $shortened = [];
        for ($found = null, $stuck = null;;) {
            $chain = new Chain($tasks, $waits, $service);
            $bound = $chain->bound()['at'];
            $isLate = $service->now !== null && $bound < $service->now->seconds;
            if (!$isLate) {
                [$found, $stuck] = $this->search($service, $given, $waits, $chain, $bound, $service->now->seconds ?? null, self::WORK);
            }
            if ($found !== null || $service->now === null) {
                break;
            }
            $shorter = $this->shortest($tasks, $waits, $chain, $isLate);
            if ($shorter === null) {
                break;
            }
            $waits[$shorter] = $tasks[$shorter]->shortest();
            $shortened[] = Words::task($tasks[$shorter], $service);
        }
        if ($found === null) {
            $why = new Cures($this->begins(...));

            return new Plan($service, [], [$why->of($service, $tasks, $chain, $stuck)], null, $service->serveAt->seconds - $bound);
        }

        return new Plan($service, $found->placed(), [], $service->serveAt->seconds - $found->start(), $service->serveAt->seconds - $bound, $shortened, $service->now === null ? null : max($found->spare($service->now->seconds), $this->spare($service, $given)));
    }

    /**
     * The moment a service can begin at the latest, with everything waiting the least it must; null where nothing makes it possible. Quick: few
     * attempts.
     */
    public function begins(Service $service): ?int
    {
        $tasks = $this->tasks->of($service);
        if ((new Limits($tasks, $service))->blocked() !== []) {
            return null;
        }

        return $this->shortestPlan($service, Given::of($tasks, $service))?->start();
    }

    /** s by which everything could begin later, were it to wait only as long as it must: what it costs is age, not the service. */
    private function spare(Service $service, Given $given): int
    {
        return $service->now === null ? 0 : $this->shortestPlan($service, $given)?->spare($service->now->seconds) ?? 0;
    }

    /** A plan in which everything waits only as long as it must; of few attempts. */
    private function shortestPlan(Service $service, Given $given): ?Attempt
    {
        $waits = array_map(static fn(Task $t): int => $t->shortest(), $given->tasks);
        $chain = new Chain($given->tasks, $waits, $service);

        return $this->search($service, $given, $waits, $chain, $chain->bound()['at'], null, 5 * \count($given->tasks))[0];
    }

    /**
     * @param array<int, int> $waits
     * @param ?int $earliest nothing before it
     *
     * @return array{?Attempt, ?Attempt} the best that succeeded, and the last that did not
     */
    private function search(Service $service, Given $given, array $waits, Chain $chain, int $bound, ?int $earliest, int $work): array
    {
        $tasks = $given->tasks;
        $users = array_fill(0, \count($tasks), []);
        foreach ($tasks as $i => $task) {
            foreach ($task->after as $before) {
                $users[$before][] = $i;
            }
        }
        $users = array_map(static fn(array $of): array => array_values(array_unique($of)), $users);
        $brings = $this->brings($service);
        $floor = $service->serveAt->seconds - self::FARTHEST;
        $random = new Randomizer(new Mt19937(1));
        $noise = $kept = array_fill(0, \count($tasks), 0.0);
        $best = $failed = null;
        $score = null;
        $since = 0;
        $attempts = max(3, min(self::ATTEMPTS, intdiv($work, max(1, \count($tasks)))));
        for ($n = 0; $n < $attempts && $n - $since < self::PATIENCE; ++$n) {
            $attempt = new Attempt($given, $users, $waits, $service, $brings, $chain->heads, $noise, $floor, $this->book);
            if ($attempt->succeeds()) {
                $reached = [-$attempt->start(), $attempt->slack()];
                if ($score === null || $reached <= $score) {
                    $since = $score === null || $reached < $score ? $n : $since;
                    [$best, $score, $kept] = [$attempt, $reached, $noise];
                }
                if ($attempt->start() >= $bound && ($n > 20 || $attempt->slack() === 0)) {
                    break;
                }
            } else {
                $failed = $attempt;
            }
            // From the best so far a few, now and then all anew.
            $noise = $kept;
            $share = $n % 10 === 9 ? 100 : 20;
            foreach ($noise as $i => $_) {
                if ($random->getInt(0, 99) < $share) {
                    $noise[$i] = (float) $random->getInt(-self::SHAKE, self::SHAKE);
                }
            }
        }
        if ($best !== null && $earliest !== null && $best->start() < $earliest) {
            return [null, null];
        }

        return [$best, $failed];
    }

    /**
     * What is given up next where there is too little time: the longest ripening that is not at its least yet, on the longest chain first.
     *
     * @param list<Task> $tasks
     * @param array<int, int> $waits
     */
    private function shortest(array $tasks, array $waits, Chain $chain, bool $isLate): ?int
    {
        foreach ($isLate ? [$chain->longest(), array_keys($tasks)] : [array_keys($tasks)] as $places) {
            $best = null;
            foreach ($places as $i) {
                $gain = $waits[$i] - $tasks[$i]->shortest();
                if ($gain > 0 && ($best === null || $gain > $waits[$best] - $tasks[$best]->shortest())) {
                    $best = $i;
                }
            }
            if ($best !== null) {
                return $best;
            }
        }

        return null;
    }

    /** @return list<Obstacle> the dishes that are not free of what they must be free of: they are taken as written */
    private function unfit(Service $service): array
    {
        $all = [];
        foreach ($service->orders as $item => $order) {
            foreach ($order->diets as $diet) {
                $verdict = $order->dish->diets[$diet->value];
                if ($verdict->standing() === Standing::NotMet) {
                    $all[] = new Obstacle(
                        \sprintf('item %d, %s', $item, $order->dish->formula->title),
                        \sprintf('as written it is not %s: %s', mb_strtolower($diet->words()), implode(', ', $verdict->because)),
                        \sprintf('Put a version on the list that is %s, or serve it without that claim.', mb_strtolower($diet->words())),
                    );
                }
            }
        }

        return $all;
    }

    /** @return array<int, array<int, bool>> whether the first dish brings what the second must be free of */
    private function brings(Service $service): array
    {
        $brings = [];
        foreach ($service->orders as $free => $order) {
            // A bowl brings milk or nuts to somebody; what a portion holds of sugar, and that it was heated, it does not bring.
            $kept = array_filter($order->diets, static fn(Diet $diet): bool => !$diet->isByAmount() && !\in_array($diet, [Diet::Keto, Diet::Raw], true));
            foreach ($kept as $diet) {
                foreach ($service->orders as $item => $other) {
                    if ($item !== $free && $other->dish->diets[$diet->value]->because !== []) {
                        $brings[$item][$free] = true;
                    }
                }
            }
        }

        return $brings;
    }
}
