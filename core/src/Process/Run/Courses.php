<?php

declare(strict_types=1);

namespace Transmuta\Process\Run;

/** The readings of a run's probes, put together to one course a step. */
final class Courses
{
    /**
     * By the probe's own clock where it brought one, else by the clock on the wall; a probe that went in again goes on from where it was.
     *
     * @param iterable<array{step: string, celsius: float, seconds: ?float, wall: float}> $readings in the order they came: °C, s since the probe went in,
     *                                                                                            s by the clock on the wall
     *
     * @return array<string, Course> by step
     */
    public static function of(iterable $readings): array
    {
        $points = $last = [];
        foreach ($readings as ['step' => $step, 'celsius' => $celsius, 'seconds' => $seconds, 'wall' => $wall]) {
            $clock = $seconds === null ? 'wall' : 'probe';
            $minute = ($seconds ?? $wall) / 60;
            $before = $last[$step] ?? null;
            $at = match (true) {
                $before === null => 0.0,
                $before['clock'] === $clock && $minute >= $before['minute'] => $before['at'] + $minute - $before['minute'],
                default => $before['at'],
            };
            $points[$step][] = [$at, $celsius];
            $last[$step] = ['clock' => $clock, 'minute' => $minute, 'at' => $at];
        }

        return array_map(static fn(array $of): Course => new Course($of), $points);
    }
}
