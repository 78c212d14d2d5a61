<?php

declare(strict_types=1);

namespace Transmuta\Tests\Shelf;

use PHPUnit\Framework\TestCase;
use Transmuta\Reference\Table;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Species;
use Transmuta\Tests\Kit;

/** What every ingredient is made of: the table is whole, and nothing unknown is called free of anything. */
final class SpeciesTest extends TestCase
{
    private const HOLDS = __DIR__ . '/../../data/shelf/holds.csv';

    public function testEveryIngredientOfTheShelfHasARow(): void
    {
        $rows = array_column(Table::rows(self::HOLDS), 'ingredient');
        self::assertSame($rows, array_unique($rows), 'twice');
        $ids = array_map(static fn(Ingredient $in): string => $in->id, array_values(Kit::shelf()->all()));
        self::assertSame([], array_values(array_diff($ids, $rows)), 'without a row');
        self::assertSame([], array_values(array_diff($rows, $ids)), 'of nothing on the shelf');
    }

    public function testEveryWordOfTheTableIsASpecies(): void
    {
        $known = [...Species::all(), 'nut-any', 'fruit-any'];
        foreach (Table::rows(self::HOLDS) as $row) {
            foreach ([...explode('|', $row['holds']), ...array_diff(explode('|', $row['may_hold']), ['*'])] as $word) {
                self::assertTrue($word === '' || \in_array($word, $known, true), "{$row['ingredient']}: $word");
            }
        }
    }

    /** What is an allergen by law agrees with the allergens of the same row, written by another hand. */
    public function testSpeciesThatAreAllergensAgreeWithTheAllergens(): void
    {
        foreach (['almond' => 'nuts', 'hazelnut' => 'nuts', 'cashew' => 'nuts', 'pistachio' => 'nuts', 'walnut' => 'nuts', 'soya' => 'soybeans', 'peanut' => 'peanuts', 'sesame' => 'sesame', 'wheat' => 'gluten', 'egg white' => 'eggs', 'egg yolk' => 'eggs', 'cream' => 'milk', 'butter' => 'milk'] as $species => $allergen) {
            foreach (Kit::shelf()->all() as $in) {
                if (Species::holds($in, $species) && !\in_array($in->id, ['sesame-oil'], true)) {
                    self::assertContains($allergen, $in->allergens, "$in->id holds $species");
                }
            }
        }
        foreach (['eggs' => ['egg white', 'egg yolk'], 'peanuts' => ['peanut'], 'sesame' => ['sesame'], 'soybeans' => ['soya'], 'nuts' => ['almond', 'hazelnut', 'cashew', 'pistachio', 'walnut', 'pecan', 'macadamia', 'brazil nut']] as $allergen => $of) {
            foreach (Kit::shelf()->all() as $in) {
                if (\in_array($allergen, $in->allergens, true)) {
                    self::assertNotSame([], array_filter($of, static fn(string $one): bool => Species::holds($in, $one)), "$in->id is of $allergen and holds none of them");
                }
            }
        }
    }

    public function testSomeOfAKinIsEachOfThem(): void
    {
        $candied = Kit::shelf()->get('candied-nuts');
        foreach (['almond', 'pecan', 'macadamia'] as $nut) {
            self::assertTrue(Species::holds($candied, $nut), $nut);
        }
        self::assertFalse(Species::holds($candied, 'strawberry'));
    }

    public function testWordsOfAPacketNameWhatItIsMadeOf(): void
    {
        self::assertSame(['almond', 'sugar'], array_values(array_intersect(Species::inWords('Zucker, Mandeln 40 %, Invertzuckersirup'), ['almond', 'sugar', 'coconut'])));
        self::assertContains('corn', Species::inWords('sucre, sirop de glucose, arôme'));
        self::assertNotContains('pea', Species::inWords('peach, pear'), 'a whole word only');
        self::assertSame('almond', Species::named('Mandeln'));
        self::assertNull(Species::named('hazlenut'));
    }
}
