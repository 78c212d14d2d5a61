<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reformulation;

use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Engine;
use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Formula;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Brief\Schools;
use Transmuta\Reformulation\Ranking\Route;
use Transmuta\Tests\Kit;

/** Each question on which practitioners disagree acts where it says it does, and leaves the default as it was. */
final class SchoolsTest extends TestCase
{
    private const CURD = "family: curd\nportions: 8\nlayer: Curd\ntreat: cook to 82 C\n150 g lemon juice\n150 g egg\n60 g egg yolk\n160 g sugar\n120 g butter";

    private const CHEESECAKE = "family: cheesecake\nportions: 8\nlayer: Filling\ntreat: bake 150 C\n600 g cream cheese\n150 g egg\n140 g sugar\n100 g cream 36%\n20 g cornflour";

    private const MOUSSE = "family: mousse\nportions: 6\nlayer: Mousse\ntreat: whip\n150 g egg white, whipped\n250 g raspberry puree\n90 g sugar\n60 g skimmed milk\n6 g gelatin powder";

    /** @param array<string, string> $chosen */
    private static function engine(array $chosen): Engine
    {
        return Engine::over(Kit::shelf(), schools: Schools::of($chosen));
    }

    /**
     * @param array<string, string> $chosen
     * @param list<Diet> $diets
     *
     * @return list<Route>
     */
    private static function routes(array $chosen, string $text, array $diets, ?float $netCarbs = null): array
    {
        $routes = self::engine($chosen)->reformulate(Kit::engine()->parse($text), Brief::of($diets, netCarbs: $netCarbs));
        self::assertNotEmpty($routes);

        return $routes;
    }

    /** @return array<string, float> g by ingredient */
    private static function grams(Formula $formula): array
    {
        $sum = [];
        foreach ($formula->layers as $layer) {
            foreach ($layer->understood() as $line) {
                $sum[(string) $line->ingredient] = ($sum[(string) $line->ingredient] ?? 0.0) + $line->grams;
            }
        }

        return $sum;
    }

    public function testAMarketHoldsBackWhatItDoesNotAuthorise(): void
    {
        $uses = static fn(string $market): array => array_merge([], ...array_map(static fn(Route $r): array => array_keys(self::grams($r->result->formula)), self::engine(['market' => $market])->reformulate(Kit::demo('cardamom-set-custard'), Brief::of([Diet::Keto], netCarbs: 9.0))));
        self::assertContains('allulose', $uses('other'));
        self::assertNotContains('allulose', $uses('eu'));
        self::assertNotContains('monk-fruit-extract', $uses('eu'));
    }

    public function testSweetnessIsCutByAFifthAndTheDishWinsOverTheStudio(): void
    {
        $fifth = Engine::over(Kit::shelf(), schools: Schools::of(['sweetness' => 'match'], ['sweetness' => 'fifth']));
        $rails = array_column($fifth->reformulate(Kit::demo('cardamom-set-custard'), Brief::of([Diet::Vegan]))[0]->rails[0], null, 'property');
        self::assertEqualsWithDelta(0.8 * Kit::engine()->read(Kit::demo('cardamom-set-custard'))->layers[0]->se, $rails['sweetness']->target, 1e-6);
    }

    public function testNetCarbsAndGelatinStrengthsByTheOtherSchool(): void
    {
        $strict = self::engine(['net_carbs' => 'no-polyols', 'gelatin' => 'linear']);
        $formula = Kit::engine()->parse("50 g maltitol\n4 g bronze gelatine leaf\n100 g milk\n");
        self::assertLessThan(Kit::engine()->read($formula)->portion['net_carbs_g'], $strict->read($formula)->portion['net_carbs_g']);
        self::assertNotSame(Kit::engine()->read($formula)->layers[0]->set->mechanisms['gelatin'] ?? 0.0, $strict->read($formula)->layers[0]->set->mechanisms['gelatin'] ?? 0.0);
    }

