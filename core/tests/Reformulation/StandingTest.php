<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reformulation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Diet\Standing;
use Transmuta\Fault\Nonsense;
use Transmuta\Format\RouteJson;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Brief\Exclusions;
use Transmuta\Reformulation\Evaluation\RouteStanding;
use Transmuta\Reformulation\Ranking\Route;
use Transmuta\Shelf\Species;
use Transmuta\Tests\Kit;

/** A route stands no better than what its own reading says: the worst of brief, diets, watch and packets. */
final class StandingTest extends TestCase
{
    /** @return iterable<string, array{string, Diet}> */
    public static function dishes(): iterable
    {
        foreach (['passion-fruit-curd-tartlet', 'bay-leaf-cream-slice', 'blackcurrant-baked-cheesecake', 'roasted-hazelnut-mousse-pot', 'dark-hours-chestnut-pot'] as $name) {
            foreach ([Diet::Vegan, Diet::GlutenFree, Diet::NutFree, Diet::SoyFree, Diet::DairyFree, Diet::Keto, Diet::HighProtein, Diet::AlcoholFree, Diet::Vegetarian] as $diet) {
                yield "$name, $diet->value" => [$name, $diet];
            }
        }
    }

    #[DataProvider('dishes')]
    public function testNoRouteIsCalledBetterThanItsOwnReading(string $name, Diet $diet): void
    {
        $answer = Kit::engine()->answer(Kit::demo($name), Brief::of([$diet]));
        foreach ($answer->routes as $route) {
            $verdict = $route->result->diets[$diet->value];
            match ($route->standing) {
                RouteStanding::Met => self::assertSame(Standing::Met, $verdict->standing(), $route->name),
                RouteStanding::MetIf => self::assertTrue($verdict->standing() !== Standing::NotMet && $route->settlement->packets !== [], $route->name),
                RouteStanding::MetBut => self::assertNotSame([], $route->settlement->reasons(), $route->name),
                RouteStanding::Missed => self::fail($route->name),
            };
            foreach ($route->standing->holds() ? $verdict->unproven : [] as $question) {
                self::assertStringContainsString($question, implode("\n", $route->settlement->packets));
            }
        }
        self::assertTrue($answer->routes !== [] || $answer->blocked !== []);
    }

    /** `met if` comes after met and before met but; within it, fewer questions count. */
    public function testWhatHangsOnAPacketStandsBetween(): void
    {
        $ranks = array_map(static fn(Route $r): int => $r->standing->rank(), Kit::engine()->reformulate(Kit::demo('passion-fruit-curd-tartlet'), Brief::of([Diet::Vegan])));
        $sorted = $ranks;
        rsort($sorted);
        self::assertSame($sorted, $ranks);
        self::assertTrue(RouteStanding::MetIf->holds() && !RouteStanding::MetBut->holds());
    }

    /** attack.md A5: no drink of oats comes into a gluten-free dish, which would hold gluten by its own reading. */
    public function testA5NoOatsComeIntoAGlutenFreeDish(): void
    {
        $dish = Kit::engine()->parse("title: x\nportions: 6\nlayer: Base\n150 g plain flour\n80 g butter\n40 g sugar\ntreat: bake 170 C 20 min\nlayer: Cream\n400 g milk\n80 g egg yolk\n60 g sugar\n35 g cornflour\ntreat: boil 2 min stirred");
        $routes = Kit::engine()->reformulate($dish, Brief::of([Diet::GlutenFree, Diet::DairyFree]));
        self::assertNotSame([], $routes);
        foreach ($routes as $route) {
            self::assertNotContains('gluten', $route->result->contains, $route->name);
            self::assertNotSame(RouteStanding::Met, $route->standing, 'a certificate has to be seen');
        }
    }

    /** Oats that a kitchen put there itself stay, and are asked for. */
    public function testOatsThatStandThereAreAskedFor(): void
    {
        $dish = Kit::engine()->parse("title: x\nportions: 6\nlayer: Base\n150 g oats\n80 g butter\n60 g honey");
        foreach (Kit::engine()->reformulate($dish, Brief::of([Diet::GlutenFree])) as $route) {
            self::assertNotSame(RouteStanding::Met, $route->standing);
        }
    }

