<?php

declare(strict_types=1);

namespace Transmuta\Tests\Intake;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Formula\Step;
use Transmuta\Intake\Recipe\Inference;
use Transmuta\Intake\Recipe\ReadRecipe;
use Transmuta\Intake\Recipe\Tins;
use Transmuta\Intake\Unreadable;
use Transmuta\Tests\Kit;

/** Recipes as they are pasted; each label was written from the recipe, as a pastry cook reads it. */
final class RecipeTest extends TestCase
{
    private static function of(string $file): ReadRecipe
    {
        return Kit::engine()->recipe((string) file_get_contents(__DIR__ . '/recipes/' . $file));
    }

    /** @return iterable<string, array{string, string, string, string, int, array<string, string>, ?string, int, int}> */
    public static function recipes(): iterable
    {
        // file, title, family, measures, portions, what is done to each layer, vessel, steps, set aside
        yield 'headings without a colon' => ['lemon-cheesecake.txt', 'Baked Lemon Cheesecake with Blueberry Compote', 'cheesecake', 'uk', 9, ['Crust' => 'bake 160 C 10 min', 'Filling' => 'bake 160 C 45 min', 'Blueberry Compote' => 'boil 5 min stirred'], 'round 230 x 65 mm', 5, 4];
        yield 'capitals' => ['key-lime-pie.txt', 'No-Bake Key Lime Pie', 'curd', 'us', 8, ['Crust' => 'none', 'Filling' => 'melt', 'Topping' => 'whip'], 'round 229 x 40 mm', 5, 1];
        yield 'no yield' => ['mango-panna-cotta.txt', 'Mango Panna Cotta', 'cream', 'us', 6, ['Dish' => 'melt', 'Mango Layer' => 'melt'], '6 x glass 150 ml', 2, 0];
        yield 'markdown, from India' => ['shrikhand-tart.txt', 'Mango Shrikhand Tart', 'cream', 'in', 6, ['Tart Shell' => 'bake 180 C 20 min', 'Shrikhand' => 'none'], 'round 200 x 30 mm', 3, 0];
        yield 'servings in the title' => ['avocado-pots.txt', 'Vegan chocolate avocado mousse pots', 'mousse', 'metric', 4, ['Dish' => 'none'], '4 x glass 120 ml', 2, 1];
        yield 'ramekins' => ['creme-brulee.txt', 'Crème brûlée', 'custard', 'uk', 6, ['Dish' => 'bake 140 C 37.5 min'], '6 x glass 150 ml', 3, 0];
        yield 'chatter, from Australia' => ['pavlova-cheesecake.txt', 'Pavlova Cheesecake - my nan\'s!!', 'cheesecake', 'au', 10, ['Base' => 'none', 'Filling' => 'melt', 'Meringue Top' => 'whip'], 'round 220 x 65 mm', 5, 1];
        yield 'steps that name their layer' => ['creme-caramel-steps-named.txt', 'Crème caramel pour 6 (English version)', 'custard', 'metric', 6, ['Caramel' => 'boil 2 min stirred', 'Custard' => 'cook to 80 C stirred; bake 150 C 40 min'], '6 x glass 150 ml', 3, 0];
        yield 'capitals, steeped saffron' => ['shrikhand-cheesecake.txt', 'No-bake mango shrikhand cheesecake (eggless)', 'cheesecake', 'metric', 11, ['Biscuit Base' => 'none', 'Shrikhand Layer' => 'whip', 'Mango Glaze' => 'boil 2 min stirred'], 'round 203 x 65 mm', 3, 0];
        yield 'a page with a schema.org Recipe' => ['coconut-lime-tart.html', 'Coconut & Lime Tart', 'other', 'us', 10, ['Crust' => 'bake 177 C 10 min', 'Filling' => 'boil 2 min stirred'], 'round 229 x 30 mm', 5, 0];
    }

