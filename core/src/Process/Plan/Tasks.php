<?php

declare(strict_types=1);

namespace Transmuta\Process\Plan;

use Transmuta\Process\Making\Making;
use Transmuta\Process\Making\MakingStep;
use Transmuta\Process\Making\ProcessBook;
use Transmuta\Process\Making\Station;
use Transmuta\Process\Making\StepKind;
use Transmuta\Property\DishReading;

/** The steps of every dish of a service as tasks of one plan: what does not fit a bowl or an oven at once is split into batches. */
final readonly class Tasks
{
    public function __construct(private Making $making, private ProcessBook $book) {}

    public static function standard(): self
    {
        return new self(Making::standard(), ProcessBook::standard());
    }

    /** @return list<Task> each after all it waits for */
    public function of(Service $service): array
    {
        $tasks = [];
        foreach ($service->orders as $item => $order) {
            $places = [];
            foreach ($this->making->of($order->dish) as $step) {
                $after = array_merge(...array_map(static fn(string $id): array => $places[$id], $step->after));
                $batches = $this->batches($step, $order->dish, $service->kitchen);
                for ($batch = 1; $batch <= $batches; ++$batch) {
                    $places[$step->id][] = \count($tasks);
                    $tasks[] = $this->task($item, $step, $batches === 1 ? null : $batch, $batches, $after, $order->dish, $service->kitchen);
                }
            }
        }

        return $tasks;
    }

    /** kg a bowl of one litre takes of what is beaten in it. */
    private function bowl(StepKind $kind): float
    {
        return $this->book->capacity(match ($kind) {
            StepKind::Whip => 'cream-kg-l',
            StepKind::Foam => 'foam-kg-l',
            default => 'paste-kg-l',
        });
    }

    private static function kg(MakingStep $step): float
    {
        return array_sum(array_column($step->lines, 'grams')) / 1000;
    }

    private function batches(MakingStep $step, DishReading $dish, Kitchen $kitchen): int
    {
        return max(1, (int) ceil(match ($step->station) {
            Station::Mixer => $kitchen->mixers === [] ? 1.0 : self::kg($step) / (max($kitchen->mixers) * $this->bowl($step->kind)) - 1e-9,
            Station::Oven => $this->load($dish, 'oven-tins', 'oven-small') - 1e-9,
            default => 1.0,
        }));
    }

    /** @param list<int> $after */
    private function task(int $item, MakingStep $step, ?int $batch, int $batches, array $after, DishReading $dish, Kitchen $kitchen): Task
    {
        $kg = self::kg($step) / $batches;
        // Less in a bowl is less to whip; a tray is a tray.
        $hands = $batches > 1 ? $this->book->hands($step->kind, \count($step->lines), $kg, 0, true, 0) : $step->hands;
        $seconds = static fn(float $minutes): int => (int) round(60 * $minutes);
        $units = $step->station !== Station::Mixer ? null : array_values(array_map(
            static fn(int $at): int => $at + 1,
            array_keys(array_filter($kitchen->mixers, fn(float $litres): bool => $kg <= $litres * $this->bowl($step->kind) + 1e-9)),
        ));

        // Told before the call: as its last argument PHP 8.2's tracing JIT hands over the comparison instead of the number.
        $heats = $step->station === Station::Oven ? $seconds($this->book->value('preheat-min')) : 0;

        return new Task(
            $item,
            $step,
            $batch,
            (int) ceil(60 * $hands - 1e-6),
            $seconds($step->wait->least),
            $seconds($step->wait->best),
            $step->wait->most === null ? null : $seconds($step->wait->most),
            $step->hold === null ? null : $seconds($step->hold),
            $after,
            match ($step->station) {
                Station::Oven => $this->load($dish, 'oven-tins', 'oven-small') / $batches,
                Station::Fridge, Station::Freezer => \in_array($step->kind, [StepKind::Chill, StepKind::Freeze, StepKind::TemperOut], true) && $step->lines === [] ? $this->load($dish, 'shelf-tins', 'shelf-small') : 1.0 / $this->book->capacity('shelf-bowls'),
                default => 1.0,
            },
            $units,
            $step->station->runs(),
            $heats,
        );
    }

    /** How many ovens or shelves a dish's vessels take. */
    private function load(DishReading $dish, string $tins, string $small): float
    {
        return ($dish->stack->vessel->count ?? $dish->formula->portions) / $this->book->capacity(Making::isSmall($dish) ? $small : $tins);
    }
}
