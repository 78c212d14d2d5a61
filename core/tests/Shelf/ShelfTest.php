<?php

declare(strict_types=1);

namespace Transmuta\Tests\Shelf;

use PHPUnit\Framework\TestCase;
use Transmuta\Reference\Reference;
use Transmuta\Shelf\Composition;
use Transmuta\Shelf\ImpossibleComposition;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\IngredientList;
use Transmuta\Shelf\UnknownIngredient;
use Transmuta\Tests\Kit;

final class ShelfTest extends TestCase
{
    public function testHoldsAtLeastThreeHundredIngredients(): void
    {
        self::assertGreaterThanOrEqual(300, \count(Kit::shelf()->all()));
    }

    public function testNothingStandsTwiceInATable(): void
    {
        $keys = ['composition' => ['id'], 'names' => ['ingredient'], 'prices' => ['ingredient'], 'acidity' => ['ingredient'], 'standing' => ['ingredient'], 'functions' => ['ingredient', 'function'], 'measures' => ['ingredient', 'kind', 'form'], 'micronutrients' => ['ingredient', 'nutrient']];
        foreach ($keys as $table => $columns) {
            $ids = [];
            $rows = fopen(\dirname(__DIR__, 2) . "/data/shelf/$table.csv", 'r');
            self::assertIsResource($rows);
            $head = (array) fgetcsv($rows);
            while (($row = fgetcsv($rows)) !== false) {
                $ids[] = implode(' ', array_map(static fn(string $column): string => (string) $row[(int) array_search($column, $head, true)], $columns));
            }
            fclose($rows);
            self::assertSame([], array_keys(array_filter(array_count_values($ids), static fn(int $n): bool => $n > 1)), $table);
            self::assertNotSame([], $ids);
        }
    }

    public function testPartsSumToAHundredWithinThree(): void
    {
        foreach (Kit::shelf()->all() as $in) {
            if (str_contains($in->provenance->source, 'salt equivalent')) {
                continue; // its sodium is shown as salt, which weighs more than the sodium does
            }
            self::assertEqualsWithDelta(100.0, $in->composition->sum(), 3.01, $in->id);
        }
    }

    public function testSaturatesNeverExceedFatNorFibreExceedsWhatIsDry(): void
    {
        foreach (Kit::shelf()->all() as $in) {
            self::assertLessThanOrEqual($in->composition->family('fat.') + 0.001, $in->composition->of100('saturates'), $in->id);
            self::assertLessThanOrEqual(100.5 - $in->composition->of100('water'), $in->composition->of100('fibre'), $in->id);
        }
    }

    public function testEverySpeciesIsKnownToTheTables(): void
    {
        $reference = Reference::standard();
        foreach (Kit::shelf()->all() as $in) {
            foreach (array_keys($in->composition->parts) as $part) {
                [$family, $species] = [...explode('.', $part), ''];
                $known = match ($family) {
                    'sugar', 'polyol', 'active' => isset($reference->sweeteners[$species]),
                    'acid' => isset($reference->acids[$species]),
                    'protein' => isset($reference->buffers[$species]),
                    'fat' => isset($reference->solidFat[$species]),
                    default => $species === '',
                };
                self::assertTrue($known, "$in->id has the unknown part $part");
            }
        }
    }

    public function testAcidFoodsHaveAPhBelowNeutral(): void
    {
        foreach (Kit::shelf()->all() as $in) {
            if ($in->group === 'fruit') {
                self::assertNotNull($in->ph, $in->id);
                self::assertLessThan(7.0, $in->ph, $in->id);
            }
            self::assertTrue($in->ph === null || ($in->ph > 1.5 && $in->ph < 10.0), $in->id);
        }
    }

    public function testNoTwoIngredientsAnswerToOneName(): void
    {
        $owner = [];
        foreach (Kit::shelf()->all() as $in) {
            foreach ($in->names as $name) {
                self::assertArrayNotHasKey($name, $owner, "$name names both $in->id and " . ($owner[$name] ?? ''));
                $owner[$name] = $in->id;
            }
        }
    }

    public function testAllergensAreOfAnnexII(): void
    {
        $annex = ['gluten', 'crustaceans', 'eggs', 'fish', 'peanuts', 'soybeans', 'milk', 'nuts', 'celery', 'mustard', 'sesame', 'sulphites', 'lupin', 'molluscs'];
        foreach (Kit::shelf()->all() as $in) {
            foreach ([...$in->allergens, ...$in->mayContain] as $allergen) {
                self::assertContains($allergen, $annex, $in->id);
            }
        }
    }

    public function testAnimalOriginAndItsAllergenAgree(): void
    {
        foreach (Kit::shelf()->all() as $in) {
            foreach (['dairy' => 'milk', 'egg' => 'eggs', 'gluten' => 'gluten'] as $origin => $allergen) {
                // Lactitol is made from milk and Annex II of Regulation (EU) No 1169/2011 exempts it by name (point 7 b).
                if ($in->comesFrom($origin) && $in->id !== 'lactitol') {
                    self::assertContains($allergen, $in->allergens, "$in->id comes from $origin");
                }
            }
        }
    }

    public function testAnUnknownIdIsRefusedByName(): void
    {
        self::assertNull(Kit::shelf()->find('moonbeam'));
        $this->expectException(UnknownIngredient::class);
        $this->expectExceptionMessage('"moonbeam"');
        IngredientList::of([])->get('moonbeam');
    }

    public function testAPartCannotBeNegative(): void
    {
        $this->expectException(ImpossibleComposition::class);
        Composition::of(['water' => -1.0]);
    }

    public function testPartsOverAHundredAndThreeAreRefused(): void
    {
        self::assertSame(103.0, Composition::of(['water' => 60.0, 'starch' => 43.0])->sum());
        $this->expectException(ImpossibleComposition::class);
        Composition::of(['water' => 60.0, 'starch' => 43.5]);
    }

    public function testSaturatesAndActivesAreNotCountedTwice(): void
    {
        self::assertSame(100.05, Composition::of(['fat.milk' => 100.0, 'saturates' => 60.0, 'active.sucralose' => 50.0])->sum());
    }

    public function testDensityFallsBackToTheUsualForm(): void
    {
        $flour = Kit::shelf()->get('plain-flour');
        self::assertSame(0.46, $flour->density('sifted'));
        self::assertSame(0.53, $flour->density('in a heap'));
        self::assertInstanceOf(Ingredient::class, $flour);
    }

    public function testEggsWeighWhatTheClassesSay(): void
    {
        // USDA dozen weights in shell (30, 27, 24, 21, 18 oz) × 0.88 edible; EU classes S < 53, M 53–63, L 63–73, XL ≥ 73 g.
        $egg = Kit::shelf()->get('egg')->units;
        foreach (['jumbo' => 30, 'extra-large' => 27, 'large' => 24, 'medium' => 21, 'small' => 18] as $size => $ounces) {
            self::assertEqualsWithDelta($ounces * 28.3495 / 12 * 0.88, $egg["each:us-$size"], 1.2, $size);
        }
        foreach (['small' => [0, 53], 'medium' => [53, 63], 'large' => [63, 73], 'extra-large' => [73, 90]] as $size => [$from, $to]) {
            $shell = $egg["each:eu-$size"] / 0.88;
            self::assertGreaterThanOrEqual($from, $shell, $size);
            self::assertLessThan($to, $shell, $size);
        }
        self::assertSame(50.0, $egg['each:us-large'], 'USDA FoodData Central: a US large egg is 50 g edible');
    }
}
