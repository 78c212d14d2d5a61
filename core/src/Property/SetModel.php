<?php

declare(strict_types=1);

namespace Transmuta\Property;

use Transmuta\Reference\Reference;

/**
 * Firmness as gelatin-equivalent: what % of 200-bloom gelatin would set the layer as firmly at this temperature. Mechanisms add;
 * coefficients, their marks and their reasons stand in `core/data/reference/set.csv` (handbook §6).
 */
final readonly class SetModel
{
    /** Mechanism to texture kind. */
    private const KINDS = [
        'gelatin' => 'gel', 'egg' => 'gel', 'agar' => 'gel', 'iota' => 'gel', 'kappa' => 'gel', 'lm-pectin' => 'gel', 'hm-pectin' => 'gel',
        'soy' => 'gel', 'whey' => 'gel', 'gellan' => 'gel', 'konjac' => 'gel', 'starch' => 'starch paste', 'fat' => 'fat-set', 'citrus' => 'cream',
        'cultured' => 'cream', 'powder' => 'cream', 'particles' => 'cream', 'chia' => 'cream', 'flax' => 'cream', 'psyllium' => 'gel',
        'xanthan' => 'cream', 'air' => 'foam', 'frozen' => 'frozen',
    ];

    /** @var \WeakMap<LayerState, array{dose: array<string, float>, casein: array{fresh: float, cultured: float}}> */
    private \WeakMap $dosed;

    public function __construct(
        private Reference $reference,
        private Fat $fat,
        private Acidity $acidity,
        private Air $air,
        private Freezing $freezing,
        private bool $linearBloom = false,
    ) {
        $this->dosed = new \WeakMap();
    }

    public function read(LayerState $state, float $celsius): SetReading
    {
        $ge = array_filter($this->mechanisms($state, $celsius), static fn(float $v): bool => $v > 0.004);
        arsort($ge);

        return SetReading::of($ge, $this->kind($state, $ge));
    }

    /** GE % alone, for callers that need it thousands of times. */
    public function ge(LayerState $state, float $celsius): float
    {
        return array_sum($this->mechanisms($state, $celsius));
    }

    /** GE of c % gelatin of this bloom; the two schools agree at 200. */
    public function gelatin(float $c, float $bloom): float
    {
        return $this->reference->set['gelatin.slope'] * $c * ($this->linearBloom ? $bloom / 200 : sqrt($bloom / 200));
    }

    /** @return array<string, float> GE % by mechanism */
    private function mechanisms(LayerState $state, float $celsius): array
    {
        $s = $this->reference->set;
        $b = max(0.2, 1.0 - $s['agent-space.sugar'] * $state->bulk() / 100);
        $ph = $this->acidity->ph($state) ?? 6.5;
        $warm = 1.0 - (1.0 - $s['warm.gel-share-20']) * max(0.0, min(1.5, ($celsius - 5.0) / 15));
        // What was dosed does not depend on the temperature, at which a layer is read twice.
        ['dose' => $dose, 'casein' => $casein] = $this->dosed[$state] ??= ['dose' => $this->doses($state), 'casein' => $this->casein($state)];
        $ge = $this->agents($dose, $state, $b, $ph, $celsius, $casein['fresh'] + $casein['cultured']);
        foreach ($ge as $mechanism => $value) {
            if ($mechanism !== 'gelatin') {
                $ge[$mechanism] = $value * $warm;
            }
        }

        $ge['egg'] = $s['egg.slope'] * (Smooth::positive($dose['egg-still'] / $b - $s['egg.threshold'], 0.15)
            + $s['egg.stirred'] * Smooth::positive($dose['egg-stirred'] / $b - $s['egg.threshold'], 0.15)) * $warm;
        if ($dose['egg-still'] + $dose['egg-stirred'] < 0.05) {
            $ge['egg'] = 0.0;
        }
        $ge['soy'] = $s['soy.slope'] * ($dose['soy-hot'] > 0.01 ? Smooth::positive($dose['soy-hot'] / $b - $s['soy.threshold'], 0.1) : 0.0)
            + $s['soy.slope'] * $s['soy.cold-share'] * ($dose['soy-cold'] > 0.01 ? Smooth::positive($dose['soy-cold'] / $b - $s['soy.threshold'], 0.1) : 0.0);
        $ge['whey'] = $dose['whey-hot'] > 0.5 ? $s['whey.slope'] * Smooth::positive($dose['whey-hot'] - $s['whey.threshold'], 0.3) : 0.0;
        $solid = $this->fat->weightedSolid($state, $celsius);
        $ge['fat'] = $solid > 0.01 ? $s['fat.slope'] * Smooth::positive($solid - $s['fat.threshold'], 0.3) ** $s['fat.power'] : 0.0;
        $ge['citrus'] = $casein['fresh'] > 0.2
            ? $s['citrus.slope'] * $casein['fresh'] * Smooth::rise($casein['fresh'], $s['citrus.casein-threshold'], 0.08)
                * Smooth::unit(($s['citrus.ph'] - $ph) / $s['citrus.ph-width']) * (1.0 + $s['citrus.fat'] * $state->of100('fat.milk'))
            : 0.0;
        $ge['cultured'] = $casein['cultured'] > 0.2 ? $s['cultured.slope'] * Smooth::positive($casein['cultured'] - $s['cultured.threshold'], 0.15) : 0.0;
        $ge['powder'] = $dose['powder'] > 1.0 ? $s['powder.slope'] * Smooth::positive($dose['powder'] - $s['powder.threshold'], 0.3) : 0.0;
        $ge['particles'] = $dose['particles'] > 0.5 ? $s['particles.slope'] * Smooth::positive($dose['particles'] / $b - $s['particles.threshold'], 0.2) : 0.0;
        $fullness = $this->air->fullness($state);
        $ge['air'] = $fullness > 0.0 ? $s['air.slope'] * Smooth::unit($fullness) : 0.0;
        $ge['frozen'] = $celsius < -2.0 ? $s['frozen.slope'] * $this->freezing->iceShare($state, $celsius) : 0.0;

        return $ge;
    }

    /**
     * @param array<string, float> $dose
     *
     * @return array<string, float>
     */
    private function agents(array $dose, LayerState $state, float $b, float $ph, float $celsius, float $casein): array
    {
        $s = $this->reference->set;
        $c = static fn(string $agent): float => ($dose[$agent] ?? 0.0) / $b;
        $milk = 0.6 + 0.4 * Smooth::unit($casein / 1.5);
        $acid = 1.0 - (1.0 - $s['starch.acid-factor']) * (1.0 - Smooth::rise($ph, $s['starch.acid-ph'], 0.15));
        $solids = 100.0 - $state->water;
        $gelatinAcid = 1.0 - (1.0 - $s['gelatin.acid-factor']) * (1.0 - Smooth::rise($ph, $s['gelatin.acid-ph'], 0.12));
        $melt = 1.0 - Smooth::rise($celsius, $s['gelatin.melt-middle-c'], $s['gelatin.melt-width-c']);
        $enzyme = $dose['live-enzyme'] > 1.0 ? 0.0 : 1.0;
        $starch = $c('starch');

        return [
            'gelatin' => $dose['gelatin-200'] / $b * $s['gelatin.slope'] * $gelatinAcid * $melt * $enzyme,
            'agar' => $s['agar.slope'] * $c('agar') ** $s['agar.power']
                * (1.0 - (1.0 - $s['agar.acid-factor']) * $dose['agar-in-acid'] * (1.0 - Smooth::rise($ph, 4.0, 0.15))),
            'iota' => $s['iota.slope'] * $c('iota') * $milk,
            'kappa' => $s['kappa.slope'] * $c('kappa') ** $s['kappa.power'] * $milk,
            'lm-pectin' => $s['lm-pectin.slope'] * $c('lm-pectin') ** $s['lm-pectin.power'],
            'hm-pectin' => $s['hm-pectin.slope'] * $c('hm-pectin') * Smooth::rise($solids, 52.0, 1.5) * (1.0 - Smooth::rise($ph, 3.6, 0.12)),
            'starch' => $starch > 0.01 ? $s['starch.slope'] * Smooth::positive($starch - $s['starch.threshold'], 0.15) ** $s['starch.power'] * $acid
                * (1.0 - (1.0 - $s['starch.raw-yolk-factor']) * $dose['raw-yolk']) : 0.0,
            'gellan' => $s['gellan.slope'] * $c('gellan'),
            'konjac' => $s['konjac.slope'] * $c('konjac'),
            'xanthan' => $s['xanthan.slope'] * $c('xanthan'),
            'chia' => $s['chia.slope'] * $c('chia'),
            'flax' => $s['flax.slope'] * $c('flax'),
            'psyllium' => $s['psyllium.slope'] * $c('psyllium'),
        ];
    }

    /**
     * Doses of what sets, g per 100 g, each counted only where its own condition was met (boiled, heated still, …).
     *
     * @return array<string, float>
     */
    private function doses(LayerState $state): array
    {
        $dose = array_fill_keys([
            'gelatin-200', 'agar', 'agar-in-acid', 'iota', 'kappa', 'lm-pectin', 'hm-pectin', 'starch', 'gellan', 'konjac', 'xanthan', 'chia', 'flax',
            'psyllium', 'live-enzyme', 'raw-yolk', 'egg-still', 'egg-stirred', 'soy-hot', 'soy-cold', 'whey-hot', 'powder', 'particles',
        ], 0.0);
        foreach ($state->model->portions as $i => $portion) {
            $share = $state->share[$i];
            if ($share <= 0.0) {
                continue;
            }
            $in = $portion->ingredient;
            $parts = $in->composition->parts;
            foreach ($in->functions as $function => $value) {
                match ($function) {
                    'gelatin-bloom' => $dose['gelatin-200'] += $share * ($this->linearBloom ? $value / 200 : sqrt($value / 200)),
                    'agar' => $portion->boiled ? [$dose['agar'] += $share * $value, $dose['agar-in-acid'] = $portion->boiledInLayer ? 1.0 : 0.0] : null,
                    'iota', 'kappa', 'gellan' => $portion->heated ? $dose[$function] += $share * $value : null,
                    'lm-pectin', 'hm-pectin' => $portion->boiled ? $dose[$function] += $share * $value : null,
                    'starch' => $portion->heated ? $dose['starch'] += $share * $value * ($parts['starch'] ?? 0.0) / 100 : null,
                    'konjac', 'xanthan', 'chia', 'flax', 'psyllium' => $dose[$function] += $share * $value,
                    'live-enzyme' => $portion->heated ? null : $dose['live-enzyme'] += $share,
                    default => null,
                };
            }
            $egg = $share * ($parts['protein.egg'] ?? 0.0) / 100;
            if ($egg > 0.0 && $portion->heated && $in->group !== 'base') {
                $dose[$portion->still ? 'egg-still' : 'egg-stirred'] += $egg;
                $boiledOut = $portion->boiled || $portion->still;
                $dose['raw-yolk'] = max($dose['raw-yolk'], $boiledOut ? 0.0 : Smooth::unit($egg / 0.6));
            }
            if ($in->does('coagulated-soy') > 0.0) {
                $dose[$portion->still ? 'soy-hot' : 'soy-cold'] += $share * ($parts['protein.soy'] ?? 0.0) / 100;
            }
            $whey = $share * ($parts['protein.whey'] ?? 0.0) / 100;
            if ($portion->heated) {
                $dose['whey-hot'] += $whey;
            }
            if ($in->group === 'protein' && !($portion->heated && $whey > 0.0)) {
                $dose['powder'] += $share * $in->composition->family('protein.') / 100;
            }
            $dose['particles'] += $share * ($parts['particles'] ?? 0.0) / 100;
        }

        return $dose;
    }

    /** @return array{fresh: float, cultured: float} casein g per 100 g, by whether acid could still set it */
    private function casein(LayerState $state): array
    {
        $casein = ['fresh' => 0.0, 'cultured' => 0.0];
        foreach ($state->model->portions as $i => $portion) {
            $grams = $portion->ingredient->composition->parts['protein.casein'] ?? 0.0;
            if ($grams > 0.0) {
                $casein[($portion->ingredient->ph ?? 7.0) > 5.2 ? 'fresh' : 'cultured'] += $state->share[$i] * $grams / 100;
            }
        }

        return $casein;
    }

    /** @param array<string, float> $ge mechanisms by size */
    private function kind(LayerState $state, array $ge): string
    {
        if (Base::is($state)) {
            return 'crumb';
        }
        if (isset($ge['frozen'])) {
            return 'frozen';
        }
        if ($this->air->share($state) > 0.25) {
            return 'foam';
        }
        $byKind = [];
        foreach ($ge as $mechanism => $value) {
            $byKind[self::KINDS[$mechanism]] = ($byKind[self::KINDS[$mechanism]] ?? 0.0) + $value;
        }
        arsort($byKind);

        return $byKind === [] || array_sum($byKind) < 0.25 ? 'cream' : (string) array_key_first($byKind);
    }
}
