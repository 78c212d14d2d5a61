<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reformulation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Formula\Line;
use Transmuta\Kind\Kind;
use Transmuta\Process\MethodWriter;
use Transmuta\Reference\Table;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Deviation\Weights;
use Transmuta\Reformulation\Ranking\NewThings;
use Transmuta\Reformulation\Ranking\Route;
use Transmuta\Reformulation\Substitution\KindRules;
use Transmuta\Reformulation\Substitution\KindWays;
use Transmuta\Shelf\Tier;
use Transmuta\Shelf\Tiers;
use Transmuta\Tests\Kit;

/** The plain ways of a kitchen, what may go where, and what is bought in which shop. */
final class PlainWaysTest extends TestCase
{
    public function testEveryWayAndRuleIsOfAKindAndOfThingsThatThereAre(): void
    {
        $classes = array_unique(array_map(static fn($in): string => $in->class, Kit::shelf()->all()));
        foreach (['substitution/ways' => 'out', 'substitution/refusals' => 'classes', 'substitution/never' => 'things'] as $table => $column) {
            foreach (Table::of($table) as $row) {
                if ($row['kind'] !== 'any') {
                    self::assertSame($row['kind'], Kind::of($row['kind'])->key);
                }
                foreach (explode(' ', $row[$column]) as $thing) {
                    self::assertTrue(\in_array($thing, $classes, true) || Kit::shelf()->find($thing) !== null, "$table: $thing");
                }
            }
        }
        foreach (Table::of('substitution/ways') as $row) {
            foreach (KindWays::of($row['kind'], [$row['diet']]) as $way) {
                foreach ($way->in as $item) {
                    foreach ($item->things as $id) {
                        self::assertNotNull(Kit::shelf()->find($id), "{$row['kind']}, {$row['diet']}: $id");
                    }
                }
            }
        }
    }

    public function testAVeganWayIsThoseOfMilkAndEggWhereItHasNoneOfItsOwn(): void
    {
        self::assertNotSame([], KindWays::of('crumble', ['vegan']));
        self::assertSame([], KindWays::of('crumble', ['eggless']));
        self::assertSame([], KindWays::of('no-such-kind', ['vegan']));
        // Of two diets both ways at once, each thing once.
        $both = KindWays::of('creamed-cake', ['vegan', 'gluten-free'])[0];
        self::assertContains('wheat-flour', $both->out);
        self::assertContains('butter', $both->out);
    }

    public function testEverythingOnTheShelfIsSoldSomewhere(): void
    {
        $rows = array_column(Table::of('shelf/tiers'), 'ingredient');
        self::assertSame([], array_values(array_diff(array_map(static fn($in): string => $in->id, array_filter(Kit::shelf()->all(), static fn($in): bool => $in->basedOn === null)), $rows)));
        self::assertSame(Tier::Grocer, Tiers::of(Kit::shelf()->get('milk'), 'uk'));
        self::assertSame(Tier::Supplier, Tiers::of(Kit::shelf()->get('cream-36'), 'in'));
        self::assertSame(Tier::Laboratory, Tiers::of(Kit::shelf()->get('allulose'), 'uk'));
        self::assertSame(Tier::Baker, Tiers::of(Kit::shelf()->get('allulose'), 'us'));
        self::assertSame(Tier::Baker, Tiers::of(Kit::shelf()->get('allulose'), 'ca'));
        self::assertTrue(Tier::Baker->isShop());
        self::assertFalse(Tier::Supplier->isShop());
    }

    /** @return iterable<string, array{string, Diet, list<string>, int}> a dish, a diet, what must not come in, and how many new things at most */
    public static function plain(): iterable
    {
        $curd = "Lemon cream\nportions: 6\n\nlayer: Cream\ntreat: cook to 82 C stirred\n220 g lemon juice\n180 g sugar\n4 eggs\n120 g butter\n";
        yield 'a curd by starch, water and plant butter' => [$curd, Diet::Vegan, ['plant-protein', 'plant-milk', 'coconut-milk', 'emulsifier', 'colour'], 3];
        $pastry = "Pastry cream\nportions: 6\n\nlayer: Pastry cream\ntreat: boil 1 min stirred\n500 g milk\n100 g egg yolk\n100 g sugar\n45 g cornflour\n40 g butter\n";
        yield 'a pastry cream without its yolks' => [$pastry, Diet::Eggless, ['foam-liquid', 'emulsifier', 'oil', 'colour', 'plant-protein'], 1];
        yield 'and without milk' => [$pastry, Diet::Vegan, ['foam-liquid', 'emulsifier', 'colour', 'plant-protein'], 3];
        $custard = "Custard\nportions: 6\n\nlayer: Custard\ntreat: bake 140 C\n600 g whole milk\n150 g cream\n240 g whole egg\n90 g sugar\n";
        yield 'a baked custard' => [$custard, Diet::Eggless, ['gel-agent', 'gelatin', 'foam-liquid', 'seed-gel', 'colour'], 2];
    }

