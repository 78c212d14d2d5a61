<?php

declare(strict_types=1);

namespace Transmuta\Watch;

use Transmuta\Property\DishReading;
use Transmuta\Property\Models;
use Transmuta\Property\Warning;
use Transmuta\Property\Watcher;

/** The rules, in one fixed order; their warnings sorted by consequence. */
final readonly class WatchList implements Watcher
{
    /** @param list<Rule> $rules */
    private function __construct(public array $rules) {}

    public static function standard(): self
    {
        return new self([
            new Rules\CitrusSetNeedsCasein(),
            new Rules\AgarMustBoil(),
            new Rules\AgarWeakensBoiledInAcid(),
            new Rules\LiveFruitDissolvesGelatin(),
            new Rules\GelatinMustNotBoil(),
            new Rules\GelatinNeverMelted(),
            new Rules\AgentShortOfWater(),
            new Rules\GelStirredCold(),
            new Rules\GelatinWeakensInAcid(),
            new Rules\YolkEnzymesEatStarch(),
            new Rules\StarchNeverHeated(),
            new Rules\StarchThinsInAcid(),
            new Rules\StarchWeepsFrozen(),
            new Rules\BrittleGelWeepsFrozen(),
            new Rules\HighMethoxylPectinNeedsSolids(),
            new Rules\LowMethoxylPectinNeedsCalcium(),
            new Rules\CreamMustHoldAir(),
            new Rules\SweetenedCreamCountedTwice(),
            new Rules\PolyolCrystallisesCold(),
            new Rules\PotentSweetenerOverCeiling(),
            new Rules\PolyolsPerPortionLaxative(),
            new Rules\SweetenerDailyGuide(),
            new Rules\SweetenerOverMaximum(),
            new Rules\XylitolAndPets(),
            new Rules\AspartameHeated(),
            new Rules\AlluloseBrownsEarly(),
            new Rules\LightCheeseWillNotSet(),
            new Rules\ChipsMeltBadly(),
            new Rules\ChocolateFoldedOutOfRange(),
            new Rules\WarmMassOntoCulturedCream(),
            new Rules\EmulsionSplits(),
            new Rules\FatWaxyInTheMouth(),
            new Rules\CoconutSoftensWarm(),
            new Rules\OatsNeedACertificate(),
            new Rules\PacketQuestionsOpen(),
            new Rules\AllergenAddedBySwap(),
            new Rules\RawEggOrFlour(),
            new Rules\RawMilk(),
            new Rules\RawPulse(),
            new Rules\PoisonousParts(),
            new Rules\CoreUnproven(),
            new Rules\FrozenBerries(),
            new Rules\SmallChildren(),
            new Rules\CheeseOfRawMilk(),
            new Rules\EggCustardUnderSafeHeat(),
            new Rules\CoolingTooSlow(),
            new Rules\GarnishTooEarly(),
            new Rules\MoistureMovesIntoTheBase(),
            new Rules\GumOverdose(),
            new Rules\ChokingGum(),
            new Rules\ColourLostWithYolk(),
            new Rules\SaltGoneWithSaltedButter(),
            new Rules\TinFill(),
            new Rules\ClaimOutOfReach(),
            new Rules\ProteinPowderChalk(),
            new Rules\WheyGrainsWhenHot(),
            new Rules\FoamWithoutAcid(),
            new Rules\LowSugarFoamOverWhips(),
            new Rules\AlcoholStays(),
            new Rules\FruitWaterLoosens(),
            new Rules\RestrictedPlants(),
            new Rules\NetCarbsBySmallerPortions(),
            new Rules\MeasuredBrixDiffers(),
            new Rules\KeepingTime(),
            new Rules\HoneyAndInfants(),
        ]);
    }

    /** @return list<Warning> */
    public function check(DishReading $dish, Models $models): array
    {
        $found = [];
        foreach ($this->rules as $rule) {
            foreach ($rule->check($dish, $models) as $warning) {
                $found[] = $warning;
            }
        }
        usort($found, static fn(Warning $a, Warning $b): int => $a->severity->rank() <=> $b->severity->rank());

        return $found;
    }
}