    public function testEggInACurdIsOfferedBothWaysOrTheOneChosen(): void
    {
        $ids = static fn(string $school): array => array_map(static fn(Route $r): array => [isset(self::grams($r->result->formula)['egg']), isset(self::grams($r->result->formula)['egg-yolk'])], self::routes(['egg' => $school], self::CURD, [Diet::ReducedSugar]));
        $both = $ids('both');
        self::assertContains([false, true], $both, 'yolks only is among the routes');
        self::assertContains([true, false], $both, 'whole egg is among the routes');
        self::assertSame([[false, true]], array_values(array_unique($ids('yolks'), SORT_REGULAR)));
        self::assertSame([[true, false]], array_values(array_unique($ids('whole'), SORT_REGULAR)));
        $lean = self::routes(['egg' => 'whole'], self::CURD, [Diet::ReducedSugar])[0];
        $rich = self::routes(['egg' => 'yolks'], self::CURD, [Diet::ReducedSugar])[0];
        self::assertStringContainsString('yolks only', $rich->name);
        self::assertLessThan($rich->result->layers[0]->state->of100('fat.egg'), $lean->result->layers[0]->state->of100('fat.egg'));
    }

    public function testZestIsAddedOrLeftOut(): void
    {
        foreach (self::routes(['zest' => 'essential'], self::CURD, [Diet::Vegan]) as $route) {
            self::assertGreaterThan(3.0, self::grams($route->result->formula)['lemon-zest'] ?? 0.0, $route->name);
        }
        foreach (self::routes(['zest' => 'without'], self::CURD . "\n6 g lemon zest", [Diet::Vegan]) as $route) {
            self::assertArrayNotHasKey('lemon-zest', self::grams($route->result->formula), $route->name);
        }
        foreach (self::routes([], self::CURD . "\n6 g lemon zest", [Diet::Vegan]) as $route) {
            self::assertSame(6.0, self::grams($route->result->formula)['lemon-zest'] ?? 0.0, $route->name);
        }
    }

    public function testACheesecakeIsBakedOrNotByChoice(): void
    {
        $kind = static fn(array $chosen, string $text): array => array_unique(array_map(static fn(Route $r): bool => $r->result->formula->layers[0]->treatment->bakes(), self::routes($chosen, $text, [Diet::Vegetarian, Diet::ReducedSugar])));
        self::assertSame([true], $kind([], self::CHEESECAKE));
        self::assertSame([false], $kind(['bake' => 'unbaked'], self::CHEESECAKE));
        $cold = "family: cheesecake\nportions: 8\nlayer: Filling\ntreat: none\n500 g cream cheese\n200 g cream 36%\n120 g sugar\n8 g gelatin powder";
        self::assertSame([true], $kind(['bake' => 'baked'], $cold));
        foreach (self::routes(['bake' => 'unbaked'], self::CHEESECAKE, [Diet::ReducedSugar]) as $route) {
            self::assertArrayNotHasKey('egg', self::grams($route->result->formula), 'no raw egg in what is no longer baked');
        }
    }

    public function testAWhippedLayerIsLedByItsRichnessOrByTheStudio(): void
    {
        $ids = static fn(array $chosen): array => array_merge([], ...array_map(static fn(Route $r): array => array_keys(self::grams($r->result->formula)), self::routes($chosen, self::MOUSSE, [Diet::Vegan])));
        self::assertContains('banana', $ids([]));
        self::assertContains('banana', $ids(['whip' => 'banana']));
        self::assertNotContains('banana', $ids(['whip' => 'cream']));
    }

    public function testABaseIsTenderAndACitrusCheesecakeLeadsWithGelatin(): void
    {
        $firm = static fn(array $chosen): float => array_column(self::engine($chosen)->reformulate(Kit::demo('passion-fruit-curd-tartlet'), Brief::of([Diet::Vegan]))[0]->rails[0], null, 'property')['fat']->target;
        self::assertEqualsWithDelta(0.75 * $firm([]), $firm(['base' => 'tender']), 0.01);
        $citrus = "family: cheesecake\nportions: 8\nlayer: Filling\ntreat: cook to 82 C\n300 g condensed milk\n200 g cream cheese\n120 g egg yolk\n110 g lemon juice";
        // A dish that is vegetarian stays so; one that holds gelatin already is led by it where the studio says so.
        self::assertArrayNotHasKey('gelatin-powder', self::grams(self::routes(['citrus' => 'gelatin'], $citrus, [Diet::Eggless])[0]->result->formula));
        $gelatin = static fn(array $chosen): float => self::grams(self::routes($chosen, $citrus . "\n3 g gelatin powder", [Diet::Eggless])[0]->result->formula)['gelatin-powder'];
        self::assertGreaterThan($gelatin([]) + 0.5, $gelatin(['citrus' => 'gelatin']));
    }

