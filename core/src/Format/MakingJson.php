<?php

declare(strict_types=1);

namespace Transmuta\Format;

use Transmuta\Formula\Oven;
use Transmuta\Kind\Kind;
use Transmuta\Method\HeatHistory;
use Transmuta\Method\Method;
use Transmuta\Method\Operation;
use Transmuta\Process\Making\Between;
use Transmuta\Process\Making\Losses;
use Transmuta\Process\Making\Making;
use Transmuta\Process\Making\MakingStep;
use Transmuta\Process\Making\StepKind;
use Transmuta\Process\Words\Measures;
use Transmuta\Property\Care;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;

/** The making of a dish as scripts and screens have it. */
final class MakingJson
{
    /**
     * @param ?Measures $measures the kitchen's own, in which amounts are said as well
     * @param ?DishReading $original where it is given, each step says whether the original has none like it: the same kind of the same layer with the same in it
     *
     * @return array{steps: list<array<string, mixed>>, critical: list<array<string, mixed>>, stops: list<array{layer: string, text: string}>, sentences: list<array{text: string, as: string, steps: list<string>}>, raw: list<array{line: string, layer: string, what: string, why: string}>, kinds: list<array{layer: string, kind: string, name: string}>, heat: list<array{layer: string, line: string, ingredient: string, level: string, still: bool, apart: bool, water_g: float, minutes: ?float}>}
     */
    public static function write(DishReading $dish, Making $making, ?DishReading $original = null, ?Measures $measures = null): array
    {
        $known = [];
        if ($original !== null) {
            foreach ($making->of($original) as $step) {
                $known[self::like($step, $original)] = true;
            }
        }

        $steps = $making->of($dish);
        $losses = Losses::of($steps, $dish);
        $products = self::products($steps, $losses);
        $between = new Between($making);
        $method = $making->methodOf($dish);
        $raw = $method === null ? [] : self::raw($method, $dish);

        return [
            'steps' => array_map(static fn(MakingStep $step): array => [...self::step($step, $dish, $measures), ...self::origin($step, $making, $dish, $products), ...self::seen($step, $dish, $between, $losses), 'ways' => self::ways($step, $making), ...($original === null ? [] : ['is_new' => !isset($known[self::like($step, $dish)])])], $steps),
            'critical' => $making->critical($dish),
            // Steps that are followed as they stand would serve it raw: said before the first.
            'stops' => [
                ...array_values(array_map(
                    static fn(Warning $w): array => ['layer' => $w->layer === null ? '' : $dish->layers[$w->layer]->layer->name, 'text' => $w->text],
                    array_filter($dish->watch, static fn(Warning $w): bool => $w->severity === Severity::Stop),
                )),
                ...array_map(static fn(array $one): array => ['layer' => $one['layer'], 'text' => "{$one['layer']}: {$one['why']}"], $raw),
            ],
            'sentences' => $method === null ? [] : MethodJson::sentences($method, $steps),
            'raw' => $raw,
            'kinds' => array_map(static fn(LayerReading $layer, Kind $kind): array => ['layer' => $layer->layer->name, 'kind' => $kind->key, 'name' => $kind->name], $dish->layers, $making->kinds($dish)),
            'heat' => self::heat($dish),
        ];
    }

    /**
     * What heat each line meets by the maker's own steps; nothing of a line they do not speak of.
     *
     * @return list<array{layer: string, line: string, ingredient: string, level: string, still: bool, apart: bool, water_g: float, minutes: ?float}>
     */
    private static function heat(DishReading $dish): array
    {
        $heat = [];
        foreach ($dish->layers as $layer) {
            $lines = $layer->layer->understood();
            foreach ($layer->state->model->portions as $i => $portion) {
                if ($portion->met !== null) {
                    $heat[] = ['layer' => $layer->layer->name, 'line' => $lines[$i]->id, 'ingredient' => $portion->ingredient->id, 'level' => strtolower($portion->met->level->name), 'still' => $portion->met->still, 'apart' => $portion->met->apart, 'water_g' => round($portion->met->water, 1), 'minutes' => $portion->met->minutes];
                }
            }
        }

        return $heat;
    }

    /**
     * Egg and flour that the maker's own steps never heat after they go in, where nothing else has said so.
     *
     * @return list<array{line: string, layer: string, what: string, why: string}>
     */
    private static function raw(Method $method, DishReading $dish): array
    {
        $raw = [];
        $isSaid = static fn(int $layer): bool => array_filter($dish->watch, static fn(Warning $w): bool => $w->rule === 'raw-egg-or-flour' && $w->layer === $layer) !== [];
        foreach (HeatHistory::of($method) as $key => $isHeated) {
            [$layer, $line] = array_map(intval(...), explode('.', (string) $key));
            $in = $dish->layers[$layer]->state->model->portions[$line]->ingredient;
            $what = Care::isRawEgg($in) ? 'egg' : (Care::isRawFlour($in) ? 'flour' : '');
            if (!$isHeated && $what !== '' && !$isSaid($layer)) {
                $raw[] = ['line' => $in->id, 'layer' => $dish->layers[$layer]->layer->name, 'what' => $what, 'why' => \sprintf('the %s goes in after the heat, and stays raw: no step of the method heats it. %s Follow your local code.', mb_strtolower($in->name), $what === 'egg' ? 'Use pasteurised egg, and keep it from pregnant, young, old or ill guests.' : 'Raw flour is not safe to eat.')];
            }
        }

        return $raw;
    }

