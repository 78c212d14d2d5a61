<?php

declare(strict_types=1);

namespace Transmuta\Property;

use Transmuta\Property\Structure\Base;
use Transmuta\Reference\Figure;
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
        $frozen = $serveAt < -2.0 || $state->model->treatment->freezes();
        $controlled = self::needsCold($ph, $aw);
        $heated = self::safe($state);
        $tender = false;
        $egg = ['raw' => false, 'light' => false, 'any' => false];
        $whipped = $rawFruit = $nut = $starch = false;
        foreach ($state->model->portions as $i => $portion) {
            $in = $portion->ingredient;
            $share = $state->share[$i];
            // Milk, egg, soy and cut fruit are no jam, however sour a computed pH says they are.
            $tender = $tender || ($share > 0.5 && ($in->comesFrom('dairy') || $in->comesFrom('egg') || \in_array('soybeans', $in->allergens, true) || ($in->group === 'fruit' && !$portion->heated && $in->composition->of100('water') > 70.0)));
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
        $isDry = $aw < Figure::AwDry->number();
        // A computed pH or water activity is no measurement: nothing that may be wrong by as much as it usually is goes without the cold.
        $controlled = $controlled || (!$isDry && ($tender || !$heated));
        // What is particular to it before what holds for all, where both come to the same days.
        $rules = $frozen ? ($egg['raw'] ? ['raw-egg'] : []) : [
            ...($egg['raw'] ? ['raw-egg'] : ($egg['light'] ? ['light-egg'] : [])),
            ...($egg['any'] && !$egg['raw'] && $ph !== null && $ph < 4.3 ? ['egg-curd'] : []),
            ...($starch ? ['starch-cream'] : []), ...($whipped ? ['whipped-cream'] : []), ...($rawFruit ? ['raw-fruit'] : []), ...($nut ? ['nut-cream'] : []),
        ];
        $rules[] = match (true) {
            $frozen => 'frozen',
            Base::is($state) => $aw < 0.6 ? 'dry-bake' : 'crumb-damp',
            $controlled => 'seven-days',
            default => $isDry ? 'dry' : 'sour-cooked',
        };
        $reasons = array_map(static fn(string $rule): array => ['rule' => $rule, ...$reference->keeping[$rule]], $rules);
        usort($reasons, static fn(array $a, array $b): int => $a['days'] <=> $b['days']);

        return new self($reasons[0]['days'] ?? 1, $reasons, $controlled && !$frozen);
    }

    /**
     * Whether food of this pH and water activity must be kept cold, by the interaction table for food that is not packaged after heating
     * (FDA Food Code 2022 1-201.10, table B, recalled), less the margin of what is computed and not measured. The table is for a product assessment; this is none.
     */
    public static function needsCold(?float $ph, float $aw): bool
    {
        $ph ??= 7.0;

        return match (true) {
            $aw < Figure::AwDry->number() => false,
            $aw <= 0.90 => $ph > 5.0 - Figure::PhMargin->number() + 1e-9,
            $aw <= 0.92 => $ph > 4.6 - Figure::PhMargin->number() + 1e-9,
            default => $ph >= 4.2 - Figure::PhMargin->number() - 1e-9,
        };
    }

    private static function safe(LayerState $state): bool
    {
        $t = $state->model->treatment;

        return $t->boils() || $t->reaches(71.0);
    }
}
