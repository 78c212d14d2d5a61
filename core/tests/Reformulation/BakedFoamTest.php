<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reformulation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Deviation\LayerKind;
use Transmuta\Reformulation\Deviation\Target;
use Transmuta\Reformulation\Evaluation\RouteStanding;
use Transmuta\Tests\Kit;

/** A meringue is dried and a sponge baked through: no gel holds them up, and whether another foam does is proven in an oven. */
final class BakedFoamTest extends TestCase
{
    private const MERINGUE = "Pavlova\nportions: 8\n\nlayer: Meringue\ntreat: whip; bake 120 C 70 min\n200 g egg white\n360 g caster sugar\n5 g cornflour\n5 g white wine vinegar\n";

    /** @return iterable<string, array{string, bool}> text of a layer, whether it is a baked foam */
    public static function layers(): iterable
    {
        yield 'a meringue' => ["treat: whip; bake 120 C 70 min\n200 g egg white\n360 g caster sugar", true];
        yield 'a sponge' => ["treat: whip; bake 180 C 15 min\n240 g egg\n120 g caster sugar\n120 g plain flour", true];
        yield 'a foam that is not baked' => ["treat: whip\n200 g egg white\n360 g caster sugar", false];
        yield 'a soufflé cheesecake sets by its egg' => ["treat: whip; bake 150 C 50 min\n250 g cream cheese\n180 g egg\n60 g caster sugar\n40 g plain flour\n100 g milk", false];
        yield 'a baked custard' => ["treat: bake 150 C 40 min\n500 g milk\n180 g egg\n80 g caster sugar", false];
        yield 'a fudge cake is no meringue for its sugar' => ["treat: whip; bake 160 C 30 min\n200 g sugar\n150 g butter\n120 g egg\n10 g cocoa powder", false];
    }

    #[DataProvider('layers')]
    public function testWhatIsABakedFoam(string $layer, bool $is): void
    {
        $reading = Kit::engine()->read(Kit::engine()->parse("Dish\nportions: 4\n\nlayer: Mass\n$layer\n"))->layers[0];
        self::assertSame($is, LayerKind::isBakedFoam($reading));
        $target = Target::of($reading, Kit::engine()->reader, 20.0);
        self::assertSame($is, $target->set === null);
    }

    public function testAquafabaTakesThePlaceOfWhitesAndNothingElseComes(): void
    {
        foreach ([Diet::Vegan, Diet::Eggless] as $diet) {
            $route = Kit::engine()->answer(Kit::engine()->parse(self::MERINGUE), Brief::of([$diet]))->routes[0];
            $classes = array_map(static fn($in): string => $in->class, $route->result->ingredients());
            self::assertContains('foam-liquid', $classes);
            self::assertSame([], array_intersect($classes, ['gel-agent', 'gelatin', 'thickener', 'emulsifier', 'plant-protein']));
            self::assertLessThanOrEqual(2, \count($route->toBuy));
            // It holds by all that can be reckoned, and is for a trial all the same.
            self::assertSame(RouteStanding::MetBut, $route->standing);
            self::assertStringContainsString('for a trial only', implode(' ', $route->settlement->trials));
            self::assertStringContainsString('for a trial only', $route->settlement->words()[0]);
            self::assertGreaterThan(80.0, $route->fit, 'its fit is not less for it');
        }
    }

    public function testWhereTheEggStaysNothingIsToTry(): void
    {
        $with = "Pavlova\nportions: 8\n\nlayer: Meringue\ntreat: whip; bake 120 C 70 min\n200 g egg white\n360 g caster sugar\n\nlayer: Cream\ntreat: whip\n300 g whipping cream\n";
        $route = Kit::engine()->answer(Kit::engine()->parse($with), Brief::of([Diet::DairyFree]))->routes[0];
        self::assertSame([], $route->settlement->trials);
        // Whipped cream that nothing set is set by nothing, and no fat is stirred into it.
        $classes = array_map(static fn($in): string => $in->class, $route->result->ingredients());
        self::assertSame([], array_intersect($classes, ['gel-agent', 'oil', 'coconut-fat', 'cocoa-butter', 'plant-butter', 'emulsifier']));
    }

    /** Sugar that is cooked or dried is as sweet as the body that stands for it, and no strong sweetener is burnt for it. */
    public function testACaramelWithoutSugarIsAlluloseAlone(): void
    {
        $flan = "Crème caramel\nportions: 6\n\nlayer: Caramel\ntreat: boil 6 min\n100 g caster sugar\n30 g water\n\nlayer: Custard\ntreat: bake 150 C 40 min\n500 g milk\n180 g egg\n40 g egg yolk\n80 g caster sugar\n";
        $route = Kit::engine()->answer(Kit::engine()->parse($flan), Brief::of([Diet::Keto]))->routes[0];
        $caramel = array_map(static fn($line): string => (string) $line->ingredient, $route->result->formula->layers[0]->understood());
        self::assertSame(['allulose', 'water'], $caramel);
        self::assertTrue($route->standing->holds(), implode('; ', $route->settlement->words()));
    }
}
