<?php

declare(strict_types=1);

namespace Transmuta\Tests\Process;

use PHPUnit\Framework\TestCase;
use Transmuta\Fault\Nonsense;
use Transmuta\Process\Costing\Cost;
use Transmuta\Process\Costing\Costing;
use Transmuta\Process\Making\Making;
use Transmuta\Process\Making\MakingStep;
use Transmuta\Property\DishReading;
use Transmuta\Tests\Kit;

/** What a dish costs, in whole minor units that add up. */
final class CostingTest extends TestCase
{
    private static function dish(string $text): DishReading
    {
        return Kit::engine()->read(Kit::engine()->parse($text));
    }

    private static function cost(DishReading $dish, ?float $labour = null, ?float $energy = null, float $packaging = 0.0): Cost
    {
        return Costing::at(Making::standard(), $labour, $energy, $packaging)->of($dish);
    }

    public function testEverythingAddsUpAndIsWhole(): void
    {
        foreach (Kit::demos() as [$name]) {
            $cost = self::cost(Kit::engine()->read(Kit::demo($name)), 2400.0, 33.0, 12.5);
            self::assertSame(array_sum(array_column($cost->lines, 'minor')) + $cost->labour + $cost->energy + $cost->packaging, $cost->batch(), $name);
            self::assertSame((int) round($cost->batch() / Kit::demo($name)->portions), $cost->portion());
            self::assertSame((int) round(12.5 * Kit::demo($name)->portions), $cost->packaging);
            self::assertGreaterThan(0, $cost->labour);
        }
    }

    public function testLinesAreAtTheShelfsPricesAndWastePlus(): void
    {
        $cost = self::cost(self::dish("Curd\nportions: 4\n\n200 g lemon juice\n100 g caster sugar\n100 g egg yolk\n"), 0.0, 0.0);
        $lines = array_column($cost->lines, null, 'ingredient');
        $price = static fn(string $id): int => (int) Kit::shelf()->get($id)->priceMinorPerKg;
        self::assertSame((int) round($price('sugar') * 0.1), $lines['sugar']->minor);
        self::assertEqualsWithDelta(500.0, $lines['lemon-juice']->bought, 1e-6);
        self::assertEqualsWithDelta(100 / 0.29, $lines['egg-yolk']->bought, 1e-6);
        self::assertSame([0, 0, 0], [$cost->labour, $cost->energy, $cost->packaging]);
    }

    public function testHandsAreThoseOfTheMakingAndAnOvenCostsEnergy(): void
    {
        $pie = self::dish("Pie\nportions: 8\n\nlayer: Base\ntreat: bake 170 C 20 min\n200 g plain flour\n100 g butter\n");
        $hands = array_sum(array_map(static fn(MakingStep $step): float => $step->hands, Making::standard()->of($pie)));
        self::assertSame((int) round($hands / 60 * 3000), self::cost($pie, 3000.0)->labour);
        $cold = self::dish("Cream\nportions: 8\n\nlayer: Cream\ntreat: whip\n400 g whipping cream\n");
        self::assertGreaterThan(20, self::cost($pie, 0.0, 40.0)->energy);
        self::assertSame(0, self::cost($cold, 0.0, 40.0)->energy);
    }

    public function testWhatNobodyHasAPriceForIsNamed(): void
    {
        self::assertContains('5 spoons of moonlight', self::cost(self::dish("Dream\nportions: 2\n\n100 g milk\n5 spoons of moonlight\n"))->unpriced);
        $this->expectException(Nonsense::class);
        Costing::at(Making::standard(), -1.0);
    }
}
