<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reformulation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Formula\Line;
use Transmuta\Quantity\KitchenWeights;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Shelf\Tier;
use Transmuta\Tests\Kit;

/** What comes out is a sheet somebody weighs: few things, in weights a hand knows, and what need not move as the kitchen has it. */
final class KitchenSheetTest extends TestCase
{
    /** @return iterable<string, array{KitchenWeights, float, float}> */
    public static function weights(): iterable
    {
        yield 'at 100 by fives' => [KitchenWeights::ByHand, 102.4, 100.0];
        yield 'over it' => [KitchenWeights::ByHand, 102.6, 105.0];
        yield 'under 100 by ones' => [KitchenWeights::ByHand, 99.4, 99.0];
        yield 'ten' => [KitchenWeights::ByHand, 10.4, 10.0];
        yield 'under ten by halves' => [KitchenWeights::ByHand, 9.7, 9.5];
        yield 'under one by twentieths' => [KitchenWeights::ByHand, 0.38, 0.4];
        yield 'from a third of a gram on' => [KitchenWeights::ByHand, 0.32, 0.3];
        yield 'under it on the small scale' => [KitchenWeights::ByHand, 0.287, 0.29];
        yield 'and carefully too' => [KitchenWeights::Careful, 0.181, 0.18];
        yield 'the least the scale shows' => [KitchenWeights::ByHand, 0.006, 0.01];
        yield 'something is never nothing' => [KitchenWeights::ByHand, 0.01, 0.01];
        yield 'nothing is nothing' => [KitchenWeights::ByHand, 0.0, 0.0];
        yield 'carefully' => [KitchenWeights::Careful, 102.6, 103.0];
        yield 'carefully under twenty' => [KitchenWeights::Careful, 19.26, 19.3];
        yield 'by the scale' => [KitchenWeights::ByTheScale, 102.64, 102.6];
        yield 'by the scale under one' => [KitchenWeights::ByTheScale, 0.126, 0.13];
    }

    #[DataProvider('weights')]
    public function testAWeightIsTheNearestStep(KitchenWeights $weights, float $grams, float $shown): void
    {
        self::assertSame($shown, $weights->nearest($grams));
    }

    public function testAStepBesideAWeight(): void
    {
        self::assertSame([105.0, 95.0, 0.04, 0.0], [KitchenWeights::ByHand->beside(100.0, 1), KitchenWeights::ByHand->beside(100.0, -1), KitchenWeights::ByHand->beside(0.05, -1), KitchenWeights::ByHand->beside(0.01, -1)]);
    }

    /** @return array<string, float> g by ingredient of a layer of the first route */
    private static function first(string $text, Diet $diet, int $layer = 0): array
    {
        $route = Kit::engine()->reformulate(Kit::engine()->parse($text), Brief::of([$diet]))[0];
        $grams = [];
        foreach ($route->result->formula->layers[$layer]->understood() as $line) {
            $grams[(string) $line->ingredient] = ($grams[(string) $line->ingredient] ?? 0.0) + $line->grams;
        }

        return $grams;
    }

    /** Starches, milks and fats: more of the one instead of a second. */
    public function testOneStarchTakesTheOthersPlace(): void
    {
        $custard = self::first("Caramel pots\nportions: 6\n\nlayer: Custard\ntreat: bake 150 C still\n500 ml whole milk\n3 eggs\n2 egg yolks\n80 g caster sugar\n", Diet::Eggless);
        self::assertArrayHasKey('cornflour', $custard);
        self::assertArrayNotHasKey('tapioca-starch', $custard);
        self::assertGreaterThan(40.0, $custard['cornflour']);
    }

    /** A bought dough that is mixed here has flour, fat and something wet, and comes to what it was. */
    public function testADoughIsMixedOfAllItsParts(): void
    {
        $case = self::first("Plum tart\nportions: 8\n\nlayer: Case\ntreat: bake 190 C still\n250 g ready-rolled shortcrust pastry\n\nlayer: Fruit\ntreat: bake 180 C still\n400 g plums\n60 g sugar\n12 g cornflour\n", Diet::Vegan);
        $wet = array_sum(array_intersect_key($case, array_flip(['water', 'soy-milk', 'oat-milk', 'pea-milk', 'rice-milk'])));
        self::assertGreaterThan(5.0, $wet);
        self::assertGreaterThan(0.3 * $case['plain-flour'], $case['plant-butter-block']);
        self::assertEqualsWithDelta(250.0, array_sum($case), 5.0);
    }

    /** Under a keto filling: seeds or nuts, one sweetener, butter; and a crust it is. */
    public function testAKetoCrustIsMadeOfFewThings(): void
    {
        $base = self::first("Lemon cheesecake\nportions: 8\n\nlayer: Base\n200 g digestive biscuits\n90 g butter\n\nlayer: Cream\ntreat: whip\n400 g cream cheese\n250 g whipping cream\n70 g icing sugar\n20 g lemon juice\n", Diet::Keto);
        self::assertArrayHasKey('butter', $base);
        self::assertLessThanOrEqual(4, \count($base));
        self::assertEqualsWithDelta(290.0, array_sum($base), 6.0);
        self::assertNotSame([], array_intersect(['sunflower-seed', 'almond-flour'], array_keys($base)));
    }

