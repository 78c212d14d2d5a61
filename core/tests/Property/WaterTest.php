<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Property\Water\Freezing;
use Transmuta\Property\Water\WaterActivity;
use Transmuta\Reference\Reference;
use Transmuta\Tests\Kit;

final class WaterTest extends TestCase
{
    public function testSaturatedSucroseHasItsPublishedActivity(): void
    {
        // 67.5 % w/w sucrose: aw 0.845 ± 0.01 (published).
        self::assertEqualsWithDelta(0.845, WaterActivity::single(67.5 / 342.3, 32.5 / 18.015, 6.47), 0.01);
        self::assertEqualsWithDelta(0.845, (new WaterActivity(Reference::standard()))->aw(Kit::state(['sugar' => 67.5, 'water' => 32.5])), 0.011);
    }

    public function testPureWaterIsOne(): void
    {
        self::assertSame(1.0, (new WaterActivity(Reference::standard()))->aw(Kit::state(['water' => 100])));
    }

    /** @return array<string, array{float, float}> CRC Handbook: sucrose % w/w, freezing point °C */
    public static function freezingPoints(): array
    {
        return ['10 %' => [10.0, -0.63], '20 %' => [20.0, -1.47], '30 %' => [30.0, -2.64], '40 %' => [40.0, -4.45]];
    }

    #[DataProvider('freezingPoints')]
    public function testSucroseSolutionsFreezeWhereTheHandbookSays(float $percent, float $celsius): void
    {
        $freezing = new Freezing(Reference::standard());
        self::assertEqualsWithDelta($celsius, $freezing->pointAt($percent), 1e-9);
        self::assertEqualsWithDelta($celsius, $freezing->point(Kit::state(['sugar' => $percent, 'water' => 100 - $percent])), 0.02);
    }

    public function testGlucoseLowersFreezingTwiceAsMuchByWeight(): void
    {
        $freezing = new Freezing(Reference::standard());
        $glucose = $freezing->point(Kit::state(['dextrose' => 10, 'water' => 90]));
        $sucrose = $freezing->point(Kit::state(['sugar' => 10, 'water' => 90]));
        self::assertNotNull($glucose);
        self::assertNotNull($sucrose);
        self::assertEqualsWithDelta(1.9, $glucose / $sucrose, 0.2);
    }

    public function testIceGrowsAsItGetsColderAndStopsAtTheConcentrate(): void
    {
        $freezing = new Freezing(Reference::standard());
        $state = Kit::state(['sugar' => 20, 'water' => 80]);
        self::assertSame(0.0, $freezing->iceShare($state, 0.0));
        self::assertSame(0.0, $freezing->iceShare($state, -1.0));
        // At −18 °C what is left is 68 % sucrose: 20 g in 9.4 g water.
        self::assertEqualsWithDelta(1 - 20 * (32 / 68) / 80, $freezing->iceShare($state, -18.0), 0.005);
        self::assertGreaterThan($freezing->iceShare($state, -5.0), $freezing->iceShare($state, -10.0));
        self::assertGreaterThan($freezing->iceShare($state, -18.0), $freezing->iceShare($state, -25.0));
        // No more ice once the liquid is a glass of about 81 % sucrose.
        self::assertEqualsWithDelta($freezing->iceShare($state, -45.0), $freezing->iceShare($state, -60.0), 1e-9);
    }

    /** @return array<string, array{float, float}> temperature, sucrose % of the freeze-concentrate (practice: water) */
    public static function concentrates(): array
    {
        return ['-10 °C' => [-10.0, 57.5], '-18 °C' => [-18.0, 68.0]];
    }

    #[DataProvider('concentrates')]
    public function testTheFreezeConcentrateIsAsStrongAsTheHandbookSays(float $celsius, float $percent): void
    {
        self::assertEqualsWithDelta($percent, (new Freezing(Reference::standard()))->strengthAt($celsius), 0.8);
    }

    /** @return array<string, array{float, float}> activity of ice: ratio of the vapour pressures over ice and supercooled water (CRC Handbook) */
    public static function iceActivities(): array
    {
        return ['0 °C' => [0.0, 1.0], '-5 °C' => [-5.0, 0.953], '-10 °C' => [-10.0, 0.907], '-20 °C' => [-20.0, 0.823]];
    }

    #[DataProvider('iceActivities')]
    public function testIceHasItsPublishedActivity(float $celsius, float $activity): void
    {
        self::assertEqualsWithDelta($activity, Freezing::iceActivity($celsius), 0.002);
    }

    public function testFreezingPointAndStrengthUndoEachOther(): void
    {
        $freezing = new Freezing(Reference::standard());
        foreach ([5.0, 25.0, 39.9, 40.1, 50.0, 65.0, 75.0] as $percent) {
            self::assertEqualsWithDelta($percent, $freezing->strengthAt($freezing->pointAt($percent)), 0.05, "$percent %");
        }
    }
}
