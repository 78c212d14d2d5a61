<?php

declare(strict_types=1);

namespace Transmuta\Property;

use Transmuta\Property\Structure\Base;
use Transmuta\Reference\Reference;
use Transmuta\Shelf\Nature;

/**
 * How long a layer keeps at 5 °C or colder, covered: the shortest of the cautious figures that apply, each with its reason. An estimate from
 * composition and treatment; it is no shelf-life test and stands as unproven until one is made.
 */
final readonly class Keeping
{
    /** @param list<array{rule: string, days: int, words: string, mark: string, source: string}> $reasons shortest first */
    private function __construct(public int $days, public array $reasons, public bool $controlled) {}

    public static function of(LayerState $state, ?float $ph, float $aw, Reference $reference, float $serveAt): self
    {
        $rules = [];
        $frozen = $serveAt < -2.0 || $state->model->treatment->freezes();
        $controlled = self::needsCold($ph, $aw);
        $egg = ['raw' => false, 'light' => false, 'any' => false];
        $whipped = $rawFruit = $nut = $starch = false;
        foreach ($state->model->portions as $i => $portion) {
            $in = $portion->ingredient;
            $share = $state->share[$i];
            if ($in->comesFrom('egg') && $share > 0.5 && $in->group === 'egg') {
                $egg['any'] = true;
                // Pasteurised egg is not raw; with no heat of its own here it keeps as what was lightly heated does.
                $isRaw = !$portion->heated && !$in->is(Nature::Pasteurised);
                $egg['raw'] = $egg['raw'] || $isRaw;
                $egg['light'] = $egg['light'] || (!$isRaw && !self::safe($state));
            }
            $whipped = $whipped || ($portion->whipped && $in->does('foam-overrun') > 0.0 && $share > 5.0);
            $rawFruit = $rawFruit || ($in->group === 'fruit' && !$in->is(Nature::PressedJuice) && !$portion->heated && $share > 15.0 && $in->composition->of100('water') > 70.0);
            $nut = $nut || ($in->is(Nature::SpoilsSoon) && $share > 10.0);
            $starch = $starch || ($in->does('starch') > 0.0 && $portion->heated && $share > 1.0 && $state->water > 30.0);
        }
        if ($frozen) {
            $rules[] = 'frozen';
        } elseif (Base::is($state)) {
            $rules[] = $aw < 0.6 ? 'dry-bake' : 'crumb-damp';
        } else {
            $rules[] = $controlled ? 'seven-days' : 'sour-or-dry';
        }
        if (!$frozen) {
            $rules = [
                ...$rules,
                ...($egg['raw'] ? ['raw-egg'] : ($egg['light'] ? ['light-egg'] : [])),
                ...($egg['any'] && !$egg['raw'] && $ph !== null && $ph < 4.3 ? ['egg-curd'] : []),
                ...($starch ? ['starch-cream'] : []), ...($whipped ? ['whipped-cream'] : []), ...($rawFruit ? ['raw-fruit'] : []), ...($nut ? ['nut-cream'] : []),
            ];
        } elseif ($egg['raw']) {
            $rules[] = 'raw-egg';
        }
        $reasons = array_map(static fn(string $rule): array => ['rule' => $rule, ...$reference->keeping[$rule]], $rules);
        usort($reasons, static fn(array $a, array $b): int => $a['days'] <=> $b['days']);

        return new self($reasons[0]['days'] ?? 1, $reasons, $controlled && !$frozen);
    }

    /**
     * Whether food of this pH and water activity must be kept cold, by the interaction table for food that is not packaged after heating
     * (FDA Food Code 2022 1-201.10, table B, recalled).
     */
    public static function needsCold(?float $ph, float $aw): bool
    {
        $ph ??= 7.0;

        return match (true) {
            $aw < 0.88 => false,
            $aw <= 0.90 => $ph > 5.0,
            $aw <= 0.92 => $ph > 4.6,
            default => $ph >= 4.2,
        };
    }

    private static function safe(LayerState $state): bool
    {
        $t = $state->model->treatment;

        return $t->boils() || $t->bakes() || $t->reaches(71.0);
    }
}
