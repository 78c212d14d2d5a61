<?php

declare(strict_types=1);

namespace Transmuta\Property;

use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Shelf\Shelf;

/**
 * A layer weighed: its masses in g and what 100 g of it holds once its losses are taken.
 */
final class LayerState
{
    public readonly float $sugars;
    public readonly float $polyols;
    public readonly float $protein;
    public readonly float $fat;
    public readonly float $acids;
    public readonly float $water;

    /**
     * @param list<float> $grams mass of each portion before losses
     * @param float $mixed g before losses
     * @param float $mass g after losses
     * @param array<string, float> $parts g per 100 g after losses (mg for `active.*`)
     * @param list<float> $share each portion's g per 100 g of the finished layer
     * @param float $kept share 0…1 left by trimming
     */
    private function __construct(
        public readonly LayerModel $model,
        public readonly array $grams,
        public readonly float $mixed,
        public readonly float $mass,
        public readonly array $parts,
        public readonly array $share,
        public readonly float $kept = 1.0,
    ) {
        $sums = ['sugar' => 0.0, 'polyol' => 0.0, 'protein' => 0.0, 'fat' => 0.0, 'acid' => 0.0];
        foreach ($parts as $part => $grams100) {
            $family = strstr($part, '.', true);
            if ($family !== false && isset($sums[$family])) {
                $sums[$family] += $grams100;
            }
        }
        $this->sugars = $sums['sugar'];
        $this->polyols = $sums['polyol'];
        $this->protein = $sums['protein'];
        $this->fat = $sums['fat'];
        $this->acids = $sums['acid'];
        $this->water = $parts['water'] ?? 0.0;
    }

    /**
     * A layer weighed as it is written.
     *
     * @throws \Transmuta\Shelf\UnknownIngredient if a line names an ingredient the shelf does not have
     */
    public static function ofLayer(Layer $layer, Shelf $shelf): self
    {
        return self::of(LayerModel::of($layer, $shelf), array_map(static fn(Line $line): float => $line->grams, $layer->understood()));
    }

    /** @param list<float> $grams one mass per portion of the model, g, before losses */
    public static function of(LayerModel $model, array $grams): self
    {
        $parts = [];
        $mixed = 0.0;
        foreach ($model->portions as $i => $portion) {
            if ($portion->infused) {
                $grams[$i] = 0.0;
                continue;
            }
            $mixed += $grams[$i];
            foreach ($portion->ingredient->composition->parts as $part => $per100) {
                $parts[$part] = ($parts[$part] ?? 0.0) + $grams[$i] * $per100 / 100;
            }
        }
        ['mass' => $left, 'parts' => $parts, 'kept' => $kept] = $model->loss->take($mixed, $parts);
        $per100 = $left > 0.0 ? 100 / $left : 0.0;
        foreach ($parts as $part => $value) {
            $parts[$part] = $value * $per100;
        }
        $share = array_map(static fn(float $g): float => $g * $kept * $per100, $grams);

        return new self($model, array_values($grams), $mixed, $left, $parts, array_values($share), $kept);
    }

    /** The same layer with the hole one line leaves: nothing takes its place and the others keep their shares. */
    public function without(int $index): self
    {
        if ($this->share[$index] === 0.0) {
            return $this;
        }
        $parts = $this->parts;
        $share = $this->share;
        foreach ($this->model->portions[$index]->ingredient->composition->parts as $part => $per100) {
            $parts[$part] = max(0.0, $parts[$part] - $share[$index] * $per100 / 100);
        }
        $grams = $this->grams;
        $grams[$index] = 0.0;
        $share[$index] = 0.0;

        return new self($this->model, array_values($grams), $this->mixed, $this->mass, $parts, array_values($share), $this->kept);
    }

    /** g per 100 g of one part. */
    public function of100(string $part): float
    {
        return $this->parts[$part] ?? 0.0;
    }

    public function carbohydrate(): float
    {
        return $this->sugars + $this->of100('starch') + $this->of100('dextrin') + $this->polyols + $this->of100('allulose');
    }

    /** Sugars, polyols, allulose and sugar-like fibre: what gives sugar's body and holds water. */
    public function bulk(): float
    {
        $inulin = 0.0;
        foreach ($this->model->portions as $i => $portion) {
            if ($portion->ingredient->group === 'sweetener') {
                $inulin += $this->share[$i] * $portion->ingredient->composition->of100('fibre') / 100;
            }
        }

        return $this->sugars + $this->polyols + $this->of100('allulose') + $inulin;
    }

    /** Acids that make a dish sharp, g per 100 g: of fruit, added, and lactic from souring; milk's own citrate is not counted. */
    public function sharpAcid(): float
    {
        $sum = 0.0;
        foreach ($this->model->portions as $i => $portion) {
            $sum += $this->share[$i] / 100 * $portion->sharpAcid;
        }

        return $sum;
    }

    public function whips(): bool
    {
        foreach ($this->model->portions as $portion) {
            if ($portion->whipped) {
                return true;
            }
        }

        return false;
    }
}
