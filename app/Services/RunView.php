<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Lot;
use App\Models\Run;
use App\Models\RunEvent;
use App\Models\Service;
use App\Models\ServiceItem;
use Transmuta\Engine;
use Transmuta\Fault\Nonsense;
use Transmuta\Format\Csv;
use Transmuta\Format\ServiceJson;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Scaling;
use Transmuta\Process\Plan\Moment;
use Transmuta\Process\Plan\Order;
use Transmuta\Process\Plan\Service as Asked;
use Transmuta\Process\Plan\Tasks;
use Transmuta\Process\Run\AtHeat;
use Transmuta\Process\Run\Courses;
use Transmuta\Process\Run\Rescale;
use Transmuta\Process\Run\StepHeat;
use Transmuta\Process\Run\Weighing;
use Transmuta\Process\Run\WeighOut;
use Transmuta\Property\DishReading;
use Transmuta\Reference\Reference;

/** A run as it stands: its steps, what is weighed and how near, what was noted; and the record of it. */
final readonly class RunView
{
    private const MOST_LOTS = 200;

    public function __construct(private VersionShelf $shelves, private MakingView $making, private WeighOut $weighOut, private AtHeat $atHeat, private Tasks $tasks, private RunSwaps $swaps, private Reference $reference) {}

    /** @return array<string, mixed> */
    public function of(Run $run): array
    {
        $events = self::events($run);
        $dish = $this->dish($run, $events);
        [$weighed, $factors] = self::folded($events);
        $weighing = $this->weighOut->of($dish, $weighed, $factors);
        $lots = self::lots($run->studio_id, array_values(array_unique(array_column($weighing, 'ingredient'))));

        return [
            ...self::head($run),
            'making' => $this->making->of($run->version, $dish, $this->shelves->original($run->version)),
            'layers' => array_map(static fn($layer): string => $layer->layer->name, $dish->layers),
            'weighing' => array_map(static fn(Weighing $w): array => [
                'layer' => $w->layer, 'step' => $w->step, 'ingredient' => $w->ingredient, 'name' => $w->name, 'asked' => $w->asked, 'tolerance' => $w->tolerance, 'weighed' => $w->weighed, 'is_off' => $w->isOff(), 'solution' => $w->solution, 'lots' => $lots[$w->ingredient] ?? [],
            ], $weighing),
            'heat' => $this->heat($dish, $events),
            'batches' => (object) $this->batches($run, $dish),
            'swaps' => $this->told($run, $dish, $events),
            'mends' => array_map(static fn(Rescale $r): array => ['layer' => $r->layer, 'factor' => $r->factor, 'text' => $r->text], WeighOut::mends($weighing)),
            'events' => array_map(self::event(...), $events),
        ];
    }

    /** @return array<string, mixed> */
    public static function head(Run $run): array
    {
        return [
            'id' => $run->id, 'version_id' => $run->version_id, 'dish' => $run->version->dish->title, 'version' => $run->version->name, 'revision' => $run->revision->number, 'service_item_id' => $run->service_item_id,
            'portions' => $run->portions, 'who' => $run->who, 'started_at' => $run->started_at->toIso8601ZuluString(), 'finished_at' => $run->finished_at?->toIso8601ZuluString(),
        ];
    }

    /** The record of a run as a table: every event, who, and what was asked of what was weighed. */
    public function csv(Run $run): string
    {
        $events = self::events($run);
        $asked = [];
        foreach ($this->weighOut->of($this->dish($run, $events)) as $weighing) {
            $asked["$weighing->step $weighing->ingredient"] = $weighing;
        }
        $codes = [];
        foreach (Lot::query()->where('studio_id', $run->studio_id)->whereIn('id', array_filter(array_map(static fn(RunEvent $event): ?int => $event->lot_id, $events)))->get() as $lot) {
            $codes[$lot->id] = $lot->code;
        }
        $rows = [['at', 'who', 'what', 'step', 'ingredient', 'lot', 'asked g', 'weighed g', '°C', 'words']];
        foreach ($events as $event) {
            $body = $event->body;
            $text = static fn(string $key): string => \is_scalar($body[$key] ?? null) ? (string) $body[$key] : '';
            $of = $asked["$event->step {$text('ingredient')}"] ?? null;
            $rows[] = [$event->at, $event->who, $event->kind, $event->step, $of->name ?? $text('ingredient'), $codes[$event->lot_id ?? 0] ?? '', $of === null ? '' : (string) round($of->asked, 2), $text('grams'), $text('celsius'), $text('text') . ($event->kind === 'scaled' ? '× ' . $text('factor') : '') . ($event->kind === 'timer' ? $text('minutes') . ' min' : '') . (($body['simulated'] ?? false) === true ? 'simulated' : '')];
        }

        return Csv::write($rows);
    }

    /**
     * How many batches each step takes in the kitchen it is made in, where that is more than one: its bowls and ovens are the service's.
     *
     * @return array<string, int> by step
     */
    private function batches(Run $run, DishReading $dish): array
    {
        $item = $run->service_item_id === null ? null : ServiceItem::query()->find($run->service_item_id);
        $service = $item === null ? null : Service::query()->find($item->service_id);
        $kitchen = ServiceJson::kitchen($service->kitchen ?? Planning::KITCHEN);
        $batches = [];
        foreach ($this->tasks->of(new Asked(Moment::parse('2000-01-01T20:00', 'serve_at'), null, $kitchen, [new Order($dish)], [])) as $task) {
            if ($task->batch !== null) {
                $batches[$task->step->id] = max($batches[$task->step->id] ?? 1, $task->batch);
            }
        }

        return array_filter($batches, static fn(int $count): bool => $count > 1);
    }

    /**
     * What was taken for what, and what that means for whoever eats it.
     *
     * @param list<RunEvent> $events
     *
     * @return list<string>
     */
    private function told(Run $run, DishReading $dish, array $events): array
    {
        $swapped = array_values(array_filter($events, static fn(RunEvent $event): bool => $event->kind === 'swapped'));
        if ($swapped === []) {
            return [];
        }
        [$begun, $engine] = $this->begun($run);
        $before = $engine->read($begun);
        $new = array_values(array_diff([...$dish->contains, ...$dish->mayContain], $before->contains, $before->mayContain));
        $lost = array_values(array_filter(array_keys($dish->diets), static fn(string $diet): bool => $before->diets[$diet]->because === [] && $dish->diets[$diet]->because !== []));

        return [
            ...array_map(static fn(RunEvent $event): string => \sprintf('%s was taken for %s; what is not weighed yet is balanced anew.', self::said($event, 'to'), self::said($event, 'ingredient')), $swapped),
            ...($new === [] ? [] : ['It contains, or may contain, more than its card says: ' . implode(', ', $new) . '. Tell whoever serves it.']),
            ...($lost === [] ? [] : ['It is no longer ' . implode(', ', $lost) . '.']),
        ];
    }

    private static function said(RunEvent $event, string $key): string
    {
        return \is_string($event->body[$key] ?? null) ? str_replace('-', ' ', $event->body[$key]) : '';
    }

    /**
     * The latest lots of each ingredient, those called back left in: somebody may have one in the hand.
     *
     * @param list<string> $ingredients
     *
     * @return array<string, list<array{id: int, code: string, is_recalled: bool}>>
     */
    private static function lots(int $studio, array $ingredients): array
    {
        $query = Lot::query();
        $query->where('studio_id', $studio)->whereIn('slug', $ingredients)->orderByDesc('id')->limit(self::MOST_LOTS);
        $all = [];
        foreach ($query->get() as $lot) {
            $all[$lot->slug][] = ['id' => $lot->id, 'code' => $lot->code, 'is_recalled' => $lot->recalled_on !== null];
        }

        return $all;
    }

    /** @return list<StepHeat> what the models expect of each step that is heated or chilled */
    public function heats(Run $run): array
    {
        return $this->atHeat->of($this->read($run));
    }

    /**
     * @param list<RunEvent> $events
     *
     * @return list<array<string, mixed>>
     */
    private function heat(DishReading $dish, array $events): array
    {
        $courses = Courses::of(self::readings($events));

        return array_map(fn(StepHeat $heat): array => [
            'step' => $heat->step, 'where' => $heat->where,
            'expected' => array_map(static fn(array $p): array => ['minute' => $p[0] / 60, 'celsius' => $p[1]], $heat->expected),
            'marks' => $heat->marks,
            'read' => array_map(static fn(array $p): array => ['minute' => $p[0], 'celsius' => $p[1]], $courses[$heat->step]->points ?? []),
            'lethality' => isset($courses[$heat->step]) ? $courses[$heat->step]->lethality($heat, $this->reference) : null,
            'said' => isset($courses[$heat->step]) ? $courses[$heat->step]->says($heat, $this->reference) : [],
        ], $this->atHeat->of($dish));
    }

    /**
     * @param list<RunEvent> $events
     *
     * @return list<array{step: string, celsius: float, seconds: ?float, wall: float}> what probes read, in order
     */
    private static function readings(array $events): array
    {
        $readings = [];
        foreach ($events as $event) {
            $celsius = $event->body['celsius'] ?? null;
            if ($event->kind === 'temperature' && is_numeric($celsius)) {
                $seconds = $event->body['seconds'] ?? null;
                $readings[] = ['step' => $event->step, 'celsius' => (float) $celsius, 'seconds' => is_numeric($seconds) ? (float) $seconds : null, 'wall' => (float) strtotime($event->at . ' UTC')];
            }
        }

        return $readings;
    }

    /** What is made, read for so many, with what was taken for something else. */
    public function read(Run $run): DishReading
    {
        return $this->dish($run, self::events($run));
    }

    /** @param list<RunEvent> $events */
    private function dish(Run $run, array $events): DishReading
    {
        return $this->swaps->of(...$this->begun($run), events: $events);
    }

    /** @return array{Formula, Engine} what was begun, for so many, and what reads it */
    private function begun(Run $run): array
    {
        $version = $run->version->as($run->revision);

        return [Scaling::toService($version->formula, $run->portions), $this->shelves->engine($version)];
    }

    /** @return list<RunEvent> in the order they happened */
    private static function events(Run $run): array
    {
        return array_values($run->events()->get()->all());
    }

    /**
     * Whether one thing may be taken for another now.
     *
     * @throws Nonsense if nobody knows it, it is weighed already, or the dish would be made otherwise
     */
    public function mayTake(Run $run, string $step, string $ingredient, string $said): string
    {
        [$begun, $engine] = $this->begun($run);
        $to = $engine->lines->ingredientNamed($said) ?? throw Nonsense::of('to', $said, 'name something the shelf has');
        if (!$this->swaps->mayTake($begun, $engine, self::events($run), $step, $ingredient, $to)) {
            throw Nonsense::of('to', $said, 'with it the dish would be made otherwise, or it is weighed already; take it on the Bench, as a version of its own');
        }

        return $to;
    }

    /**
     * @param list<RunEvent> $events
     *
     * @return array{array<string, float>, array<int, float>} what was weighed last of each line, and the factor of each layer
     */
    private static function folded(array $events): array
    {
        $weighed = $factors = [];
        foreach ($events as $event) {
            $number = static fn(string $key): float => is_numeric($event->body[$key] ?? null) ? (float) $event->body[$key] : 0.0;
            if ($event->kind === 'weighed' && \is_string($ingredient = $event->body['ingredient'] ?? null)) {
                $weighed["$event->step $ingredient"] = $number('grams');
            } elseif ($event->kind === 'scaled') {
                $layer = (int) $number('layer');
                $factors[$layer] = ($factors[$layer] ?? 1.0) * $number('factor');
            }
        }

        return [$weighed, $factors];
    }

    /** @return array<string, mixed> */
    private static function event(RunEvent $event): array
    {
        return ['client_id' => $event->client_id, 'kind' => $event->kind, 'step' => $event->step, 'body' => (object) ($event->lot_id === null ? $event->body : [...$event->body, 'lot' => $event->lot_id]), 'at' => $event->at, 'who' => $event->who];
    }
}
