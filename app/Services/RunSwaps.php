<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\RunEvent;
use Transmuta\Engine;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Line;
use Transmuta\Process\Making\Making;
use Transmuta\Process\Making\MakingStep;
use Transmuta\Property\DishReading;

/**
 * Something taken for something else while it is made: what is weighed already stays as it is, and what is not is balanced back to the set, sweetness, fat,
 * water and acid of what was begun. Where the swap would change how it is made, it is no swap.
 */
final readonly class RunSwaps
{
    public function __construct(private Making $making) {}

    /**
     * The dish after all that was swapped, in the order in which it happened.
     *
     * @param list<RunEvent> $events
     */
    public function of(Formula $begun, Engine $engine, array $events): DishReading
    {
        return $this->folded($begun, $engine, $events)[0];
    }

    /**
     * Whether one thing may be taken for another after all that happened: it is there, not weighed yet, and it is made as it was.
     *
     * @param list<RunEvent> $events
     */
    public function mayTake(Formula $begun, Engine $engine, array $events, string $step, string $from, string $to): bool
    {
        [$dish, $weighed] = $this->folded($begun, $engine, $events);

        return $to !== $from && $this->swapped($dish, $begun, $engine, $step, $from, $to, $weighed) !== null;
    }

    /**
     * @param list<RunEvent> $events
     *
     * @return array{DishReading, array<string, array<string, float>>} the dish, and what was weighed, g by step and ingredient
     */
    private function folded(Formula $begun, Engine $engine, array $events): array
    {
        $dish = $engine->read($begun);
        $weighed = [];
        foreach ($events as $event) {
            $ingredient = \is_string($event->body['ingredient'] ?? null) ? $event->body['ingredient'] : '';
            if ($event->kind === 'weighed' && is_numeric($event->body['grams'] ?? null)) {
                $weighed[$event->step][$ingredient] = (float) $event->body['grams'];
            } elseif ($event->kind === 'swapped' && \is_string($event->body['to'] ?? null)) {
                $dish = $this->swapped($dish, $begun, $engine, $event->step, $ingredient, $event->body['to'], $weighed) ?? $dish;
            }
        }

        return [$dish, $weighed];
    }

    /**
     * Null where nothing of the kind is there, or it would be made otherwise.
     *
     * @param array<string, array<string, float>> $weighed g by step and ingredient
     */
    private function swapped(DishReading $dish, Formula $begun, Engine $engine, string $step, string $from, string $to, array $weighed): ?DishReading
    {
        $steps = $this->making->of($dish);
        $at = array_column($steps, 'layer', 'id')[$step] ?? null;
        $layer = $at === null ? null : $dish->formula->layers[$at] ?? null;
        if ($layer === null) {
            return null;
        }
        $have = [];
        foreach ($steps as $one) {
            if ($one->layer === $at) {
                $have += $weighed[$one->id] ?? [];
            }
        }
        $isThere = false;
        $lines = [];
        foreach ($layer->lines as $line) {
            $isFrom = $line->ingredient === $from && !isset($have[$from]);
            $isThere = $isThere || $isFrom;
            $lines[] = match (true) {
                $isFrom => Line::of($to, $line->grams)->identified($line->id),
                $line->ingredient !== null && isset($have[$line->ingredient]) => Line::of($line->ingredient, $have[$line->ingredient], $line->text, pinned: true)->identified($line->id),
                default => $line,
            };
        }
        if (!$isThere) {
            return null;
        }
        $layers = $dish->formula->layers;
        $layers[$at] = $layer->with($lines);
        $balanced = $engine->balancer->rebalance($dish->formula->with(array_values($layers)), $begun);
        // The other layers are as they were.
        $layers[$at] = $balanced->layers[$at];
        $new = $engine->read($dish->formula->with(array_values($layers)));
        $shape = static fn(MakingStep $one): string => "$one->id {$one->kind->value}";

        return array_map($shape, $this->making->of($new)) === array_map($shape, $steps) ? $new : null;
    }
}
