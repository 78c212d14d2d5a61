<?php

declare(strict_types=1);

namespace Transmuta\Process\Run;

use Transmuta\Process\Making\Making;
use Transmuta\Process\Making\MakingStep;
use Transmuta\Process\Making\Station;
use Transmuta\Process\Making\StepKind;
use Transmuta\Property\DishReading;
use Transmuta\Property\Heat\CookingWindow;
use Transmuta\Property\Heat\Cooling;
use Transmuta\Property\Heat\PanHeating;
use Transmuta\Property\Heat\Pasteurisation;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Structure\Base;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Reference;

/**
 * What a probe is expected to read in each step of a making: the pan by {@see PanHeating}, the oven and the cold by conduction ({@see Cooling}),
 * with the temperatures that mean something in this formula. A guide for where to look at the probe, never a proof.
 */
final readonly class AtHeat
{
    /** °C between two points of a pan's curve, and points of one that conducts. */
    private const PAN_STEP = 2.0;

    private const POINTS = 40;

    /** How far past its end a pan is followed, K: a pan that is forgotten goes on. */
    private const PAST = 6.0;

    private const ROOM = 20.0;

    /** Hours that are looked at for 5 °C. */
    private const LONGEST = 24.0;

    public function __construct(private Making $making, private Reference $reference) {}

    /** @return list<StepHeat> */
    public function of(DishReading $dish): array
    {
        $all = $left = $cooled = $egg = [];
        $raw = self::bakedIn($this->making->of($dish));
        foreach ($this->making->of($dish) as $step) {
            $layer = $dish->layers[$step->layer] ?? null;
            if ($layer !== null && self::bringsEgg($step, $layer)) {
                $egg[$step->layer] = true;
            }
            $heat = match (true) {
                $step->station === Station::Hob && $layer !== null && $step->target !== null && $layer->pan !== null => $this->pan($step, $layer, $layer->pan, $left[$step->layer] ?? $layer->pan->startsAt, isset($egg[$step->layer])),
                $step->kind === StepKind::Bake && $layer !== null && $step->target !== null => $this->oven($step, $dish, $layer, $step->target),
                $step->kind === StepKind::Chill || $step->kind === StepKind::Freeze => $this->cold($step, $dish, isset($raw[$step->layer]) ? self::ROOM : $cooled[$step->layer] ?? null),
                default => null,
            };
            if ($step->kind === StepKind::Bake) {
                unset($raw[$step->layer]);
            }
            // What was cooled before it was filled goes into the cold as warm as that.
            if ($step->kind === StepKind::Cool && $step->target !== null) {
                $cooled[$step->layer] = $step->target;
            }
            if ($heat !== null) {
                $all[] = $heat;
            }
            if ($heat?->where === 'pan' && $step->target !== null) {
                $left[$step->layer] = $step->target;
            }
        }

        return $all;
    }

    /**
     * @param list<MakingStep> $steps
     *
     * @return array<int, true> layers that go into the oven
     */
    private static function bakedIn(array $steps): array
    {
        return array_fill_keys(array_column(array_filter($steps, static fn(MakingStep $step): bool => $step->kind === StepKind::Bake), 'layer'), true);
    }

    private static function bringsEgg(MakingStep $step, LayerReading $layer): bool
    {
        return array_filter($step->lines, static fn(array $line): bool => $layer->portionOf($line['ingredient'])?->ingredient->group === 'egg') !== [];
    }

    /** @param bool $hasEgg whether its egg is in by now: milk that is heated for it curdles nothing */
    private function pan(MakingStep $step, LayerReading $layer, PanHeating $pan, float $from, bool $hasEgg): ?StepHeat
    {
        $target = (float) $step->target;
        $from = min($from, $target - self::PAN_STEP);
        $window = !$hasEgg || Base::is($layer->state) ? null : $layer->window;
        $points = [[0.0, $from]];
        $seconds = 0.0;
        $end = min(Figure::PanBoils->number(), max($target, $window === null || $window->mayBoil ? 0.0 : $window->curdles) + self::PAST);
        for ($at = $from; $at < $end - 1e-9; $at = $to) {
            $to = min($end, $at + self::PAN_STEP);
            $minutes = $pan->minutes($at, $to);
            if ($minutes === null) {
                break;
            }
            $points[] = [$seconds += 60 * $minutes, $to];
        }
        if (\count($points) < 2) {
            return null;
        }
        $marks = [['what' => 'this step ends at', 'celsius' => $target, 'kind' => 'reach'], ...self::ofEgg($window)];

        return new StepHeat($step->id, 'pan', $points, self::byHeat($marks), $hasEgg ? Pasteurisation::product($layer->state) : null, $hasEgg);
    }

    /** @return list<array{what: string, celsius: float, kind: 'reach'|'not_over'|'told'}> what the egg of this formula does by the way; none where it has none */
    private static function ofEgg(?CookingWindow $window): array
    {
        return $window === null ? [] : [
            ['what' => 'thickens', 'celsius' => $window->thickens, 'kind' => 'told'],
            ['what' => 'egg is safe from', 'celsius' => $window->safe, 'kind' => 'told'],
            ...($window->mayBoil ? [] : [['what' => 'curdles', 'celsius' => $window->curdles, 'kind' => 'not_over']]),
        ];
    }

    private function oven(MakingStep $step, DishReading $dish, LayerReading $layer, float $air): StepHeat
    {
        $body = [['thermal' => $layer->thermal, 'height' => max(4.0, $dish->stack->heights[$step->layer] ?? 20.0)]];
        $bath = $step->origin->operation === 'bake_water';
        $warming = Cooling::of($body, $dish->stack->vessel, self::ROOM, $this->reference, $bath ? 'water bath' : 'oven', null, $bath ? null : $air);
        $hours = max(10.0, $step->wait->most) / 60;
        $points = [];
        for ($i = 0; $i <= self::POINTS; ++$i) {
            $points[] = [3600 * $hours * $i / self::POINTS, min(Figure::WetMiddle->number(), $warming->core($hours * $i / self::POINTS))];
        }
        $window = Base::is($layer->state) ? null : $layer->window;
        $marks = $window === null ? [] : [['what' => 'done in the middle', 'celsius' => $window->done, 'kind' => 'reach'], ...self::ofEgg($window)];

        return new StepHeat($step->id, 'oven', $points, self::byHeat($marks), Pasteurisation::product($layer->state));
    }

    /** @param ?float $from °C it goes into the cold with, where that is not what its treatment leaves it with: a raw dough, a mass that was cooled */
    private function cold(MakingStep $step, DishReading $dish, ?float $from): ?StepHeat
    {
        $layer = $dish->layers[$step->layer] ?? null;
        $place = $step->station === Station::Freezer ? 'freezer' : 'fridge';
        $own = $layer === null ? $dish->stack->whole ?? $dish->stack->coolings[0] ?? null : $dish->stack->coolings[$step->layer] ?? null;
        if ($own === null) {
            return null;
        }
        $bodies = [];
        foreach ($layer === null ? array_keys($dish->layers) : [$step->layer] as $i) {
            $bodies[] = ['thermal' => $dish->layers[$i]->thermal, 'height' => $dish->stack->heights[$i]];
        }
        $cooling = Cooling::of($bodies, $dish->stack->vessel, $from ?? $own->startsAt, $this->reference, $place, $own->firmAt);
        $end = max($step->wait->best / 60, $cooling->coreHours ?? 0.0, $cooling->coldHours ?? 0.0);
        // Far enough to see it cold.
        while ($cooling->air < Figure::FoodCodeCold->number() && $end < self::LONGEST && $cooling->core($end) > Figure::FoodCodeCold->number()) {
            $end += 0.25;
        }
        if ($end <= 0.0 || $cooling->startsAt <= $cooling->air + 1.0) {
            return null;
        }
        $points = [];
        for ($i = 0; $i <= self::POINTS; ++$i) {
            // Closer at first, where it falls fast.
            $hours = $end * ($i / self::POINTS) ** 2;
            $points[] = [3600 * $hours, $cooling->core($hours)];
        }
        $marks = [];
        foreach ($cooling->startsAt >= Figure::FoodCodeHot->number() ? [['57 °C: the two hours begin', Figure::FoodCodeHot->number()], ['21 °C within 2 h', Figure::FoodCodeWarm->number()], ['5 °C within 6 h', Figure::FoodCodeCold->number()]] : [['5 °C', Figure::FoodCodeCold->number()]] as [$what, $celsius]) {
            $marks[] = ['what' => $what, 'celsius' => $celsius, 'kind' => 'reach'];
        }
        if ($cooling->firmAt !== null) {
            $marks[] = ['what' => 'begins to set', 'celsius' => $cooling->firmAt, 'kind' => 'told'];
        }

        return new StepHeat($step->id, 'cold', $points, self::byHeat($marks), null);
    }

    /**
     * @param list<array{what: string, celsius: float, kind: 'reach'|'not_over'|'told'}> $marks
     *
     * @return list<array{what: string, celsius: float, kind: 'reach'|'not_over'|'told'}>
     */
    private static function byHeat(array $marks): array
    {
        usort($marks, static fn(array $a, array $b): int => $a['celsius'] <=> $b['celsius']);

        return $marks;
    }
}
