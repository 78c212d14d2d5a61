<?php

declare(strict_types=1);

namespace Transmuta\Property\Fats;

use Transmuta\Property\LayerState;
use Transmuta\Property\Portion;
use Transmuta\Property\Setting\Smooth;
use Transmuta\Reference\Reference;
use Transmuta\Shelf\FatState;
use Transmuta\Shelf\Ingredient;

/** Solid fat by temperature, and the share of it that firms a layer given how the fat is held. */
final readonly class Fat
{
    /** @var \WeakMap<LayerState, array<string, float>> weighted solid fat by temperature: a job and the set both ask for it */
    private \WeakMap $weighted;

    /** @var \WeakMap<Ingredient, array<int, float>> g of firming solid fat in 100 g of an ingredient, by temperature in µK */
    private \WeakMap $firming;

    public function __construct(private Reference $reference)
    {
        $this->firming = new \WeakMap();
        $this->weighted = new \WeakMap();
    }

    /** Share 0…1 of a fat kind that is solid at this temperature; linear between the table's points. */
    public function solidShare(string $kind, float $celsius): float
    {
        return self::between($this->reference->solidFat[$kind] ?? $this->reference->solidFat['oil'], $celsius) / 100;
    }

    /** g solid fat per 100 g of the layer, cocoa butter and milk fat softening each other. */
    public function solid(LayerState $state, float $celsius): float
    {
        return $this->solidIn($state->parts, $celsius) * $this->softening($state, $celsius);
    }

    /** g solid fat in 100 g of an ingredient on its own. */
    public function solidOf(Ingredient $in, float $celsius): float
    {
        return $this->solidIn($in->composition->parts, $celsius);
    }

    /**
     * @param array<string, float> $parts per 100 g
     * @param float $cocoa how much cocoa butter's crystals count
     */
    private function solidIn(array $parts, float $celsius, float $cocoa = 1.0): float
    {
        $solid = 0.0;
        foreach ($this->kinds($parts) as $kind => $grams) {
            $solid += $grams * $this->solidShare($kind, $celsius) * ($kind === 'cocoa' ? $cocoa : 1.0);
        }

        return $solid;
    }

    /** g solid fat per 100 g weighted by how much it can firm the layer. */
    public function weightedSolid(LayerState $state, float $celsius): float
    {
        $known = $this->weighted[$state] ?? [];
        $key = "t$celsius";
        if (!isset($known[$key])) {
            $known[$key] = $this->solveWeighted($state, $celsius);
            $this->weighted[$state] = $known;
        }

        return $known[$key];
    }

    private function solveWeighted(LayerState $state, float $celsius): float
    {
        $sum = 0.0;
        $watery = $this->continuousWeight($state);
        foreach ($state->model->portions as $i => $portion) {
            if ($state->share[$i] === 0.0) {
                continue;
            }
            $solid = $this->firmingOf($portion->ingredient, $celsius);
            if ($solid === 0.0) {
                continue;
            }
            $sum += $state->share[$i] / 100 * $solid * $this->weight($portion, $watery);
        }

        return $sum * $this->softening($state, $celsius);
    }

    /** g solid fat in 100 g of an ingredient, cocoa butter counted by the firmness of its crystals. */
    private function firmingOf(Ingredient $in, float $celsius): float
    {
        $known = $this->firming[$in] ?? [];
        // By the millionth of a degree: a number is quicker to look up than its words.
        $key = (int) round(1e6 * $celsius);
        if (!isset($known[$key])) {
            $known[$key] = $this->solidIn($in->composition->parts, $celsius, $this->reference->set['fat.cocoa']);
            $this->firming[$in] = $known;
        }

        return $known[$key];
    }

    private function weight(Portion $portion, float $watery): float
    {
        $set = $this->reference->set;

        return match ($portion->ingredient->fatState) {
            FatState::None, FatState::Emulsion => $set['fat.emulsion'],
            FatState::Whippable => $portion->whipped ? $set['fat.whipped'] : $set['fat.emulsion'],
            FatState::Cheese => $set['fat.cheese'],
            FatState::RichCream => $set['fat.rich-cream'],
            FatState::CoconutCream => $set['fat.coconut-cream'],
            FatState::Continuous => $watery,
        };
    }

    /** A fat that is continuous on its own ends as an emulsion in a watery layer. */
    private function continuousWeight(LayerState $state): float
    {
        $set = $this->reference->set;
        $all = $state->water + $state->fat;
        $ratio = $all > 0.0 ? $state->water / $all : 0.0;

        return $set['fat.continuous'] - ($set['fat.continuous'] - $set['fat.watery']) * Smooth::rise($ratio, 0.475, 0.04);
    }

    private function softening(LayerState $state, float $celsius): float
    {
        $cocoa = $state->of100('fat.cocoa');
        $milk = $state->of100('fat.milk');
        $all = $state->fat;
        if ($all <= 0.0 || $cocoa === 0.0 || $milk === 0.0) {
            return 1.0;
        }
        $set = $this->reference->set;
        $k = self::between([5 => $set['fat.cocoa-milk-5'], 20 => $set['fat.cocoa-milk-20'], 30 => $set['fat.cocoa-milk-30']], $celsius);

        return 1.0 - $k * $cocoa * $milk / $all ** 2;
    }

    /**
     * @param array<string, float> $parts
     *
     * @return array<string, float> g by fat kind
     */
    private function kinds(array $parts): array
    {
        $kinds = [];
        foreach (array_keys($this->reference->solidFat) as $kind) {
            if (isset($parts["fat.$kind"])) {
                $kinds[$kind] = $parts["fat.$kind"];
            }
        }

        return $kinds;
    }

    /** @param array<int, float> $points */
    private static function between(array $points, float $x): float
    {
        $previous = null;
        foreach ($points as $at => $value) {
            if ($x <= $at) {
                return $previous === null ? $value : $previous[1] + ($x - $previous[0]) / ($at - $previous[0]) * ($value - $previous[1]);
            }
            $previous = [$at, $value];
        }

        return $previous[1] ?? 0.0;
    }
}
