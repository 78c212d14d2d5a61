<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Run;
use App\Models\RunEvent;
use Transmuta\Format\Csv;
use Transmuta\Format\MakingJson;
use Transmuta\Formula\Scaling;
use Transmuta\Process\Making\Making;
use Transmuta\Process\Run\Rescale;
use Transmuta\Process\Run\Weighing;
use Transmuta\Process\Run\WeighOut;
use Transmuta\Property\DishReading;

/** A run as it stands: its steps, what is weighed and how near, what was noted; and the record of it. */
final readonly class RunView
{
    public function __construct(private VersionShelf $shelves, private Making $making, private WeighOut $weighOut) {}

    /** @return array<string, mixed> */
    public function of(Run $run): array
    {
        $dish = $this->read($run);
        $events = $run->events()->get();
        [$weighed, $factors] = self::folded(array_values($events->all()));
        $weighing = $this->weighOut->of($dish, $weighed, $factors);

        return [
            ...self::head($run),
            'making' => MakingJson::write($dish, $this->making),
            'layers' => array_map(static fn($layer): string => $layer->layer->name, $dish->layers),
            'weighing' => array_map(static fn(Weighing $w): array => [
                'layer' => $w->layer, 'step' => $w->step, 'ingredient' => $w->ingredient, 'name' => $w->name, 'asked' => $w->asked, 'tolerance' => $w->tolerance, 'weighed' => $w->weighed, 'is_off' => $w->isOff(), 'solution' => $w->solution,
            ], $weighing),
            'mends' => array_map(static fn(Rescale $r): array => ['layer' => $r->layer, 'factor' => $r->factor, 'text' => $r->text], WeighOut::mends($weighing)),
            'events' => array_values($events->map(self::event(...))->all()),
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
        $asked = [];
        foreach ($this->weighOut->of($this->read($run)) as $weighing) {
            $asked["$weighing->step $weighing->ingredient"] = $weighing;
        }
        $rows = [['at', 'who', 'what', 'step', 'ingredient', 'asked g', 'weighed g', '°C', 'words']];
        foreach ($run->events()->get() as $event) {
            $body = $event->body;
            $text = static fn(string $key): string => \is_scalar($body[$key] ?? null) ? (string) $body[$key] : '';
            $of = $asked["$event->step {$text('ingredient')}"] ?? null;
            $rows[] = [$event->at, $event->who, $event->kind, $event->step, $of->name ?? $text('ingredient'), $of === null ? '' : (string) round($of->asked, 2), $text('grams'), $text('celsius'), $text('text') . ($event->kind === 'scaled' ? '× ' . $text('factor') : '') . ($event->kind === 'timer' ? $text('minutes') . ' min' : '')];
        }

        return Csv::write($rows);
    }

    private function read(Run $run): DishReading
    {
        $version = $run->version->as($run->revision);

        return $this->shelves->engine($version)->read(Scaling::toService($version->formula, $run->portions));
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
        return ['client_id' => $event->client_id, 'kind' => $event->kind, 'step' => $event->step, 'body' => (object) $event->body, 'at' => $event->at, 'who' => $event->who];
    }
}
