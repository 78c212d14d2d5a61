<?php

declare(strict_types=1);

namespace Transmuta\Tests\Preparation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Diet\DietRules;
use Transmuta\Engine;
use Transmuta\Fault\Nonsense;
use Transmuta\Preparation\Preparation;
use Transmuta\Preparation\PreparationMaker;
use Transmuta\Process\Card;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\IngredientRow;
use Transmuta\Shelf\LayeredShelf;
use Transmuta\Shelf\Shelf;
use Transmuta\Tests\Kit;

/** What a kitchen makes for itself, computed through its own formula. */
final class PreparationTest extends TestCase
{
    private static function made(string $text, ?Shelf $shelf = null, string $id = 'own-prep', ?float $yield = null, bool $boiled = true, ?string $beside = null): Ingredient
    {
        $shelf ??= Kit::shelf();
        $engine = Engine::over($shelf);

        return IngredientRow::ingredient((new PreparationMaker($engine->reader, $engine->method))->row(Preparation::of($id, ucfirst(substr($id, 4)), $engine->parse($text), $yield, $boiled, null, $beside), $shelf));
    }

    public function testItHoldsWhatWentIntoIt(): void
    {
        $praline = self::made("100 g hazelnuts\n100 g caster sugar");
        foreach (['fat.oil', 'sugar.sucrose', 'protein.nut', 'fibre'] as $part) {
            $sum = (Kit::shelf()->get('hazelnut')->composition->of100($part) + Kit::shelf()->get('sugar')->composition->of100($part)) / 2;
            self::assertEqualsWithDelta($sum, $praline->composition->of100($part), 1e-6, $part);
        }
        self::assertSame(['nuts'], $praline->allergens);
        self::assertTrue(DietRules::bans(Diet::NutFree, $praline));
        self::assertTrue(DietRules::bans(Diet::Keto, $praline));
        self::assertEqualsWithDelta((Kit::shelf()->get('hazelnut')->priceMinorPerKg + Kit::shelf()->get('sugar')->priceMinorPerKg) / 2, $praline->priceMinorPerKg, 1.0);
    }

    public function testWaterBoiledOffThickensAndCostsMoreAKilo(): void
    {
        // Home condensed milk: a litre of milk and 200 g of sugar down to 420 g.
        $thin = self::made("1000 g whole milk\n200 g sugar");
        $thick = self::made("1000 g whole milk\n200 g sugar", yield: 420.0);
        self::assertEqualsWithDelta(100.0 * 200 / 420, $thick->composition->of100('sugar.sucrose'), 0.1);
        self::assertEqualsWithDelta((878 - 780) / 420 * 100, $thick->composition->of100('water'), 1.0);
        self::assertEqualsWithDelta(1200 / 420, $thick->priceMinorPerKg / $thin->priceMinorPerKg, 0.02);
        self::assertSame(420.0, $thick->madeOf['yield'] ?? null);
        // What stays behind in the pan leaves the rest as it was.
        $left = self::made("1000 g whole milk\n200 g sugar", yield: 1100.0, boiled: false);
        self::assertEqualsWithDelta($thin->composition->of100('sugar.sucrose'), $left->composition->of100('sugar.sucrose'), 1e-6);
        self::assertGreaterThan($thin->priceMinorPerKg, $left->priceMinorPerKg);
    }

    /** @return iterable<string, array{float, bool, string}> */
    public static function yields(): iterable
    {
        yield 'less than its dry matter' => [100.0, true, 'of water to boil off'];
        yield 'more than went in' => [1500.0, true, 'cannot weigh more'];
    }

    #[DataProvider('yields')]
    public function testAYieldThatCannotBeIsRefused(float $yield, bool $boiled, string $says): void
    {
        $this->expectException(Nonsense::class);
        $this->expectExceptionMessage($says);
        self::made("1000 g whole milk\n200 g sugar", yield: $yield, boiled: $boiled);
    }

    public function testWhatItsLinesDoItDoes(): void
    {
        // A third of a bought 3 % protein solution whips a third as far as the same in whole.
        $jelly = self::made("treat: boil 3 min stirred\n490 g water\n10 g agar");
        self::assertEqualsWithDelta(0.02, $jelly->does('agar'), 1e-6);
        $direct = Kit::engine()->read(Kit::engine()->parse("treat: boil 2 min stirred\n300 g orange juice\n98 g water\n2 g agar"))->layers[0]->set->ge;
        $engine = Engine::over(LayeredShelf::over(Kit::shelf(), [$jelly]));
        $through = $engine->read($engine->json->read(['layers' => [['treat' => 'boil 2 min stirred', 'lines' => [['ingredient' => 'orange-juice', 'grams' => 300], ['ingredient' => 'own-prep', 'grams' => 100]]]]]))->layers[0]->set->ge;
        self::assertEqualsWithDelta($direct, $through, 0.05 * $direct);
    }

