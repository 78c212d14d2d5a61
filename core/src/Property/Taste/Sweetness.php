<?php

declare(strict_types=1);

namespace Transmuta\Property\Taste;

use Transmuta\Property\LayerState;
use Transmuta\Property\Setting\Smooth;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Reference;
use Transmuta\Shelf\Ingredient;

/**
 * Sucrose equivalents (g sucrose per 100 g with the same sweetness). Bulk species add by relative sweetness; high-potency ones follow
 * R = Rm·C/(K + C), C in mg per litre of product, pooled by receptor before they saturate; a few named pairs gain on their sum.
 */
final readonly class Sweetness
{
    /** @var array<string, float> relative sweetness by part of a composition */
    private array $relative;

    /** @var array<string, array{species: string, receptor: string}> high-potency sweeteners by part of a composition */
    private array $potent;

    /** @var array<string, array{half: float, rm: float, ceiling: float}> mg/L at half the maximum, the maximum in % SE, and the share of it past which it turns bitter, by species */
    private array $curves;

    public function __construct(private Reference $reference)
    {
        $relative = $potent = $curves = [];
        foreach ($reference->sweeteners as $species => $row) {
            if ($row['rm'] !== '') {
                $potent["active.$species"] = ['species' => $species, 'receptor' => $row['receptor']];
                $curves[$species] = ['half' => 1e4 * ((float) $row['rm'] - 5.0) / (float) $row['p5'], 'rm' => (float) $row['rm'], 'ceiling' => ($row['ceiling_se'] ?? '') === '' ? Figure::SweetenerBitter->number() : (float) $row['ceiling_se'] / (float) $row['rm']];
            }
            $part = match ($row['kind']) {
                'sugar' => "sugar.$species",
                'polyol' => "polyol.$species",
                'allulose' => 'allulose',
                default => null,
            };
            if ($part !== null && $row['relative_sweetness'] !== '') {
                $relative[$part] = (float) $row['relative_sweetness'];
            }
        }
        $this->relative = $relative;
        $this->potent = $potent;
        $this->curves = $curves;
    }

    public function se(LayerState $state): float
    {
        return $this->bulkSe($state) + $this->potentSe($state);
    }

    public function bulkSe(LayerState $state): float
    {
        return $this->bulkOf($state->parts);
    }

    /**
     * Sucrose equivalent of the sugars, polyols and allulose in 100 g.
     *
     * @param array<string, float> $parts g per 100 g by part
     */
    public function bulkOf(array $parts): float
    {
        $se = 0.0;
        foreach ($parts as $part => $grams) {
            $se += ($this->relative[$part] ?? 0.0) * $grams;
        }

        return $se;
    }

    public function potentSe(LayerState $state): float
    {
        $pools = $this->doses($state);
        $se = array_sum(\count($pools) > 1 ? $this->synergies($pools) : []);
        foreach ($pools as $pool) {
            $se += $this->response($pool);
        }

        return $se;
    }

    /** @return array<string, float> SE that named pairs give beyond the sum of both, by pair */
    public function synergy(LayerState $state): array
    {
        return $this->synergies($this->doses($state));
    }

    /**
     * All of the pair's gain where both taste equally sweet, and less the further they are apart: (f − 1)·4ab/(a + b).
     *
     * @param array<string, array<string, float>> $pools mg/L by receptor and species
     *
     * @return array<string, float>
     */
    private function synergies(array $pools): array
    {
        $gains = [];
        foreach ($this->reference->synergy as $pair => $factor) {
            [$a, $b] = array_map(fn(string $species): float => $this->within($species, $pools), explode(' ', $pair));
            if ($a > 0.0 && $b > 0.0) {
                $gains[$pair] = ($factor - 1.0) * 4 * $a * $b / ($a + $b);
            }
        }

        return $gains;
    }

    /**
     * SE of one sweetener as its part of what its receptor answers.
     *
     * @param array<string, array<string, float>> $pools
     */
    private function within(string $species, array $pools): float
    {
        $pool = $pools[$this->potent["active.$species"]['receptor']] ?? [];
        $dose = ($pool[$species] ?? 0.0) / $this->curves[$species]['half'];
        $all = array_sum(array_map(fn(string $one, float $mg): float => $mg / $this->curves[$one]['half'], array_keys($pool), $pool));

        return $dose > 0.0 ? $this->response($pool) * $dose / $all : 0.0;
    }

    /**
     * Pools whose response is above their ceiling: bitter, and more of it hardly sweetens.
     *
     * @return array<string, float> share of the maximum response, by receptor
     */
    public function overCeiling(LayerState $state): array
    {
        return array_filter($this->shares($state), fn(float $share, string $receptor): bool => $share > $this->ceiling($receptor), \ARRAY_FILTER_USE_BOTH);
    }

    /** How far all pools together are past their ceilings, or just before them, as shares of their maxima, smooth where one comes to its own: what the solver pushes down. */
    public function aboveCeilings(LayerState $state): float
    {
        $above = 0.0;
        foreach ($this->shares($state) as $receptor => $share) {
            $above += Smooth::positive($share - Figure::SweetenerShy->number() * $this->ceiling($receptor), 0.004);
        }

        return $above;
    }

    /** Share of its maximum past which a receptor's sweetener turns bitter: the lowest of its species. */
    public function ceiling(string $receptor): float
    {
        $ceilings = [];
        foreach ($this->potent as $one) {
            if ($one['receptor'] === $receptor) {
                $ceilings[] = $this->curves[$one['species']]['ceiling'];
            }
        }

        return min([1.0, ...$ceilings]);
    }

    /** @return array<string, float> share of the maximum response that each pool reaches, by receptor */
    public function shares(LayerState $state): array
    {
        return array_map(
            fn(array $pool): float => $this->response($pool) / $this->curves[array_key_first($pool)]['rm'],
            array_filter($this->doses($state), static fn(array $pool): bool => array_sum($pool) > 0.0),
        );
    }

    /** Response in % SE of one sweetener at a concentration in mg/L. */
    public function responseOf(string $species, float $mgPerLitre): float
    {
        return $this->response([$species => $mgPerLitre]);
    }

    /** mg/L at half the maximum, derived from the potency at 5 % SE. */
    public function halfDose(string $species): float
    {
        return $this->curves[$species]['half'];
    }

    /** What one gram of an ingredient brings to a receptor, in doses that answer with half the maximum: lines of one receptor add up in it. */
    public function strength(Ingredient $in, string $receptor): float
    {
        $sum = 0.0;
        foreach ($this->potent as $part => $one) {
            $sum += $one['receptor'] === $receptor ? $in->composition->of100($part) / $this->curves[$one['species']]['half'] : 0.0;
        }

        return $sum;
    }

    /** @return array<string, array<string, float>> mg/L by receptor and species */
    private function doses(LayerState $state): array
    {
        $pools = [];
        foreach ($state->parts as $part => $mg) {
            if (isset($this->potent[$part])) {
                ['species' => $species, 'receptor' => $receptor] = $this->potent[$part];
                $pools[$receptor][$species] = $mg * Figure::SweetenerPerLitre->number();
            }
        }

        return $pools;
    }

    /** @param array<string, float> $pool mg/L by species on one receptor */
    private function response(array $pool): float
    {
        $reduced = 0.0;
        $maximum = 0.0;
        foreach ($pool as $species => $mg) {
            ['half' => $half, 'rm' => $rm] = $this->curves[$species];
            $reduced += $mg / $half;
            $maximum += $mg / $half * $rm;
        }

        return $reduced > 0.0 ? $maximum / (1.0 + $reduced) : 0.0;
    }
}
