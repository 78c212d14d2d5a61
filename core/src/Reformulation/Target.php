<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Property\Ladder;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Reader;

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
    ) {}

    public static function of(LayerReading $reading, Reader $reader, float $serveAt): self
    {
        $base = $reading->baseWords !== null;

        return new self(
            mass: $reading->state->mixed,
            se: $reading->se,
            set: $base ? null : Ladder::coordinate($reading->set->ge),
            setWarm: $base || $serveAt < -2.0 ? null : Ladder::coordinate($reading->setWarm->ge),
            fat: $reading->state->fat,
            water: $reading->state->water,
            weightedSolid: $reader->fat->weightedSolid($reading->state, $serveAt),
            bulk: $reading->state->bulk(),
            acid: $reading->fruitAcid,
            ph: $reading->ph,
            protein: $reading->state->protein,
            air: $reading->airShare,
        );
    }
}
