<?php

declare(strict_types=1);

namespace Transmuta\Process\Plan;

/** How a plan speaks of a task and of a length of time. */
final class Words
{
    public static function task(Task $task, Service $service): string
    {
        return \sprintf('%s of %s: %s', $task->step->id, $service->orders[$task->item]->dish->formula->title, rtrim($task->step->text, '.'));
    }

    public static function span(int $seconds): string
    {
        $minutes = (int) ceil($seconds / 60);

        return match (true) {
            $minutes < 60 => "$minutes min",
            $minutes % 60 === 0 => \sprintf('%d h', intdiv($minutes, 60)),
            default => \sprintf('%d h %d min', intdiv($minutes, 60), $minutes % 60),
        };
    }
}
