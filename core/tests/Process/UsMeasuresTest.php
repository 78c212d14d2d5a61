<?php

declare(strict_types=1);

namespace Transmuta\Tests\Process;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Process\Words\UsMeasures;
use Transmuta\Quantity\Customary;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Reference\Table;
use Transmuta\Tests\Kit;

/** Pounds, ounces, cups and spoons: rounded as a kitchen says them, and read back to within 1 %. */
final class UsMeasuresTest extends TestCase
{
    /** @return iterable<string, array{float, ?string}> by the definitions of the pound and the ounce */
    public static function weights(): iterable
    {
        yield '28.35 g' => [28.35, '1 oz'];
        yield '453.6 g' => [453.6, '1 lb'];
        yield '510.3 g' => [510.3, '1 lb 2 oz'];
        yield '100 g' => [100.0, '3½ oz'];
        yield '250 g' => [250.0, '8⅞ oz'];
        yield '1000 g' => [1000.0, '2 lb 3¼ oz'];
        yield '14.1 g' => [14.1, '½ oz'];
        yield '14 g' => [14.0, '0.49 oz'];
        yield '3.54 g' => [3.54, '⅛ oz'];
        // Not in eighths, but in a tenth or a hundredth.
        yield '8.5 g' => [8.5, '0.3 oz'];
        yield '2 g' => [2.0, '0.07 oz'];
        yield '0.4 g' => [0.4, null];
        yield 'nothing' => [0.0, null];
    }

    #[DataProvider('weights')]
    public function testPoundsAndOunces(float $grams, ?string $words): void
    {
        self::assertSame($words, UsMeasures::weight($grams));
    }

    /** What is said is in the units that are read. */
    public function testTheUnitsAreThoseOfTheTable(): void
    {
        $units = array_column(iterator_to_array(Table::rows(__DIR__ . '/../../data/reference/units.csv'), false), null, 'unit');
        self::assertEqualsWithDelta(Customary::OUNCE, (float) $units['ounce']['us'], 1e-9);
        self::assertEqualsWithDelta(16 * Customary::OUNCE, (float) $units['pound']['us'], 1e-9);
        self::assertEqualsWithDelta(48 * Customary::TEASPOON, (float) $units['cup']['us'], 1e-9);
        self::assertEqualsWithDelta(3 * Customary::TEASPOON, (float) $units['tablespoon']['us'], 1e-9);
        self::assertSame([32.0, 212.0], [Customary::fahrenheit(0.0), Customary::fahrenheit(100.0)]);
    }

    public function testCupsAndSpoonsByHowHeavyThatIs(): void
    {
        $of = static fn(float $grams, string $id): ?string => UsMeasures::volume($grams, Kit::shelf()->get($id));
        self::assertSame('1 cup', $of(236.588 * (Kit::shelf()->get('milk')->density() ?? 0.0), 'milk'));
        self::assertSame('1 tbsp', $of(3 * 4.92892 * (Kit::shelf()->get('milk')->density() ?? 0.0), 'milk'));
        self::assertSame('1 cup + 2 tbsp', $of(54 * 4.92892 * (Kit::shelf()->get('milk')->density() ?? 0.0), 'milk'));
        self::assertNull($of(0.0, 'milk'));
        self::assertNull($of(9000.0, 'milk'));
    }

    /** What is said is read again by the intake, in the United States, as what was weighed. */
    public function testWhatIsSaidReadsBackToWithinOnePerCent(): void
    {
        $said = 0;
        $lines = Kit::engine()->lines;
        foreach (['sugar', 'plain-flour', 'milk', 'butter', 'cream-36', 'cornflour', 'lemon-juice', 'cocoa-powder', 'honey', 'egg-yolk'] as $id) {
            $in = Kit::shelf()->get($id);
            $name = $lines->nameOf($id, UnitSystem::Us);
            foreach ([1.5, 3.0, 7.0, 12.0, 20.0, 33.0, 48.0, 60.0, 85.0, 100.0, 125.0, 150.0, 180.0, 200.0, 240.0, 300.0, 355.0, 420.0, 500.0, 650.0, 900.0, 1200.0] as $grams) {
                foreach (array_filter([UsMeasures::weight($grams), UsMeasures::volume($grams, $in)]) as $words) {
                    $line = $lines->read("$words $name", UnitSystem::Us);
                    self::assertSame($id, $line->ingredient, "$words $name");
                    self::assertEqualsWithDelta($grams, $line->grams, 0.0101 * $grams, "$words $name");
                    ++$said;
                }
            }
        }
        self::assertGreaterThan(250, $said);
    }
}