    /** @param array<string, string> $layers */
    #[DataProvider('recipes')]
    public function testARecipeIsReadAsACookReadsIt(string $file, string $title, string $family, string $measures, int $portions, array $layers, ?string $tin, int $steps, int $aside): void
    {
        $read = self::of($file);
        $formula = $read->formula;
        self::assertSame([$title, $family, $measures, $portions], [$formula->title, $formula->family->value, $formula->measures->value, $formula->portions]);
        self::assertSame($layers, array_combine(array_map(static fn(Layer $l): string => $l->name, $formula->layers), array_map(static fn(Layer $l): string => $l->treatment->words(), $formula->layers)));
        self::assertSame([$tin], array_values(array_filter(array_map(static fn(Layer $l): ?string => $l->tin?->words(), $formula->layers))));
        self::assertSame([], $formula->questions());
        self::assertCount($steps, $formula->method);
        self::assertCount($aside, $read->aside);
        self::assertSame(6.0, $formula->serveAt);
    }

    public function testStepsWithoutAHeadingAreNoLinesAndTellVesselsAndServing(): void
    {
        $read = Kit::engine()->recipe("Potter's set yogurt\nCooking spray\n400 g hung curd\n1 can (397 g) condensed milk\n\nWhisk it all, pour in six small earthen bowls, and bake at 150 C in a water bath for 25 minutes. Freeze 1 hour, then keep in the fridge.");
        self::assertSame(["Potter's set yogurt", 6, 6.0], [$read->formula->title, $read->formula->portions, $read->formula->serveAt]);
        self::assertSame([400.0, 397.0], array_map(static fn(Line $line): float => $line->grams, $read->formula->layers[0]->lines));
        self::assertCount(1, $read->formula->method);
        self::assertCount(1, $read->aside, 'what greases the tin');
    }

    /** @return iterable<string, array{string, string, int}> */
    public static function named(): iterable
    {
        yield 'an empty row after it' => ["Custard\n\n400 g milk\n50 g sugar", 'Custard', 2];
        yield 'a key after it' => ["Jelly\nportions: 6\n400 g milk", 'Jelly', 1];
        yield 'a yield after it' => ["Custard\nServes 6\n\n400 g milk", 'Custard', 1];
        yield 'the list after it' => ["Honeycomb\nIngredients\n400 g milk", 'Honeycomb', 1];
        // Without an amount anywhere, or with its own, it is a line like the others.
        yield 'names, one under another' => ["eggs\nmilk\nsugar", 'Untitled dish', 3];
        yield 'names with rows between' => ["eggs\n\nmilk", 'Untitled dish', 2];
        yield 'an amount of its own' => ["2 eggs\n\n400 g milk", 'Untitled dish', 2];
        yield 'amounts right under it' => ["salt\n400 g milk", 'Untitled dish', 2];
    }

    /** A dish may be called what is also an ingredient: what stands apart from the amounts is its name. */
    #[DataProvider('named')]
    public function testWhatStandsApartIsTheName(string $text, string $title, int $lines): void
    {
        $formula = Kit::engine()->parse($text);
        self::assertSame([$title, $lines], [$formula->title, array_sum(array_map(static fn(Layer $layer): int => \count($layer->lines), $formula->layers))]);
    }

