<?php

declare(strict_types=1);

namespace Transmuta\Property;

use Transmuta\Formula\Layer;
use Transmuta\Property\Heat\CookingWindow;
use Transmuta\Property\Heat\PanHeating;
use Transmuta\Property\Heat\Thermal;
use Transmuta\Property\Setting\SetReading;
use Transmuta\Property\Taste\Aftertaste;
use Transmuta\Property\Taste\Balance;
use Transmuta\Property\Water\Syrup;

/** Everything read off one layer. Fractions in g per 100 g, masses in g, volumes in ml, temperatures in °C. */
final readonly class LayerReading
{
    /**
     * @param array<string, float> $nutrition per 100 g
     * @param array<string, float> $us facts under US rules per 100 g, unrounded
     * @param array<string, array{value: float, unknown: list<string>}> $micronutrients per 100 g, with the lines that leave one open
     * @param array<string, array{kind: string, grams: float, has: float, holds: float, holds20: ?float, most_g: float, over: bool}> $crystals
     * @param ?string $baseWords how a base cuts; null for layers that are not a base
     * @param list<array<string, float>> $jobs per understood line: shares 0…1 of what it provides ({@see LineJobs})
     * @param list<array<string, float>> $setBy per understood line: share of the layer's set by mechanism
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
        public array $setBy,
        public int $costMinor,
        public ?float $height,
        public array $us,
        public array $micronutrients,
        public Balance $balance,
        public array $crystals,
        public Thermal $thermal,
        public Keeping $keeping,
        public ?CookingWindow $window,
        public float $addedSugars,
        public float $firmFat,
        public float $solidAtFridge,
        public ?Syrup $syrup,
        public Aftertaste $aftertaste,
        public ?PanHeating $pan,
    ) {}

    /** The first line of an ingredient; null where the layer has none. */
    public function portionOf(string $ingredient): ?Portion
    {
        foreach ($this->state->model->portions as $portion) {
            if ($portion->ingredient->id === $ingredient) {
                return $portion;
            }
        }

        return null;
    }
}
