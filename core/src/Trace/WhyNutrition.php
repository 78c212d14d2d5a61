<?php

declare(strict_types=1);

namespace Transmuta\Trace;

use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Nutrients\Fact;
use Transmuta\Property\Nutrients\NetCarbSchool;
use Transmuta\Property\Reader;

/** Why a portion has these facts: layer by layer, part by part, line by line. */
final readonly class WhyNutrition
{
    /** EU facts that are one sum of parts, by the parts. */
    private const PARTS = [
        'fat_g' => ['Fat', ['fat.']], 'saturates_g' => ['Saturates', ['saturates']], 'sugars_g' => ['Sugars', ['sugar.']], 'polyols_g' => ['Polyols', ['polyol.']],
        'fibre_g' => ['Fibre', ['fibre']], 'protein_g' => ['Protein', ['protein.']], 'salt_g' => ['Salt', ['salt']],
        'carbohydrate_g' => ['Carbohydrate without fibre (EU)', ['sugar.', 'starch', 'dextrin', 'polyol.', 'allulose']],
    ];

    private const US_PARTS = [
        'fat_g' => ['Total fat', ['fat.']], 'saturates_g' => ['Saturated fat', ['saturates']], 'sugars_g' => ['Total sugars', ['sugar.']], 'polyols_g' => ['Sugar alcohol', ['polyol.']],
        'fibre_g' => ['Dietary fiber', ['fibre']], 'protein_g' => ['Protein', ['protein.']],
        'carbohydrate_g' => ['Total carbohydrate with fibre and acids (US)', ['sugar.', 'starch', 'dextrin', 'polyol.', 'allulose', 'fibre', 'acid.']],
    ];

    public function __construct(private Reader $reader, private Leaves $leaves) {}

    /** @throws UnknownNumber if there is no such fact */
    public function portion(DishReading $dish, string $fact): Trace
    {
        return $this->whole($dish, $fact, $dish->portion[$fact] ?? throw UnknownNumber::path("portion.$fact"), 'one portion', 1 / $dish->formula->portions, \sprintf('the layers added up ÷ %d portions', $dish->formula->portions), \sprintf(' ÷ %d portions', $dish->formula->portions));
    }

    /** @throws UnknownNumber if there is no such fact */
    public function per100(DishReading $dish, string $fact): Trace
    {
        $mass = $dish->mass();

        return $this->whole($dish, $fact, $dish->per100[$fact] ?? throw UnknownNumber::path("per_100g.$fact"), '100 g', 100 / max(1e-9, $mass), 'the layers added up × 100 ÷ mass of the dish', \sprintf(' × 100 ÷ %s g of the dish', Leaves::short($mass)));
    }

    /** @throws UnknownNumber if there is no such fact */
    public function us(DishReading $dish, string $fact): Trace
    {
        if (isset($dish->micronutrients[$fact])) {
            return $this->micronutrient($dish, $fact);
        }
        $value = $dish->us[$fact] ?? throw UnknownNumber::path("us.$fact");
        $inputs = array_map(function (LayerReading $layer) use ($fact, $dish): Trace {
            $share = $layer->state->mass / 100 / $dish->formula->portions;
            $inside = match (true) {
                $fact === 'calories' => $this->calories($layer),
                $fact === 'added_sugars_g' => $this->addedSugars($layer),
                $fact === 'sodium_mg' => Trace::of('Sodium', $layer->us['sodium_mg'], 'mg per 100 g', 'salt ÷ 2.5', [$this->leaves->part($layer, 'Salt', ['salt'])]),
                default => $this->leaves->part($layer, ...self::US_PARTS[$fact]),
            };

            return Trace::of($layer->layer->name, $layer->us[$fact] * $share, self::unit($fact), self::perPortion($layer, $layer->us[$fact], $dish->formula->portions), [$inside]);
        }, $dish->layers);

        return Trace::of(self::name($fact) . ' of one portion, US rules', $value, self::unit($fact), \sprintf('the layers added up ÷ %d portions (21 CFR 101.9)', $dish->formula->portions), $inputs);
    }

    private function whole(DishReading $dish, string $fact, float $value, string $of, float $share, string $words, string $then): Trace
    {
        $inputs = array_map(function (LayerReading $layer) use ($fact, $share, $then): Trace {
            if ($fact === 'mass_g') {
                return $this->leaves->layerMass($layer);
            }
            if ($fact === 'cost_minor') {
                return $this->cost($layer);
            }
            $inside = match ($fact) {
                'kj', 'kcal' => $this->energy($layer, $fact),
                'net_carbs_g' => $this->netCarbs($layer),
                default => $this->leaves->part($layer, ...self::PARTS[$fact]),
            };
            $per100 = $layer->nutrition[$fact];

            return Trace::of($layer->layer->name, $per100 * $layer->state->mass / 100 * $share, self::unit($fact), \sprintf('%s per 100 g × %s g of the layer ÷ 100%s', Leaves::short($per100), Leaves::short($layer->state->mass), $then), [$inside]);
        }, $dish->layers);

        return Trace::of(self::name($fact) . ' of ' . $of, $value, self::unit($fact), $words, $inputs);
    }

    /** Energy of 100 g of a layer: every part by its own factor. kJ and kcal are never converted into one another. */
    private function energy(LayerReading $layer, string $unit): Trace
    {
        $inputs = [];
        foreach ($this->reader->nutrition->amounts($layer->state) as $part => $grams) {
            $factor = $this->reader->reference->energy[$part][$unit === 'kj' ? 'kj' : 'kcal'];
            if ($grams > 0.0) {
                $inputs[] = Trace::of(
                    str_replace('_', ' ', $part),
                    $grams * $factor,
                    self::unit($unit) . ' per 100 g',
                    \sprintf('%s g × %s %s/g', Leaves::short($grams), $factor, self::unit($unit)),
                    [$this->amount($layer, $part), $this->leaves->coefficient('energy', $part, $factor, self::unit($unit) . '/g', 'energy factor')],
                );
            }
        }
        usort($inputs, static fn(Trace $a, Trace $b): int => $b->value <=> $a->value);

        return Trace::of('Energy', $layer->nutrition[$unit], self::unit($unit) . ' per 100 g', 'g of each part × its factor (Regulation (EU) No 1169/2011 Annex XIV)', $inputs);
    }

    private function calories(LayerReading $layer): Trace
    {
        $inputs = [];
        foreach ($this->reader->usNutrition->amounts($layer->state) as $part => $grams) {
            $factor = $this->reader->reference->energyUs[$part] ?? null;
            if ($grams > 0.0 && $factor !== null) {
                $inputs[] = Trace::of(str_replace('_', ' ', $part), $grams * $factor, 'kcal per 100 g', \sprintf('%s g × %s kcal/g', Leaves::short($grams), $factor), [$this->leaves->coefficient('energy-us', $part, $factor, 'kcal/g', 'energy factor')]);
            }
        }
        usort($inputs, static fn(Trace $a, Trace $b): int => $b->value <=> $a->value);

        return Trace::of('Calories', $layer->us['calories'], 'kcal per 100 g', 'g of each part × its factor (21 CFR 101.9(c)(1)(i))', $inputs);
    }

    private function amount(LayerReading $layer, string $part): Trace
    {
        return match ($part) {
            'carbohydrate' => $this->leaves->part($layer, 'Carbohydrate', ['sugar.', 'starch', 'dextrin', 'allulose']),
            'polyols' => $this->leaves->part($layer, 'Polyols but erythritol', array_values(array_filter(array_map(static fn(string $p): string => $p, array_keys($layer->state->parts)), static fn(string $p): bool => str_starts_with($p, 'polyol.') && $p !== 'polyol.erythritol'))),
            'erythritol' => $this->leaves->part($layer, 'Erythritol', ['polyol.erythritol']),
            'organic_acid' => $this->leaves->part($layer, 'Organic acids', ['acid.']),
            'fat' => $this->leaves->part($layer, 'Fat', ['fat.']),
            'protein' => $this->leaves->part($layer, 'Protein', ['protein.']),
            default => $this->leaves->part($layer, ucfirst($part), [$part]),
        };
    }

    private function netCarbs(LayerReading $layer): Trace
    {
        $off = $this->reader->nutrition->offNetCarbs($layer->state);
        $inputs = [$this->leaves->part($layer, ...self::PARTS['carbohydrate_g'])];
        foreach ($off as $what => $grams) {
            if ($grams > 0.0) {
                $inputs[] = Trace::of("less $what", -$grams, 'g per 100 g');
            }
        }
        $school = $this->reader->nutrition->school === NetCarbSchool::NoPolyols ? 'all polyols taken off' : 'erythritol and allulose taken off in full, other polyols by half';

        return Trace::of('Net carbs', $layer->nutrition['net_carbs_g'], 'g per 100 g', "EU carbohydrate, which is without fibre; the studio's school: $school", $inputs);
    }

    private function addedSugars(LayerReading $layer): Trace
    {
        $inputs = [];
        foreach ($layer->state->model->portions as $i => $portion) {
            $grams = $layer->state->share[$i] / 100 * $portion->ingredient->addedSugars();
            if ($grams > 1e-9) {
                $inputs[] = Trace::of($portion->ingredient->name, $grams, 'g per 100 g', \sprintf('%s g in 100 g × %s g added sugars per 100 g', Leaves::short($layer->state->share[$i]), Leaves::short($portion->ingredient->addedSugars())), [$this->leaves->mass($layer, $i)], $portion->ingredient->provenanceOf($portion->ingredient->group === 'sugar' ? 'sugar.' : 'function:added-sugars'));
            }
        }

        return Trace::of('Added sugars', $layer->addedSugars, 'g per 100 g', 'sugars that were added, not grown in a fruit or drawn with the milk', $inputs);
    }

    private function cost(LayerReading $layer): Trace
    {
        $inputs = [];
        foreach ($this->reader->costs($layer->state) as $i => $minor) {
            $in = $layer->state->model->portions[$i]->ingredient;
            $inputs[] = Trace::of(
                $in->name,
                $minor,
                'minor units',
                $in->priceMinorPerKg === null ? 'no price on the shelf' : \sprintf('%s g × %d per kg', Leaves::short($layer->state->grams[$i]), $in->priceMinorPerKg),
                [$this->leaves->mass($layer, $i)],
                $in->priceMinorPerKg === null ? null : $in->provenanceOf('price'),
            );
        }
        usort($inputs, static fn(Trace $a, Trace $b): int => $b->value <=> $a->value);

        return Trace::of($layer->layer->name, (float) $layer->costMinor, 'minor units', 'each line at its price, before any loss: what is trimmed was bought too', $inputs);
    }

    private function micronutrient(DishReading $dish, string $fact): Trace
    {
        $found = $dish->micronutrients[$fact];
        $inputs = [];
        foreach ($dish->layers as $layer) {
            foreach ($layer->state->model->portions as $i => $portion) {
                $per100 = $portion->ingredient->micronutrients[$fact] ?? null;
                $value = $per100 === null ? null : $layer->state->grams[$i] * $per100 / 100 / $dish->formula->portions;
                if ($value === null || $value > 0.0) {
                    $inputs[] = Trace::of($portion->ingredient->name, $value, self::unit($fact), $per100 === null ? 'not known' : \sprintf('%s g × %s per 100 g ÷ portions', Leaves::short($layer->state->grams[$i]), Leaves::short($per100)), [], $per100 === null ? null : $portion->ingredient->provenanceOf($fact));
                }
            }
        }
        usort($inputs, static fn(Trace $a, Trace $b): int => ($b->value ?? -1.0) <=> ($a->value ?? -1.0));

        return Trace::of(self::name($fact) . ' of one portion', $found['value'], self::unit($fact), $found['unknown'] === [] ? 'what each line brings' : 'at least this: not known for ' . implode(', ', $found['unknown']), $inputs);
    }

    private static function perPortion(LayerReading $layer, float $per100, int $portions): string
    {
        return \sprintf('%s per 100 g × %s g of the layer ÷ 100 ÷ %d portions', Leaves::short($per100), Leaves::short($layer->state->mass), $portions);
    }

    private static function name(string $fact): string
    {
        return match ($fact) {
            'kj', 'kcal' => 'Energy',
            'cost_minor' => 'Cost',
            default => ucfirst(str_replace('_', ' ', Fact::bare($fact))),
        };
    }

    private static function unit(string $fact): string
    {
        return $fact === 'cost_minor' ? 'minor units' : Fact::unit($fact);
    }
}