    /** @return iterable<string, array{string, int, list<string>}> a text without a heading for its method, how many lines it has, its steps */
    public static function shortSteps(): iterable
    {
        yield 'a heat' => ["Pot\n\n400 g plums\n120 g sugar\ncook to 82 C", 2, ['cook to 82 C']];
        yield 'a time' => ["Pot\n\n500 ml milk\n60 g rice\nsimmer 35 minutes", 2, ['simmer 35 minutes']];
        yield 'overnight' => ["Pot\n\n300 ml cream\nwhip\nchill overnight", 1, ['whip', 'chill overnight']];
        yield 'verbs alone' => ["Pot\n\n300 g skyr\n40 g honey\nmix well, then chill", 2, ['mix well, then chill']];
        yield 'a name without an amount' => ["Pot\n\n300 g skyr\ncream", 2, []];
        yield 'an end' => ["Pot\n\n2 eggs\n100 g sugar\nstir until thick\nchill 2 h", 2, ['stir until thick', 'chill 2 h']];
        yield 'an oven' => ["Pot\n\n500 g cream cheese\n2 eggs\nbake 45 min at 150C", 2, ['bake 45 min at 150C']];
        yield 'an ingredient that is also a verb' => ["Pot\n\nbutter 1 c\ncream 2 cups\ntop milk 1 cup", 3, []];
        yield 'an ingredient and what is done to it' => ["Pot\n\n200 g cream, heat to 60 C\n200 g dark chocolate", 2, []];
    }

    /** @param list<string> $steps */
    #[DataProvider('shortSteps')]
    public function testTheShortestStepIsNoLine(string $text, int $lines, array $steps): void
    {
        $formula = Kit::engine()->text->read($text);
        self::assertCount($lines, $formula->layers[0]->lines);
        self::assertSame($steps, array_map(static fn(Step $step): string => $step->text, $formula->method));
    }

    /** @return iterable<string, array{string, int, array<string, string>}> a recipe whose steps stand under their layers, its portions, what is done to each */
    public static function between(): iterable
    {
        yield 'a tart in three' => ["Tarte au citron\n10 slices\nPastry\n250 g plain flour\n125 g butter\n80 g icing sugar\n1 egg\nbake 20 min at 170C\nLemon filling\n4 eggs\n160 g sugar\n140 ml lemon juice\n120 g butter\ncook to 82 C\nMeringue\n3 egg whites\n150 g sugar\nWhisk to stiff peaks over steam to 65 C", 10, ['Pastry' => 'bake 170 C 20 min', 'Lemon Filling' => 'cook to 82 C stirred', 'Meringue' => 'cook to 65 C stirred; whip']];
        yield 'layers by number' => ["Orange squares, serves 9\n\nLayer one\n200 g fine semolina\n120 g sugar\n150 g yogurt\n90 g melted butter\nbake 35 min at 170C\n\nCream\n300 g whipping cream\n25 g icing sugar\nwhip to soft peaks", 9, ['Layer One' => 'bake 170 C 35 min', 'Cream' => 'whip']];
        yield 'a method of the whole after them' => ["Pots, serves 4\n\nJelly\n300 ml orange juice\n3 g agar\nboil 2 minutes\n\nCream\n200 g whipping cream\n20 g sugar\n\nMethod\nWhip the cream to soft peaks and spoon it over the jelly.", 4, ['Jelly' => 'boil 2 min stirred', 'Cream' => 'whip']];
        yield 'a raw case under what is baked' => ["Apricot frangipane tart, serves 8\nCase\n220 g shortcrust pastry\nFrangipane\n120 g butter\n120 g sugar\n120 g ground almonds\n2 eggs\nbake 35 min 170 C", 8, ['Case' => 'bake 170 C 35 min', 'Frangipane' => 'bake 170 C 35 min']];
        yield 'a sabayon by its name' => ["Raspberry zabaglione cups, serves 4\n5 egg yolks\n90 g sugar\n100 ml marsala\nwhisk over simmering water to 72 C\nfold and chill 2 h", 4, ['Dish' => 'cook to 72 C stirred; whip']];
    }

    /** @param array<string, string> $treated */
    #[DataProvider('between')]
    public function testStepsUnderTheirLayersAreOfThem(string $text, int $portions, array $treated): void
    {
        $formula = Kit::engine()->recipe($text)->formula;
        self::assertSame($treated, array_combine(array_map(static fn(Layer $l): string => $l->name, $formula->layers), array_map(static fn(Layer $l): string => $l->treatment->words(), $formula->layers)));
        self::assertSame($portions, $formula->portions);
        self::assertSame([], $formula->unresolved());
    }

