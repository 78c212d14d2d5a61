<?php

declare(strict_types=1);

namespace Transmuta\Tests\Process;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Transmuta\Fault\Nonsense;
use Transmuta\Format\PriceListCsv;
use Transmuta\Process\Shopping\Article;
use Transmuta\Process\Shopping\Bought;
use Transmuta\Process\Shopping\Shopping;
use Transmuta\Property\DishReading;
use Transmuta\Tests\Kit;

/** What is bought for a service: sums, waste, whole packs, what only a diet needs; and the lists it is bought from. */
final class ShoppingTest extends TestCase
{
    private static function dish(string $lines): DishReading
    {
        return Kit::engine()->read(Kit::engine()->parse("Pot\nportions: 4\n\nlayer: Cream\n$lines"));
    }

    private static function article(float $grams, int $minor, string $ingredient = 'sugar', string $supplier = 'S'): Article
    {
        return new Article($supplier, $ingredient, "pack of $grams", $grams, $minor);
    }

    /** @param list<Article> $articles */
    private static function cost(float $grams, array $articles): int
    {
        return array_sum(array_map(static fn(array $one): int => $one['packs'] * $one['article']->minor, Shopping::packs($grams, $articles)));
    }

    public function testPacksAreWholeAndTheCheapestTogether(): void
    {
        $sizes = [self::article(1000, 200), self::article(500, 120), self::article(100, 40)];
        self::assertSame(200, self::cost(1000.0, $sizes));
        self::assertSame(240, self::cost(1000.1, $sizes), 'a kilo and a little: one large and the smallest');
        self::assertSame(120, self::cost(450.0, $sizes));
        self::assertSame(40, self::cost(100.0, $sizes));
        self::assertSame(80, self::cost(100.1, $sizes));
        // A kilo for less than two halves: the kilo, whatever is left over.
        self::assertSame(200, self::cost(600.0, [self::article(1000, 200), self::article(500, 120)]));
        self::assertSame([], Shopping::packs(100.0, []));
        self::assertSame([], Shopping::packs(0.0, $sizes));
    }

    /** Against every combination that covers it, for sizes and prices nobody chose. */
    public function testNoOtherCombinationIsCheaper(): void
    {
        $random = new Randomizer(new Mt19937(11));
        for ($n = 0; $n < 200; ++$n) {
            $sizes = [];
            for ($i = 0; $i < 3; ++$i) {
                $sizes[] = self::article((float) $random->getInt(50, 900), $random->getInt(20, 400));
            }
            $grams = (float) $random->getInt(30, 3000);
            $best = \PHP_INT_MAX;
            $most = array_map(static fn(Article $a): int => (int) ceil($grams / $a->grams), $sizes);
            for ($a = 0; $a <= $most[0]; ++$a) {
                for ($b = 0; $b <= $most[1]; ++$b) {
                    $left = $grams - $a * $sizes[0]->grams - $b * $sizes[1]->grams;
                    $c = $left <= 0.0 ? 0 : (int) ceil($left / $sizes[2]->grams - 1e-9);
                    $best = min($best, $a * $sizes[0]->minor + $b * $sizes[1]->minor + $c * $sizes[2]->minor);
                }
            }
            self::assertSame($best, self::cost($grams, $sizes), "$grams g of " . implode(', ', array_map(static fn(Article $a): string => "$a->grams g for $a->minor", $sizes)));
        }
    }

    public function testWhatIsBoughtWholeBringsItsParts(): void
    {
        $pot = [['what' => 'Pot', 'dish' => self::dish("100 g egg yolk\n100 g egg white\n44 g whole egg\n200 g lemon juice\n4 g lemon zest\n50 g sugar\n30 g water\n"), 'diets' => []]];
        $bought = array_column(Shopping::of($pot, []), null, 'ingredient');
        // The eggs of the yolks give whites enough; whole eggs come on top.
        self::assertEqualsWithDelta(100 / 0.29 + 44 / 0.88, $bought['whole:eggs in shell']->grams, 1e-6);
        self::assertEqualsCanonicalizing(['Egg yolk', 'Egg white', 'Whole egg'], array_column($bought['whole:eggs in shell']->parts, 'name'));
        self::assertEqualsWithDelta(500.0, $bought['whole:lemons']->grams, 1e-6);
        self::assertEqualsWithDelta(50.0, $bought['sugar']->grams, 1e-6);
        self::assertNull($bought['sugar']->minor);
        self::assertArrayNotHasKey('water', $bought, 'the tap is not a shop');
        // Sold ready and nowhere whole, it is bought ready, without peel.
        $ready = array_column(Shopping::of($pot, [self::article(500, 300, 'lemon-juice')]), null, 'ingredient');
        self::assertEqualsWithDelta(200.0, $ready['lemon-juice']->grams, 1e-6);
        self::assertEqualsWithDelta(100.0, $ready['whole:lemons']->grams, 1e-6);
    }

