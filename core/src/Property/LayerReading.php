<?php

declare(strict_types=1);

namespace Transmuta\Property;

use Transmuta\Formula\Layer;

/** Everything read off one layer. Fractions in g per 100 g, masses in g, volumes in ml, temperatures in °C. */
final readonly class LayerReading
{
    /**
     * @param array<string, float> $nutrition per 100 g
     * @param ?string $baseWords how a base cuts; null for layers that are not a base
     * @param list<array<string, float>> $jobs per understood line: share 0…1 of set, sweet, fat, acid, air, protein
     */
    public function __construct(
        public Layer $layer,
        public LayerState $state,
        public float $volume,
        public float $airShare,
        public float $se,
        public float $acidCitric,
        public float $fruitAcid,
        public ?float $ph,
        public float $aw,
        public ?float $freezingPoint,
        public SetReading $set,
        public SetReading $setWarm,
        public ?string $baseWords,
        public float $solidAtMouth,
        public array $nutrition,
        public array $jobs,
        public int $costMinor,
        public ?float $height,
    ) {}
}
