<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Property\Heat\PanHeating;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Water\Syrup;
use Transmuta\Tests\Kit;

/** Beside the set: how the water phase pours, what sweeteners leave on the tongue, and how a pan heats. */
final class TongueAndPanTest extends TestCase
{
    private static function layer(string $text): LayerReading
    {
        return Kit::engine()->read(Kit::engine()->parse($text))->layers[0];
    }

    /** @return iterable<string, array{float, float}> sucrose solutions at 20 °C, % and mPa·s: CRC Handbook, recalled; between its points Swindells et al. 1958 (NBS Circular 440), recalled */
    public static function syrups(): iterable
    {
        yield 'water' => [0.0, 1.002];
        yield '40 %' => [40.0, 6.162];
        yield '45 %, between' => [45.0, 9.37];
        yield '66 %, between' => [66.0, 183.0];
    }

    #[DataProvider('syrups')]
    public function testASyrupPoursAsTheTableSays(float $percent, float $viscosity): void
    {
        self::assertEqualsWithDelta($viscosity, Syrup::at($percent, Kit::engine()->reader->reference), 0.06 * $viscosity);
    }

    public function testHoneyPoursAndDoesNotSet(): void
    {
        $honey = self::layer("layer: A\ntreat: none\n100 g honey");
        self::assertNotNull($honey->syrup);
        self::assertSame('like honey', $honey->syrup->word());
        self::assertLessThan(0.25, $honey->set->ge);
        self::assertSame('thin', self::layer("layer: A\ntreat: none\n100 g milk")->syrup?->word());
    }

    public function testAPolyolThatStaysDissolvedIsNotColdAndOneThatDoesNotIs(): void
    {
        $dissolved = self::layer("layer: A\ntreat: none\n20 g erythritol\n100 g milk")->aftertaste;
        self::assertSame(0.0, $dissolved->cooling);
        self::assertSame('none', $dissolved->cold());
        $grains = self::layer("layer: A\ntreat: none\n30 g erythritol\n70 g water")->aftertaste;
        // 70 g water hold 17.5 g at 5 °C; 12.5 g dissolve on the tongue at 180 J/g.
        self::assertEqualsWithDelta(0.125 * 180, $grains->cooling, 0.3);
        self::assertSame('plainly cold', $grains->cold());
        self::assertSame('a cool edge', self::layer("layer: A\ntreat: none\n19.5 g erythritol\n70 g water")->aftertaste->cold());
    }

    public function testBitternessFollowsTheCeilingOfEachSweetener(): void
    {
        $some = self::layer("layer: A\ntreat: none\n1000 g milk\n0.1 g stevia-rebaudioside-a")->aftertaste;
        self::assertSame('none', $some->bitter());
        $most = self::layer("layer: A\ntreat: none\n1000 g milk\n3 g stevia-rebaudioside-a")->aftertaste;
        self::assertSame('bitter', $most->bitter());
        self::assertGreaterThan(1.0, $most->ofCeiling['steviol']);
    }

    /** Steam tables [pub]: 17.3 g/m³ at 20 °C, 293 at 80, 598 at 100. */
    public function testSaturatedVapour(): void
    {
        self::assertEqualsWithDelta(17.3, PanHeating::vapour(20.0), 0.2);
        self::assertEqualsWithDelta(293.0, PanHeating::vapour(80.0), 4.0);
        self::assertEqualsWithDelta(598.0, PanHeating::vapour(100.0), 15.0);
    }

    public function testAYolkCustardTakesItsTimeAndLeavesSecondsToSpare(): void
    {
        $custard = self::layer("layer: C\ntreat: cook to 82 C\n500 g milk\n100 g egg yolk\n100 g sugar");
        self::assertNotNull($custard->pan);
        self::assertNotNull($custard->window);
        self::assertTrue($custard->pan->gentle);
        // Common practice: 8–15 min over gentle heat, and well under two minutes between done and curdled.
        $done = $custard->pan->minutesTo($custard->window->done);
        self::assertTrue($done !== null && $done > 7.0 && $done < 16.0, (string) $done);
        $margin = $custard->pan->minutes($custard->window->done, $custard->window->curdles);
        self::assertTrue($margin !== null && $margin > 0.3 && $margin < 2.0, (string) $margin);
        self::assertEqualsWithDelta($done, (float) $custard->pan->minutesTo($custard->window->thickens) + (float) $custard->pan->minutes($custard->window->thickens, $custard->window->done), 0.05);
    }

    public function testEnergyIsConservedWhereNothingIsLost(): void
    {
        $milk = self::layer("layer: C\ntreat: boil 2 min\n1000 g milk\n60 g cornflour");
        self::assertNotNull($milk->pan);
        self::assertFalse($milk->pan->gentle);
        // Near the kitchen's own temperature the losses are a few watts: power over heat held.
        $heat = $milk->state->mixed * $milk->thermal->specificHeat;
        self::assertEqualsWithDelta(60 * $milk->pan->watts / $heat, $milk->pan->climb(22.0), 0.02 * 60 * $milk->pan->watts / $heat);
        self::assertLessThan($milk->pan->climb(22.0), $milk->pan->climb(95.0), 'a pan slows as it steams');
        self::assertGreaterThan(2.0, $milk->pan->minutesTo(100.0));
    }

    public function testWhatIsNotStirredOverHeatHasNoPan(): void
    {
        self::assertNull(self::layer("layer: C\ntreat: bake 150 C still\n500 g milk\n100 g egg")->pan);
        self::assertNull(self::layer("layer: C\ntreat: none\n500 g milk")->pan);
    }
}
