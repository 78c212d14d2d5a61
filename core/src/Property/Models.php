<?php

declare(strict_types=1);

namespace Transmuta\Property;

use Transmuta\Property\Fats\Emulsion;
use Transmuta\Property\Fats\Fat;
use Transmuta\Property\Nutrients\NetCarbSchool;
use Transmuta\Property\Nutrients\Nutrition;
use Transmuta\Property\Nutrients\UsNutrition;
use Transmuta\Property\Setting\SetModel;
use Transmuta\Property\Setting\Strengths;
use Transmuta\Property\Structure\Air;
use Transmuta\Property\Taste\Acidity;
use Transmuta\Property\Taste\Characters;
use Transmuta\Property\Taste\Sweetness;
use Transmuta\Property\Water\Freezing;
use Transmuta\Property\Water\WaterActivity;
use Transmuta\Reference\Reference;
use Transmuta\Shelf\Shelf;

/** The models a layer is read by, each made once of the same tables and the same house conventions, and the shelf its lines are looked up on. */
abstract readonly class Models
{
    /** Temperature of a room, at which every set is read a second time, °C. */
    public const ROOM = 20.0;

    /** Fat solid in the cold, °C. */
    public const FRIDGE = 5.0;

    public Fat $fat;
    public Acidity $acidity;
    public Air $air;
    public Freezing $freezing;
    public SetModel $set;
    public Sweetness $sweetness;
    public Nutrition $nutrition;
    public UsNutrition $usNutrition;
    public WaterActivity $waterActivity;
    public Emulsion $emulsion;
    public Characters $characters;

    public function __construct(
        public Reference $reference,
        public Shelf $shelf,
        public NetCarbSchool $school,
        public bool $linearBloom,
        ?Strengths $strengths,
        protected ?Shelf $measured,
    ) {
        $this->fat = new Fat($reference);
        $this->acidity = new Acidity($reference);
        $this->air = new Air($reference);
        $this->freezing = new Freezing($reference);
        $this->set = new SetModel($reference, $this->fat, $this->acidity, $this->air, $this->freezing, $linearBloom, $strengths);
        $this->sweetness = new Sweetness($reference);
        $this->nutrition = new Nutrition($reference, $school);
        $this->usNutrition = new UsNutrition($reference);
        $this->waterActivity = new WaterActivity($reference);
        $this->emulsion = new Emulsion($reference);
        $this->characters = new Characters($reference);
    }

    /** The shelf without what the kitchen measured. */
    public function unmeasured(): Shelf
    {
        return $this->measured ?? $this->shelf;
    }
}
