<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use PHPUnit\Framework\TestCase;
use Transmuta\Property\IngredientCurves;
use Transmuta\Shelf\Jobs;
use Transmuta\Tests\Kit;

final class CurvesTest extends TestCase
{
    /** @return array<string, array<string, mixed>> curves by name */
    private static function of(string $id): array
    {
        return array_column((new IngredientCurves(Kit::engine()->reader))->of(Kit::shelf()->get($id)), null, 'name');
    }

    public function testFatMeltsAlongItsTable(): void
    {
        $points = self::of('coconut-oil')['Solid fat']['points'];
        self::assertEqualsWithDelta(82.0, $points[8][1], 0.01, 'coconut oil at 10 °C, practice: fats');
        self::assertSame(0.0, end($points)[1]);
    }

    public function testBulkSweetnessIsStraightAndHighPotencyFlattens(): void
    {
        $sugar = self::of('sugar')['Sweetness']['points'];
        self::assertEqualsWithDelta(2.0, $sugar[24][1] / $sugar[12][1], 0.01);
        $stevia = self::of('stevia-rebaudioside-a')['Sweetness']['points'];
        self::assertLessThan(1.5, $stevia[24][1] / $stevia[12][1]);
        self::assertLessThan(10.0, $stevia[24][1], 'never over Rm');
    }

    public function testASetRisesWithItsDose(): void
    {
        foreach (['gelatin-powder', 'agar', 'cornflour', 'egg', 'silken-tofu', 'konjac', 'lm-pectin', 'chia'] as $id) {
            $points = self::of($id)['Set']['points'];
            self::assertGreaterThan(0.25, end($points)[1], $id);
            self::assertLessThan(0.2, $points[0][1], $id);
        }
        self::assertArrayNotHasKey('Set', self::of('sugar'));
    }

    public function testEveryShelfRowHasCurvesThatAreNumbersAndAJobOrNone(): void
    {
        $curves = new IngredientCurves(Kit::engine()->reader);
        $jobs = [];
        foreach (Kit::shelf()->all() as $in) {
            foreach ($curves->of($in) as $curve) {
                foreach ($curve['points'] as [$x, $y]) {
                    self::assertTrue(is_finite($x) && is_finite($y) && $y > -1e-9, $in->id . ' ' . $curve['name']);
                }
            }
            $jobs = [...$jobs, ...Jobs::of($in)];
        }
        self::assertSame([], array_diff(Jobs::ALL, $jobs), 'every job is somebody\'s');
    }
}
