<?php

declare(strict_types=1);

namespace Transmuta\Format;

use Transmuta\Process\Plan\Obstacle;
use Transmuta\Process\Plan\Placed;
use Transmuta\Process\Plan\Plan;
use Transmuta\Property\Severity;

/**
 * A plan as scripts and screens have it: moments by the kitchen's clock, minutes unrounded.
 *
 * @phpstan-type Row array{item: ?int, step: string, kind: string, batch?: int, start: string, end: string, hands_on_min: float|int, station: string, unit: int, cook: ?int, text: string, state: string, layer: string, endpoint: string, target_c: ?float}
 * @phpstan-type Printed array{feasible: bool, blocked: list<array{what: string, why: string, cure: string}>, steps: list<Row>, span_min: float|int|null, lower_bound_min: float|int|null, shortened: list<string>, spare_min: float|int|null, stops: list<array{item: int, text: string}>}
 */
final class PlanJson
{
    /**
     * Of a service that has no dish yet.
     *
     * @return Printed
     */
    public static function nothing(): array
    {
        return ['feasible' => true, 'blocked' => [], 'steps' => [], 'span_min' => null, 'lower_bound_min' => null, 'shortened' => [], 'spare_min' => null, 'stops' => []];
    }

    /** @return Printed */
    public static function write(Plan $plan): array
    {
        $clock = $plan->service->serveAt;

        return [
            'feasible' => $plan->blocked === [],
            'blocked' => array_map(static fn(Obstacle $o): array => ['what' => $o->what, 'why' => $o->why, 'cure' => $o->cure], $plan->blocked),
            'steps' => array_map(static fn(Placed $p): array => [
                'item' => $p->item,
                'step' => $p->step,
                'kind' => $p->kind,
                ...($p->batch === null ? [] : ['batch' => $p->batch]),
                'start' => $clock->at($p->start)->words(),
                'end' => $clock->at($p->end)->words(),
                'hands_on_min' => $p->hands / 60,
                'station' => $p->station->value,
                'unit' => $p->unit,
                'cook' => $p->cook,
                'text' => $p->text,
                'state' => $p->state->value ?? 'planned',
                'layer' => self::layer($plan, $p),
                'endpoint' => $p->task->step->endpoint ?? '',
                'target_c' => $p->task?->step->target,
            ], $plan->steps),
            'span_min' => $plan->span === null ? null : $plan->span / 60,
            'lower_bound_min' => $plan->lowerBound === null ? null : $plan->lowerBound / 60,
            'shortened' => $plan->shortened,
            'spare_min' => $plan->spare === null ? null : $plan->spare / 60,
            // A plan that can be kept makes nothing safe that is not.
            'stops' => self::stops($plan),
        ];
    }

    /** '' for what is done to the whole, and for what the plan adds. */
    private static function layer(Plan $plan, Placed $placed): string
    {
        $layers = $placed->task === null ? [] : $plan->service->orders[$placed->task->item]->dish->layers;
        $layer = $layers[$placed->task->step->layer ?? -1] ?? null;

        return $layer === null ? '' : $layer->layer->name;
    }

    /** @return list<array{item: int, text: string}> what must not be made as it stands: raw egg, a middle that stays warm too long */
    private static function stops(Plan $plan): array
    {
        $stops = [];
        foreach ($plan->service->orders as $item => $order) {
            foreach ($order->dish->watch as $warning) {
                if ($warning->severity === Severity::Stop) {
                    $stops[] = ['item' => $item, 'text' => $warning->text];
                }
            }
        }

        return $stops;
    }
}
