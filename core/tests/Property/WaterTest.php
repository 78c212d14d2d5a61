<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Property\Freezing;
use Transmuta\Property\WaterActivity;
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
        self::assertEqualsWithDelta($freezing->iceShare($state, -18.0), $freezing->iceShare($state, -30.0), 1e-9);
    }
}
