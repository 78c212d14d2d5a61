<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reformulation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Diet\Standing;
use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Reformulation\Brief\Aims;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Deviation\Rail;
use Transmuta\Reformulation\Evaluation\RouteStanding;
use Transmuta\Reformulation\Explanation\Blocked;
use Transmuta\Reformulation\Ranking\Route;
use Transmuta\Tests\Kit;

final class ReformulatorTest extends TestCase
{
    /** @var array<string, list<Route>> */
    private static array $found = [];

    /** @return list<Route> */
    private static function routes(string $name, Diet $diet): array
    {
        return self::$found["$name $diet->value"] ??= Kit::engine()->reformulate(Kit::demo($name), Brief::of([$diet]));
    }

    /** @return iterable<string, array{string, Diet}> */
    public static function briefs(): iterable
    {
        foreach (array_keys(Kit::demos()) as $name) {
            foreach ([Diet::Vegan, Diet::Eggless] as $diet) {
                if (!self::isMet($name, $diet)) {
                    yield "$name, $diet->value" => [$name, $diet];
                }
            }
        }
    }

    private static function isMet(string $name, Diet $diet): bool
    {
        return Kit::engine()->read(Kit::demo($name))->diets[$diet->value]->standing() !== Standing::NotMet;
    }

    public function testADietThatIsMetAlreadyChangesNothing(): void
    {
        $met = array_filter(array_keys(Kit::demos()), static fn(string $name): bool => self::isMet($name, Diet::Eggless));
        self::assertContains('rhubarb-buttermilk-cream', $met);
        foreach ($met as $name) {
            $routes = self::routes($name, Diet::Eggless);
            self::assertSame(['As it is'], array_map(static fn(Route $r): string => $r->name, $routes));
            self::assertSame(self::grams(Kit::demo($name)), self::grams($routes[0]->result->formula));
        }
    }

    public function testAVersionThatKeepsTheNumbersComesBackAsItIsBeforeAnyOther(): void
    {
        $brief = Brief::of([Diet::Keto]);
        $keto = Kit::engine()->reformulate(Kit::demo('cardamom-set-custard'), $brief)[0]->result->formula;
        $again = Kit::engine()->reformulate($keto, $brief);
        self::assertSame('As it is', $again[0]->name);
        self::assertSame(self::grams($keto), self::grams($again[0]->result->formula));
        self::assertNotSame('As it is', Kit::engine()->reformulate($keto, Brief::of([Diet::Keto], netCarbs: 2.0))[0]->name ?? 'out of reach');
        self::assertNotSame('As it is', Kit::engine()->reformulate($keto, Brief::of([Diet::Keto], aims: Aims::of(sweetness: 0.7)))[0]->name ?? 'out of reach');
    }

    #[DataProvider('briefs')]
    public function testAtLeastThreeRoutesThatDifferInKind(string $name, Diet $diet): void
    {
        $routes = self::routes($name, $diet);
        self::assertGreaterThanOrEqual(3, \count($routes));
        self::assertSameSize($routes, array_unique(array_map(static fn(Route $r): string => $r->id, $routes)));
        $agents = array_map(static function (Route $r): string {
            $ids = array_merge([], ...array_map(static fn(array $c): array => array_column($c['in'], 'ingredient'), $r->changes));
            sort($ids);

            return implode(' ', $ids);
        }, $routes);
        self::assertSameSize($agents, array_unique($agents), 'two routes bring the same agents');
    }

    #[DataProvider('briefs')]
    public function testNoRouteMissesTheDiet(string $name, Diet $diet): void
    {
        foreach (self::routes($name, $diet) as $route) {
            self::assertNotSame(Standing::NotMet, $route->result->diets[$diet->value]->standing(), $route->name);
            self::assertNotSame(RouteStanding::Missed, $route->standing);
        }
    }

    #[DataProvider('briefs')]
    public function testTheBestRouteFitsAndTheMassIsHeld(string $name, Diet $diet): void
    {
        $routes = self::routes($name, $diet);
        // The plain way may be a little less like it than what a laboratory makes, which stands beside it.
        self::assertGreaterThan(80.0, $routes[0]->fit);
        self::assertGreaterThan(88.0, max([0.0, ...array_map(static fn(Route $r): float => $r->fit, $routes)]));
        $before = Kit::engine()->read(Kit::demo($name));
        foreach ($routes as $route) {
            foreach ($route->result->layers as $n => $layer) {
                // As it leaves the kitchen: what is baked apart loses its water first.
                self::assertEqualsWithDelta($before->layers[$n]->state->mass, $layer->state->mass, 0.012 * $before->layers[$n]->state->mass + 0.5, "$route->name, {$layer->layer->name}");
            }
        }
    }