    public function testWhatIsInferredSaysFromWhichWords(): void
    {
        $inferred = array_column(array_map(static fn(Inference $one): array => $one->toArray(), self::of('key-lime-pie.txt')->inferred), null, 'what');
        self::assertStringContainsString('8 servings', $inferred['portions']['because']);
        self::assertStringContainsString('whip the cream', $inferred['treat']['because']);
        self::assertStringContainsString('9-inch pie plate', $inferred['tin']['because']);
    }

    public function testWhatIsWrittenIsNeverInferredOver(): void
    {
        $read = Kit::engine()->recipe("title: Pot\nportions: 3\nserve at: 20 C\nlayer: Curd\ntreat: none\ntin: glass 100 ml\n2 eggs\n100 g sugar\nmethod:\nCook gently until it coats a spoon. Pour into a 23 cm tart tin. Serve chilled after 4 hours. Serves 8.");
        self::assertSame([], array_values(array_filter($read->inferred, static fn(Inference $one): bool => \in_array($one->what, ['title', 'portions', 'serve at', 'treat', 'tin'], true))));
        self::assertSame(['none', 'glass 100 ml', 3, 20.0], [$read->formula->layers[0]->treatment->words(), $read->formula->layers[0]->tin?->words(), $read->formula->portions, $read->formula->serveAt]);
    }

    /** @return iterable<string, array{string, ?string}> */
    public static function tins(): iterable
    {
        $cases = [
            '23 cm springform' => 'round 230 x 65 mm', 'a 9-inch tart pan' => 'round 229 x 30 mm', 'Round 230 mm' => 'round 230 x 50 mm', '20cm square tin' => 'rect 200 x 200 x 50 mm',
            'pour into a 20 x 30 cm baking tin' => 'rect 300 x 200 x 50 mm', '9x13 inch pan' => 'rect 330 x 229 x 50 mm', 'a 900g loaf tin' => 'rect 230 x 130 x 70 mm', 'six 150 ml ramekins' => '6 x glass 150 ml',
            '4 glasses (200 ml each)' => '4 x glass 200 ml', '12 x 7 cm tartlet tins' => '12 x round 70 x 20 mm', 'chill for 9 hours' => null, '2 tins coconut milk' => null, 'a 2 cm layer' => null,
        ];
        foreach ($cases as $text => $tin) {
            yield $text => [$text, $tin];
        }
    }

    #[DataProvider('tins')]
    public function testVesselsAreReadByTheirSize(string $text, ?string $tin): void
    {
        self::assertSame($tin, Tins::of($text));
    }

    /** @return iterable<string, array{string, int}> */
    public static function yields(): iterable
    {
        yield 'a volume and whom it feeds' => ["4 egg yolks\n150 ml lemon juice\n\nWhisk over low heat until thick. Strain into jars. Makes about 2 cups (8 servings of 1/4 cup).", 8];
        yield 'a row of vessels' => ["12 muffin cups\n\n450 g cream cheese\n2 eggs\n\nBake at 150 °C for 22 minutes.", 12];
        yield 'pots in a sentence' => ["300 ml cream\n40 g sugar\n\nWhip and chill. Makes 6 small glasses.", 6];
        yield 'cups that are served' => ["Makes 6 cups\n\n300 ml cream\n40 g sugar\n\nWhip and chill.", 6];
    }

    #[DataProvider('yields')]
    public function testWhomItFeedsIsNotHowMuchItIs(string $text, int $portions): void
    {
        $read = Kit::engine()->recipe("Lantern pots\n" . $text);
        self::assertSame($portions, $read->formula->portions);
        self::assertSame([], $read->formula->questions());
    }