    /**
     * How it looks in between, and what it loses.
     *
     * @param array<string, array{grams: float, what: string}> $losses
     *
     * @return array{between: string, loss_g: float, loses: string}
     */
    private static function seen(MakingStep $step, DishReading $dish, Between $between, array $losses): array
    {
        return [
            'between' => $between->of($step, $dish),
            'loss_g' => $losses[$step->id]['grams'] ?? 0.0,
            'loses' => $losses[$step->id]['what'] ?? '',
        ];
    }

    /** @return list<array{by: string, minutes: ?float, note: string}> by what else it may be done, with min of hands, or of the wait where that is the longer */
    private static function ways(MakingStep $step, Making $making): array
    {
        if ($step->kind === StepKind::Weigh) {
            return [];
        }
        $takes = max($step->hands, $step->wait->best);

        return array_map(static fn(array $way): array => ['by' => $way['by'], 'minutes' => $way['share'] === null ? null : round($way['share'] * $takes, 1), 'note' => $way['note']], Operation::of($making->operation($step))->ways);
    }

    /**
     * g of what stands in the bowl or tin after each step: all that has gone into it, less what was lost.
     *
     * @param list<MakingStep> $steps
     * @param array<string, array{grams: float, what: string}> $losses
     *
     * @return array<string, float> by id
     */
    private static function products(array $steps, array $losses): array
    {
        $in = $mass = [];
        foreach ($steps as $step) {
            $in[$step->id] = [$step->id => array_sum(array_column($step->lines, 'grams')) - ($losses[$step->id]['grams'] ?? 0.0)];
            foreach ($step->after as $before) {
                $in[$step->id] += $in[$before] ?? [];
            }
            $mass[$step->id] = array_sum($in[$step->id]);
        }

        return $mass;
    }

    /**
     * @param array<string, float> $products
     *
     * @return array<string, mixed>
     */
    private static function origin(MakingStep $step, Making $making, DishReading $dish, array $products): array
    {
        $places = [];
        foreach ($dish->formula->layers as $n => $layer) {
            foreach ($layer->understood() as $line) {
                $places[$n][$line->ingredient ?? ''] ??= array_sum(array_map(\count(...), $places));
            }
        }

        return [
            'operation' => $making->operation($step),
            'origin' => $step->origin->isOwn() ? 'own' : 'drafted',
            'sentence' => $step->origin->sentence,
            'inputs' => [
                ...array_map(static fn(array $line): array => ['line' => $places[$step->layer][$line['ingredient']] ?? null, 'grams' => $line['grams']], $step->lines),
                ...array_values(array_map(static fn(string $id): array => ['step' => $id, 'grams' => $products[$id] ?? 0.0], array_filter($step->after, static fn(string $id): bool => ($products[$id] ?? 0.0) > 0.0))),
            ],
            'product_g' => $products[$step->id] ?? 0.0,
            'oven' => array_map(static fn(array $stage): array => ['celsius' => $stage['celsius'], 'fan' => $step->origin->kind === Oven::Fan, 'minutes' => $stage['minutes']], $step->origin->oven),
        ];
    }

    private static function like(MakingStep $step, DishReading $dish): string
    {
        $held = array_column($step->lines, 'ingredient');
        sort($held);

        return json_encode([$dish->layers[$step->layer]->layer->name ?? '', $step->kind->value, $held], \JSON_THROW_ON_ERROR);
    }

    /** @param array{ingredient: string, grams: float} $line */
    private static function about(array $line, MakingStep $step, DishReading $dish, Measures $measures): ?string
    {
        $portion = ($dish->layers[$step->layer] ?? null)?->portionOf($line['ingredient']);
        $said = $portion === null ? null : $measures->of($line['grams'], $portion->ingredient);

        return $portion === null || $said === null ? null : "about $said of " . mb_strtolower($portion->ingredient->name);
    }

    /** @return array<string, mixed> */
    private static function step(MakingStep $step, DishReading $dish, ?Measures $measures): array
    {
        return [
            'id' => $step->id,
            'layer' => $dish->layers[$step->layer]->layer->name ?? '',
            'kind' => $step->kind->value,
            'text' => $step->text,
            'lines' => $measures === null ? $step->lines : array_map(static fn(array $line): array => [...$line, 'about' => self::about($line, $step, $dish, $measures)], $step->lines),
            'target_c' => $step->target,
            'endpoint' => $step->endpoint,
            'hands_on_min' => $step->hands,
            'wait_min' => ['least' => $step->wait->least, 'best' => $step->wait->best, 'most' => $step->wait->most],
            'station' => $step->station->value,
            'tools' => $step->tools,
            'after' => $step->after,
            'hold_max_min' => $step->hold,
            'reason' => $step->reason,
            'goes_wrong' => $step->wrong,
            'rescue' => $step->rescue,
        ];
    }
}
