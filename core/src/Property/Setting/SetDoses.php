<?php

declare(strict_types=1);

namespace Transmuta\Property\Setting;

use Transmuta\Formula\Form;
use Transmuta\Property\LayerState;
use Transmuta\Property\Portion;
use Transmuta\Reference\Figure;
use Transmuta\Shelf\Ingredient;

/**
 * Doses of what sets, g per 100 g of the layer, each counted only where its own condition was met (boiled, heated still, …).
 *
 * Keys are the words of `reference/mechanisms.csv`. `agar-in-acid` and `raw-yolk` are shares 0…1, `calcium` is mg per 100 g.
 */
final readonly class SetDoses
{
    /** What must be done to an agent before anything of it sets; the others work as they come, or melt in with the layer. */
    private const NEEDS = [
        'agar' => Form::Boiled, 'lm-pectin' => Form::Boiled, 'hm-pectin' => Form::Boiled,
        'iota' => Form::Heated, 'kappa' => Form::Heated, 'gellan' => Form::Heated, 'starch' => Form::Heated, 'starch-stable' => Form::Heated,
    ];

    /** Gels that are broken for good by a blade once they have set. */
    private const SHEARED = ['agar', 'iota', 'kappa', 'gellan', 'lm-pectin', 'hm-pectin', 'konjac', 'alginate'];

    private const NONE = [
        'gelatin-200' => 0.0, 'agar' => 0.0, 'agar-in-acid' => 0.0, 'iota' => 0.0, 'kappa' => 0.0, 'lm-pectin' => 0.0, 'hm-pectin' => 0.0,
        'starch' => 0.0, 'starch-apart' => 0.0, 'starch-cold' => 0.0, 'starch-stable' => 0.0, 'gellan' => 0.0, 'alginate' => 0.0, 'konjac' => 0.0, 'locust-bean' => 0.0, 'xanthan' => 0.0,
        'methylcellulose' => 0.0, 'chia' => 0.0, 'flax' => 0.0, 'psyllium' => 0.0, 'live-enzyme' => 0.0, 'raw-yolk' => 0.0, 'egg-still' => 0.0,
        'egg-stirred' => 0.0, 'soy-hot' => 0.0, 'soy-cold' => 0.0, 'soy-milk-hot' => 0.0, 'soy-milk-still' => 0.0, 'coagulant' => 0.0, 'whey-hot' => 0.0,
        'powder' => 0.0, 'particles' => 0.0, 'casein-fresh' => 0.0, 'casein-cultured' => 0.0, 'casein-milk' => 0.0, 'boiled-sugars' => 0.0, 'calcium' => 0.0,
    ];

    /** @var \WeakMap<Ingredient, array<int, array<string, float>>> doses of 1 g of an ingredient in 100 g of its layer, by the heat it gets */
    private \WeakMap $units;

    public function __construct(private bool $linearBloom = false)
    {
        $this->units = new \WeakMap();
    }

    /** @return array<string, float> */
    public function of(LayerState $state): array
    {
        $dose = self::NONE;
        foreach ($state->model->portions as $i => $portion) {
            $share = $state->share[$i];
            if ($share > 0.0) {
                foreach ($this->unit($portion) as $key => $grams) {
                    $dose[$key] += $share * $grams;
                }
            }
        }
        $dose['agar-in-acid'] = $dose['agar'] > 0.0 ? $dose['agar-in-acid'] / $dose['agar'] : 0.0;
        $dose['raw-yolk'] = $dose['raw-yolk'] > 0.0 ? Smooth::unit($dose['raw-yolk'] / 0.6) : 0.0;
        // Soy milk sets only when it is hot and something turns it.
        if ($dose['coagulant'] > 0.0 && $dose['soy-milk-hot'] > 0.0) {
            $turned = Smooth::unit($dose['coagulant'] / Figure::SoyCoagulant->number() / $dose['soy-milk-hot']);
            $dose['soy-hot'] += $turned * $dose['soy-milk-still'];
            $dose['soy-cold'] += $turned * ($dose['soy-milk-hot'] - $dose['soy-milk-still']);
        }

        return $dose;
    }

    /**
     * What one line brings on its own, without zeros: `raw-yolk` as g egg protein, `agar-in-acid` as g agar.
     *
     * @return array<string, float>
     */
    public function from(Portion $portion, float $share): array
    {
        return array_map(static fn(float $grams): float => $grams * $share, $this->unit($portion));
    }

    /** @return array<string, float> */
    private function unit(Portion $portion): array
    {
        $known = $this->units[$portion->ingredient] ?? [];
        if (!isset($known[$portion->heat])) {
            $dose = self::NONE;
            $this->add($dose, $portion, 1.0);
            $known[$portion->heat] = array_filter($dose, static fn(float $grams): bool => $grams > 0.0);
            $this->units[$portion->ingredient] = $known;
        }

        return $known[$portion->heat];
    }

    /** % of gelatin as if it were of 200 bloom: by mass × bloom, or by its root at equal weights. */
    public function strength(float $percent, float $bloom): float
    {
        return $percent * ($this->linearBloom ? $bloom / 200 : sqrt($bloom / 200));
    }

    /**
     * In what form a line of its own must be put in so that it sets at all.
     *
     * @return list<string> {@see Form}
     */
    public static function form(Ingredient $in): array
    {
        $needs = array_map(static fn(string $function): ?Form => self::NEEDS[$function] ?? null, array_keys($in->functions));

        return \in_array(Form::Boiled, $needs, true) ? [Form::Boiled->value] : (\in_array(Form::Heated, $needs, true) ? [Form::Heated->value] : []);
    }

    private static function isMet(?Form $needs, Portion $portion): bool
    {
        return match ($needs) {
            Form::Boiled => $portion->boiled,
            Form::Heated => $portion->heated,
            default => true,
        };
    }

    /** @param array<string, float> $dose */
    private function add(array &$dose, Portion $portion, float $share): void
    {
        if ($portion->fired) {
            return;
        }
        $in = $portion->ingredient;
        $parts = $in->composition->parts;
        foreach ($in->functions as $function => $value) {
            if (!self::isMet(self::NEEDS[$function] ?? null, $portion)) {
                continue;
            }
            if ($function === 'gelatin-bloom' && $portion->isNeverWarmed()) {
                continue;
            }
            // A gel that was set and blended smooth is a soft cream, and does not gather again.
            $value *= ($portion->met->sheared ?? false) && \in_array($function, self::SHEARED, true) ? Figure::GelSheared->number() : 1.0;
            match ($function) {
                // A sweetened jelly powder is gelatin in part only.
                'gelatin-bloom' => $dose['gelatin-200'] += $this->strength($share * min(1.0, ($parts['protein.gelatin'] ?? 0.0) / Figure::GelatinProtein->number()), $value),
                'agar' => [$dose['agar'] += $share * $value, $dose['agar-in-acid'] += $portion->boiledInLayer ? $share * $value : 0.0],
                'starch' => $dose[$portion->apart ? 'starch-apart' : 'starch'] += $share * $value * ($parts['starch'] ?? 0.0) / 100,
                'starch-stable', 'starch-cold' => $dose[$function] += $share * $value * ($parts['starch'] ?? 0.0) / 100,
                'iota', 'kappa', 'gellan', 'lm-pectin', 'hm-pectin', 'konjac', 'locust-bean', 'xanthan', 'alginate', 'chia', 'flax', 'psyllium', 'methylcellulose', 'coagulant' => $dose[$function] += $share * $value,
                'calcium' => $dose['calcium'] += $share * $value * Figure::CalciumFull->number(),
                'live-enzyme' => $portion->heated ? null : $dose['live-enzyme'] += $share,
                default => null,
            };
        }
        if (isset($in->micronutrients['calcium_mg']) && !isset($in->functions['calcium'])) {
            $dose['calcium'] += $share / 100 * $in->micronutrients['calcium_mg'];
        }
        if (isset($parts['protein.egg'])) {
            $this->egg($dose, $portion, $share * $parts['protein.egg'] / 100);
        }
        if (isset($parts['protein.soy'])) {
            $soy = $share * $parts['protein.soy'] / 100;
            if ($in->does('coagulated-soy') > 0.0) {
                $dose[$portion->still ? 'soy-hot' : 'soy-cold'] += $soy;
            } elseif ($portion->heated && $in->group === 'plant') {
                $dose['soy-milk-hot'] += $soy;
                $dose['soy-milk-still'] += $portion->still ? $soy : 0.0;
            }
        }
        if (isset($parts['protein.casein'])) {
            $dose[$in->does('coagulated-casein') === 0.0 && ($in->ph ?? 7.0) > Figure::CaseinFresh->number() ? 'casein-fresh' : 'casein-cultured'] += $share * $parts['protein.casein'] / 100;
            if ($in->does('coagulated-casein') === 0.0 && $in->group === 'dairy') {
                $dose['casein-milk'] += $share * $parts['protein.casein'] / 100;
            }
        }
        if ($portion->boiled && $portion->boiledInLayer) {
            $dose['boiled-sugars'] += $share * ($in->composition->family('sugar.') + $in->composition->of100('allulose')) / 100;
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

    /** @param array<string, float> $dose */
    private function egg(array &$dose, Portion $portion, float $egg): void
    {
        if (!$portion->heated || $portion->ingredient->group === 'base') {
            return;
        }
        $dose[$portion->still ? 'egg-still' : 'egg-stirred'] += $egg;
        $boiledOut = $portion->boiled || $portion->still;
        $dose['raw-yolk'] += $boiledOut ? 0.0 : $egg;
    }
}
