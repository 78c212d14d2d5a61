<?php

declare(strict_types=1);

namespace Transmuta\Tests\Audit;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Diet\FreeFrom;
use Transmuta\Diet\Standing;
use Transmuta\Label\Label;
use Transmuta\Label\Market;
use Transmuta\Property\DishReading;
use Transmuta\Reference\Table;
use Transmuta\Shelf\IngredientRow;
use Transmuta\Shelf\PacketList;
use Transmuta\Tests\Kit;

/** What an audit of the numbers found that harms a guest, a label or a dish: one test an item, by the audit's own section. */
final class NumbersTest extends TestCase
{
    private static function read(string $lines, string $treat = 'none'): DishReading
    {
        return Kit::engine()->read(Kit::engine()->parse("title: x\nportions: 4\nlayer: A\ntreat: $treat\n$lines"));
    }

    /** 1.1: sugar of jelly crystals is added sugar, and their salt is no default. */
    public function test11JellyCrystalsAddTheirSugar(): void
    {
        $dish = self::read("60 g jelly crystals\n240 g water", 'boil 2 min');
        self::assertEqualsWithDelta(60 * 0.88 / 4, $dish->us['added_sugars_g'], 0.2);
        foreach (['jelly-crystals-sugar-free' => [5.0, 6.0], 'pudding-mix-cook' => [1.4, 1.8], 'pudding-mix-instant' => [3.3, 3.9], 'coconut-shredded-sweet' => [0.6, 0.7], 'protein-powder-vegan-sweet' => [1.2, 1.8], 'protein-powder-chocolate' => [0.5, 0.8], 'peanut-butter-powder' => [0.6, 1.3]] as $id => [$least, $most]) {
            $salt = Kit::shelf()->get($id)->composition->of100('salt');
            self::assertTrue($salt >= $least && $salt <= $most, "$id: $salt g salt");
        }
    }

    /** 1.1: hydrogenated coconut fat is harder at 20 °C than coconut oil. */
    public function test11HydrogenatedCoconutIsHarder(): void
    {
        $fat = Kit::engine()->reader->fat;
        self::assertGreaterThan($fat->solidShare('coconut', 20.0), $fat->solidShare('coconut-hydrogenated', 20.0));
        self::assertGreaterThan(0.0, Kit::shelf()->get('coconut-fat-hydrogenated')->composition->of100('fat.coconut-hydrogenated'));
    }

    /** 1.1: alginate gels with calcium and only thickens without; high-acyl gellan sets. */
    public function test11AlginateGelsWithCalcium(): void
    {
        $with = self::read("100 g water\n1 g sodium alginate\n0.6 g calcium lactate", 'boil 2 min')->layers[0]->set;
        $without = self::read("100 g water\n1 g sodium alginate", 'boil 2 min')->layers[0]->set;
        self::assertGreaterThan(1.4, $with->ge);
        self::assertLessThan(0.7, $without->ge);
        self::assertGreaterThan(0.45, self::read("100 g milk\n0.3 g high-acyl gellan", 'boil 2 min')->layers[0]->set->ge);
    }

    /** 1.2: eggs of Australia, and what a cup of a thing weighs. */
    public function test12EggsAndCupsOfTheirCountry(): void
    {
        foreach ([['au', '2 eggs', 106.0], ['au', '1 large egg', 46.0], ['in', '2 eggs', 90.0], ['uk', '2 eggs', 120.0], ['us', '2 eggs', 100.0]] as [$units, $line, $grams]) {
            $line = Kit::engine()->parse("measures: $units\nlayer: A\n$line")->layers[0]->lines[0];
            self::assertEqualsWithDelta($grams, $line->grams, 1.0, "$units: $line->text");
        }
        foreach (['lactose-free-condensed-milk' => 1.29, 'sweet-potato' => 0.56, 'pumpkin' => 0.49] as $id => $density) {
            self::assertEqualsWithDelta($density, (float) Kit::shelf()->get($id)->density(), 0.03, $id);
        }
    }

    /** 1.3: what is told apart by poison or germs never stands in for its namesake. */
    public function test13LookAlikesAreToldApart(): void
    {
        $of = static fn(string $line): ?string => Kit::engine()->parse("layer: A\n$line")->layers[0]->lines[0]->ingredient;
        self::assertNull($of('20 g apricot kernels'));
        self::assertNull($of('20 g peach kernels'));
        self::assertSame('raw-milk', $of('100 g raw milk'));
        self::assertSame('raw-goat-milk', $of('100 g raw goat milk'));
        self::assertSame('cherry-amarena', $of('100 g amarena cherries'));
        self::assertSame('litchi-canned', $of('100 g lychees canned'));
        self::assertSame('milk', $of('100 g milk'));
        self::assertSame('apricot', $of('100 g apricots'));
    }

