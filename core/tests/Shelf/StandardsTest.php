<?php

declare(strict_types=1);

namespace Transmuta\Tests\Shelf;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Diet\DietRules;
use Transmuta\Provenance\Mark;
use Transmuta\Provenance\Provenance;
use Transmuta\Reference\Reference;
use Transmuta\Reference\Table;
use Transmuta\Shelf\Composition;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Standards;
use Transmuta\Tests\Kit;

/** Every row against its legal definition (codex and national standards, each named in standards.csv) and against what its class may hold. */
final class StandardsTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function bound(): iterable
    {
        foreach (array_keys(Standards::all()) as $id) {
            yield $id => [$id];
        }
    }

    #[DataProvider('bound')]
    public function testARowLiesWithinItsLegalDefinition(string $id): void
    {
        self::assertSame([], Standards::broken(Kit::shelf()->get($id)));
    }

    public function testARowOutsideItsDefinitionIsFound(): void
    {
        $cream = Kit::shelf()->get('cream-36');
        $lean = $cream->holding(Composition::of([...$cream->composition->parts, 'fat.milk' => 35.9, 'water' => 57.9]), Provenance::of(Mark::Memory, 'a lean batch'));
        self::assertStringContainsString('at least 36 (21 CFR 131.150', Standards::broken($lean)[0]);
        self::assertSame([], Standards::of('bay-leaf'));
    }

    public function testLittleOfWhatIsUsedMostStandsOnMemoryAlone(): void
    {
        $behind = array_map(\count(...), MostUsed::sorted());
        self::assertSame(MostUsed::COUNT, array_sum($behind));
        self::assertLessThanOrEqual(MostUsed::COUNT / 3, $behind['recalled']);
        self::assertGreaterThanOrEqual(12, $behind['published']);
        self::assertStringContainsString("| {$behind['bounded']} |", (string) file_get_contents(\dirname(__DIR__, 3) . '/docs/published.md'), 'run bin/published-report');
    }

    public function testAPublishedPartIsAPartOfItsRowAndSoMarked(): void
    {
        foreach (Table::of('shelf/published') as $row) {
            $in = Kit::shelf()->get($row['ingredient']);
            $parts = array_filter(array_keys($in->composition->parts), static fn(string $part): bool => $part === $row['part'] || str_starts_with($part, $row['part'] . '.'));
            self::assertNotSame([], $parts, "$in->id holds no $row[part]");
            foreach ($parts as $part) {
                self::assertSame(Mark::Published, $in->provenanceOf($part)->mark, "$in->id $part");
            }
        }
        self::assertSame(Mark::Memory, Kit::shelf()->get('cashew')->provenanceOf('sugar.sucrose')->mark, 'the other parts stay as they are');
    }

    public function testWhatIsTakenFromTheMeasuredTableIsAsMeasured(): void
    {
        $columns = ['water' => 'water', 'protein' => 'protcnt', 'fat' => 'fatce', 'fibre' => 'fibtg', 'insoluble' => 'fibins', 'ash' => 'ash', 'starch' => 'starch', 'saturates' => 'fasat'];
        $measured = Ifct::rows();
        foreach (Table::of('shelf/published') as $row) {
            if (preg_match('/Indian Food Composition Tables 2017, ([A-Z]\d{3})/', $row['source'], $m) !== 1 || !isset($columns[$row['part']])) {
                continue;
            }
            $in = Kit::shelf()->get($row['ingredient']);
            $ours = \in_array($row['part'], ['protein', 'fat'], true) ? $in->composition->family("$row[part].") : $in->composition->of100($row['part']);
            self::assertEqualsWithDelta((float) $measured[$m[1]][$columns[$row['part']]], $ours, 0.01, "$row[ingredient] $row[part]");
        }
    }

    public function testEveryRowHoldsWhatItsClassMay(): void
    {
        $ranges = [];
        foreach (Table::of('shelf/class-ranges') as $row) {
            $ranges[$row['class']][$row['part']] = [(float) $row['low'], (float) $row['high']];
        }
        $of = static fn(Ingredient $in, string $part): float => \in_array($part, ['protein', 'fat', 'sugars'], true) ? $in->composition->family($part === 'sugars' ? 'sugar.' : "$part.") : $in->composition->of100($part);
        $wrong = [];
        foreach (Kit::shelf()->all() as $in) {
            self::assertArrayHasKey($in->class, $ranges, $in->id);
            foreach ($ranges[$in->class] as $part => [$low, $high]) {
                $value = $of($in, $part);
                if ($value < $low - 1e-6 || $value > $high + 1e-6) {
                    $wrong[] = "$in->id: $part $value, $in->class has $low to $high";
                }
            }
        }
        self::assertSame([], $wrong);
    }

    /** What the parts of a row come to; sweeteners and salts whose active part is counted apart are named. */
    public function testPartsComeToAHundred(): void
    {
        $apart = ['intense-sweetener', 'setting-salt', 'mineral', 'cut-sweetener', 'emulsifier'];
        foreach (Kit::shelf()->all() as $in) {
            if (!\in_array($in->class, $apart, true)) {
                self::assertEqualsWithDelta(100.0, $in->composition->sum(), 3.6, $in->id);
            }
        }
    }

    /** @return iterable<string, array{Diet, string}> */
    public static function asked(): iterable
    {
        foreach ([[Diet::Vegetarian, 'glycerol'], [Diet::Vegetarian, 'monoglycerides'], [Diet::Vegetarian, 'beta-carotene'], [Diet::Vegetarian, 'cottage-cheese'], [Diet::Vegetarian, 'cream-cheese'], [Diet::Vegetarian, 'sour-cream'], [Diet::GlutenFree, 'sour-cream'], [Diet::AlcoholFree, 'stevia-drops'], [Diet::NutFree, 'almond-extract'], [Diet::NutFree, 'pine-nut'], [Diet::Vegan, 'puff-pastry-baked']] as [$diet, $id]) {
            yield "$diet->value, $id" => [$diet, $id];
        }
    }

    #[DataProvider('asked')]
    public function testWhatOnlyThePacketKnowsIsAsked(Diet $diet, string $id): void
    {
        $in = Kit::shelf()->get($id);
        self::assertTrue(DietRules::bans($diet, $in) || DietRules::question($diet, $in) !== null);
    }

    public function testWhatIsKnownIsStated(): void
    {
        $shelf = Kit::shelf();
        foreach ([['marshmallow-vegan', 'soybeans'], ['apricot-dried', 'sulphites'], ['raisin', 'sulphites'], ['compound-white', 'milk'], ['cornflakes', 'gluten']] as [$id, $allergen]) {
            self::assertContains($allergen, $shelf->get($id)->allergens, $id);
        }
        self::assertContains('wheat', $shelf->get('malted-milk-powder')->cereals);
        self::assertTrue(DietRules::bans(Diet::AlcoholFree, $shelf->get('vanilla-paste')));
        self::assertTrue(DietRules::bans(Diet::Vegetarian, $shelf->get('thickened-cream-gelatin')));
        foreach (['sweet-potato', 'chickpea-cooked', 'white-bean-cooked', 'chestnut-cooked', 'wine-sweet', 'milk-powder'] as $id) {
            self::assertTrue(DietRules::bans(Diet::Keto, $shelf->get($id)), $id);
        }
        self::assertSame([], $shelf->get('margarine')->allergens);
        self::assertSame(0.0, $shelf->get('margarine')->composition->of100('sugar.lactose'));
        self::assertSame(1.0, $shelf->get('ginger-fresh')->does('live-enzyme'));
        foreach ($shelf->all() as $in) {
            if ($in->group === 'fruit') {
                self::assertSame(0.0, $in->composition->of100('dextrin'), "$in->id: ripe fruit holds none");
            }
        }
    }

    public function testLauricFatIsHardInTheRoomAndMeltsInTheMouth(): void
    {
        $fat = Kit::engine()->reader->fat;
        self::assertGreaterThan(0.85, $fat->solidShare('lauric', 20.0));
        self::assertLessThan(0.05, $fat->solidShare('lauric', 35.0));
        self::assertGreaterThan(2.0, Kit::engine()->read(Kit::engine()->parse("serve at: 20 C\n100 g compound chocolate"))->layers[0]->set->ge, 'a compound coating snaps');
        self::assertSame([], array_filter(Reference::standard()->sweeteners, static fn(array $row): bool => $row['kind'] === 'polyol' && $row['solubility_5'] === '' && !\in_array($row['species'], ['glycerol', 'hsh'], true)));
    }
}
