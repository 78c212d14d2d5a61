<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reformulation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Property\LayerState;
use Transmuta\Reformulation\Deviation\Rail;
use Transmuta\Reformulation\Deviation\Rails;
use Transmuta\Reformulation\Deviation\Target;
use Transmuta\Tests\Kit;

final class RailsTest extends TestCase
{
    /** @var array<string, float|int> */
    private const CURD = ['passion-fruit-juice' => 160, 'egg-yolk' => 100, 'sugar' => 150, 'butter' => 110];

    /**
     * @param array<string, float|int> $before
     * @param array<string, float|int> $after
     *
     * @return array<string, Rail>
     */
    private static function rails(array $before, array $after, string $treat = 'cook'): array
    {
        $reader = Kit::engine()->reader;
        $target = Target::of(Kit::reading($before, Kit::heat($treat)), $reader, 5.0);
        $layer = Kit::layer($after, Kit::heat($treat));
        $rails = (new Rails($reader, $target, 5.0))->of(LayerState::ofLayer($layer, Kit::shelf()));

        return array_combine(array_map(static fn(Rail $r): string => $r->property, $rails), $rails);
    }

    public function testTheOriginalMeetsItself(): void
    {
        $rails = self::rails(self::CURD, self::CURD);
        foreach ($rails as $rail) {
            self::assertEqualsWithDelta(0.0, $rail->residual, 1e-9, $rail->property);
            self::assertTrue($rail->isMet());
        }
        self::assertEqualsWithDelta(100.0, Rails::fit(array_values($rails)), 1e-6);
    }

    /** @return array<string, array{string, float|int, string, int}> a line, its new mass, the property it moves, which way */
    public static function moves(): array
    {
        return [
            'more sugar is sweeter' => ['sugar', 190, 'sweetness', 1],
            'less sugar is less sweet' => ['sugar', 110, 'sweetness', -1],
            'more butter is richer' => ['butter', 170, 'fat', 1],
            'less butter is leaner' => ['butter', 60, 'fat', -1],
            'more yolk is firmer' => ['egg-yolk', 180, 'set', 1],
            'less yolk is softer' => ['egg-yolk', 50, 'set', -1],
            'more juice is sharper' => ['passion-fruit-juice', 230, 'acid', 1],
            'less juice is milder' => ['passion-fruit-juice', 90, 'acid', -1],
        ];
    }

    #[DataProvider('moves')]
    public function testAChangeMovesItsRailTheRightWay(string $line, float|int $grams, string $property, int $sign): void
    {
        $rail = self::rails(self::CURD, [$line => $grams] + self::CURD)[$property];
        self::assertSame($sign, $rail->residual <=> 0.0);
        self::assertFalse($rail->isMet(), "$property by $rail->residual tolerances");
    }

    public function testSweetnessIsMetAtItsToleranceAndNotBeyond(): void
    {
        $rail = static fn(float $residual): Rail => new Rail('sweetness', 'SE', 20.0, 20.0, 1.0, $residual);
        self::assertTrue($rail(1.0)->isMet());
        self::assertFalse($rail(1.001)->isMet());
        self::assertEqualsWithDelta(0.8, $rail(1.0)->score(), 1e-12);
        self::assertEqualsWithDelta(0.5, $rail(-2.0)->score(), 1e-12);
    }

    public function testAirIsAskedForOnlyWhereThereWasSome(): void
    {
        self::assertArrayNotHasKey('air', self::rails(self::CURD, self::CURD));
        $foam = ['egg-white' => 100, 'sugar' => 50];
        self::assertEqualsWithDelta(0.0, self::rails($foam, $foam, 'whip')['air']->residual, 1e-9);
        self::assertLessThan(-1.0, self::rails($foam, ['egg-white' => 40, 'water' => 60, 'sugar' => 50], 'whip')['air']->residual);
    }

    public function testABaseHasNoSetToHold(): void
    {
        $base = ['plain-biscuit' => 100, 'butter' => 45];
        self::assertArrayNotHasKey('set', self::rails($base, $base, 'none'));
    }

    public function testLosingTheSourCheeseShowsAsLostSharpness(): void
    {
        $rail = self::rails(['cream-cheese' => 700, 'sugar' => 150, 'egg' => 200], ['silken-tofu' => 700, 'sugar' => 150, 'egg' => 200], 'bake')['acid'];
        self::assertLessThan(-1.0, $rail->residual);
    }

    public function testNothingToCompareFitsFully(): void
    {
        self::assertSame(100.0, Rails::fit([]));
    }
}