    /** 1.4: pine nuts are declared where the law counts them among the nuts, and nowhere else. */
    public function test14PineNutsAreDeclared(): void
    {
        $dish = self::read("200 g cream\n40 g pine nuts");
        foreach ([['us', true], ['ca', true], ['anz', true], ['eu', false], ['uk', false]] as [$market, $named]) {
            $label = Label::of($dish, Market::from($market))->write();
            self::assertSame($named, \in_array('pine nut', $label['allergens']['contains'], true), $market);
            self::assertSame($named, str_contains($label['ingredients']['text'], '**pine nut'), $market);
        }
    }

    /** 1.4: alcohol is alcohol, whatever row forgot to say so. */
    public function test14CiderIsNotAlcoholFree(): void
    {
        $dish = self::read("300 g apple juice\n100 g cider");
        self::assertSame(Standing::NotMet, $dish->diets['alcohol-free']->standing());
        self::assertNotSame(Standing::Met, $dish->diets['vegan']->standing());
        foreach (Kit::shelf()->all() as $in) {
            if ($in->composition->of100('alcohol') > 0.5) {
                self::assertTrue(\Transmuta\Diet\DietRules::bans(Diet::AlcoholFree, $in), $in->id);
            }
        }
    }

    /** @return iterable<string, array{string, Diet}> */
    public static function asked(): iterable
    {
        foreach ([['custard-ready', Diet::Eggless], ['ice-cream-vanilla', Diet::Eggless], ['turkish-delight', Diet::Vegan], ['turkish-delight', Diet::Vegetarian], ['fondant', Diet::Vegan], ['fondant', Diet::Vegetarian], ['whey-isolate', Diet::SoyFree], ['glace-cherry', Diet::Vegan], ['gummy-sweets', Diet::Vegan], ['white-chocolate-chips', Diet::NutFree], ['moong-dal', Diet::GlutenFree], ['chironji', Diet::NutFree]] as [$id, $diet]) {
            yield "$id, $diet->value" => [$id, $diet];
        }
    }

    #[DataProvider('asked')]
    public function test14WhatAPacketMayHoldIsAsked(string $id, Diet $diet): void
    {
        $in = Kit::shelf()->get($id);
        self::assertTrue(\Transmuta\Diet\DietRules::bans($diet, $in) || \Transmuta\Diet\DietRules::question($diet, $in) !== null);
    }

    /** 1.4: every row of the shelf has a standing of its own: absence says nothing. */
    public function test14EveryRowHasAStanding(): void
    {
        $rows = array_column(Table::rows(__DIR__ . '/../../data/shelf/standing.csv'), 'ingredient');
        self::assertSame([], array_values(array_diff(array_map(static fn($in): string => $in->id, array_values(Kit::shelf()->all())), $rows)));
        self::assertSame($rows, array_unique($rows));
    }

    public function test14LowSodiumSaltIsNamed(): void
    {
        self::assertStringContainsString('potassium chloride', Label::of(self::read("200 g cream\n3 g low-sodium salt"), Market::Eu)->write()['ingredients']['text']);
    }

    public function test14MonkFruitDropsAreHeldBackInEurope(): void
    {
        foreach (['eu', 'uk'] as $market) {
            self::assertFalse(\Transmuta\Reformulation\Brief\Market::from($market)->allows('monk-fruit-drops'));
        }
        self::assertTrue(\Transmuta\Reformulation\Brief\Market::Us->allows('monk-fruit-drops'));
    }

    /** 1.5: no sugar is nothing to water. */
    public function test15EverySugarHoldsWater(): void
    {
        self::assertEqualsWithDelta(0.96, self::read("60 g water\n42 g isomaltulose")->layers[0]->aw, 0.015);
        self::assertLessThan(0.985, self::read("80 g water\n20 g tagatose")->layers[0]->aw);
        $known = array_column(Table::rows(__DIR__ . '/../../data/reference/water.csv'), 'solute');
        foreach (Kit::shelf()->all() as $in) {
            foreach (array_keys($in->composition->parts) as $part) {
                if (preg_match('/^(?:sugar|polyol)\.(.+)$/', $part, $m) === 1) {
                    self::assertContains($m[1], $known, "$in->id: $m[1]");
                }
            }
        }
    }

    /** India's green disc hangs on every packet that may hold an animal. */
    public function testNoGreenDiscWhileAPacketIsOpen(): void
    {
        $label = Label::of(self::read("200 g milk\n60 g fondant"), Market::In)->write();
        self::assertSame([], $label['marks']);
        self::assertFalse($label['final']);
        self::assertStringContainsString('green', Label::of(self::read("200 g milk\n20 g sugar"), Market::In)->write()['marks'][0]);
        self::assertStringContainsString('brown', Label::of(self::read("200 g milk\n50 g egg", 'boil 2 min'), Market::In)->write()['marks'][0]);
    }