    public function testWhatStandsBesideTheLinesIsReadForWhatItIs(): void
    {
        $read = Kit::engine()->recipe("LANTERN POTS\n\nINGREDIENTS (makes 8 pots)\n\nBase\n150 g plain biscuits\n60 g butter\n\nToffee\n1 tin caramel (397 g)\n\nTop\n300 ml whipping cream\n\nSteps\nStep 1: Crush the biscuits and mix with the melted butter.");
        self::assertSame([8, ['Base', 'Toffee', 'Top']], [$read->formula->portions, array_map(static fn(Layer $l): string => $l->name, $read->formula->layers)]);
        self::assertSame([], $read->formula->questions());
        $bars = Kit::engine()->recipe("Lantern bars (makes one 20cm square tin, cut into 16)\n\n500 g mascarpone\n3 eggs\n\nBake at 150 °C for 45 minutes.");
        self::assertSame(['Lantern bars', 16, 'rect 200 x 200 x 50 mm'], [$bars->formula->title, $bars->formula->portions, $bars->formula->layers[0]->tin?->words()]);
    }

    public function testALongFirstLineIsALine(): void
    {
        $read = Kit::engine()->recipe("Lantern mousse, serves four\n\n120 ml aquafaba (drained from a 400 g tin of chickpeas)\n100 g caster sugar\n\n1) Whip the aquafaba with the sugar to stiff peaks.");
        self::assertSame(['aquafaba', 'sugar'], array_column($read->formula->layers[0]->lines, 'ingredient'));
        self::assertSame([], $read->aside);
    }

    public function testABainMarieIsNoBiscuit(): void
    {
        $read = Kit::engine()->recipe("Lantern pots\nServes 4\n600 ml milk\n4 eggs\n\nBake in a bain-marie at 150 °C for 40 minutes.");
        self::assertSame('metric', $read->formula->measures->value);
    }

    /** @return iterable<string, array{string, string, list<string>}> */
    public static function headings(): iterable
    {
        foreach (['[%s]', '## %s', '**%s**', '=== %s ===', '— %s —', '%s:', '<b>%s</b>', '_%s_'] as $shape) {
            yield $shape => [\sprintf($shape, 'Cream'), \sprintf($shape, 'Jelly'), ['Cream', 'Jelly']];
        }
        yield 'numbered' => ['1. Cream', '2. Jelly', ['Cream', 'Jelly']];
        yield 'lettered' => ['A) Cream', 'B) Jelly', ['Cream', 'Jelly']];
        yield 'roman' => ['II. The cream', 'III. Jelly', ['Cream', 'Jelly']];
        yield 'a remark is none' => ['(optional)', '[optional]', ['Dish']];
        yield 'a sentence is none' => ['1. Whip it.', '2. Fold it in.', ['Dish']];
    }

    /** @param list<string> $layers */
    #[DataProvider('headings')]
    public function testAHeadingIsReadHoweverItIsMarked(string $first, string $second, array $layers): void
    {
        $read = Kit::engine()->recipe("Glasses\nServes 4\n\n$first\n300 g whipping cream 36 %\n40 g sugar\n\n$second\n250 g raspberry puree\n4 g gelatin powder\n");
        self::assertSame($layers, array_map(static fn(Layer $l): string => $l->name, $read->formula->layers));
    }

    public function testSchemaOrgInItsManyShapes(): void
    {
        foreach ([
            '{"@type":"Recipe","name":"A","recipeYield":4,"recipeIngredient":["100 g sugar"],"recipeInstructions":"Mix.\nChill 2 hours."}',
            '[{"@type":"http://schema.org/Recipe","name":"A","recipeYield":{"@value":"4 servings"},"ingredients":["100 g sugar"],"recipeInstructions":{"@list":["Mix.","Chill 2 hours."]}}]',
            '{"@type":"WebPage","mainEntity":{"@type":["Recipe"],"name":"A","recipeYield":["1 cake","4 servings"],"recipeIngredient":"100 g sugar","recipeInstructions":[{"@type":"HowToStep","text":"<p>Mix.</p>"},{"@type":"HowToDirection","text":"Chill 2 hours."}]}}',
            '<script type="application/ld+json">//<![CDATA[' . "\n" . '{"@type":"Recipe","name":"A","recipeYield":"serves 4","recipeIngredient":["100&nbsp;g sugar"],"recipeInstructions":[{"@type":"ItemList","itemListElement":[{"@type":"HowToStep","text":"Mix."},{"@type":"HowToStep","text":"Chill 2 hours."}]}]}' . "\n//]]></script>",
        ] as $text) {
            $read = Kit::engine()->recipe($text);
            self::assertSame(['A', 4, ['Mix.', 'Chill 2 hours.']], [$read->formula->title, $read->formula->portions, array_column($read->formula->method, 'text')], $text);
            self::assertSame(['sugar', 100.0], [$read->formula->layers[0]->lines[0]->ingredient, $read->formula->layers[0]->lines[0]->grams], $text);
        }
    }

