<?php

declare(strict_types=1);

namespace Transmuta\Tests\Intake;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Formula\Line;
use Transmuta\Intake\Recipe\TreatmentGuess;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Shelf\Ingredient;
use Transmuta\Tests\Kit;

/** What a sentence does to a layer depends on what is in it: a cook's reading of each, from what the layer holds and not from its names. */
final class TreatmentGuessTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>, ?string}> a step, the layer's lines, and what it does to it */
    public static function steps(): iterable
    {
        $curd = ['3 egg yolks', '100 g sugar', '80 ml lemon juice', '60 g butter'];
        $custard = ['500 ml milk', '4 egg yolks', '80 g sugar'];
        $starch = ['500 ml milk', '40 g cornflour', '80 g sugar'];
        $cream = ['300 ml whipping cream', '30 g icing sugar'];
        yield 'a curd thickens below the boil' => ['Cook over low heat, stirring, until it coats the back of a spoon.', $curd, 'cook to 82 C stirred'];
        yield 'a stated heat is that heat' => ['Stir over a bain-marie until it reaches 76 °C.', $curd, 'cook to 76 C stirred'];
        yield 'Fahrenheit too' => ['Whisk constantly until it registers 170°F on a thermometer.', $custard, 'cook to 77 C stirred'];
        yield 'starch boils' => ['Bring to the boil, whisking, and simmer for 3 minutes.', $starch, 'boil 3 min stirred'];
        yield 'a flour custard boils' => ['Cook until bubbling and thickened.', ['500 ml milk', '40 g plain flour', '4 egg yolks'], 'boil 2 min stirred'];
        yield 'a rice flour pudding boils' => ['Simmer 8 mins till thick.', ['1 litre milk', '4 tbsp rice flour'], 'boil 8 min stirred'];
        yield 'cream to peaks' => ['Whip the cream and sugar to soft peaks.', $cream, 'whip'];
        yield 'plant cream to peaks' => ['Whip until stiff.', ['250 ml plant whipping cream'], 'whip'];
        yield 'aquafaba to peaks' => ['Whisk to stiff glossy peaks.', ['120 g aquafaba', '100 g caster sugar'], 'whip'];
        yield 'potato protein to peaks' => ['Beat until thick and doubled in volume.', ['100 g potato protein solution', '60 g sugar'], 'whip'];
        yield 'cheese beaten light' => ['Beat the cream cheese until light and fluffy.', ['400 g cream cheese', '80 g icing sugar'], 'whip'];
        yield 'mascarpone beaten light' => ['Beat until light and airy.', ['250 g mascarpone', '40 g sugar'], 'whip'];
        yield 'a fruit purée has nothing to whip' => ['Whisk until light.', ['300 g raspberry puree', '40 g sugar'], null];
        yield 'a bake keeps its oven and its time' => ['Bake at 150 °C for 45 minutes until set with a wobble.', ['500 g cream cheese', '3 eggs', '120 g sugar'], 'bake 150 C 45 min'];
        yield 'a crust bakes' => ['Press in and bake for 10 minutes at 170 °C.', ['200 g digestive biscuits', '80 g butter'], 'bake 170 C 10 min'];
        yield 'no-bake is not baked' => ['Press into the tin: this is a no-bake base.', ['200 g digestive biscuits', '80 g butter'], null];
        yield 'a baking tin is not baking' => ['Line the baking tin and press in the crumbs.', ['200 g digestive biscuits', '80 g butter'], null];
        yield 'gelatin melts in' => ['Warm the cream and dissolve the gelatin in it.', ['300 ml cream', '4 g gelatin powder'], 'melt'];
        yield 'chocolate melts' => ['Pour the hot cream over the chocolate and stir until melted.', ['200 g dark chocolate', '200 ml cream'], 'melt'];
        yield 'agar boils' => ['Bring the juice to the boil and simmer for 2 minutes.', ['300 ml orange juice', '3 g agar'], 'boil 2 min stirred'];
        yield 'rice simmers as long as it is said to' => ['simmer 35 minutes', ['500 ml milk', '60 g rice'], 'boil 35 min stirred'];
        yield 'hours in a pan of water are no boil of what is in it' => ['Boil for 3 hours.', ['400 g plums', '100 g sugar'], 'boil 2 min stirred'];
        yield 'a stated heat without an egg' => ['cook to 82 C', ['400 g plums', '120 g sugar', '6 g agar'], 'cook to 82 C stirred'];
        yield 'a pan that is warmed to nothing stated' => ['Warm the milk.', ['500 ml milk'], null];
        yield 'compote boils' => ['Simmer the berries with the sugar for 5 minutes.', ['300 g blueberries', '60 g sugar'], 'boil 5 min stirred'];
        yield 'sugar to caramel' => ['Boil sugar and water to a deep amber.', ['150 g sugar', '40 g water'], 'boil 2 min stirred'];
        yield 'frozen until firm' => ['Freeze overnight until firm.', ['300 ml cream', '100 g condensed milk'], 'freeze -18 C'];
        yield 'may be frozen is not frozen' => ['Chill for 4 hours, or freeze for up to a month.', $cream, null];
        yield 'churned' => ['Churn in an ice cream maker for 25 minutes.', $custard, 'freeze -18 C'];
        yield 'chilling does nothing to it' => ['Chill for 4 hours.', $curd, null];
        yield 'what is served with it is not whipped' => ['Top with whipped cream and serve.', ['500 ml milk', '40 g cornflour', '80 g sugar', '50 g butter'], null];
        yield 'sabayon is cooked and whipped' => ['Whisk over simmering water to 70 °C until pale and thick.', ['4 egg yolks', '80 g sugar', '60 ml marsala'], 'cook to 70 C stirred; whip'];
        yield 'dried egg thickens nothing' => ['Stir over low heat until it coats a spoon.', ['20 g egg white powder', '200 ml milk'], null];
    }

    /** @param list<string> $texts */
    #[DataProvider('steps')]
    public function testASentenceDoesToALayerWhatACookWouldRead(string $step, array $texts, ?string $does): void
    {
        $lines = array_map(static fn(string $text): Line => Kit::engine()->lines->read($text, UnitSystem::Metric), $texts);
        $of = array_map(static fn(Line $line): Ingredient => Kit::shelf()->get((string) $line->ingredient), $lines);
        self::assertSame($does, TreatmentGuess::of([$step], $lines, $of, $step)[0] ?? null);
    }

    public function testHowFarItIsReduced(): void
    {
        self::assertSame(0.5, TreatmentGuess::reduced(['Simmer until reduced to half.'])[0] ?? null);
        self::assertEqualsWithDelta(1 / 3, TreatmentGuess::reduced(['Reduce by a third.'])[0] ?? null, 1e-9);
        self::assertEqualsWithDelta(0.25, TreatmentGuess::reduced(['Boil it down: it reduces to three quarters.'])[0] ?? null, 1e-9);
        self::assertNull(TreatmentGuess::reduced(['Reduce the heat.']));
    }
}
