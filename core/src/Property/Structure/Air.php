<?php

declare(strict_types=1);

namespace Transmuta\Property\Structure;

use Transmuta\Property\LayerState;
use Transmuta\Reference\Reference;

/** Air held by what foams, the volume of a layer and its density. */
final readonly class Air
{
    public function __construct(private Reference $reference) {}

    /** ml of the layer without air, from the densities of its parts. */
    public function solidVolume(LayerState $state): float
    {
        $d = $this->reference->density;
        $fibre = $state->of100('fibre');
        $per100 = $state->water / $d['water'] + $state->protein / $d['protein'] + $state->fat / $d['fat'] + $fibre / $d['fibre']
            + ($state->of100('ash') + $state->of100('salt')) / $d['ash']
            + ($state->carbohydrate() + $state->acids) / $d['carbohydrate'] + $state->of100('alcohol') / 789;

        return $per100 * 10 * $state->mass;
    }

    /** ml of air in the layer. */
    public function volume(LayerState $state): float
    {
        $stated = $state->model->treatment->air();
        if ($stated !== null) {
            $share = $stated * $this->reference->set['air.full'];

            return $this->solidVolume($state) * $share / (1 - $share);
        }
        $ml = 0.0;
        foreach ($state->model->portions as $i => $portion) {
            if ($portion->whipped) {
                $ml += $state->grams[$i] * $portion->ingredient->does('foam-overrun');
            }
        }

        return $ml * (1.0 - $this->reference->set['air.folding-loss']) * $state->kept;
    }

    /** Share 0…1 of the volume that is air. */
    public function share(LayerState $state): float
    {
        $air = $this->volume($state);

        return $air > 0.0 ? $air / ($air + $this->solidVolume($state)) : 0.0;
    }

    /** Against a full foam: 1 is full. */
    public function fullness(LayerState $state): float
    {
        return $this->share($state) / $this->reference->set['air.full'];
    }

    /** ml of the finished layer; a pressed crumb keeps a fifth of its volume as gaps. */
    public function layerVolume(LayerState $state): float
    {
        $gaps = match (true) {
            !Base::is($state) => 1.0,
            $state->model->treatment->bakes() => 1.6,
            default => 1.25,
        };

        return ($this->solidVolume($state) + $this->volume($state)) * $gaps;
    }
}
