<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Formula\Tin;
use Transmuta\Property\Heat\Bessel;
use Transmuta\Property\Heat\Conduction;
use Transmuta\Property\Heat\Cooling;
use Transmuta\Property\Heat\Pasteurisation;
use Transmuta\Property\Heat\Series;
use Transmuta\Property\Heat\Thermal;
use Transmuta\Reference\Reference;
use Transmuta\Tests\Kit;

/** Conduction series, thermal properties and cooling times against published tables and common practice. */
final class CoolingTest extends TestCase
{
    /**
     * First roots and coefficients, one-term table (Incropera, Fundamentals of Heat and Mass Transfer, table 5.1).
     *
     * @return array<string, array{float, float, float, float, float}> Bi, slab ζ₁, C₁, cylinder ζ₁, C₁
     */
    public static function oneTerm(): array
    {
        return [
            'Bi 0.1' => [0.1, 0.3111, 1.0161, 0.4417, 1.0246],
            'Bi 1' => [1.0, 0.8603, 1.1191, 1.2558, 1.2071],
            'Bi 10' => [10.0, 1.4289, 1.2620, 2.1795, 1.5677],
            'Bi 100' => [100.0, 1.5552, 1.2731, 2.3809, 1.6015],
        ];
    }

    #[DataProvider('oneTerm')]
    public function testTheSeriesBeginAsTheOneTermTableSays(float $biot, float $slab, float $slabC, float $cylinder, float $cylinderC): void
    {
        self::assertEqualsWithDelta($slab, Series::slab($biot)->term(0)[0], 2e-4);
        self::assertEqualsWithDelta($slabC, Series::slab($biot)->term(0)[1], 2e-4);
        self::assertEqualsWithDelta($cylinder, Series::cylinder($biot)->term(0)[0], 2e-4);
        self::assertEqualsWithDelta($cylinderC, Series::cylinder($biot)->term(0)[1], 2e-4);
    }

    public function testBesselFunctionsHaveTheirTabulatedValues(): void
    {
        // Abramowitz and Stegun, table 9.1.
        foreach ([[0.0, 1.0, 0.0], [1.0, 0.7651976866, 0.4400505857], [2.0, 0.2238907791, 0.5767248078], [5.0, -0.1775967713, -0.3275791376], [10.0, -0.2459357645, 0.0434727462]] as [$x, $j0, $j1]) {
            self::assertEqualsWithDelta($j0, Bessel::j0($x), 1e-7);
            self::assertEqualsWithDelta($j1, Bessel::j1($x), 1e-7);
        }
    }

    public function testASlabStartsWarmAndEndsAtTheAir(): void
    {
        self::assertEqualsWithDelta(1.0, Conduction::theta(Series::slab(2.0), 0.02), 0.01);
        self::assertLessThan(1e-4, Conduction::theta(Series::slab(2.0), 12.0));
        self::assertGreaterThan(Conduction::theta(Series::slab(2.0), 0.5, 1.0), Conduction::theta(Series::slab(2.0), 0.5, 0.0), 'the face is colder than the middle');
    }

    /** @return array<string, array{string, string, float, float, float}> Choi and Okos 1986 as in the ASHRAE Handbook—Refrigeration, table 1: a, b, c */
    public static function published(): array
    {
        return [
            'water conductivity' => ['conductivity', 'water', 0.57109, 1.7625e-3, -6.7036e-6],
            'protein conductivity' => ['conductivity', 'protein', 0.17881, 1.1958e-3, -2.7178e-6],
            'fat conductivity' => ['conductivity', 'fat', 0.18071, -2.7604e-4, -1.7749e-7],
            'carbohydrate conductivity' => ['conductivity', 'carbohydrate', 0.20141, 1.3874e-3, -4.3312e-6],
            'fibre conductivity' => ['conductivity', 'fibre', 0.18331, 1.2497e-3, -3.1683e-6],
            'ash conductivity' => ['conductivity', 'ash', 0.32962, 1.4011e-3, -2.9069e-6],
            'water density' => ['density', 'water', 997.18, 3.1439e-3, -3.7574e-3],
            'protein density' => ['density', 'protein', 1329.9, -0.5184, 0.0],
            'fat density' => ['density', 'fat', 925.59, -0.41757, 0.0],
            'carbohydrate density' => ['density', 'carbohydrate', 1599.1, -0.31046, 0.0],
            'water heat' => ['specific heat', 'water', 4.1289, -9.0864e-5, 5.4731e-6],
            'protein heat' => ['specific heat', 'protein', 2.0082, 1.2089e-3, -1.3129e-6],
            'fat heat' => ['specific heat', 'fat', 1.9842, 1.4733e-3, -4.8008e-6],
            'carbohydrate heat' => ['specific heat', 'carbohydrate', 1.5488, 1.9625e-3, -5.9399e-6],
        ];
    }

