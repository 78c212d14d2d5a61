<?php

declare(strict_types=1);

namespace Transmuta\Tests\Intake;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Intake\Units;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Reference\Reference;

final class UnitsTest extends TestCase
{
    /**
     * NIST Handbook 44 Appendix C and SP 811 (US); Australian standard measures; imperial units by UK law. ml or g.
     *
     * @return array<string, array{string, UnitSystem, float, float}>
     */
    public static function published(): array
    {
        return [
            'US cup' => ['cup', UnitSystem::Us, 236.588, 0.001],
            'US tablespoon' => ['tablespoon', UnitSystem::Us, 14.787, 0.001],
            'US teaspoon' => ['teaspoon', UnitSystem::Us, 4.929, 0.001],
            'US fluid ounce' => ['fluid-ounce', UnitSystem::Us, 29.5735, 0.0001],
            'US pint' => ['pint', UnitSystem::Us, 473.18, 0.01],
            'pound' => ['pound', UnitSystem::Us, 453.592, 0.001],
            'ounce' => ['ounce', UnitSystem::Uk, 28.3495, 0.0001],
            'metric cup' => ['cup', UnitSystem::Metric, 250.0, 0.0],
            'metric tablespoon' => ['tablespoon', UnitSystem::Metric, 15.0, 0.0],
            'Australian tablespoon' => ['tablespoon', UnitSystem::Au, 20.0, 0.0],
            'imperial fluid ounce' => ['fluid-ounce', UnitSystem::Uk, 28.413, 0.001],
            'imperial pint' => ['pint', UnitSystem::Uk, 568.26, 0.01],
            'dessertspoon' => ['dessertspoon', UnitSystem::Uk, 10.0, 0.0],
            'drop' => ['drop', UnitSystem::Metric, 0.05, 0.0],
        ];
    }

    #[DataProvider('published')]
    public function testUnitHasItsPublishedSize(string $unit, UnitSystem $system, float $size, float $delta): void
    {
        self::assertEqualsWithDelta($size, (new Units(Reference::standard()))->value($unit, $system), $delta);
    }

    public function testSixteenTablespoonsAndFortyEightTeaspoonsAreACup(): void
    {
        $units = new Units(Reference::standard());
        $cup = $units->value('cup', UnitSystem::Us);
        self::assertEqualsWithDelta($cup, 16 * $units->value('tablespoon', UnitSystem::Us), 1e-6);
        self::assertEqualsWithDelta($cup, 48 * $units->value('teaspoon', UnitSystem::Us), 1e-6);
    }

    public function testAnUnknownUnitIsNotGuessed(): void
    {
        $units = new Units(Reference::standard());
        self::assertNull($units->value('hogshead', UnitSystem::Us));
        self::assertNull($units->take('goblets of milk', UnitSystem::Us), 'g must not be taken from goblets');
    }
}