    public function testSumsLeftOversAndWhatOnlyADietNeeds(): void
    {
        $plain = ['what' => 'Pot', 'dish' => self::dish("300 g whole milk\n50 g sugar\n"), 'diets' => []];
        $vegan = ['what' => 'Pot, vegan', 'dish' => self::dish("280 g soy milk\n60 g sugar\n"), 'diets' => ['vegan']];
        $bought = array_column(Shopping::of([$plain, $vegan], [self::article(100, 30), self::article(1000, 105, 'milk')]), null, 'ingredient');
        self::assertEqualsWithDelta(110.0, $bought['sugar']->wanted, 1e-6);
        self::assertSame(60, $bought['sugar']->minor);
        self::assertEqualsWithDelta(90.0, $bought['sugar']->left(), 1e-6);
        self::assertEqualsWithDelta(700.0, $bought['milk']->left(), 1e-6);
        self::assertSame([], $bought['sugar']->onlyFor);
        self::assertSame([], $bought['milk']->onlyFor);
        $soy = array_values(array_filter($bought, static fn(Bought $b): bool => str_contains($b->ingredient, 'soy')))[0];
        self::assertSame(['vegan'], $soy->onlyFor);
        // Where everything is vegan, nothing is bought because of it.
        self::assertSame([[]], array_values(array_unique(array_column(Shopping::of([$vegan], []), 'onlyFor'), \SORT_REGULAR)));
    }

    public function testAListIsRead(): void
    {
        $list = PriceListCsv::read("\u{FEFF}ingredient,article,pack_g,price\nsugar,Caster 1 kg,1000,1.35\nWhole milk,\"Milk, fresh\",1030,0.98\n\n", 'Pier Stores', Kit::shelf());
        self::assertSame([['supplier' => 'Pier Stores', 'ingredient' => 'sugar', 'name' => 'Caster 1 kg', 'grams' => 1000.0, 'minor' => 135], ['supplier' => 'Pier Stores', 'ingredient' => 'milk', 'name' => 'Milk, fresh', 'grams' => 1030.0, 'minor' => 98]], array_map(static fn(Article $a): array => $a->write(), $list));
        self::assertSame('whole:eggs in shell', PriceListCsv::read("ingredient,pack_g,price\nEggs in shell,620,2.90", 'S', Kit::shelf())[0]->ingredient);
        self::assertSame(135, PriceListCsv::read("ingredient;article;pack_g;price\r\nsugar;x;1000;1,35", 'S', Kit::shelf())[0]->minor);
        self::assertSame(135, PriceListCsv::read("ingredient,pack_g,price_minor\nsugar,1000,135", 'S', Kit::shelf())[0]->minor);
    }

    /** @return iterable<string, array{string, string}> */
    public static function nonsense(): iterable
    {
        $head = "ingredient,article,pack_g,price\n";
        yield 'nothing' => ['', 'line 1'];
        yield 'no rows' => [$head, 'text'];
        yield 'a column missing' => ["ingredient,article,price\nsugar,x,1", 'line 1'];
        yield 'nobody knows it' => [$head . "sugar,x,1000,1\nmoonmilk,x,1000,1", 'line 3, ingredient'];
        yield 'an empty pack' => [$head . 'sugar,x,0,1', 'line 2, pack_g'];
        yield 'words for grams' => [$head . 'sugar,x,a kilo,1', 'line 2, pack_g'];
        yield 'a price of three decimals' => [$head . 'sugar,x,1000,1.234', 'line 2, price'];
        yield 'below nothing' => [$head . 'sugar,x,1000,-1', 'line 2, price'];
        yield 'thousands' => [$head . 'sugar,x,"1,000",1', 'line 2, pack_g'];
        yield 'a cell too many' => [$head . 'sugar,x,1000,1,2', 'line 2'];
        yield 'bytes' => ["\xff\xfe", 'text'];
    }

    #[DataProvider('nonsense')]
    public function testWhatIsWrongInAListIsNamedByItsLine(string $text, string $field): void
    {
        try {
            PriceListCsv::read($text, 'S', Kit::shelf());
            self::fail('it was taken');
        } catch (Nonsense $e) {
            self::assertSame($field, $e->field);
        }
    }

    public function testWhatIsUsableIsOfTheShelf(): void
    {
        foreach (\Transmuta\Reference\Table::of('process/usable') as $row) {
            self::assertNotNull(Kit::shelf()->find($row['ingredient']), $row['ingredient']);
            self::assertGreaterThan(0.0, (float) $row['usable_percent']);
            self::assertLessThan(100.0, (float) $row['usable_percent']);
        }
    }
}