    public function testOfSeveralRecipesOneIsReadAndTheOthersNamed(): void
    {
        $two = '[{"@type":"Recipe","name":"A","recipeIngredient":["1 g sugar"]},{"@type":"Recipe","name":"B","recipeIngredient":["2 g sugar"]}]';
        self::assertSame(['B'], Kit::engine()->recipe($two)->others);
        self::assertSame('B', Kit::engine()->recipe($two, number: 2)->formula->title);
        $this->expectException(Unreadable::class);
        Kit::engine()->recipe($two, number: 3);
    }

    public function testANameTypedBesideARecipeStandsAndItsTitleIsNoLine(): void
    {
        $read = Kit::engine()->recipe("title: Our pots\n\nLamplight lemon pots\nServes 4\n\n100 g sugar\n2 eggs\n\nMethod\nWhisk together.");
        self::assertSame(['Our pots', [], ['Lamplight lemon pots']], [$read->formula->title, $read->formula->questions(), $read->aside]);
        // Without more of a recipe about it, the same row is a line nobody understands.
        self::assertCount(1, Kit::engine()->parse("title: Our pots\n\nLamplight lemon pots\n100 g sugar")->unresolved());
    }

    public function testALineThatIsNoRecipeIsStillAsked(): void
    {
        $formula = Kit::engine()->parse("Dream pot\n200 g moonbeams\n100 g sugar\n\nMethod\nMix well and chill for 2 hours.");
        self::assertSame(['200 g moonbeams'], array_map(static fn($line): string => $line->text, $formula->unresolved()));
    }

    public function testWhatStandsOnTopIsNotDoneToWhatIsUnder(): void
    {
        $read = Kit::engine()->recipe("Budino\n\n3 cups whole milk\n4 egg yolks\n1/4 cup cornstarch\n1 cup sugar\n\nFor the topping:\n1/2 cup heavy cream, whipped\n\nDirections\nCook, whisking, until thick and boiling, 2 minutes. Chill.\nTop with whipped cream. Fill 6 verrines.");
        self::assertSame(['boil 2 min stirred', 'whip'], array_map(static fn(Layer $layer): string => $layer->treatment->words(), $read->formula->layers));
        self::assertSame(6, $read->formula->portions);
        self::assertSame('us', $read->formula->measures->value);
    }

    public function testLayersFrozenInOneTinAreFrozenTogetherAndAPartOfAnotherIsCountedOnce(): void
    {
        $read = Kit::engine()->recipe("Vegan cheesecake\n\nFILLING\n2 cups cashews\n1/2 cup coconut cream\n\nBLUEBERRY LAYER\n1 cup blueberries\nreserved 1/2 cup filling\n\nBlend filling and pour into a 7-inch springform pan. Blend the rest with the blueberries, pour on top. Freeze 4 hours. Makes 10 slices.");
        self::assertSame(['freeze -18 C', 'freeze -18 C'], array_map(static fn(Layer $layer): string => $layer->treatment->words(), $read->formula->layers));
        self::assertContains('reserved 1/2 cup filling', $read->aside);
        self::assertSame([], $read->formula->questions());
    }
}