    /** @return iterable<string, array{string, list<string>, list<string>, list<string>}> a packet's list; what it holds, warns of, and what is not understood */
    public static function lists(): iterable
    {
        yield 'en' => ['propylene glycol, water, purple yam extract (8 %), sugar, soya lecithin, colours E122, E133', ['soybeans'], [], []];
        yield 'de' => ['Zucker, Weizenmehl, Palmfett, Haselnüsse 13 %, Magermilchpulver 8,7 %, fettarmer Kakao, Sojalecithin. Kann Spuren von Sesam enthalten.', ['gluten', 'nuts', 'milk', 'soybeans'], ['sesame'], []];
        yield 'fr' => ['Farine de blé, sucre, beurre 18 %, œufs frais, poudre à lever : carbonates de sodium, sel. Peut contenir des traces de fruits à coque.', ['gluten', 'milk', 'eggs'], ['nuts'], []];
        yield 'es' => ['Harina de trigo, azúcar, huevo, leche desnatada en polvo, emulgente (lecitina de soja). Puede contener cacahuetes y sésamo.', ['gluten', 'eggs', 'milk', 'soybeans'], ['peanuts', 'sesame'], []];
        yield 'it' => ['farina di frumento, zucchero, burro 12 %, uova fresche, nocciole, latte scremato in polvo. Può contenere soia.', ['gluten', 'milk', 'eggs', 'nuts'], ['soybeans'], []];
        yield 'pt' => ['Farinha de trigo, açúcar, soro de leite em pó, emulsionante lecitina de soja. Pode conter amendoim.', ['gluten', 'milk', 'soybeans'], ['peanuts'], []];
        yield 'what only looks like an allergen' => ['coconut milk, cocoa butter, shea butter, nutmeg, cream of tartar, lactic acid, buckwheat flour, water chestnut', [], [], []];
        yield 'numbers' => ['sugar, E 322, E966, E1105, E 220', ['milk', 'eggs', 'sulphites'], [], []];
        yield 'a word nobody knows' => ['sugar, zorblax', [], [], ['zorblax']];
        yield 'said to hold, after a warning' => ['Sugar, cocoa butter. May contain nuts. Contains: milk.', ['milk'], ['nuts'], []];
    }

    /**
     * @param list<string> $holds
     * @param list<string> $may
     * @param list<string> $unread
     */
    #[DataProvider('lists')]
    public function testAPacketsListIsReadToItsLastWord(string $list, array $holds, array $may, array $unread): void
    {
        $read = PacketList::of($list);
        self::assertEqualsCanonicalizing($holds, $read->allergens);
        self::assertEqualsCanonicalizing($may, $read->mayContain);
        self::assertSame($unread, $read->unread);
    }

    /** surface.md A5: soya in a packet's list is soya on the shelf, in the dish and in bold on its label, whatever was left empty. */
    public function testSoyaInAListIsAnAllergenEverywhere(): void
    {
        $row = ['id' => 'ube-extract', 'name' => 'Ube extract', 'group' => 'flavour', 'parts' => ['water' => 60.0, 'sugar.sucrose' => 30.0], 'ph' => null, 'fat_state' => 'none', 'functions' => [], 'densities' => [], 'units' => [], 'names' => ['ube extract'], 'origins' => [], 'allergens' => [], 'may_contain' => [], 'ask_vegan' => null, 'ask_gluten' => null, 'price_minor_per_kg' => null, 'mark' => 'packet', 'source' => 'packet', 'declared' => 'propylene glycol, water, purple yam extract (8 %), sugar, soya lecithin, colours E122, E133'];
        $in = IngredientRow::ingredient($row);
        self::assertContains('soybeans', $in->allergens);
        self::assertTrue(\Transmuta\Diet\DietRules::bans(Diet::SoyFree, $in));
        $unknown = IngredientRow::ingredient(['declared' => 'sugar, zorblax'] + $row);
        foreach ([Diet::Vegan, Diet::SoyFree, Diet::NutFree, Diet::Eggless, Diet::AlcoholFree] as $diet) {
            self::assertStringContainsString('zorblax', (string) \Transmuta\Diet\DietRules::question($diet, $unknown), $diet->value);
        }
        self::assertFalse(FreeFrom::isClear($unknown, 'milk'));
    }

    /** 2.1: what keeps without the cold is cooked and sour beyond doubt, or dry; never milk, soy, egg or cut fruit. */
    public function test21NothingTenderGoesWithoutTheCold(): void
    {
        foreach ([["500 g cream\n100 g lemon juice\n130 g sugar", 'boil 2 min'], ["500 g cream\n100 g lemon juice\n130 g sugar", 'none'], ["500 g soy milk\n90 g lemon juice", 'boil 2 min'], ["300 g strawberries\n150 g sugar\n4 g gelatin\n60 g lemon juice", 'melt']] as [$lines, $treat]) {
            $keeping = self::read($lines, $treat)->layers[0]->keeping;
            self::assertTrue($keeping->controlled, $lines);
            self::assertLessThanOrEqual(7, $keeping->days, $lines);
        }
        self::assertFalse(self::read("200 g lemon juice\n200 g sugar\n3 g agar", 'boil 2 min')->layers[0]->keeping->controlled);
        self::assertLessThanOrEqual(7, self::read("200 g lemon juice\n150 g sugar", 'none')->layers[0]->keeping->days, 'nothing is heated');
    }
}
