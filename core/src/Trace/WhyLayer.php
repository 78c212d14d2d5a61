<?php

declare(strict_types=1);

namespace Transmuta\Trace;

use Transmuta\Property\LayerReading;
use Transmuta\Property\Reader;
use Transmuta\Property\Water\Syrup;
use Transmuta\Property\Water\WaterActivity;
use Transmuta\Provenance\Mark;
use Transmuta\Provenance\Provenance;
use Transmuta\Reference\Figure;

/** Why a layer is as sweet, sharp, dry, deep, dear and lasting as it is. */
final readonly class WhyLayer
{
    private const PARTS = [
        'water' => ['Water', ['water']], 'protein' => ['Protein', ['protein.']], 'fat' => ['Fat', ['fat.']], 'sugars' => ['Sugars', ['sugar.']], 'starch' => ['Starch', ['starch']],
        'fibre' => ['Fibre', ['fibre']], 'polyols' => ['Polyols', ['polyol.']], 'salt' => ['Salt', ['salt']], 'alcohol' => ['Alcohol', ['alcohol']],
    ];

    public function __construct(private Reader $reader, private Leaves $leaves) {}

    /** @throws UnknownNumber if a layer has no such number */
    public function of(LayerReading $layer, string $what, float $height): Trace
    {
        return match ($what) {
            'se' => $this->sweetness($layer),
            'ph' => $this->ph($layer),
            'acid_citric' => $this->titratable($layer),
            'fruit_acid' => $this->fruitAcid($layer),
            'aw' => $this->waterActivity($layer),
            'freezing_point_c' => $this->freezing($layer),
            'brix', 'ratio', 'brima' => $this->balance($layer, $what),
            'mass_g' => $this->leaves->layerMass($layer),
            'volume_ml' => $this->volume($layer),
            'air' => Trace::of('Air', $layer->airShare * 100, '% of the volume', 'what the foams hold, less what folding loses', $this->foams($layer)),
            'height_mm' => Trace::of('Height', $height, 'mm', 'volume ÷ area of the vessel', [$this->volume($layer)]),
            'syrup' => $this->syrup($layer),
            'keeping' => $this->keeping($layer),
            'cost_minor' => $this->cost($layer),
            'bulk' => $this->bulk($layer),
            'grain' => $this->grain($layer),
            'cold' => $this->cold($layer),
            'bitterness' => $this->bitterness($layer),
            default => isset(self::PARTS[$what]) ? $this->leaves->part($layer, ...self::PARTS[$what]) : throw UnknownNumber::path($what),
        };
    }

    private function sweetness(LayerReading $layer): Trace
    {
        $inputs = [];
        foreach ($this->reader->reference->sweeteners as $species => $row) {
            $parts = match ($row['kind']) {
                'sugar' => "sugar.$species",
                'polyol' => "polyol.$species",
                'allulose' => 'allulose',
                default => "active.$species",
            };
            $amount = $layer->state->of100($parts);
            if ($amount <= 1e-6) {
                continue;
            }
            if ($row['kind'] === 'potent') {
                $perLitre = $amount * Figure::SweetenerPerLitre->number();
                $inputs[] = Trace::of($species, $this->reader->sweetness->responseOf($species, $perLitre), 'SE', \sprintf('Rm × C ÷ (K + C), alone: Rm %s %% SE, C %s mg/L, K %s mg/L; sweeteners of one receptor share it', $row['rm'], Leaves::short($perLitre), Leaves::short($this->reader->sweetness->halfDose($species))), [$this->leaves->part($layer, $species, [$parts], 'mg per 100 g')], $this->reader->reference->sourceOf('sweeteners', $species));
            } elseif ($row['relative_sweetness'] !== '') {
                $inputs[] = Trace::of($species, $amount * (float) $row['relative_sweetness'], 'SE', \sprintf('%s g × relative sweetness %s', Leaves::short($amount), $row['relative_sweetness']), [$this->leaves->part($layer, $species, [$parts])], $this->reader->reference->sourceOf('sweeteners', $species));
            }
        }
        foreach ($this->reader->sweetness->synergy($layer->state) as $pair => $gain) {
            $inputs[] = Trace::of(str_replace(' ', ' with ', $pair), $gain, 'SE', \sprintf('a named pair: × %s where both taste equally sweet, less as they differ', $this->reader->reference->synergy[$pair]), [], $this->reader->reference->sourceOf('synergy', $pair));
        }
        usort($inputs, static fn(Trace $a, Trace $b): int => $b->value <=> $a->value);

        return Trace::of('Sweetness', $layer->se, 'SE', 'sucrose equivalents, g sucrose per 100 g with the same sweetness, added up', $inputs);
    }

    private function ph(LayerReading $layer): Trace
    {
        if ($layer->ph === null) {
            return Trace::of('pH', null, '', 'too little water for a pH to mean anything');
        }
        $inputs = [];
        foreach ($this->reader->reference->acids as $acid => $row) {
            if ($layer->state->of100("acid.$acid") > 1e-6) {
                $inputs[] = Trace::of("$acid acid", $layer->state->of100("acid.$acid"), 'g per 100 g', 'pKa in food ' . implode(', ', $row['food']), [$this->leaves->part($layer, "$acid acid", ["acid.$acid"])], $this->reader->reference->sourceOf('acids', $acid));
            }
        }
        foreach ($this->reader->reference->buffers as $kind => $buffer) {
            $grams = $layer->state->of100("protein.$kind");
            if ($grams > 0.02) {
                $inputs[] = Trace::of("$kind protein as buffer", $grams * $buffer, 'mmol per pH', \sprintf('%s g × %s mmol per g and pH', Leaves::short($grams), $buffer), [], $this->reader->reference->sourceOf('buffers', $kind));
            }
        }
        $strong = [];
        foreach ($layer->state->model->portions as $i => $portion) {
            $brings = $layer->state->share[$i] / 100 * $this->reader->acidity->strongIons($portion->ingredient);
            if (abs($brings) > 0.005) {
                $strong[] = Trace::of($portion->ingredient->name, $brings, 'mmol per 100 g', $portion->ingredient->ph === null ? 'no pH of its own: taken as neutral' : \sprintf('solved so that it has its own pH, %s', $portion->ingredient->ph), [], $portion->ingredient->provenanceOf('ph'));
            }
        }
        usort($strong, static fn(Trace $a, Trace $b): int => abs($b->value ?? 0.0) <=> abs($a->value ?? 0.0));
        $inputs[] = Trace::of('strong ions', array_sum(array_map(static fn(Trace $t): float => $t->value ?? 0.0, $strong)), 'mmol per 100 g', 'potassium and the like, line by line', $strong);

        return Trace::of('pH', $layer->ph, '', 'one charge balance of acids, protein buffers and strong ions in the water, solved for pH', $inputs);
    }

    private function titratable(LayerReading $layer): Trace
    {
        $inputs = [];
        foreach ($this->reader->reference->acids as $acid => $row) {
            $grams = $layer->state->of100("acid.$acid");
            if ($grams > 1e-6) {
                $inputs[] = Trace::of("$acid acid", $grams, 'g per 100 g', \sprintf('%d acid group%s in %s g/mol', \count($row['pka']), \count($row['pka']) === 1 ? '' : 's', $row['molar']), [$this->leaves->part($layer, "$acid acid", ["acid.$acid"])], $this->reader->reference->sourceOf('acids', $acid));
            }
        }

        return Trace::of('Titratable acidity', $layer->acidCitric, 'g as citric per 100 g', 'every acid by its equivalents, told as citric', $inputs);
    }

    private function fruitAcid(LayerReading $layer): Trace
    {
        $inputs = [];
        foreach ($layer->state->model->portions as $i => $portion) {
            $grams = $layer->state->share[$i] / 100 * $portion->ingredient->sharpAcid();
            if ($grams > 1e-6) {
                $inputs[] = Trace::of($portion->ingredient->name, $grams, 'g per 100 g', \sprintf('%s g in 100 g × %s g acid per 100 g', Leaves::short($layer->state->share[$i]), Leaves::short($portion->ingredient->sharpAcid())), [$this->leaves->mass($layer, $i)], $portion->ingredient->provenanceOf('acid.'));
            }
        }

        return Trace::of('Acids of fruit and souring', $layer->fruitAcid, 'g per 100 g', "what makes it sharp; milk's own citrate is not counted", $inputs);
    }

    private function waterActivity(LayerReading $layer): Trace
    {
        $inputs = [];
        foreach ($this->reader->reference->solutes as $solute => $row) {
            $grams = WaterActivity::grams($layer->state, $solute);
            if ($grams > 1e-4 && $layer->state->water >= 0.5) {
                $alone = WaterActivity::single($grams / $row['molar'] * $row['ions'], $layer->state->water / 18.015, $row['k']);
                $inputs[] = Trace::of($solute, $alone, 'aw alone', \sprintf('%s g in %s g water, K %s', Leaves::short($grams), Leaves::short($layer->state->water), $row['k']), [], $this->reader->reference->sourceOf('water', $solute));
            }
        }
        usort($inputs, static fn(Trace $a, Trace $b): int => $a->value <=> $b->value);

        return Trace::of('Water activity', $layer->aw, 'aw', "Norrish for each solute in all the water, ln aw = ln xw − K·xs², multiplied together (Ross' product rule)", $inputs);
    }

    private function freezing(LayerReading $layer): Trace
    {
        $inputs = [];
        foreach ($this->reader->freezing->solutes($layer->state) as $solute => $grams) {
            if ($grams > 0.005) {
                $inputs[] = Trace::of($solute, $grams, 'g sucrose per 100 g', 'its mass × 342 ÷ molar mass × ions', [], $this->reader->reference->sourceOf('water', $solute));
            }
        }
        usort($inputs, static fn(Trace $a, Trace $b): int => $b->value <=> $a->value);

        return Trace::of('Freezing point', $layer->freezingPoint, '°C', 'sucrose-equivalent strength of the water phase, by the sucrose table to 40 % and by the activity of ice beyond it', [
            Trace::of('strength', $this->reader->freezing->concentration($layer->state), '% sucrose equivalent', 'solutes ÷ (solutes + water)', $inputs),
            $this->leaves->coefficient('freezing', '40', -4.45, '°C', 'table at 40 %'),
        ]);
    }

    private function balance(LayerReading $layer, string $what): Trace
    {
        $b = $layer->balance;
        $acid = Trace::of('titratable acidity', $b->acid, 'g as citric per 100 g', '', [$this->titratable($layer)]);

        return match ($what) {
            'brix' => Trace::of('Brix', $b->brix, '°Brix', 'what is dissolved in the liquid of the layer: sugars, polyols, acids, salt', [$this->leaves->part($layer, 'Sugars', ['sugar.']), $this->leaves->part($layer, 'Polyols', ['polyol.'])]),
            'ratio' => Trace::of('Sweet to sharp', $b->ratio, 'SE ÷ acid', $b->word(), [$this->sweetness($layer), $acid]),
            default => Trace::of('BrimA', $b->brimA, '', '°Brix − k × acid; k 4 as in the California citrus standard, and 2–10 by fruit', [Trace::of('Brix', $b->brix, '°Brix'), $acid]),
        };
    }

    private function volume(LayerReading $layer): Trace
    {
        $solid = $this->reader->air->solidVolume($layer->state);

        return Trace::of('Volume', $layer->volume, 'ml', 'mass of each part ÷ its density, and the air on top; a crumb keeps gaps', [
            Trace::of('without air', $solid, 'ml', 'water, protein, fat, carbohydrate, fibre and ash at their densities (Choi and Okos 1986)', [
                $this->leaves->coefficient('density', 'water', $this->reader->reference->density['water'], 'kg/m³'),
                $this->leaves->coefficient('density', 'fat', $this->reader->reference->density['fat'], 'kg/m³'),
                $this->leaves->coefficient('density', 'carbohydrate', $this->reader->reference->density['carbohydrate'], 'kg/m³'),
            ]),
            Trace::of('air', $this->reader->air->volume($layer->state), 'ml', 'ml each foam holds per g, less what folding loses', $this->foams($layer)),
        ]);
    }

    /** @return list<Trace> */
    private function foams(LayerReading $layer): array
    {
        $inputs = [];
        foreach ($layer->state->model->portions as $i => $portion) {
            $overrun = $portion->ingredient->does('foam-overrun');
            if ($portion->whipped && $overrun > 0.0) {
                $inputs[] = Trace::of($portion->ingredient->name, $layer->state->grams[$i] * $overrun, 'ml', \sprintf('%s g × %s ml air per g', Leaves::short($layer->state->grams[$i]), $overrun), [$this->leaves->mass($layer, $i)], $portion->ingredient->provenanceOf('function:foam-overrun'));
            }
        }
        if ($inputs !== []) {
            $inputs[] = $this->leaves->coefficient('set', 'air.folding-loss', $this->reader->reference->set['air.folding-loss'], 'of the foam', 'folding loss');
        }

        return $inputs;
    }

    private function syrup(LayerReading $layer): Trace
    {
        $syrup = $layer->syrup ?? throw UnknownNumber::path('syrup');

        return Trace::of('Its water pours', $syrup->viscosity, 'mPa·s', 'as a sucrose solution of this strength at 20 °C, on a logarithm between the table’s points; it thickens and never sets', [
            Trace::of('dissolved', $syrup->solids, '% of the water phase', 'sugars, polyols, allulose and dextrin with the water', [$this->leaves->part($layer, ...self::PARTS['sugars']), $this->leaves->part($layer, ...self::PARTS['water'])]),
            Trace::of('40 % sucrose', Syrup::at(40.0, $this->reader->reference), 'mPa·s', '', [], $this->reader->reference->sourceOf('viscosity', '40')),
        ]);
    }

    private function keeping(LayerReading $layer): Trace
    {
        $inputs = array_map(
            static fn(array $reason): Trace => Trace::of(str_replace('-', ' ', $reason['rule']), (float) $reason['days'], 'days', $reason['words'], [], Provenance::of(Mark::from($reason['mark']), $reason['source'])),
            $layer->keeping->reasons,
        );

        return Trace::of('Keeps', (float) $layer->keeping->days, 'days', 'the shortest cautious figure that applies, at 5 °C or colder and covered; an estimate, unproven until it is tested', [
            ...$inputs,
            Trace::of('pH', $layer->ph, '', $layer->keeping->controlled ? 'with its water activity: must be kept cold' : 'with its water activity: too sour or too dry for growth'),
            Trace::of('water activity', $layer->aw, 'aw'),
        ]);
    }

    private function cost(LayerReading $layer): Trace
    {
        $inputs = [];
        foreach ($this->reader->costs($layer->state) as $i => $minor) {
            $in = $layer->state->model->portions[$i]->ingredient;
            $inputs[] = Trace::of($in->name, $minor, 'minor units', \sprintf('%s g × %s minor units per kg', Leaves::short($layer->state->grams[$i]), Leaves::short((float) ($in->priceMinorPerKg ?? 0))), [$this->leaves->mass($layer, $i)], $in->priceMinorPerKg === null ? null : $in->provenanceOf('price'));
        }
        usort($inputs, static fn(Trace $a, Trace $b): int => $b->value <=> $a->value);

        return Trace::of('Cost', (float) $layer->costMinor, 'minor units', 'what was bought, trimmed and cooked off or not', $inputs);
    }

    private function bulk(LayerReading $layer): Trace
    {
        return Trace::of('Sugar body', $layer->state->bulk(), 'g per 100 g', "sugars, polyols, allulose and sweeteners' own fibre: what gives sugar's body and holds water", [
            $this->leaves->part($layer, ...self::PARTS['sugars']),
            $this->leaves->part($layer, ...self::PARTS['polyols']),
            $this->leaves->part($layer, 'Allulose', ['allulose']),
        ]);
    }

    private function grain(LayerReading $layer): Trace
    {
        $inputs = [];
        foreach ($layer->crystals as $species => $one) {
            $inputs[] = Trace::of($species, $one['has'], 'g per 100 g water', \sprintf('%s g in %s g water; at 5 °C it holds %s%s, so up to %s g stay dissolved in this layer', Leaves::short($one['grams']), Leaves::short($layer->state->water), Leaves::short($one['holds']), $one['over'] ? ' and the rest turns to grain' : '', Leaves::short($one['most_g'])), [
                $this->leaves->part($layer, $species, ["sugar.$species", "polyol.$species", ...($species === 'allulose' ? ['allulose'] : [])]),
            ], $this->reader->reference->sourceOf('sweeteners', $species));
        }
        usort($inputs, static fn(Trace $a, Trace $b): int => $b->value <=> $a->value);

        return Trace::of('Grain in the cold', null, '', 'each sugar and polyol alone in all the water, against its solubility at 5 °C', $inputs);
    }

    private function cold(LayerReading $layer): Trace
    {
        $inputs = [];
        foreach ($this->reader->reference->sweeteners as $species => $row) {
            $grams = $row['kind'] === 'polyol' ? $layer->state->of100("polyol.$species") : 0.0;
            if ($grams > 0.0 && $row['cooling_j_g'] !== '') {
                $inputs[] = Trace::of($species, $grams, 'g per 100 g', \sprintf('takes up %s J as each gram dissolves; only what the water leaves undissolved counts', $row['cooling_j_g']), [$this->leaves->part($layer, $species, ["polyol.$species"])], $this->reader->reference->sourceOf('sweeteners', $species));
            }
        }

        return Trace::of('Cold on the tongue', $layer->aftertaste->cooling, 'J per g', $layer->aftertaste->cold(), $inputs);
    }

    private function bitterness(LayerReading $layer): Trace
    {
        $inputs = [];
        foreach ($layer->aftertaste->ofCeiling as $receptor => $share) {
            $inputs[] = Trace::of($receptor, 100 * $share, '% of its ceiling', \sprintf('the sensible ceiling of this receptor is %s of its most', Leaves::short($this->reader->sweetness->ceiling($receptor))));
        }

        return Trace::of('Bitterness', $inputs === [] ? 0.0 : max(array_map(static fn(Trace $t): float => $t->value ?? 0.0, $inputs)), '% of the ceiling', $layer->aftertaste->bitter(), [...$inputs, $this->sweetness($layer)]);
    }
}
