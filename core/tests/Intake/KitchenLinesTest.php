<?php

declare(strict_types=1);

namespace Transmuta\Tests\Intake;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Formula\Confidence;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Reference\Table;
use Transmuta\Tests\Kit;

/**
 * Lines as many kitchens write them, written down before the reader was run on them: 77 of 80 were read right at once, and the three
 * that were not have since been mended, so the list is no longer unseen.
 */
final class KitchenLinesTest extends TestCase
{
    /** @return iterable<string, array{string, string, string, float}> */
    public static function lines(): iterable
    {
        foreach (Table::rows(__DIR__ . '/kitchen-lines.csv') as $row) {
            yield $row['line'] . ' (' . $row['measures'] . ')' => [$row['line'], $row['measures'], $row['ingredient'], (float) $row['grams']];
        }
    }

    #[DataProvider('lines')]
    public function testLineIsReadInGramsAndIngredient(string $text, string $measures, string $ingredient, float $grams): void
    {
        $line = Kit::engine()->lines->read($text, UnitSystem::from($measures));
        self::assertSame($ingredient, $line->ingredient, (string) $line->reason);
        self::assertEqualsWithDelta($grams, $line->grams, 0.03 * $grams + 0.02, $line->trace);
    }

    public function testACountWithoutASizeIsNeverSure(): void
    {
        foreach (['3 egg whites', '2 limes, juiced', '1 ripe banana', 'juice of one lemon'] as $text) {
            self::assertNotSame(Confidence::Sure, Kit::engine()->lines->read($text, UnitSystem::Us)->confidence, $text);
        }
    }
}