    /** @return iterable<string, array{string, string}> attack.md A1 and A9: the word, and what holds it */
    public static function held(): iterable
    {
        foreach (['almond' => ['marzipan', 'marzipan-25', 'amaretti', 'praline-paste', 'nougat', 'nut-brittle', 'candied-nuts'], 'hazelnut' => ['gianduja', 'praline-paste', 'nut-brittle', 'hazelnut-spread'],
            'corn' => ['cornflakes', 'popcorn', 'custard-powder', 'glucose-syrup', 'pregel-starch', 'modified-starch'], 'oats' => ['oat-biscuit', 'oat-milk', 'granola'], 'cocoa' => ['brownie', 'gianduja', 'hazelnut-spread', 'compound-coating'],
            'strawberry' => ['yogurt-fruit', 'berry-compote'], 'walnut' => ['candied-nuts'], 'pecan' => ['candied-nuts'], 'sugar' => ['vanilla-sugar', 'jam-sugar', 'icing-sugar', 'honey', 'plain-biscuit', 'chocolate-55'],
            'cream' => ['double-cream-48', 'single-cream', 'lactose-free-cream', 'cream-cheese'], 'butter' => ['ghee', 'puff-pastry-baked', 'butter-salted'], 'egg white' => ['egg', 'meringue-baked'], 'yolk' => ['egg', 'egg-yolk'],
            'coffee creamer' => ['creamer-powder', 'creamer-liquid']] as $word => $ids) {
            foreach ($ids as $id) {
                yield "$word: $id" => [$word, $id];
            }
        }
    }

    #[DataProvider('held')]
    public function testA1A9WithoutIsWithoutAllThatHoldsIt(string $word, string $id): void
    {
        $exclusions = Exclusions::of([$word], Kit::shelf());
        self::assertTrue($exclusions->bans(Kit::shelf()->get($id)), $id);
        // And a dish of it does not stand as it is.
        $routes = Kit::engine()->reformulate(Kit::engine()->parse("title: x\nportions: 6\nlayer: C\n300 g milk\n60 g $id"), Brief::of([], without: [$word]));
        foreach ($routes as $route) {
            $holding = array_filter($route->result->ingredients(), $exclusions->bans(...));
            self::assertSame([], array_keys($holding), $route->name);
        }
    }

    public function testAWordOfSomethingElseLeavesItIn(): void
    {
        foreach (['almond' => 'hazelnut', 'pea' => 'pear', 'corn' => 'rice-flour', 'cream' => 'coconut-cream', 'butter' => 'peanut-butter', 'sugar' => 'apple', 'egg white' => 'egg-yolk', 'yolk' => 'egg-white'] as $word => $id) {
            self::assertFalse(Exclusions::of([$word], Kit::shelf())->bans(Kit::shelf()->get($id)), "$word: $id");
        }
    }

    /** Several of one name: all of them, or the word is refused as too wide. */
    public function testABroadWordMeansAllOfItsName(): void
    {
        $exclusions = Exclusions::of(['cream cheese'], Kit::shelf());
        foreach (['cream-cheese', 'cream-cheese-light', 'lactose-free-cream-cheese'] as $id) {
            self::assertTrue($exclusions->bans(Kit::shelf()->get($id)), $id);
        }
        $this->expectException(Nonsense::class);
        Exclusions::of(['powder'], Kit::shelf());
    }

    public function testWhatOnlyAPacketKnowsIsAskedAndNeverMet(): void
    {
        $dish = Kit::engine()->parse("title: x\nportions: 6\nlayer: C\n300 g milk\n60 g savoury cracker\n40 g sugar");
        $route = Kit::engine()->reformulate($dish, Brief::of([], without: ['coconut']))[0];
        self::assertSame(RouteStanding::MetIf, $route->standing);
        self::assertStringContainsString('Without coconut', implode(' ', $route->settlement->packets));
        self::assertTrue(Species::mayHold(Kit::shelf()->get('savoury-cracker'), 'coconut'));
    }

    /** numbers.md 1.4: a packet's warning of soya counts for soy-free as one of nuts does for nut-free. */
    public function testAWarningCountsForEveryFreeDiet(): void
    {
        foreach ([[Diet::SoyFree, 'whey-isolate'], [Diet::NutFree, 'peanut'], [Diet::DairyFree, 'plain-biscuit'], [Diet::GlutenFree, 'plant-milk-chocolate']] as [$diet, $id]) {
            $in = Kit::shelf()->get($id);
            self::assertTrue(\Transmuta\Diet\DietRules::bans($diet, $in) || \Transmuta\Diet\DietRules::question($diet, $in) !== null, "$diet->value: $id");
        }
    }

    public function testTheConsoleNamesReasonsAndQuestions(): void
    {
        $brief = Brief::of([Diet::GlutenFree]);
        $original = Kit::engine()->read(Kit::demo('blackcurrant-baked-cheesecake'));
        $json = RouteJson::write($brief, $original, Kit::engine()->answer(Kit::demo('blackcurrant-baked-cheesecake'), $brief));
        foreach ($json['routes'] as $route) {
            self::assertSame($route['standing'] === 'met', $route['met']);
            self::assertTrue($route['standing'] !== 'met_if' || $route['questions'] !== []);
            self::assertTrue($route['standing'] !== 'met_but' || $route['near'] !== []);
        }
    }
}
