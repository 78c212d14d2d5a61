<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Formula\Loss;
use Transmuta\Property\Nutrients\LabelRounding;
use Transmuta\Property\Nutrients\NetCarbSchool;
use Transmuta\Property\Nutrients\Nutrition;
use Transmuta\Reference\Reference;
use Transmuta\Tests\Kit;

final class NutritionTest extends TestCase
{
    /** @return array<string, array{string, float, float}> kJ and kcal per 100 g by the factors of Annex XIV */
    public static function energies(): array
    {
        return [
            'sugar is carbohydrate' => ['sugar', 99.9 * 17, 99.9 * 4],
            'oil is fat' => ['sunflower-oil', 3700.0, 900.0],
            'erythritol is nothing' => ['erythritol', 0.0, 0.0],
            'xylitol is a polyol' => ['xylitol', 997.0, 99.7 * 2.4],
            'salt is nothing' => ['salt', 0.0, 0.0],
            'rum is alcohol' => ['rum', 33.4 * 29, 33.4 * 7],
        ];
    }

    #[DataProvider('energies')]
    public function testEnergyByAnnexXiv(string $id, float $kj, float $kcal): void
    {
        $facts = (new Nutrition(Reference::standard()))->per100(Kit::state([$id => 100]));
        self::assertEqualsWithDelta($kj, $facts['kj'], 0.5);
        self::assertEqualsWithDelta($kcal, $facts['kcal'], 0.5);
    }

    public function testKilojoulesAndKilocaloriesAreComputedApart(): void
    {
        $facts = (new Nutrition(Reference::standard()))->per100(Kit::state(['inulin' => 100]));
        self::assertNotEqualsWithDelta($facts['kcal'] * 4.184, $facts['kj'], 5.0);
    }

    public function testNetCarbsByBothSchools(): void
    {
        $state = Kit::state(['erythritol' => 10, 'xylitol' => 10, 'sugar' => 10, 'allulose' => 10, 'water' => 60]);
        $half = (new Nutrition(Reference::standard(), NetCarbSchool::HalfPolyols))->per100($state)['net_carbs_g'];
        $none = (new Nutrition(Reference::standard(), NetCarbSchool::NoPolyols))->per100($state)['net_carbs_g'];
        self::assertEqualsWithDelta(9.99 + 9.97 / 2, $half, 0.01);
        self::assertEqualsWithDelta(9.99, $none, 0.01);
    }

    public function testReducingTakesWaterOnly(): void
    {
        $before = Kit::state(['raspberry' => 400]);
        $after = Kit::state(['raspberry' => 400], null, Loss::reduceBy(0.25));
        self::assertEqualsWithDelta(300.0, $after->mass, 1e-9);
        self::assertEqualsWithDelta($before->sugars * 4, $after->sugars * 3, 1e-9);
        self::assertEqualsWithDelta($before->water * 4 - 100, $after->water * 3, 1e-9);
    }

    public function testTrimmingTakesEverythingAlike(): void
    {
        $after = Kit::state(['raspberry' => 400], null, Loss::trim(0.1));
        self::assertEqualsWithDelta(360.0, $after->mass, 1e-9);
        self::assertEqualsWithDelta(Kit::state(['raspberry' => 400])->sugars, $after->sugars, 1e-9);
    }

    public function testMoreWaterThanThereIsCannotBoilOff(): void
    {
        $after = Kit::state(['sugar' => 90, 'water' => 10], null, Loss::reduceTo(10.0));
        self::assertGreaterThan(90.0, $after->mass);
    }

    /**
     * EU guidance document on tolerances, December 2012: both sides of each boundary.
     *
     * @return array<string, array{string, float, string}>
     */
    public static function roundings(): array
    {
        return [
            'energy to 1' => ['energy', 254.5, '255'],
            'energy to 1, below' => ['energy', 254.49, '254'],
            'grams at 10' => ['grams', 10.0, '10'],
            'grams over 10' => ['grams', 10.5, '11'],
            'grams under 10' => ['grams', 9.94, '9.9'],
            'grams just over 0.5' => ['grams', 0.51, '0.5'],
            'grams at 0.5' => ['grams', 0.5, '< 0.5'],
            'saturates just over 0.1' => ['saturates', 0.11, '0.1'],
            'saturates at 0.1' => ['saturates', 0.1, '< 0.1'],
            'saturates at 10' => ['saturates', 10.2, '10'],
            'salt at 1' => ['salt', 1.04, '1.0'],
            'salt under 1' => ['salt', 0.994, '0.99'],
            'salt just over 0.0125' => ['salt', 0.0126, '0.01'],
            'salt at 0.0125' => ['salt', 0.0125, '< 0.01'],
        ];
    }

    #[DataProvider('roundings')]
    public function testLabelRounding(string $fact, float $value, string $label): void
    {
        self::assertSame($label, match ($fact) {
            'energy' => LabelRounding::energy($value),
            'grams' => LabelRounding::grams($value),
            'saturates' => LabelRounding::saturates($value),
            'salt' => LabelRounding::salt($value),
            default => self::fail($fact),
        });
    }
}