    #[DataProvider('briefs')]
    public function testEveryRouteExplainsItsSwapsFromNumbers(string $name, Diet $diet): void
    {
        foreach (self::routes($name, $diet) as $route) {
            self::assertNotEmpty($route->changes);
            self::assertNotEmpty($route->steps());
            foreach ($route->changes as $change) {
                self::assertMatchesRegularExpression('/\d+ % of the /', $change['why'], $route->name);
            }
            foreach ($route->rails as $rails) {
                self::assertContains('sweetness', array_map(static fn(Rail $r): string => $r->property, $rails));
            }
        }
    }

    public function testRoutesComeBestFirst(): void
    {
        foreach (self::briefs() as [$name, $diet]) {
            $holds = array_map(static fn(Route $r): int => (int) $r->standing->holds(), self::routes($name, $diet));
            $sorted = $holds;
            rsort($sorted);
            self::assertSame($sorted, $holds, "$name, $diet->value: what holds stands before what is met but for something");
        }
    }

    public function testAVeganCurdSetsAsTheOriginalDid(): void
    {
        $set = array_values(array_filter(self::routes('passion-fruit-curd-tartlet', Diet::Vegan)[0]->rails[1], static fn(Rail $r): bool => $r->property === 'set'))[0];
        self::assertLessThan(1.5, abs($set->residual));
        self::assertSame($set->targetWord, $set->nowWord);
    }

    public function testAPinnedLineStaysAsItIs(): void
    {
        $formula = Kit::demo('passion-fruit-curd-tartlet');
        $layers = array_map(static fn(Layer $layer): Layer => $layer->with(array_map(
            static fn(Line $line): Line => \in_array($line->ingredient, ['sugar', 'passion-fruit-juice'], true) ? $line->pinned(true) : $line,
            $layer->lines,
        )), $formula->layers);
        $was = self::grams($formula);
        foreach (Kit::engine()->reformulate($formula->with($layers), Brief::of([Diet::Vegan])) as $route) {
            $now = self::grams($route->result->formula);
            self::assertSame($was['sugar'], $now['sugar']);
            self::assertSame($was['passion-fruit-juice'], $now['passion-fruit-juice']);
            $pinned = array_filter($route->result->formula->layers[1]->lines, static fn(Line $l): bool => $l->pinned);
            self::assertEqualsCanonicalizing(['sugar', 'passion-fruit-juice'], array_map(static fn(Line $l): ?string => $l->ingredient, $pinned));
        }
    }

    public function testTheOrderOfLinesDoesNotMatter(): void
    {
        $formula = Kit::demo('cardamom-set-custard');
        $turned = $formula->with(array_map(static fn(Layer $l): Layer => $l->with(array_reverse($l->lines)), $formula->layers));
        $names = static fn(Formula $f): array => array_map(static fn(Route $r): string => $r->name, Kit::engine()->reformulate($f, Brief::of([Diet::Vegan])));
        self::assertEqualsCanonicalizing($names($formula), $names($turned));
    }

    public function testABriefThatAsksNothingReturnsTheOriginal(): void
    {
        foreach ([[Kit::demo('cardamom-set-custard'), Brief::of([])], [Kit::engine()->parse("100 g sugar\n100 g water"), Brief::of([Diet::Vegan])]] as [$formula, $brief]) {
            $routes = Kit::engine()->reformulate($formula, $brief);
            self::assertCount(1, $routes);
            self::assertSame('As it is', $routes[0]->name);
            self::assertSame(self::grams($formula), self::grams($routes[0]->result->formula));
            self::assertTrue($routes[0]->met);
        }
    }

    /** @return iterable<string, array{string, list<Diet>}> every diet on every demo dish, and combinations of two and three, the same ones each time */
    public static function combinations(): iterable
    {
        $diets = Diet::cases();
        foreach (array_keys(Kit::demos()) as $d => $name) {
            foreach ($diets as $n => $diet) {
                yield "$name, $diet->value" => [$name, [$diet]];
                $second = $diets[($n + 2 + $d) % \count($diets)];
                $third = $diets[($n + 5 + 2 * $d) % \count($diets)];
                if (($n + 2 * $d) % 6 === 0) {
                    yield "$name, $diet->value, $second->value" => [$name, [$diet, $second]];
                    yield "$name, $diet->value, $second->value, $third->value" => [$name, [$diet, $second, $third]];
                }
            }
        }
    }