    public function testTheMethodNamesTheJuiceAndTheMarks(): void
    {
        $method = static function (array $chosen): string {
            $engine = self::engine($chosen);

            return implode("\n", $engine->method->steps($engine->read($engine->parse(self::CURD))));
        };
        self::assertStringContainsString('lemon juice (fresh)', $method([]));
        self::assertStringContainsString('bottled or frozen', $method(['juice' => 'any']));
        self::assertMatchesRegularExpression('/It may be cut after \d+ h; it is at its best after a night/', $method([]));
        self::assertStringContainsString('Cut it only after a night', $method(['chill' => 'night']));
        self::assertDoesNotMatchRegularExpression('/a night/', $method(['chill' => 'hours']));
    }

    public function testTheMarkIsNotBeforeTheMiddleIsColdNorTheGelatinSet(): void
    {
        $hours = static function (string $text): int {
            $engine = self::engine(['chill' => 'hours']);
            preg_match('/cut after (\d+) h/', implode("\n", $engine->method->steps($engine->read($engine->parse($text)))), $m);

            return (int) ($m[1] ?? 0);
        };
        self::assertSame(3, $hours("portions: 8\nlayer: Cream\ntreat: none\ntin: 8 x round 60 x 30 mm\n300 g milk\n50 g sugar"));
        self::assertGreaterThanOrEqual(6, $hours("portions: 8\nlayer: Cream\ntreat: none\ntin: 8 x round 60 x 30 mm\n300 g milk\n50 g sugar\n4 g gelatin powder"));
        self::assertGreaterThan(6, $hours("portions: 12\nlayer: Custard\ntreat: cook to 82 C\ntin: round 230 x 70 mm\n1500 g milk\n250 g egg yolk\n250 g sugar"));
    }

    public function testWhatIsAtWorkIsToldInWordsAndDefaultsAreNot(): void
    {
        self::assertSame([], Schools::atWork([], []));
        self::assertSame([], Schools::atWork(['zest' => 'essential'], ['zest' => 'written']), 'the dish chose the usual against the studio');
        self::assertSame(['Zest in a curd'], array_column(Schools::atWork(['zest' => 'essential'], []), 'words'));
        foreach (Schools::questions() as $question) {
            self::assertArrayHasKey($question['default'], $question['choices']);
        }
        $this->expectException(Nonsense::class);
        Schools::of(['market' => 'the moon']);
    }

    public function testHighProteinIsAShareOfTheEnergyOrSoManyGramsAPortion(): void
    {
        $set = "family: cream\nportions: 4\nlayer: Cream\ntreat: melt\n400 g cream 36%\n300 g milk\n80 g sugar\n7 g gelatin powder";
        $share = self::routes([], $set, [Diet::HighProtein])[0]->result->portion;
        $grams = self::routes(['protein' => 'portion'], $set, [Diet::HighProtein])[0]->result;
        self::assertGreaterThanOrEqual(0.199, 17 * $share['protein_g'] / $share['kj']);
        self::assertGreaterThanOrEqual(9.95, $grams->portion['protein_g']);
        self::assertLessThan(0.199, 17 * $grams->portion['protein_g'] / $grams->portion['kj'], 'ten grams are less than a fifth of a rich portion');
        self::assertSame(\Transmuta\Diet\Standing::Met, $grams->diets['high-protein']->standing());
        $because = self::engine(['protein' => 'portion'])->read(Kit::engine()->parse($set))->diets['high-protein']->because;
        self::assertMatchesRegularExpression('/g protein a portion, under 10 g; \d+ % of energy/', $because[0]);
        self::assertMatchesRegularExpression('/% of energy, under 20 %; [\d.]+ g a portion/', Kit::engine()->read(Kit::engine()->parse($set))->diets['high-protein']->because[0]);
    }
}
