<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Property\Fats\Fat;
use Transmuta\Reference\Reference;
use Transmuta\Tests\Kit;

final class FatTest extends TestCase
{
    private static function fat(): Fat
    {
        return new Fat(Reference::standard());
    }

    /** @return array<string, array{string, float, float}> practice: fats (from memory): points and half-way between them */
    public static function shares(): array
    {
        return [
            'milk fat in the fridge' => ['milk', 5.0, 0.52],
            'milk fat half-way to 10' => ['milk', 7.5, 0.45],
            'milk fat in the mouth' => ['milk', 35.0, 0.0],
            'coconut at 20' => ['coconut', 20.0, 0.35],
            'coconut at 24' => ['coconut', 24.0, 0.11],
            'coconut melts by 30' => ['coconut', 30.0, 0.0],
            'cocoa butter at 25' => ['cocoa', 25.0, 0.65],
            'oil is hardly ever solid' => ['oil', 10.0, 0.0],
            'colder than the table' => ['milk', -18.0, 0.52],
            'warmer than the table' => ['block', 60.0, 0.04],
            'a fat nobody knows counts as oil' => ['moon', 5.0, 0.03],
        ];
    }

    #[DataProvider('shares')]
    public function testSolidShareByTable(string $kind, float $celsius, float $share): void
    {
        self::assertEqualsWithDelta($share, self::fat()->solidShare($kind, $celsius), 1e-9);
    }

    public function testSolidFatNeverGrowsWithWarmth(): void
    {
        $fat = self::fat();
        foreach (array_keys(Reference::standard()->solidFat) as $kind) {
            for ($celsius = 0.0; $celsius < 40.0; $celsius += 0.5) {
                self::assertGreaterThanOrEqual($fat->solidShare($kind, $celsius + 0.5), $fat->solidShare($kind, $celsius), "$kind at $celsius");
            }
        }
    }

    public function testHowFatIsHeldDecidesWhatItDoes(): void
    {
        $per = static fn(string $id, ?string $treat = null): float => self::fat()->weightedSolid(Kit::state([$id => 100], $treat === null ? null : Kit::heat($treat)), 5.0)
            / self::fat()->solid(Kit::state([$id => 100]), 5.0);
        $set = Reference::standard()->set;
        self::assertEqualsWithDelta($set['fat.emulsion'], $per('cream-36'), 1e-6);
        self::assertEqualsWithDelta($set['fat.whipped'], $per('cream-36', 'whip'), 1e-6);
        self::assertEqualsWithDelta($set['fat.cheese'], $per('cream-cheese'), 1e-6);
        self::assertEqualsWithDelta($set['fat.coconut-cream'], $per('coconut-cream'), 1e-6);
        self::assertLessThan($set['fat.whipped'], $set['fat.emulsion']);
        self::assertEqualsWithDelta(1.0, $per('butter'), 0.01);
    }

    public function testAContinuousFatLosesWeightInAWateryLayer(): void
    {
        $weight = static fn(float $water): float => self::fat()->weightedSolid(Kit::state(['coconut-oil' => 30, 'water' => $water]), 5.0)
            / self::fat()->solid(Kit::state(['coconut-oil' => 30, 'water' => $water]), 5.0);
        self::assertEqualsWithDelta(1.0, $weight(8), 0.02);
        self::assertEqualsWithDelta(Reference::standard()->set['fat.watery'], $weight(80), 0.02);
        self::assertGreaterThan($weight(40), $weight(20));
    }
}
