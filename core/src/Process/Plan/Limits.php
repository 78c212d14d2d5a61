<?php

declare(strict_types=1);

namespace Transmuta\Process\Plan;

use Transmuta\Process\Making\Station;

/** What no order of work could mend: a station that is not there, a step longer than any window, shelves too few for what must stand at once. */
final readonly class Limits
{
    /** @param list<Task> $tasks */
    public function __construct(private array $tasks, private Service $service) {}

    /** @return list<Obstacle> */
    public function blocked(): array
    {
        $blocked = [];
        $kitchen = $this->service->kitchen;
        $longest = $kitchen->hours->longest();
        foreach ($this->tasks as $task) {
            $name = Words::task($task, $this->service);
            $station = $task->station();
            if ($kitchen->cooks < 1 && $task->hands > 0) {
                $blocked['cooks'] ??= new Obstacle('cooks', 'nobody is there to work', 'Have 1 cook.');
            }
            $units = $kitchen->units($station);
            if ($units !== null && $units < max(1, (int) ceil($task->load - 1e-9))) {
                $blocked[$station->value] ??= new Obstacle(
                    $station->value,
                    $units === 0 ? \sprintf('there is none for %s', $name) : \sprintf('%s takes %d shelves and there %s %d', $name, (int) ceil($task->load), $units === 1 ? 'is' : 'are', $units),
                    \sprintf('Have %d %s.', max(1, (int) ceil($task->load - 1e-9)), self::words($station, max(1, (int) ceil($task->load - 1e-9)))),
                );
            } elseif ($task->units === []) {
                $blocked['mixer'] ??= new Obstacle('mixer', \sprintf('no bowl takes a batch of %s', $name), 'Have a larger mixer bowl, or whip it by hand in parts.');
            }
            $open = $task->open($task->best) + $task->heats;
            if ($longest !== null && $open > $longest) {
                $blocked["long $name"] ??= new Obstacle($name, \sprintf('it keeps somebody or the %s for %s in one go, and the kitchen is open %s', $station->value, Words::span($open), $kitchen->hours->words()), \sprintf('Stay open for %s once.', Words::span($open)));
            }
        }

        return array_values($blocked);
    }

    public static function words(Station $station, int $many): string
    {
        $one = match ($station) {
            Station::Hob => 'ring',
            Station::Fridge => 'fridge shelf',
            Station::Freezer => 'freezer shelf',
            Station::Bench => 'bench',
            default => $station->value,
        };

        return $many === 1 ? $one : (str_ends_with($one, 'shelf') ? substr($one, 0, -1) . 'ves' : ($one === 'bench' ? 'benches' : $one . 's'));
    }
}
