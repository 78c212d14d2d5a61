<?php

declare(strict_types=1);

namespace Transmuta\Tests\Shelf;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Format\IngredientCsv;
use Transmuta\Intake\Unreadable;
use Transmuta\Shelf\ImpossiblePanel;
use Transmuta\Shelf\IngredientRow;
use Transmuta\Shelf\PacketIngredient;
use Transmuta\Shelf\PacketPanel;
use Transmuta\Tests\Kit;

/** A packet's panel becomes an ingredient, or is refused with the reason at its field. */
final class PacketTest extends TestCase
{
    private const PLANT_CREAM = ['energy_kj' => 1160.0, 'energy_kcal' => 281.0, 'fat_g' => 29.0, 'saturates_g' => 26.0, 'carbohydrate_g' => 4.0, 'sugars_g' => 3.0, 'protein_g' => 1.2, 'salt_g' => 0.08];

    /** @param array<string, ?float> $panel */
    private static function make(array $panel, ?string $like, ?float $serving = null, bool $us = false): PacketIngredient
    {
        return PacketIngredient::of(PacketPanel::of($panel, $serving, $us), ['id' => 'own-x', 'name' => 'Own X'], $like === null ? null : Kit::shelf()->get($like), 'packet, 12 Nov 2026', Kit::engine()->reader->reference);
    }

    public function testTotalsAreThePacketsAndKindsTheLikenesss(): void
    {
        $made = self::make(self::PLANT_CREAM, 'coconut-cream');
        $in = IngredientRow::ingredient($made->row);
        self::assertEqualsWithDelta(29.0, $in->composition->family('fat.'), 1e-6);
        self::assertEqualsWithDelta(29.0, $in->composition->of100('fat.coconut'), 1e-6);
        self::assertEqualsWithDelta(1.2, $in->composition->family('protein.'), 1e-6);
        self::assertEqualsWithDelta(100.0, $in->composition->sum(), 0.2);
        self::assertSame('packet', $in->provenanceOf('fat.coconut')->mark->value);
        self::assertSame('est', $in->provenanceOf('water')->mark->value, 'water is what is left, and says so');
        self::assertContains('water_g', array_column($made->estimates, 'field'));
        self::assertNull($made->energyNote);
        self::assertSame('coconut-cream', $in->basedOn);
        self::assertSame(Kit::shelf()->get('coconut-cream')->does('foam-overrun'), $in->does('foam-overrun'));
    }

    public function testPerServingAndPerHundredGramsAreTheSameIngredient(): void
    {
        $perServing = array_map(static fn(float $v): float => $v * 0.3, self::PLANT_CREAM);
        $a = IngredientRow::ingredient(self::make(self::PLANT_CREAM, 'coconut-cream')->row)->composition->parts;
        $b = IngredientRow::ingredient(self::make($perServing, 'coconut-cream', 30.0)->row)->composition->parts;
        foreach ($a as $part => $grams) {
            self::assertEqualsWithDelta($grams, $b[$part], 0.001, $part);
        }
    }

    public function testAUsPanelCarriesItsFibreInTheCarbohydrate(): void
    {
        $us = self::make(['energy_kcal' => 388.0, 'fat_g' => 6.5, 'carbohydrate_g' => 67.7, 'fibre_g' => 10.1, 'sugars_g' => 1.0, 'protein_g' => 13.2, 'salt_g' => 0.01], 'oats', null, true);
        $in = IngredientRow::ingredient($us->row);
        self::assertEqualsWithDelta(57.6, $in->composition->family('sugar.') + $in->composition->of100('starch') + $in->composition->of100('dextrin'), 0.05);
        self::assertEqualsWithDelta(10.1, $in->composition->of100('fibre'), 1e-6);
    }

    public function testFibreThatIsNotPrintedComesFromTheEnergyLeftOver(): void
    {
        // 100 g almonds as a packet without fibre: what its parts leave of the energy is fibre.
        $made = self::make(['energy_kj' => 2480.0, 'fat_g' => 51.0, 'carbohydrate_g' => 7.0, 'sugars_g' => 4.6, 'protein_g' => 24.0, 'salt_g' => 0.0], 'almond');
        $fibre = IngredientRow::ingredient($made->row)->composition->of100('fibre');
        self::assertGreaterThan(5.0, $fibre);
        self::assertLessThan(20.0, $fibre);
        self::assertContains('fibre_g', array_column($made->estimates, 'field'));
    }