    #[DataProvider('published')]
    public function testThermalPropertiesAreChoiAndOkoss(string $property, string $part, float $a, float $b, float $c): void
    {
        foreach ([0.0, 20.0, 60.0] as $celsius) {
            self::assertEqualsWithDelta($a + $b * $celsius + $c * $celsius ** 2, Thermal::at(Reference::standard(), $property, $part, $celsius), 1e-9);
        }
    }

    public function testWaterAndMilkComeOutAsHandbooksMeasureThem(): void
    {
        // Water at 20 °C, CRC Handbook: 998.2 kg/m³, 4.184 kJ/kg·K, 0.598 W/m·K.
        $water = Thermal::of(Kit::state(['water' => 100]), Reference::standard());
        self::assertEqualsWithDelta(998.2, $water->density, 3.0);
        self::assertEqualsWithDelta(4.184, $water->specificHeat, 0.06);
        self::assertEqualsWithDelta(0.598, $water->conductivity, 0.01);
        // Whole milk, common practice values: 1030 kg/m³, 3.9 kJ/kg·K, 0.55 W/m·K [mem].
        $milk = Thermal::of(Kit::state(['milk' => 100]), Reference::standard());
        self::assertEqualsWithDelta(1030.0, $milk->density, 8.0);
        self::assertEqualsWithDelta(3.9, $milk->specificHeat, 0.1);
        self::assertEqualsWithDelta(0.55, $milk->conductivity, 0.03);
    }

    public function testAFoamCarriesLessHeat(): void
    {
        $state = Kit::state(['cream-36' => 100]);
        $dense = Thermal::of($state, Reference::standard());
        $foam = Thermal::of($state, Reference::standard(), 20.0, 0.45);
        self::assertLessThan(0.6 * $dense->conductivity, $foam->conductivity);
        self::assertEqualsWithDelta(0.55 * $dense->density, $foam->density, 1.0);
    }

    /** @return array<string, array{float, float, string, float}> height mm, start °C, place, hours to 8 °C in the middle with both faces cooled (practice: heat) */
    public static function handbookTimes(): array
    {
        return [
            '20 mm from 20' => [20.0, 20.0, 'fridge', 1.7],
            '60 mm from 20' => [60.0, 20.0, 'fridge', 5.8],
            '20 mm from 60' => [20.0, 60.0, 'fridge', 3.3],
            '60 mm from 60' => [60.0, 60.0, 'fridge', 11.1],
            '20 mm from 20, fan' => [20.0, 20.0, 'fridge with fan', 0.8],
            '60 mm from 20, fan' => [60.0, 20.0, 'fridge with fan', 3.0],
            '20 mm from 60, fan' => [20.0, 60.0, 'fridge with fan', 1.4],
            '60 mm from 60, fan' => [60.0, 60.0, 'fridge with fan', 5.7],
        ];
    }

    #[DataProvider('handbookTimes')]
    public function testASlabCoolsInTheHandbooksTime(float $mm, float $from, string $place, float $hours): void
    {
        $thermal = Thermal::of(Kit::state(['milk' => 70, 'cream-36' => 15, 'sugar' => 15]), Reference::standard());
        $cooling = Cooling::of([['thermal' => $thermal, 'height' => $mm]], null, $from, Reference::standard(), $place);
        self::assertNotNull($cooling->coreHours);
        self::assertEqualsWithDelta(1.0, $cooling->coreHours / $hours, 0.15);
        self::assertEqualsWithDelta(8.0, $cooling->core($cooling->coreHours), 0.01);
    }

