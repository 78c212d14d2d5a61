<?php

declare(strict_types=1);

namespace Transmuta\Property\Setting;

use Transmuta\Property\Fats\Fat;
use Transmuta\Property\LayerState;
use Transmuta\Property\Roots;
use Transmuta\Property\Structure\Air;
use Transmuta\Property\Structure\Base;
use Transmuta\Property\Taste\Acidity;
use Transmuta\Property\Water\Freezing;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Reference;

/**
 * Firmness as gelatin-equivalent: what % of 200-bloom gelatin would set the layer as firmly at this temperature. Mechanisms add;
 * coefficients, their marks and their reasons stand in `core/data/reference/set.csv` (practice: setting), their words in `mechanisms.csv`.
 */
final readonly class SetModel
{
    /** Mechanism to texture kind. */
    private const KINDS = [
        'gelatin' => 'gel', 'egg' => 'gel', 'agar' => 'gel', 'iota' => 'gel', 'kappa' => 'gel', 'lm-pectin' => 'gel', 'hm-pectin' => 'gel',
        'soy' => 'gel', 'whey' => 'gel', 'gellan' => 'gel', 'alginate' => 'gel', 'konjac' => 'gel', 'starch' => 'starch paste', 'fat' => 'fat-set', 'citrus' => 'cream', 'concentrate' => 'cream', 'caramel' => 'cream',
        'cultured' => 'cream', 'powder' => 'cream', 'particles' => 'cream', 'chia' => 'cream', 'flax' => 'cream', 'psyllium' => 'gel',
        'xanthan' => 'cream', 'methylcellulose' => 'cream', 'air' => 'foam', 'frozen' => 'frozen',
    ];

    /** Thickeners whose firmness grows with nothing but their dose. */
    private const BY_SLOPE = ['gellan', 'xanthan', 'methylcellulose', 'chia', 'flax', 'psyllium'];

    public SetDoses $doses;

    private Strengths $strengths;

    /** @var \WeakMap<LayerState, array{gels: array<string, float>, held: array<string, float>, fullness: float}> */
    private \WeakMap $steady;

    public function __construct(
        private Reference $reference,
        private Fat $fat,
        private Acidity $acidity,
        private Air $air,
        private Freezing $freezing,
        bool $linearBloom = false,
        ?Strengths $strengths = null,
    ) {
        $this->strengths = $strengths ?? Strengths::none();
        $this->doses = new SetDoses($linearBloom);
        $this->steady = new \WeakMap();
    }

    public function read(LayerState $state, float $celsius): SetReading
    {
        $ge = array_filter($this->mechanisms($state, $celsius), static fn(float $v): bool => $v > 0.004);
        arsort($ge);

        return SetReading::of($ge, $this->kind($state, $ge), $this->strengths, $this->unsure($state, array_keys($ge)));
    }

    /**
     * Share by which each mechanism may be off: what is weighed of it on a kitchen's scale, and how far its packets differ.
     *
     * @param list<string> $mechanisms
     *
     * @return array<string, float>
     */
    private function unsure(LayerState $state, array $mechanisms): array
    {
        $from = array_map(fn(int $i): array => $this->doses->from($state->model->portions[$i], $state->share[$i]), array_keys($state->model->portions));
        $unsure = [];
        foreach ($mechanisms as $mechanism) {
            $keys = array_flip($this->reference->mechanisms[$mechanism]['doses'] ?? []);
            $sum = $off = 0.0;
            foreach ($from as $i => $doses) {
                $brings = array_sum(array_intersect_key($doses, $keys));
                $grams = $state->grams[$i];
                if ($brings > 0.0 && $grams > 0.0) {
                    $sum += $brings;
                    // A small scale shows 0.1 g, the large one 1 g.
                    $off += ($brings * ($grams < Figure::ScaleSmallUnder->number() ? 0.05 : 0.5) / $grams) ** 2;
                }
            }
            $share = hypot($sum > 0.0 ? sqrt($off) / $sum : 0.0, $this->strengths->packet($mechanism));
            if ($share > 0.0) {
                $unsure[$mechanism] = min(1.0, $share);
            }
        }

        return $unsure;
    }

    /** GE % alone, for callers that need it thousands of times. */
    public function ge(LayerState $state, float $celsius): float
    {
        return array_sum($this->mechanisms($state, $celsius));
    }

    /** GE of c % gelatin of this bloom; the two schools agree at 200. */
    public function gelatin(float $c, float $bloom): float
    {
        return $this->reference->set['gelatin.slope'] * $this->doses->strength($c, $bloom);
    }

    /** Share of the layer that sugars and polyols leave to the agents, 0.2…1. */
    public function space(LayerState $state): float
    {
        return max(0.2, 1.0 - $this->reference->set['agent-space.sugar'] * $state->bulk() / 100);
    }

    /**
     * What the mechanisms are worked out from: the doses and the state of the layer, by the words of `reference/mechanisms.csv`.
     *
     * @return array<string, float>
     */
    public function inputs(LayerState $state, float $celsius): array
    {
        return [
            ...$this->doses->of($state),
            'space' => $this->space($state),
            'ph' => $this->acidity->ph($state) ?? 6.5,
            'weighted-solid' => $this->fat->weightedSolid($state, $celsius),
            'air-fullness' => $this->air->fullness($state),
            'ice' => $this->ice($state, $celsius),
            'milk-fat' => $state->of100('fat.milk'),
            'solids' => 100.0 - $state->water,
            'water' => $state->water,
        ];
    }

    /** g ice per 100 g of the layer. */
    private function ice(LayerState $state, float $celsius): float
    {
        return $celsius < -2.0 ? $this->freezing->iceShare($state, $celsius) * $state->water : 0.0;
    }

    /** @return array<string, float> GE % by mechanism; one that has nothing to work with may be missing */
    public function mechanisms(LayerState $state, float $celsius): array
    {
        $s = $this->reference->set;
        ['gels' => $ge, 'held' => $held, 'fullness' => $fullness] = $this->steady[$state] ??= $this->steady($state);
        $warm = 1.0 - (1.0 - $s['warm.gel-share-20']) * max(0.0, min(1.5, ($celsius - 5.0) / 15));
        foreach ($ge as $mechanism => $cold) {
            $ge[$mechanism] = $cold * ($mechanism === 'gelatin' ? 1.0 - Smooth::rise($celsius, $s['gelatin.melt-middle-c'], $s['gelatin.melt-width-c']) : $warm);
        }
        $ge += $held;
        $solid = $this->fat->weightedSolid($state, $celsius);
        $ge['fat'] = $solid > 0.01 ? $s['fat.slope'] * Smooth::positive($solid - $s['fat.threshold'], 0.3) ** $s['fat.power'] : 0.0;
        $ice = $this->ice($state, $celsius);
        $ge['frozen'] = $ice > 0.0 ? $s['frozen.slope'] * ($ice / 100) ** $s['frozen.power'] * (1.0 - $s['frozen.air'] * Smooth::unit($fullness)) : 0.0;

        return $this->strengths->applied($ge);
    }

    /** The dose that each mechanism of gels grows with, by {@see SetDoses}. */
    private const DOSED = [
        'gelatin' => 'gelatin-200', 'agar' => 'agar', 'iota' => 'iota', 'kappa' => 'kappa', 'lm-pectin' => 'lm-pectin', 'hm-pectin' => 'hm-pectin', 'starch' => 'starch', 'egg' => 'egg-still',
        'gellan' => 'gellan', 'alginate' => 'alginate', 'konjac' => 'konjac', 'xanthan' => 'xanthan', 'methylcellulose' => 'methylcellulose', 'chia' => 'chia', 'flax' => 'flax', 'psyllium' => 'psyllium',
    ];

    /** The most of a dose that is looked for, g per 100 g of the layer. */
    private const MOST_DOSE = 40.0;

    /** @return list<string> mechanisms that {@see doseFor} knows */
    public static function dosed(): array
    {
        return array_keys(self::DOSED);
    }

    /**
     * The inverse of the model: how much of a mechanism's own agent brings it to a strength in this layer as it stands, with its sugar, acid, milk and all
     * else there is of other agents left as they are.
     *
     * @param float $target GE % in the cold that the mechanism alone is to come to, with what this kitchen's trials say of it
     *
     * @return ?float g per 100 g of the layer: gelatin of 200 bloom, boiled agar, starch as corn starch, egg protein that sets still; null where no dose of it comes there
     */
    public function doseFor(string $mechanism, float $target, LayerState $state): ?float
    {
        $key = self::DOSED[$mechanism] ?? null;
        if ($key === null) {
            return null;
        }
        $dose = $this->doses->of($state);
        $b = $this->space($state);
        $ph = $this->acidity->ph($state) ?? 6.5;
        if ($mechanism === 'egg') {
            $dose['egg-stirred'] = 0.0;
        }
        if ($mechanism === 'starch') {
            $dose['starch-apart'] = $dose['starch-cold'] = $dose['starch-stable'] = 0.0;
        }
        $short = fn(float $grams): float => ($this->strengths->applied($this->gels([...$dose, $key => $grams], $state, $b, $ph))[$mechanism] ?? 0.0) - $target;

        return match (true) {
            $target <= 0.0 => 0.0,
            $short(self::MOST_DOSE) < 0.0 => null,
            default => Roots::between($short, 0.0, self::MOST_DOSE),
        };
    }

    /** By what factor this kitchen's own trials change a mechanism; 1 where they say nothing. */
    public function factor(string $mechanism): float
    {
        return $this->strengths->factor($mechanism);
    }

    /**
     * What does not depend on the temperature, at which a layer is read twice: gels as firm as in the cold, what holds as it is, and how full of air it is.
     *
     * @return array{gels: array<string, float>, held: array<string, float>, fullness: float}
     */
    private function steady(LayerState $state): array
    {
        $s = $this->reference->set;
        $b = $this->space($state);
        $dose = $this->doses->of($state);
        $ph = self::heedsAcid($dose) ? $this->acidity->ph($state) ?? 6.5 : 6.5;
        $fullness = $this->air->fullness($state);

        return ['gels' => $this->gels($dose, $state, $b, $ph), 'held' => [
            'soy' => $s['soy.slope'] * ($dose['soy-hot'] > 0.01 ? Smooth::positive($dose['soy-hot'] / $b - $s['soy.threshold'], 0.1) : 0.0)
                + $s['soy.slope'] * $s['soy.cold-share'] * ($dose['soy-cold'] > 0.01 ? Smooth::positive($dose['soy-cold'] / $b - $s['soy.threshold'], 0.1) : 0.0),
            'whey' => $dose['whey-hot'] > 0.5 ? $s['whey.slope'] * Smooth::positive($dose['whey-hot'] - $s['whey.threshold'], 0.3) : 0.0,
            'citrus' => $dose['casein-fresh'] > 0.2
                ? $s['citrus.slope'] * $dose['casein-fresh'] * Smooth::rise($dose['casein-fresh'], $s['citrus.casein-threshold'], 0.08)
                    * Smooth::unit(($s['citrus.ph'] - $ph) / $s['citrus.ph-width']) * (1.0 + $s['citrus.fat'] * $state->of100('fat.milk'))
                : 0.0,
            'concentrate' => $dose['casein-milk'] > 2.0 ? $s['concentrate.slope'] * Smooth::positive($dose['casein-milk'] - $s['concentrate.threshold'], 0.2) * Smooth::rise($ph, $s['concentrate.ph'], 0.15) : 0.0,
            'caramel' => $dose['boiled-sugars'] > 15.0 ? $s['caramel.slope'] * Smooth::positive($s['caramel.water'] - $state->water, 0.6) * Smooth::rise($dose['boiled-sugars'], $s['caramel.sugars'], 2.0) : 0.0,
            'cultured' => $dose['casein-cultured'] > 0.2 ? $s['cultured.slope'] * Smooth::positive($dose['casein-cultured'] - $s['cultured.threshold'], 0.15) : 0.0,
            'powder' => $dose['powder'] > 1.0 ? $s['powder.slope'] * Smooth::positive($dose['powder'] - $s['powder.threshold'], 0.3) : 0.0,
            'particles' => $dose['particles'] > 0.5 ? $s['particles.slope'] * Smooth::positive($dose['particles'] / $b - $s['particles.threshold'], 0.2) : 0.0,
            'air' => $fullness > 0.0 ? $s['air.slope'] * Smooth::unit($fullness) : 0.0,
        ], 'fullness' => $fullness];
    }

    /**
     * Whether anything dosed sets by the pH: most layers need none solved.
     *
     * @param array<string, float> $dose
     */
    private static function heedsAcid(array $dose): bool
    {
        return $dose['gelatin-200'] > 0.0 || $dose['agar-in-acid'] > 0.0 || $dose['hm-pectin'] > 0.0 || $dose['starch'] > 0.0 || $dose['casein-fresh'] > 0.2;
    }

    /**
     * Gels, pastes and thickeners, as firm as in the cold.
     *
     * @param array<string, float> $dose
     *
     * @return array<string, float>
     */
    private function gels(array $dose, LayerState $state, float $b, float $ph): array
    {
        $s = $this->reference->set;
        $ge = [];
        if ($dose['gelatin-200'] > 0.0) {
            $ge['gelatin'] = $this->bloomed($dose['gelatin-200'] / $b, $state, $ph, $dose['live-enzyme']);
        }
        if ($dose['egg-still'] + $dose['egg-stirred'] >= 0.05) {
            $ge['egg'] = $s['egg.slope'] * (Smooth::positive($dose['egg-still'] / $b - $s['egg.threshold'], 0.15) + $s['egg.stirred'] * Smooth::positive($dose['egg-stirred'] / $b - $s['egg.threshold'], 0.15));
        }
        if ($dose['agar'] > 0.0) {
            $ge['agar'] = $s['agar.slope'] * ($dose['agar'] / $b) ** $s['agar.power']
                * (1.0 - (1.0 - $s['agar.acid-factor']) * $dose['agar-in-acid'] * (1.0 - Smooth::rise($ph, 4.0, 0.15)));
        }
        if ($dose['iota'] + $dose['kappa'] > 0.0) {
            $milk = 0.6 + 0.4 * Smooth::unit(($dose['casein-fresh'] + $dose['casein-cultured']) / 1.5);
            $ge['iota'] = $s['iota.slope'] * $dose['iota'] / $b * $milk;
            $ge['kappa'] = $s['kappa.slope'] * ($dose['kappa'] / $b) ** $s['kappa.power'] * $milk;
        }
        if ($dose['lm-pectin'] > 0.0) {
            $ge['lm-pectin'] = $s['lm-pectin.slope'] * ($dose['lm-pectin'] / $b) ** $s['lm-pectin.power']
                * ($s['lm-pectin.no-calcium'] + (1.0 - $s['lm-pectin.no-calcium']) * Smooth::unit($dose['calcium'] / $dose['lm-pectin'] / $s['lm-pectin.calcium-mg-g']));
        }
        if ($dose['hm-pectin'] > 0.0) {
            $ge['hm-pectin'] = $s['hm-pectin.slope'] * $dose['hm-pectin'] / $b * Smooth::rise(100.0 - $state->water, 52.0, 1.5) * (1.0 - Smooth::rise($ph, 3.6, 0.12));
        }
        if ($dose['konjac'] + $dose['locust-bean'] > 0.0) {
            $partner = $dose['kappa'] + $dose['xanthan'];
            $ge['konjac'] = self::paired($dose['konjac'], $partner, $s['konjac.slope'], $s['konjac.partner']) / $b
                + self::paired($dose['locust-bean'], $partner, $s['locust-bean.slope'], $s['konjac.partner']) / $b;
        }
        if ($dose['alginate'] > 0.0) {
            // What calcium does not reach only thickens.
            $bound = Smooth::unit($dose['calcium'] / $dose['alginate'] / $s['alginate.calcium-mg-g']);
            $ge['alginate'] = ($s['alginate.slope'] * $bound + Figure::AlginateUnbound->number() * $s['xanthan.slope'] * (1.0 - $bound)) * $dose['alginate'] / $b;
        }
        foreach (self::BY_SLOPE as $agent) {
            if ($dose[$agent] > 0.0) {
                $ge[$agent] = $s["$agent.slope"] * $dose[$agent] / $b;
            }
        }
        $ge['starch'] = $this->starch($dose, $b, $ph);

        return $ge;
    }

    /** GE of gelatin (strength of 200 bloom, % of the space) in the cold, with what acid, alcohol and a live enzyme leave of it. */
    private function bloomed(float $c, LayerState $state, float $ph, float $liveEnzyme): float
    {
        $s = $this->reference->set;
        $acid = 1.0 - (1.0 - $s['gelatin.acid-factor']) * (1.0 - Smooth::rise($ph, $s['gelatin.acid-ph'], 0.12));
        $spirit = $state->of100('alcohol');
        $alcohol = $spirit > 1.0 ? 1.0 - $s['gelatin.alcohol-loss'] * Smooth::rise(100 * $spirit / ($spirit + $state->water), $s['gelatin.alcohol-share'], 3.0) : 1.0;

        return $s['gelatin.slope'] * $c * $acid * $alcohol * ($liveEnzyme > 1.0 ? 0.0 : 1.0);
    }

    /**
     * Starch boiled in acid thins; boiled apart, cold-swelling and stabilised starch do not. Raw yolk eats what it meets.
     *
     * @param array<string, float> $dose
     */
    private function starch(array $dose, float $b, float $ph): float
    {
        $s = $this->reference->set;
        $all = $dose['starch'] + $dose['starch-apart'] + $dose['starch-stable'] + $dose['starch-cold'];
        if ($all / $b <= 0.01) {
            return 0.0;
        }
        $thinned = (1.0 - $s['starch.acid-factor']) * (1.0 - Smooth::rise($ph, $s['starch.acid-ph'], 0.15)) * $dose['starch'] / $all;
        $eaten = (1.0 - $s['starch.raw-yolk-factor']) * $dose['raw-yolk'] * (1.0 - $dose['starch-cold'] / $all);

        return $s['starch.slope'] * Smooth::positive($all / $b - $s['starch.threshold'], 0.15) ** $s['starch.power'] * (1.0 - $thinned) * (1.0 - $eaten);
    }

    /** A gum by its own slope, and by the partner slope for as much of it as finds kappa or xanthan beside it. */
    private static function paired(float $gum, float $partner, float $alone, float $with): float
    {
        return $gum > 0.0 ? $gum * ($alone + ($with - $alone) * (1.0 - exp(-2.0 * $partner / $gum))) : 0.0;
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