    /** @param list<string> $never classes */
    #[DataProvider('plain')]
    public function testThePlainWayComesFirst(string $text, Diet $diet, array $never, int $most): void
    {
        $formula = Kit::engine()->parse($text);
        $routes = Kit::engine()->reformulate($formula, Brief::of([$diet]));
        self::assertNotSame([], $routes);
        $things = NewThings::of(Kit::engine()->read($formula), $routes[0]->result, 'uk');
        self::assertLessThanOrEqual($most, \count($things->all), $routes[0]->name);
        self::assertTrue($things->hardest()->isShop(), $routes[0]->name);
        self::assertSame([], array_values(array_intersect(self::classes($routes[0]), $never)), $routes[0]->name);
        // A kept line stands at the kitchen's own figure, or moved by more than a hand's step.
        $was = array_column(array_map(static fn(Line $l): array => [(string) $l->ingredient, $l->grams], $formula->layers[0]->understood()), 1, 0);
        foreach ($routes[0]->result->formula->layers[0]->understood() as $line) {
            $had = $was[(string) $line->ingredient] ?? null;
            self::assertTrue($had === null || abs($line->grams - $had) < 1e-9 || abs($line->grams - $had) >= 0.5, "$line->ingredient: $had, $line->grams");
        }
    }

    public function testWhatMayNotComeIntoAMassComesIntoNoRoute(): void
    {
        foreach (['bay-leaf-cream-slice', 'roasted-hazelnut-mousse-pot', 'passion-fruit-curd-tartlet'] as $name) {
            $formula = Kit::demo($name);
            $was = Kit::engine()->read($formula);
            $kinds = MethodWriter::standard()->kinds($was);
            foreach ([Diet::Vegan, Diet::Eggless, Diet::GlutenFree] as $diet) {
                foreach (Kit::engine()->reformulate($formula, Brief::of([$diet])) as $route) {
                    foreach ($route->result->layers as $n => $layer) {
                        $rules = KindRules::of($kinds[$n]->key, $was->layers[$n], false);
                        foreach ($layer->state->model->portions as $i => $portion) {
                            self::assertFalse($layer->state->grams[$i] > 0.0 && $rules->bars($portion->ingredient), "$name, $diet->value, $route->name: {$portion->ingredient->id} in {$kinds[$n]->key}");
                        }
                    }
                }
            }
        }
    }

    /** What the maker put there himself may always be there. */
    public function testWhatWasThereMayStay(): void
    {
        $was = Kit::engine()->read(Kit::engine()->parse("Jelly\nportions: 4\n\nlayer: Jelly\ntreat: melt\n300 g apple juice\n40 g sugar\n4 g gelatin powder\n30 g coconut milk\n"))->layers[0];
        $rules = KindRules::of('fruit-gel-clear', $was, false);
        self::assertNull($rules->most(Kit::shelf()->get('coconut-milk')));
        self::assertSame(0.0, $rules->most(Kit::shelf()->get('milk')));
        self::assertTrue($rules->bars(Kit::shelf()->get('pea-isolate')));
        self::assertFalse(KindRules::of('mixture', $was, true)->bars(Kit::shelf()->get('pea-isolate')));
        self::assertNull($rules->most(Kit::shelf()->get('agar')));
    }

    /** @return list<string> classes of what a route is of */
    private static function classes(Route $route): array
    {
        return array_values(array_unique(array_map(static fn($in): string => $in->class, $route->result->ingredients())));
    }

    /** More things to buy than a version of a dish is worth: an honest no that counts and names them, and the same dish is answered where the list is short. */
    public function testAListNobodyBuysIsRefused(): void
    {
        $slice = "Caramel slice\n16 squares\n\nFor the base:\n200 g plain flour\n175 g butter\n75 g caster sugar\n\nFor the caramel:\n397 g condensed milk\n150 g butter\n100 g golden syrup\n\nFor the top:\n200 g milk chocolate\n\nRub the butter into the flour and sugar, press into a 20 cm square tin and bake 30 min at 160 C.\nMelt the butter, syrup and condensed milk, boil 6 minutes stirring. Pour over and cool.\nMelt the chocolate and spread over.";
        $fig = (string) file_get_contents(\dirname(__DIR__, 2) . '/data/atlas/fig-mascarpone-tart.dish');
        $no = Kit::engine()->answer(Kit::engine()->parse($fig), Brief::of([Diet::HighProtein]));
        self::assertSame([], $no->routes);
        self::assertSame('Things to buy', $no->blocked[0]->what);
        self::assertGreaterThan(Weights::of('refuse.things') + Weights::of('refuse.things.layer'), $no->blocked[0]->number);
        self::assertMatchesRegularExpression('/takes ' . (int) $no->blocked[0]->number . ' things this dish has not/', $no->blocked[0]->reason);
        foreach ([Diet::Vegan, Diet::GlutenFree] as $diet) {
            $yes = Kit::engine()->answer(Kit::engine()->parse($slice), Brief::of([$diet]))->routes;
            self::assertNotSame([], $yes);
            foreach ($yes as $route) {
                self::assertLessThanOrEqual(Weights::of('refuse.things') + Weights::of('refuse.things.layer') * \count($route->changes), \count($route->toBuy));
            }
        }
    }
}
