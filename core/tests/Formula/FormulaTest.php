<?php

declare(strict_types=1);

namespace Transmuta\Tests\Formula;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Line;
use Transmuta\Formula\Loss;
use Transmuta\Formula\Tin;
use Transmuta\Formula\Treatment;
use Transmuta\Formula\TreatmentKind;
use Transmuta\Tests\Kit;

final class FormulaTest extends TestCase
{
    /** @return array<string, array{callable(): mixed, bool}> both sides of each range */
    public static function ranges(): array
    {
        return [
            'a mass of nothing' => [static fn() => Line::of('sugar', 0.0), true],
            'a negative mass' => [static fn() => Line::of('sugar', -0.01), false],
            'a hundred kilograms' => [static fn() => Line::of('sugar', 100_000.0), true],
            'more than that' => [static fn() => Line::of('sugar', 100_000.1), false],
            'a mass that is no number' => [static fn() => Line::of('sugar', \NAN), false],
            'one portion' => [static fn() => Formula::of('x', [], portions: 1), true],
            'no portion' => [static fn() => Formula::of('x', [], portions: 0), false],
            'served at 90' => [static fn() => Formula::of('x', [], serveAt: 90.0), true],
            'served boiling' => [static fn() => Formula::of('x', [], serveAt: 90.1), false],
            'an oven at 300' => [static fn() => Treatment::of(TreatmentKind::Bake, 300.0), true],
            'an oven at 301' => [static fn() => Treatment::of(TreatmentKind::Bake, 301.0), false],
            'all the air there is' => [static fn() => Treatment::of(TreatmentKind::Whip, air: 1.0), true],
            'more than all' => [static fn() => Treatment::of(TreatmentKind::Whip, air: 1.01), false],
            'a loss of 95 %' => [static fn() => Loss::reduceBy(0.95), true],
            'a loss of 96 %' => [static fn() => Loss::reduceBy(0.96), false],
            'a tin of 2 mm' => [static fn() => Tin::round(1, 50.0, 2.0), true],
            'a tin of 1 mm' => [static fn() => Tin::round(1, 50.0, 1.0), false],
        ];
    }

    #[DataProvider('ranges')]
    public function testARangeHoldsAtItsEdges(callable $make, bool $allowed): void
    {
        try {
            $make();
            self::assertTrue($allowed, 'it was taken');
        } catch (Nonsense $nonsense) {
            self::assertFalse($allowed, $nonsense->getMessage());
            self::assertNotSame('', $nonsense->mend);
        }
    }

    public function testTinsAreReadAndHoldWhatTheyShould(): void
    {
        self::assertEqualsWithDelta(\M_PI / 4 * 200 ** 2 * 60 / 1000, Tin::parse('round 200 x 60 mm')->volume(), 1e-6);
        self::assertEqualsWithDelta(12 * \M_PI / 4 * 80 ** 2 * 20 / 1000, Tin::parse('12 x round 80 x 20 mm')->volume(), 1e-6);
        self::assertEqualsWithDelta(2400.0, Tin::parse('rect 300 × 200 × 40 mm')->volume(), 1e-6);
        self::assertEqualsWithDelta(150.0, Tin::parse('glass 150 ml')->volume(), 1e-6);
        foreach (['round 200 x 60 mm', '12 x round 80 x 20 mm', 'rect 300 x 200 x 40 mm', 'glass 150 ml'] as $words) {
            self::assertSame($words, Tin::parse($words)->words());
        }
    }

    public function testATreatmentKnowsWhatItReaches(): void
    {
        self::assertTrue(Kit::heat('cook', 71)->reaches(71.0));
        self::assertFalse(Kit::heat('cook', 70.9)->reaches(71.0));
        self::assertTrue(Kit::heat('boil')->reaches(100.0));
        self::assertFalse(Kit::heat('whip')->reaches(40.0));
    }
}