    /** @return array<string, array{array<string, ?float>, string, string}> panel, field, words */
    public static function impossible(): array
    {
        return [
            'sugars over carbohydrate' => [['carbohydrate_g' => 4.0, 'sugars_g' => 5.0], 'sugars_g', 'part of it'],
            'saturates over fat' => [['fat_g' => 10.0, 'saturates_g' => 11.0], 'saturates_g', 'part of it'],
            'more than 100 g' => [['protein_g' => 104.0], 'protein_g', 'cannot be'],
            'a sum over 100' => [['fat_g' => 40.0, 'carbohydrate_g' => 50.0, 'protein_g' => 20.0], 'carbohydrate_g', 'sum to 110 g'],
            'below zero' => [['fat_g' => -1.0], 'fat_g', 'below zero'],
            'kJ against kcal' => [['energy_kj' => 1000.0, 'energy_kcal' => 400.0], 'energy_kj', 'not the same energy'],
            'more energy than fat' => [['energy_kj' => 4000.0], 'energy_kj', 'pure fat'],
            'sugars and polyols over carbohydrate' => [['carbohydrate_g' => 50.0, 'sugars_g' => 30.0, 'polyols_g' => 30.0], 'sugars_g', 'of only 50 g'],
        ];
    }

    /** @param array<string, ?float> $panel */
    #[DataProvider('impossible')]
    public function testWhatCannotBeIsRefusedAtItsField(array $panel, string $field, string $words): void
    {
        try {
            PacketPanel::of($panel);
            self::fail('accepted');
        } catch (ImpossiblePanel $e) {
            self::assertArrayHasKey($field, $e->reasons);
            self::assertStringContainsString($words, $e->reasons[$field]);
        }
    }

    public function testRoundingOnALabelIsNotImpossible(): void
    {
        self::assertSame(5.0, PacketPanel::of(['carbohydrate_g' => 4.6, 'sugars_g' => 5.0])->get('sugars_g'));
    }

    public function testEnergyIsAgreedToldOrRefused(): void
    {
        $panel = ['fat_g' => 30.0, 'saturates_g' => 5.0, 'carbohydrate_g' => 30.0, 'sugars_g' => 30.0, 'protein_g' => 5.0, 'salt_g' => 0.1, 'fibre_g' => 0.0];
        // 37·30 + 17·30 + 17·5 = 1705 kJ
        self::assertNull(self::make($panel + ['energy_kj' => 1700.0], null)->energyNote);
        self::assertStringContainsString('its parts make 1705', (string) self::make($panel + ['energy_kj' => 1950.0], null)->energyNote);
        $this->expectException(ImpossiblePanel::class);
        $this->expectExceptionMessage('its parts make 1705');
        self::make($panel + ['energy_kj' => 2500.0], null);
    }

    public function testAServingWeighsSomething(): void
    {
        $this->expectException(ImpossiblePanel::class);
        PacketPanel::of(['fat_g' => 1.0], 0.0);
    }

    public function testTheTableGoesOutAndComesBackTheSame(): void
    {
        $packet = ['name' => 'Hill "cream", sweet', 'like' => 'cream-36', 'serving_g' => 30.0, 'carbohydrate_with_fibre' => true, 'fat_g' => 9.0, 'carbohydrate_g' => 1.2, 'sugars_g' => 1.2, 'protein_g' => 0.6,
            'allergens' => ['milk', 'soybeans'], 'also_called' => ['hill cream'], 'source' => 'packet'];
        $read = IngredientCsv::read(IngredientCsv::write([$packet]));
        self::assertSame([], $read[0]['reasons']);
        foreach ($packet as $column => $value) {
            self::assertSame($value, $read[0]['packet'][$column] ?? null, $column);
        }
    }

    public function testARowIsRefusedByColumnAndTheOthersStand(): void
    {
        // A plain spreadsheet of somebody else’s: semicolons, commas for points, columns called otherwise, one left out.
        $theirs = IngredientCsv::read("Produkt;Fett (g);Zucker;KH;Notiz\nMoor milk;3,5;4,8;4,8;x\n", ['produkt' => 'name', 'fett (g)' => 'fat_g', 'zucker' => 'sugars_g', 'kh' => 'carbohydrate_g', 'notiz' => '']);
        self::assertSame(['Moor milk', 3.5, 4.8], [$theirs[0]['packet']['name'] ?? null, $theirs[0]['packet']['fat_g'] ?? null, $theirs[0]['packet']['sugars_g'] ?? null]);
        try {
            IngredientCsv::read("a,b\n1,2\n", ['a' => 'name', 'b' => 'name']);
            self::fail('two columns for one are refused');
        } catch (Unreadable $twice) {
            self::assertStringContainsString('Two columns', $twice->getMessage());
        }
        $rows = IngredientCsv::read("name,fat_g,sugars_g,carbohydrate_g\nGood,1,2,3\nBad,many,2,3\n,1,1,1\nWorse,1,9,3\n\n");
        self::assertSame([2, 3, 4, 5], array_column($rows, 'row'));
        self::assertSame([[], ['fat_g'], ['name'], ['sugars_g']], array_map(static fn(array $r): array => array_keys($r['reasons']), $rows));
        self::assertNotNull($rows[0]['packet']);
        self::assertNull($rows[1]['packet']);
    }

    public function testATableWithoutColumnNamesIsRefused(): void
    {
        $this->expectException(Unreadable::class);
        IngredientCsv::read("Cream,30,2\n");
    }
}
