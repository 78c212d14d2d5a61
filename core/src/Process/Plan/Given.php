<?php

declare(strict_types=1);

namespace Transmuta\Process\Plan;

/**
 * The tasks that are left to plan, and what those that are begun, done or locked leave them: moments they cannot begin before or after, and
 * stations that are still taken.
 */
final readonly class Given
{
    /**
     * @param list<Task> $tasks what is left, each after all it waits for
     * @param array<int, int> $notBefore by place
     * @param array<int, int> $notAfter by place
     * @param array<int, int> $locked the start of each that may not be moved
     * @param list<array{task: Task, fixed: Fixed}> $over begun or done
     */
    private function __construct(public array $tasks, public array $notBefore, public array $notAfter, public array $locked, public array $over) {}

    /** @param list<Task> $tasks all of a service */
    public static function of(array $tasks, Service $service): self
    {
        $fixedOf = static function (Task $task) use ($service): ?Fixed {
            foreach ($service->fixed as $fixed) {
                if ($fixed->is($task)) {
                    return $fixed;
                }
            }

            return null;
        };
        $places = $left = $notBefore = $notAfter = $locked = $over = $fixedAt = [];
        foreach ($tasks as $i => $task) {
            $fixed = $fixedOf($task);
            if ($fixed !== null && $fixed->state !== FixedState::Locked) {
                $fixedAt[$i] = $fixed;
                $over[] = ['task' => $task, 'fixed' => $fixed];

                continue;
            }
            $place = \count($left);
            $places[$i] = $place;
            $after = [];
            foreach ($task->after as $before) {
                $was = $fixedAt[$before] ?? null;
                if ($was === null) {
                    $after[] = $places[$before];

                    continue;
                }
                [$ready, $stale] = self::result($tasks[$before], $was);
                $notBefore[$place] = max($notBefore[$place] ?? $ready, $ready);
                if ($stale !== null) {
                    $notAfter[$place] = min($notAfter[$place] ?? $stale, $stale);
                }
            }
            $left[] = $task->waitingFor($after);
            if ($fixed !== null) {
                $locked[$place] = $fixed->at;
            }
        }

        return new self($left, $notBefore, $notAfter, $locked, $over);
    }

    /** @return array{int, ?int} when the result of what is begun or done may be used, and until when */
    private static function result(Task $task, Fixed $fixed): array
    {
        if ($fixed->state === FixedState::Begun) {
            $reach = $task->reach($task->best);

            return [$fixed->at + $task->hands + $task->shortest(), $reach === null ? null : $fixed->at + $reach];
        }

        // It was seen to be over: its wait was long enough, and it stands as long as it may.
        return [$fixed->at, $task->hold === null ? null : $fixed->at + $task->hold];
    }
}