    public function testFirmEnoughComesBeforeTheMiddleIsColdAsInPractice(): void
    {
        // Common practice (practice: setting): a gelled layer of 2 cm about 1 h, a tart 2–3 h, a glass 3–4 h, a 60 mm cheesecake 6 h or overnight.
        $thermal = Thermal::of(Kit::state(['milk' => 70, 'cream-36' => 15, 'sugar' => 15]), Reference::standard());
        $of = static fn(float $mm, float $from, ?float $onset, ?Tin $tin = null): Cooling => Cooling::of([['thermal' => $thermal, 'height' => $mm]], $tin, $from, Reference::standard(), 'fridge', $onset);
        $layer = $of(20.0, 25.0, 12.0);
        self::assertNotNull($layer->firmHours);
        self::assertGreaterThan(0.5, $layer->firmHours);
        self::assertLessThan(1.8, $layer->firmHours);
        self::assertLessThan($layer->coreHours, $layer->firmHours);
        $deep = $of(60.0, 85.0, 14.0, Tin::round(1, 200, 70));
        self::assertGreaterThan(5.0, $deep->firmHours);
    }

    public function testHotFoodIsTimedThroughTheDangerZone(): void
    {
        $thermal = Thermal::of(Kit::state(['milk' => 70, 'cream-36' => 15, 'sugar' => 15]), Reference::standard());
        $of = static fn(float $mm, string $place): Cooling => Cooling::of([['thermal' => $thermal, 'height' => $mm]], null, 85.0, Reference::standard(), $place);
        // FDA Food Code 2022, 3-501.14: 57 to 21 °C within 2 h, to 5 °C within 6 h in all.
        self::assertLessThan(2.0, $of(15.0, 'fridge')->dangerHours);
        self::assertGreaterThan(2.0, $of(60.0, 'fridge')->dangerHours, 'a deep layer is too slow');
        self::assertLessThan($of(60.0, 'fridge')->dangerHours, $of(60.0, 'ice bath')->dangerHours);
        self::assertNull($of(60.0, 'room')->coldHours, 'it never gets there');
        self::assertNull(Cooling::of([['thermal' => $thermal, 'height' => 20.0]], null, 20.0, Reference::standard())->dangerHours, 'it was never hot');
    }

    public function testTheStackIsSlowerThanAnyOfItsLayers(): void
    {
        foreach (Kit::demos() as [$name]) {
            $dish = Kit::engine()->read(Kit::demo($name));
            if ($dish->stack->whole !== null) {
                foreach ($dish->stack->coolings as $n => $layer) {
                    self::assertEqualsWithDelta($dish->stack->heights[$n], $layer->heightMm, 1.0);
                    if ($layer->startsAt <= $dish->stack->whole->startsAt) {
                        self::assertGreaterThanOrEqual($layer->coreHours, $dish->stack->whole->coreHours, "$name $n");
                    }
                }
                self::assertEqualsWithDelta(array_sum($dish->stack->heights), $dish->stack->whole->heightMm, 0.5);
            }
        }
    }

    public function testPasteurisationPairsAreOneAndAddUp(): void
    {
        $p = new Pasteurisation(Reference::standard());
        // 9 CFR 590.570 as it stood before 2020, recalled: whole egg 140 °F for 3.5 min.
        self::assertEqualsWithDelta(3.5, $p->minutesAt('whole egg', 60.0), 1e-9);
        self::assertEqualsWithDelta(1.0, $p->lethality('whole egg', [[0.0, 60.0], [3.5, 60.0]]), 1e-9);
        // The yolk pairs, 146 °F/3.5 and 144 °F/6.2 min, give the z that is used.
        self::assertEqualsWithDelta(6.2, $p->minutesAt('sugared yolk', (144 - 32) / 1.8), 0.05);
        self::assertLessThan(0.01, $p->minutesAt('whole egg', 82.0), 'at curd heat it is a moment');
        self::assertSame('sugared yolk', Pasteurisation::product(Kit::state(['egg-yolk' => 20, 'sugar' => 14, 'milk' => 66])));
        self::assertNull(Pasteurisation::product(Kit::state(['egg-yolk' => 20, 'sugar' => 30, 'milk' => 50])), 'no pair is known for so much sugar');
        self::assertSame('white', Pasteurisation::product(Kit::state(['egg-white' => 88, 'sugar' => 12])));
        self::assertNull(Pasteurisation::product(Kit::state(['milk' => 100])));
    }
}