    /** What is bought for a route is told with where, and water and salt are no shopping. */
    public function testARouteTellsWhatIsToBuy(): void
    {
        $route = Kit::engine()->reformulate(Kit::engine()->parse("Custard\nportions: 4\n\nlayer: Custard\ntreat: boil 2 min stirred\n500 ml whole milk\n4 egg yolks\n80 g caster sugar\n20 g cornflour\n"), Brief::of([Diet::Vegan]))[0];
        self::assertNotSame([], $route->toBuy);
        $ids = array_column($route->toBuy, 'ingredient');
        self::assertSame([], array_intersect(['water', 'salt', 'sugar', 'cornflour'], $ids));
        $tiers = array_column($route->toBuy, 'tier');
        $sorted = $tiers;
        sort($sorted);
        self::assertSame($sorted, $tiers, 'the shop furthest away last');
        foreach ($route->toBuy as $thing) {
            self::assertSame(Tier::from($thing['tier'])->words(), $thing['where']);
            self::assertArrayHasKey($thing['ingredient'], $route->result->ingredients());
        }
    }

    /** What keeps a brief and hardly the dish is no recipe of it: an honest no, with its number, its reason and what else would be one. */
    public function testUnderAFloorNothingIsOfferedAsARecipe(): void
    {
        $dates = "Date bars\nportions: 12\n\nlayer: Bar\n420 g dates, pitted\n90 g walnuts\n30 g cocoa powder\n1 pinch salt\n";
        $far = Kit::engine()->answer(Kit::engine()->parse((string) file_get_contents(\dirname(__DIR__, 2) . '/data/atlas/key-lime-style-pie.dish')), Brief::of([Diet::HighProtein]));
        self::assertSame([], $far->routes);
        self::assertSame('of 100', $far->blocked[0]->unit);
        self::assertLessThan(35.0, $far->blocked[0]->number);
        self::assertStringContainsString('Crust: ', $far->blocked[0]->reason);
        // Dates are what the bar is of: what a third of them still holds is told as a number.
        $answer = Kit::engine()->answer(Kit::engine()->parse($dates), Brief::of([Diet::Keto]));
        self::assertSame([], $answer->routes);
        self::assertSame('Net carbs', $answer->blocked[0]->what);
        self::assertGreaterThan(0.5, $answer->blocked[0]->number);
        self::assertNotSame('', $answer->blocked[0]->nearest);
        // What is proposed instead is a recipe, or so many more portions of the same.
        self::assertNotSame([], $answer->proposals);
        foreach ($answer->proposals as $proposal) {
            self::assertTrue($proposal['brief'] !== null || $proposal['portions'] !== null);
            self::assertNotSame([], $proposal['brief'] === null ? [1] : Kit::engine()->answer(Kit::engine()->parse($dates), $proposal['brief'])->routes, $proposal['words']);
        }
        foreach (Kit::engine()->answer(Kit::engine()->parse($dates), Brief::of([Diet::NutFree]))->routes as $route) {
            self::assertGreaterThanOrEqual(35.0, $route->fit);
        }
    }

    /** @return iterable<string, array{string, Diet, list<string>}> dishes that no other test holds, and what of each stays at the kitchen's figure */
    public static function dishes(): iterable
    {
        yield 'lemon cream' => ["Lemon cream\nportions: 6\n\nlayer: Cream\ntreat: cook to 82 C stirred\n220 g lemon juice\n180 g sugar\n4 eggs\n120 g butter\n", Diet::Vegan, ['lemon-juice', 'sugar']];
        yield 'set milk' => ["Set milk\nportions: 6\n\nlayer: Milk\ntreat: melt\n500 g whole milk\n150 g cream\n70 g sugar\n6 g gelatin powder\n", Diet::Vegan, []];
        yield 'chocolate pots' => ["Pots\nportions: 8\n\nlayer: Pot\ntreat: melt\n300 g cream\n200 g dark chocolate 64 %\n120 g whole milk\n30 g sugar\n", Diet::DairyFree, []];
        yield 'baked custard' => ["Custard\nportions: 6\n\nlayer: Custard\ntreat: bake 140 C\n600 g whole milk\n150 g cream\n240 g whole egg\n90 g sugar\n", Diet::DairyFree, ['egg']];
    }

    /** @param list<string> $stays */
    #[DataProvider('dishes')]
    public function testASheetIsWeighedByHand(string $text, Diet $diet, array $stays): void
    {
        $formula = Kit::engine()->parse($text);
        $answer = Kit::engine()->answer($formula, Brief::of([$diet]));
        self::assertNotSame([], $answer->routes);
        $was = array_column(array_map(static fn(Line $l): array => [(string) $l->ingredient, $l->grams], $formula->layers[0]->understood()), 1, 0);
        $route = $answer->routes[0];
        $new = $kept = $moved = $odd = [];
        foreach ($route->result->formula->layers[0]->understood() as $line) {
            $id = (string) $line->ingredient;
            if (!isset($was[$id])) {
                $new[] = $id;
            } else {
                abs($line->grams - $was[$id]) < 1e-9 ? $kept[] = $id : $moved[] = $id;
            }
            if (!isset($was[$id]) || abs($line->grams - $was[$id]) > 1e-9) {
                $least = $line->grams >= 100.0 ? 1.0 : ($line->grams >= 20.0 ? 1.0 : ($line->grams >= 1.0 ? 0.1 : 0.05));
                if (abs($line->grams / $least - round($line->grams / $least)) > 1e-6) {
                    $odd[$id] = $line->grams;
                }
            }
        }
        self::assertSame([], $odd, "$route->name: nothing in steps a hand does not weigh");
        self::assertLessThanOrEqual(6, \count($new), implode(', ', $new));
        self::assertSame([], array_diff($stays, $kept), 'stays as the kitchen has it');
        // The printed weights are the ones that were judged.
        $again = Kit::engine()->read($route->result->formula);
        self::assertEqualsWithDelta($route->result->layers[0]->set->ge, $again->layers[0]->set->ge, 1e-9);
        self::assertEqualsWithDelta($route->result->layers[0]->se, $again->layers[0]->se, 1e-9);
    }
}