    public function testGelatinKeepsItsBloom(): void
    {
        $mass = self::made("treat: melt\n10 g gelatin powder\n60 g water");
        self::assertEqualsWithDelta(200.0, $mass->does('gelatin-bloom'), 1e-6);
        $engine = Engine::over(LayeredShelf::over(Kit::shelf(), [$mass]));
        $of = static fn(array $lines): float => $engine->read($engine->json->read(['layers' => [['treat' => 'melt', 'lines' => array_map(static fn(string $id, float $g): array => ['ingredient' => $id, 'grams' => $g], array_keys($lines), $lines)]]]))->layers[0]->set->ge;
        self::assertEqualsWithDelta($of(['milk' => 930.0, 'gelatin-powder' => 10.0, 'water' => 60.0]), $of(['milk' => 930.0, 'own-prep' => 70.0]), 0.03);
    }

    public function testOneMayHoldAnotherButNeverItself(): void
    {
        $praline = self::made("100 g hazelnuts\n100 g caster sugar", id: 'own-praline');
        $shelf = LayeredShelf::over(Kit::shelf(), [$praline]);
        $cream = self::made("100 g praline\n200 g whipping cream", $shelf, 'own-cream');
        self::assertEqualsWithDelta($praline->composition->of100('fat.oil') / 3, $cream->composition->of100('fat.oil'), 1e-6);
        self::assertContains('nuts', $cream->allergens);
        self::assertSame(['Praline'], array_column($cream->madeOf['inner'] ?? [], 'name'));
        $both = LayeredShelf::over($shelf, [$cream]);
        $this->expectException(Nonsense::class);
        $this->expectExceptionMessage('cannot hold itself');
        self::made("100 g own cream\n50 g hazelnuts", $both, 'own-praline');
    }

    public function testWhatNobodyKnowsMakesNoIngredient(): void
    {
        $this->expectException(Nonsense::class);
        self::made("100 g moonlit sugar\n100 g hazelnuts");
    }

    public function testTheCardOpensItIntoItsOwnLinesAndSteps(): void
    {
        $praline = self::made("100 g hazelnuts\n100 g caster sugar\nmethod:\nCaramelise the sugar, add the nuts, cool and blend.", id: 'own-praline');
        $engine = Engine::over(LayeredShelf::over(Kit::shelf(), [$praline]));
        $card = (new Card($engine->method))->of($engine->read($engine->parse("200 g whipping cream\n60 g praline")));
        $line = $card['ingredients'][0]['lines'][1];
        self::assertSame(['Praline', [30.0, 30.0]], [$line['name'], array_column($line['made_of'], 'grams')]);
        self::assertSame(['Caramelise the sugar, add the nuts, cool and blend.'], $card['preparations'][0]['steps']);
        self::assertSame(60.0, $card['preparations'][0]['grams']);
    }

    public function testThePullListSumsTheDishAndOpensPreparationsToTheEnd(): void
    {
        $praline = self::made("100 g hazelnuts\n100 g sugar", id: 'own-praline');
        $inner = LayeredShelf::over(Kit::shelf(), [$praline]);
        $crunch = self::made("60 g praline\n40 g wafer flakes", $inner, 'own-crunch');
        $engine = Engine::over(LayeredShelf::over($inner, [$crunch]));
        $pull = (new Card($engine->method))->of($engine->read($engine->parse("layer: Cream\n200 g whipping cream\n20 g sugar\nlayer: Base\n100 g crunch\n30 g praline")))['pull'];
        $grams = array_column(array_merge(...array_column($pull, 'lines')), 'grams', 'ingredient');
        self::assertEqualsCanonicalizing(['cream-36' => 200.0, 'hazelnut' => 45.0, 'sugar' => 65.0, 'wafer-flakes' => 40.0], $grams);
        self::assertSame(['Cold store', 'Dry store'], array_column($pull, 'place'));
        $sugar = array_column(array_merge(...array_column($pull, 'lines')), 'for', 'ingredient')['sugar'];
        self::assertEqualsCanonicalizing(['Cream' => 20.0, 'Crunch' => 30.0, 'Praline' => 15.0], array_column($sugar, 'grams', 'what'));
    }
}
