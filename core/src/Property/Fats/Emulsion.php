<?php

declare(strict_types=1);

namespace Transmuta\Property\Fats;

use Transmuta\Property\LayerState;
use Transmuta\Property\Setting\Smooth;
use Transmuta\Property\Structure\Base;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Reference;
use Transmuta\Shelf\Ingredient;

/**
 * Free fat against what can hold it (`reference/free-fat.csv`, `reference/emulsion.csv`): below 1.0 times the free fat a mass splits, up to 1.3
 * it needs a blender, over that a whisk will do. A base and a mass with little water have no emulsion to break.
 */
final readonly class Emulsion
{
    /** @var \WeakMap<Ingredient, array{free: float, cold: float, hot: float, foam: float}> of 100 g of an ingredient, g fat */
    private \WeakMap $known;

    public function __construct(private Reference $reference)
    {
        $this->known = new \WeakMap();
    }

    /** @return ?array{free: float, held: float} g fat per 100 g of the layer: what must be held, and what can be; null where nothing can split */
    public function of(LayerState $state): ?array
    {
        if ($state->water < Figure::FatContinuous->number() || Base::is($state) || ($state->model->treatment->bakes() && Base::isDry($state))) {
            return null;
        }
        $way = match (true) {
            $state->model->treatment->isHot() => 'hot',
            $state->model->treatment->isWhipped() => 'foam',
            default => 'cold',
        };
        $free = $held = 0.0;
        foreach ($state->model->portions as $i => $portion) {
            $share = $state->share[$i];
            if ($share > 0.0) {
                $in = $this->known[$portion->ingredient] ??= $this->per100($portion->ingredient);
                $free += $share / 100 * $in['free'];
                $held += $share / 100 * ($in[$way] + ($portion->heated ? $portion->ingredient->composition->of100('starch') * ($portion->ingredient->does('starch') > 0.0 ? $this->reference->emulsion['starch'][$way] : 0.0) : 0.0));
            }
        }

        return ['free' => $free, 'held' => $held];
    }

    /** g fat per 100 g that nothing holds. */
    public function unheld(LayerState $state): float
    {
        $of = $this->of($state);

        return $of === null ? 0.0 : Smooth::positive(Figure::EmulsionSure->number() * $of['free'] - $of['held'], 0.05);
    }

    /** @return array{free: float, cold: float, hot: float, foam: float} */
    private function per100(Ingredient $in): array
    {
        $fat = $in->composition->family('fat.');
        $row = $this->reference->emulsion[$in->id] ?? $this->reference->emulsion['class:' . $in->class] ?? null;
        $holds = ['cold' => 0.0, 'hot' => 0.0, 'foam' => 0.0];
        if ($row !== null) {
            $holds = array_map(static fn(float $per): float => 100.0 * $per, $row);
        } else {
            foreach ($in->composition->parts as $part => $grams) {
                $kind = str_starts_with($part, 'protein.') ? $this->reference->emulsion['protein:' . substr($part, 8)] ?? null : null;
                foreach ($kind ?? [] as $way => $per) {
                    $holds[$way] += $grams * $per;
                }
            }
        }

        return ['free' => $fat * ($this->reference->freeFat[$in->class] ?? 0.0), ...$holds];
    }
}