    /** @param list<Diet> $diets */
    #[DataProvider('combinations')]
    public function testEveryAnswerKeepsItsBriefOrSaysWhatStandsInTheWay(string $name, array $diets): void
    {
        $brief = Brief::of($diets);
        $formula = Kit::demo($name);
        $answer = Kit::engine()->answer($formula, $brief);
        foreach ($answer->routes as $route) {
            self::assertNotSame(RouteStanding::Missed, $route->standing, $route->name);
            foreach ($diets as $diet) {
                // A number missed by a little is offered, and called what it is.
                self::assertTrue($route->result->diets[$diet->value]->standing() !== Standing::NotMet || ($route->standing === RouteStanding::MetBut && $route->settlement->near !== []), "$route->name, $diet->value");
            }
            foreach ($formula->layers as $n => $layer) {
                self::assertSame($layer->name, $route->result->formula->layers[$n]->name);
            }
        }
        if ($answer->routes === []) {
            self::assertNotSame([], $answer->blocked);
            self::assertNotSame('', $answer->blocked[0]->reason);
            self::assertNotSame('', $answer->blocked[0]->nearest);
            self::assertGreaterThan(0.0, $answer->blocked[0]->number);
        }
    }

    public function testALimitOutOfReachSaysByHowMuchAndWhatIsNearest(): void
    {
        $formula = Kit::demo('passion-fruit-curd-tartlet');
        $answer = Kit::engine()->answer($formula, Brief::of([Diet::Vegan], kcal: 25.0));
        self::assertSame([], $answer->routes);
        self::assertMatchesRegularExpression('/^Energy: the nearest route .* comes to \d+.* kcal a portion, over 25 kcal by \d+/', $answer->blocked[0]->reason);
        $accept = array_values(array_filter($answer->proposals, static fn(array $p): bool => $p['brief'] !== null));
        self::assertNotSame([], $accept);
        self::assertNotNull($accept[0]['brief']);
        self::assertNotSame([], Kit::engine()->answer($formula, $accept[0]['brief'])->routes, 'the nearest choice really is one');
        self::assertNotEmpty(array_filter($answer->proposals, static fn(array $p): bool => $p['portions'] !== null));
    }

    public function testWhatIsLostIsSaidBeforeWhatIsBroughtAndAGuessBeforeAll(): void
    {
        $text = "portions: 6\nlayer: Crumb\n120 g oat biscuits\n50 g butter\nlayer: Cheesecake\ntreat: whip\n64 g honey\n250 g mascarpone\n200 g cream cheese\n150 ml double cream\n22 g lemon juice\nlayer: Top\n200 g figs\n20 g almonds";
        foreach (['', "\n5 g moonlit sugar"] as $more) {
            $answer = Kit::engine()->answer(Kit::engine()->parse($text . $more), Brief::of([Diet::Vegan, Diet::Keto]));
            // A fig that nothing keto tastes of is no recipe any more; what stands in its way is said in the same order.
            $said = [...array_map(static fn(Route $route): array => array_values(array_diff($route->settlement->words(), $route->settlement->near)), $answer->routes), ...array_map(static fn(Blocked $blocked): array => $blocked->because, $answer->blocked)];
            self::assertNotSame([], $said);
            foreach ($said as $words) {
                $ranks = array_map(static fn(string $w): int => match (true) {
                    str_starts_with($w, 'What is') => 0,
                    str_contains($w, ' lost') => 1,
                    str_starts_with($w, 'brings') => 2,
                    default => 3,
                }, $words);
                $sorted = $ranks;
                sort($sorted);
                self::assertSame($sorted, $ranks, implode('; ', $words));
                self::assertSame($more !== '', $ranks !== [] && $ranks[0] === 0);
            }
        }
    }

