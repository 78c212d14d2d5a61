<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reformulation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Formula\Formula;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Evaluation\NameGivers;
use Transmuta\Reformulation\Evaluation\RouteStanding;
use Transmuta\Reformulation\Ranking\Route;
use Transmuta\Tests\Kit;

/** A dish is called by what it is of: less of it is less of the dish, none of it is another. */
final class NameGiversTest extends TestCase
{
    /** @return iterable<string, array{string, array<string, string>}> text, word by id */
    public static function titles(): iterable
    {
        yield 'a fruit' => ["Mango posset\nportions: 4\n\nlayer: Posset\n500 g double cream\n120 g mango puree\n30 g lemon juice\n", ['mango' => 'mango']];
        yield 'a juice is of its fruit' => ["Lemon pots\nportions: 4\n\nlayer: Pots\n500 g double cream\n80 g lemon juice\n", ['lemon-juice' => 'lemon']];
        yield 'many are one' => ["Strawberries and cream\nportions: 4\n\nlayer: Pots\n300 g strawberry\n300 g double cream\n", ['strawberry' => 'strawberry']];
        yield 'what every dessert has names none' => ["Milk and sugar cream pudding\nportions: 4\n\nlayer: Pots\n300 g milk\n300 g double cream\n50 g sugar\n", []];
        yield 'what sets it names none' => ["Gelatin cheesecake\nportions: 4\n\nlayer: Pots\n300 g cream cheese\n4 g gelatin powder\n", []];
        yield 'in the words of the maker' => ["Natillas de fresas\nPara 4 personas\n\n300 g de fresas\n500 ml de leche\n50 g de azúcar\n", ['strawberry' => 'fresa']];
        yield 'spelt otherwise' => ["Yoghurt cream\nportions: 4\n\nlayer: Pots\n300 g yogurt\n", ['yogurt' => 'yogurt']];
    }

    /** @param array<string, string> $givers */
    #[DataProvider('titles')]
    public function testWhatADishIsCalledBy(string $text, array $givers): void
    {
        self::assertSame($givers, NameGivers::of(Kit::engine()->parse($text), Kit::shelf()));
    }

    public function testWhatIsLostAndWhatIsLeft(): void
    {
        $of = static fn(array $grams): Formula => Formula::of('Mango posset', [Kit::layer($grams)]);
        $was = $of(['mango' => 100, 'double-cream-48' => 500]);
        self::assertSame([], NameGivers::lost($was, $of(['mango' => 60, 'double-cream-48' => 500]), Kit::shelf(), Kit::engine()->reader->characters));
        self::assertSame([], NameGivers::lost($was, $of(['mango' => 16, 'double-cream-48' => 500]), Kit::shelf(), Kit::engine()->reader->characters));
        $lost = NameGivers::lost($was, $of(['mango' => 14, 'peach' => 90, 'double-cream-48' => 500]), Kit::shelf(), Kit::engine()->reader->characters);
        self::assertSame(['there is no mango in it any more, and “Mango posset” is its name: call it “Peach posset”, if that is what is wanted'], $lost);
        self::assertStringContainsString('give it another name', NameGivers::lost($was, $of(['double-cream-48' => 600]), Kit::shelf(), Kit::engine()->reader->characters)[0]);
        // A yoghurt of coconut is one.
        $yogurt = Formula::of('Yoghurt pots', [Kit::layer(['yogurt' => 400])]);
        self::assertSame([], NameGivers::lost($yogurt, $yogurt->with([Kit::layer(['coconut-yogurt' => 400])]), Kit::shelf(), Kit::engine()->reader->characters));
        // Cocoa mass is chocolate, by whatever word.
        $mousse = Formula::of('Mousse au chocolat', [Kit::layer(['chocolate-70' => 200, 'egg' => 300])]);
        self::assertSame([], NameGivers::lost($mousse, $mousse->with([Kit::layer(['cocoa-mass' => 150, 'egg' => 300])]), Kit::shelf(), Kit::engine()->reader->characters));
        $honey = Formula::of('Honey cream', [Kit::layer(['honey' => 80, 'cream-36' => 400])]);
        self::assertCount(1, NameGivers::lost($honey, $honey->with([Kit::layer(['golden-syrup' => 80, 'cream-36' => 400])]), Kit::shelf(), Kit::engine()->reader->characters));
    }

    /** No route that has lost its name is met, on any dish that has one. */
    public function testWithoutItsNameNothingIsMet(): void
    {
        $seen = 0;
        foreach (['mango-posset', 'yoghurt-set-honey', 'mascarpone-zabaglione', 'steamed-egg-custard', 'fig-mascarpone-tart', 'lemon-curd-tart'] as $name) {
            $dish = Kit::engine()->parse((string) file_get_contents(\dirname(__DIR__, 2) . "/data/atlas/$name.dish"));
            foreach ([Diet::Vegan, Diet::Keto] as $diet) {
                foreach (Kit::engine()->answer($dish, Brief::of([$diet]))->routes as $route) {
                    $lost = NameGivers::lost($dish, $route->result->formula, Kit::shelf(), Kit::engine()->reader->characters);
                    $seen += $lost === [] ? 0 : 1;
                    self::assertTrue($lost === [] || $route->standing === RouteStanding::MetBut, "$name: $route->name");
                    self::assertSame([], array_diff($lost, $route->settlement->words()), "$name: $route->name");
                }
            }
        }
        self::assertGreaterThan(2, $seen);
    }

    /** Fruit that a number alone keeps out shrinks as far as the number asks, and no further than half; past that the number says no. */
    public function testAFruitIsWithinItsNumber(): void
    {
        $posset = static fn(int $mango): string => "Mango posset\nportions: 6\n\nlayer: Posset\ntreat: boil 3 min\n600 g double cream\n150 g caster sugar\n75 g lemon juice\n$mango g mango puree\n";
        $grams = static fn(Route $route): float => array_sum(array_map(static fn($line): float => $line->ingredient === 'mango' ? $line->grams : 0.0, $route->result->formula->layers[0]->understood()));
        $few = Kit::engine()->answer(Kit::engine()->parse($posset(60)), Brief::of([Diet::Keto]));
        self::assertNotSame([], $few->routes);
        self::assertGreaterThanOrEqual(50.0, $grams($few->routes[0]));
        self::assertLessThanOrEqual(6.0 + 1e-6, $few->routes[0]->result->portion['net_carbs_g']);
        $much = Kit::engine()->answer(Kit::engine()->parse($posset(900)), Brief::of([Diet::Keto]));
        self::assertSame([], $much->routes);
        self::assertStringContainsString('Net carbs', $much->blocked[0]->what);
        // What is sugar first goes by its name as before.
        self::assertFalse(\in_array('sugar', array_keys(Kit::engine()->read($few->routes[0]->result->formula)->ingredients()), true));
    }
}
