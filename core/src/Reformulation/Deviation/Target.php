<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Deviation;

use Transmuta\Property\LayerReading;
use Transmuta\Property\Reader;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Property\Structure\DryStructure;
use Transmuta\Reformulation\Brief\Aims;

/** What a layer should read as: the original's own values. Places on the ladder, g per 100 g, g. */
final readonly class Target
{
    private function __construct(
        public float $mass,
        public float $se,
        public ?float $set,
        public ?float $setWarm,
        public float $fat,
        public float $water,
        public float $weightedSolid,
        public float $bulk,
        public float $acid,
        public ?float $ph,
        public float $protein,
        public float $air,
        public ?float $dry = null,
        public ?float $unheld = null,
        public float $sweetSpare = 1.0,
        public float $setSpare = 1.0,
    ) {}

    /** The same target whose sweetness may be so many times its tolerance off: what a crust without sugar is made with is less sweet. */
    public function sparing(float $sweetness): self
    {
        return new self($this->mass, $this->se, $this->set, $this->setWarm, $this->fat, $this->water, $this->weightedSolid, $this->bulk, $this->acid, $this->ph, $this->protein, $this->air, $this->dry, $this->unheld, $sweetness, $this->setSpare);
    }

    /** The same target whose set may be so many times its tolerance softer, as long as it holds: what is spooned from a glass need not stand. */
    public function spooned(float $set): self
    {
        return new self($this->mass, $this->se, $this->set, $this->setWarm, $this->fat, $this->water, $this->weightedSolid, $this->bulk, $this->acid, $this->ph, $this->protein, $this->air, $this->dry, $this->unheld, $this->sweetSpare, $set);
    }

    /** By how much a mass (g) is off the target's, as a share of that; under 0 where it is too little. */
    public function massOff(float $mass): float
    {
        return ($mass - $this->mass) / max(1.0, $this->mass);
    }

    public static function of(LayerReading $reading, Reader $reader, float $serveAt): self
    {
        $base = $reading->baseWords !== null;
        $hasNoGel = $base || LayerKind::isBakedFoam($reading);

        return new self(
            mass: $reading->state->mass,
            se: $reading->se,
            set: $hasNoGel ? null : Ladder::coordinate($reading->set->ge),
            setWarm: $hasNoGel || $serveAt < -2.0 ? null : Ladder::coordinate($reading->setWarm->ge),
            fat: $reading->state->fat,
            water: $reading->state->water,
            weightedSolid: $reader->fat->weightedSolid($reading->state, $serveAt),
            bulk: $reading->state->bulk(),
            acid: $reading->fruitAcid,
            ph: $reading->ph,
            protein: $reading->state->protein,
            air: $reading->airShare,
            dry: $base || LayerKind::isCrumb($reading) ? DryStructure::of($reading->state) : null,
            unheld: $reader->emulsion->of($reading->state) === null ? null : $reader->emulsion->unheld($reading->state),
        );
    }

    /** The same target with what is wanted otherwise. A base has no set of its own; its richness moves with its fat. */
    public function aimed(Aims $aims): self
    {
        return $aims->isSame() ? $this : new self(
            $this->mass,
            $this->se * $aims->sweetness,
            $this->set === null ? null : max(0.05, $this->set + $aims->set),
            $this->setWarm === null ? null : max(0.0, $this->setWarm + $aims->set),
            $this->fat * $aims->richness,
            // What richness takes away in fat comes back mostly as water.
            $this->water + 0.8 * $this->fat * (1.0 - $aims->richness),
            $this->weightedSolid * $aims->richness,
            $this->bulk * (0.5 + 0.5 * $aims->sweetness),
            $this->acid * $aims->sharpness,
            $this->ph,
            $this->protein,
            $this->air,
            $this->dry,
            $this->unheld,
        );
    }

    /**
     * The same target with single properties set by hand: `set` in GE %, `sweetness` in SE, `acid`, `fat`, `water`, `protein` in g per 100 g.
     *
     * @param array<string, float> $wanted
     */
    public function wanting(array $wanted): self
    {
        return $wanted === [] ? $this : new self(
            $this->mass,
            $wanted['sweetness'] ?? $this->se,
            $this->set === null || !isset($wanted['set']) ? $this->set : Ladder::coordinate($wanted['set']),
            $this->setWarm === null || !isset($wanted['set']) || $this->set === null ? $this->setWarm : max(0.0, $this->setWarm + Ladder::coordinate($wanted['set']) - $this->set),
            $wanted['fat'] ?? $this->fat,
            $wanted['water'] ?? $this->water,
            isset($wanted['fat']) && $this->fat > 0.0 ? $this->weightedSolid * $wanted['fat'] / $this->fat : $this->weightedSolid,
            $this->bulk,
            $wanted['acid'] ?? $this->acid,
            $this->ph,
            $wanted['protein'] ?? $this->protein,
            $this->air,
            $this->dry,
            $this->unheld,
        );
    }
}