    #[DataProvider('dishesOutOfReach')]
    public function testSmallerPortionsThatAreOfferedKeepTheBrief(string $demo, Brief $brief): void
    {
        $formula = Kit::demo($demo);
        $answer = Kit::engine()->answer($formula, $brief);
        self::assertSame([], $answer->routes);
        $portions = array_values(array_filter(array_column($answer->proposals, 'portions')));
        self::assertNotSame([], $portions);
        $cut = Formula::of($formula->title, $formula->layers, $formula->family, $formula->measures, $portions[0], $formula->serveAt, $formula->method, $formula->measured);
        self::assertNotSame([], Kit::engine()->answer($cut, $brief)->routes, $portions[0] . ' portions were offered');
    }

    /** @return iterable<string, array{string, Brief}> */
    public static function dishesOutOfReach(): iterable
    {
        yield 'vegan curd of 60 kcal' => ['passion-fruit-curd-tartlet', Brief::of([Diet::Vegan], kcal: 60.0)];
        yield 'vegan curd of 25 kcal' => ['passion-fruit-curd-tartlet', Brief::of([Diet::Vegan], kcal: 25.0)];
    }

    public function testWhatIsWantedOtherwiseIsWhatIsAimedFor(): void
    {
        $formula = Kit::demo('cardamom-set-custard');
        $was = Kit::engine()->read($formula)->layers[0];
        $now = static fn(Aims $aims): \Transmuta\Property\LayerReading => Kit::engine()->reformulate($formula, Brief::of([], aims: $aims))[0]->result->layers[0];
        self::assertEqualsWithDelta(0.8 * $was->se, $now(Aims::of(sweetness: 0.8))->se, 0.8);
        self::assertLessThan($was->set->ge, $now(Aims::of(set: -1.0))->set->ge);
        self::assertGreaterThan($was->set->ge, $now(Aims::of(set: 1.0))->set->ge);
        self::assertGreaterThan($was->state->fat, $now(Aims::of(richness: 1.3))->state->fat);
        $this->expectException(Nonsense::class);
        Aims::of(sweetness: 3.0);
    }

    public function testWhatIsNotOnHandIsNotUsed(): void
    {
        foreach (Kit::engine()->reformulate(Kit::demo('passion-fruit-curd-tartlet'), Brief::of([Diet::Vegan], without: ['soybeans', 'coconut-oil'])) as $route) {
            self::assertNotContains('soybeans', $route->result->contains, $route->name);
            self::assertArrayNotHasKey('coconut-oil', self::grams($route->result->formula), $route->name);
        }
    }

    /** Handbook §10: erythritol with one extract alone cannot reach a full-sugar curd; allulose with two can come near. */
    public function testAKetoCurdNeedsASecondBulkSweetener(): void
    {
        $routes = Kit::engine()->reformulate(Kit::demo('cardamom-set-custard'), Brief::of([Diet::Keto], netCarbs: 8.0));
        self::assertNotEmpty($routes);
        foreach ($routes as $route) {
            self::assertNotSame(RouteStanding::Missed, $route->standing);
            self::assertLessThanOrEqual(8.0, $route->result->portion['net_carbs_g']);
            self::assertLessThan(1.0, $route->result->layers[0]->state->of100('sugar.sucrose'));
        }
    }

    public function testWhatBlocksARouteIsSaid(): void
    {
        $formula = Kit::engine()->parse("family: curd\nportions: 4\nlayer: Curd\ntreat: cook to 82 C\n60 g lemon juice\n108 g egg yolk\n1500 g sugar\n80 g butter");
        $answer = Kit::engine()->answer($formula, Brief::of([Diet::Keto]));
        $blocked = [...array_map(static fn($b): string => $b->reason . implode(' ', $b->because), $answer->blocked), ...array_merge([], ...array_map(static fn(Route $r): array => [...$r->blockedBy(), ...$r->settlement->words()], $answer->routes))];
        self::assertNotEmpty(array_filter($blocked, static fn(string $b): bool => str_contains($b, 'sweetness')), implode("\n", $blocked));
    }

    public function testALimitBelowZeroIsRefused(): void
    {
        self::assertSame(0.0, Brief::of([], netCarbs: 0.0)->netCarbs);
        $this->expectException(Nonsense::class);
        Brief::of([], netCarbs: -0.1);
    }

    /** @return array<string, float> g by ingredient over the dish */
    private static function grams(Formula $formula): array
    {
        $grams = [];
        foreach ($formula->layers as $layer) {
            foreach ($layer->understood() as $line) {
                $grams[(string) $line->ingredient] = ($grams[(string) $line->ingredient] ?? 0.0) + $line->grams;
            }
        }

        return $grams;
    }
}
