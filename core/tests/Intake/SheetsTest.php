<?php

declare(strict_types=1);

namespace Transmuta\Tests\Intake;

use PHPUnit\Framework\TestCase;
use Transmuta\Formula\Line;
use Transmuta\Intake\Recipe\Paragraphs;
use Transmuta\Intake\Recipe\Sheets;
use Transmuta\Tests\Kit;

/** Tables as factories keep them, recipes told in one paragraph, and the rows that stand round a list on a page. */
final class SheetsTest extends TestCase
{
    private const BATCH = "VANILLA CUSTARD BASE\tBATCH 25 kg\nIngredient\t%\tkg\nWhole milk\t58.0\t14.500\nCream 35%\t20.0\t5.000\nSugar\t13.0\t3.250\nEgg yolk pasteurised\t6.0\t1.500\nModified starch\t2.5\t0.625\nVanilla extract\t0.5\t0.125\nTOTAL\t100.0\t25.000\nProcess: mix dry, disperse in milk, add yolk and cream. Heat to 85C hold 3 min. Cool to 10C. Fill 125 g cups.";

    public function testABatchSheetIsRead(): void
    {
        $formula = Kit::engine()->parse(self::BATCH);
        self::assertSame([], $formula->unresolved());
        self::assertSame(25000.0, array_sum($formula->holds()), 'the total is no line, and nothing is lost');
        self::assertSame(14500.0, $formula->holds()['milk']);
        self::assertSame(200, $formula->portions, 'by what is filled into each');
        self::assertSame("Whole milk\t58.0\t14.500", $formula->layers[0]->lines[0]->text, 'as it was written');
    }

    public function testTheColumnOfTheAmount(): void
    {
        self::assertSame(['Ingredients', '500 g Milk', ''], Sheets::asLines(["Item\tqty", "Milk\t500", "Total\t500"]));
        self::assertSame(['Ingredients', '58.0 g Milk'], Sheets::asLines(['Ingredient | %', 'Milk | 58.0']), 'per cent alone: grams of a hundred');
        self::assertSame(['Ingredients', '2 l Milk'], Sheets::asLines(["Ingredient\tamount", "Milk\t2 l"]), 'a cell says its own unit');
        // No table, no change; and what follows a table is no row of it.
        self::assertSame(["200 g\tmilk", 'Whisk it.'], Sheets::asLines(["200 g\tmilk", 'Whisk it.']));
        self::assertSame(['Ingredients', '1 kg Milk', 'Heat to 85', "Fill\t90"], Sheets::asLines(["Ingredient\tkg", "Milk\t1", 'Heat to 85', "Fill\t90"]));
        self::assertSame(['Ingredients', '1 kg Milk', 'Sauce', '2 kg Cream'], Sheets::asLines(["Ingredient\tkg", "Milk\t1", 'Sauce', "Cream\t2"]), 'a heading within it');
    }

    public function testAMessageInOneParagraph(): void
    {
        $text = 'hey so the recipe for nans chocolate pots: 200ml cream, 150g dark choc (70%), 2 yolks, 1 tbsp brandy, 20g butter. heat the cream till just bubbling, pour on the chopped choc and leave a min then stir. beat in yolks, brandy n butter. into 4 little pots, fridge 2-3 hrs.';
        self::assertSame(['nans chocolate pots', '', '200ml cream', '150g dark choc (70%)', '2 yolks', '1 tbsp brandy', '20g butter', '', mb_substr($text, mb_strpos($text, 'heat the') ?: 0)], Paragraphs::parted([$text]));
        $formula = Kit::engine()->parse($text);
        self::assertSame('nans chocolate pots', $formula->title);
        self::assertSame(4, $formula->portions);
        self::assertSame(['cream-36', 'chocolate-70', 'egg-yolk', 'brandy', 'butter'], array_map(static fn(Line $line): ?string => $line->ingredient, $formula->layers[0]->lines));
        self::assertNotSame([], $formula->method);
        // A step that lists three amounts is none.
        $step = 'Put 200 ml of the cream, 50 g of the sugar and 10 g of butter in a pan, heat gently until it melts, then take it off. Whisk until smooth and thick.';
        self::assertSame([$step], Paragraphs::parted([$step]));
        self::assertSame(['200 g milk, 3 eggs, 50 g sugar. Whisk.'], Paragraphs::parted(['200 g milk, 3 eggs, 50 g sugar. Whisk.']), 'too short to be one');
    }

    public function testWhatStandsRoundTheListOfAPage(): void
    {
        $read = Kit::engine()->recipe("Lime bars {So easy!}\nPrep Time: 20 mins  Cook Time: 35 mins  Servings: 16 bars\n★★★★★ 4.9 from 212 votes\n\nIngredients\nCrust\n150 g digestive biscuits\n70 g butter, melted\nFilling\n450 g cream cheese\n100 g sugar\n2 eggs\n\nInstructions\nPreheat oven to 160 C.\nStir the biscuits and butter together, press in the pan and bake 10 minutes.\nBeat the cream cheese with the sugar, then eggs one at a time.\nPour over the warm crust. Bake 25-30 minutes until the centre is just set.");
        self::assertSame(16, $read->formula->portions);
        self::assertSame(['Crust', 'Filling'], array_map(static fn($layer): string => $layer->name, $read->formula->layers));
        self::assertContains('★★★★★ 4.9 from 212 votes', $read->aside);
        self::assertSame([], $read->formula->unresolved());
        self::assertStringContainsString('bake 160 C 27.5 min', $read->formula->layers[1]->treatment->words());
        self::assertStringContainsString('bake 160 C 10 min', $read->formula->layers[0]->treatment->words());
    }

    /** What is left of a thing after it was hung or drained is what goes in; a tin says what it holds drained itself. */
    public function testWhatIsLeftOfItGoesIn(): void
    {
        $read = static fn(string $line): float => Kit::engine()->lines->read($line, \Transmuta\Quantity\UnitSystem::Metric)->grams;
        self::assertSame(450.0, $read('1 kg curd, hung overnight (about 450 g after)'));
        self::assertSame(500.0, $read('1 kg yogurt, strained to 500 g'));
        self::assertSame(500.0, $read('500 g ricotta, drained'));
        self::assertSame(240.0, $read('400 g tin cherries, drained (240 g)'));
    }

    public function testAPrepSheetInOneRow(): void
    {
        $formula = Kit::engine()->parse("Mango lassi pots (6)\nmango pulp 400, greek yog 300, sugar 60, gelatine leaf 6, cream 200, blorgle 2\nbloom gel. warm 1/3 pulp w sugar, melt gel in it. add rest pulp, yog. cool to 22. soft whip cream, fold. set 4h");
        self::assertSame(6, $formula->portions);
        self::assertCount(6, $formula->layers[0]->lines);
        self::assertSame(['blorgle 2'], array_map(static fn(Line $line): string => $line->text, $formula->unresolved()), 'one is asked for, and the rest is read');
        self::assertSame(8, Kit::engine()->parse("Trifle\nfor 8ish\n\n500 g custard\n200 g raspberries\n\nPour the custard over the raspberries.")->portions);
    }

    public function testHeatsSaidInShort(): void
    {
        $treat = static fn(string $lines, string $method): string => Kit::engine()->parse("Dish\nserves 6\n\n$lines\n\n$method")->layers[0]->treatment->words();
        self::assertSame('bake 150 C 40 min', $treat("500 g milk\n4 eggs\n75 g sugar", 'Warm the milk. Beat eggs and sugar, pour the milk on. 150c 40 mins till just set.'));
        self::assertStringContainsString('cook to 83 C', $treat("420 g cream\n280 g milk\n150 g sugar\n120 g egg yolk", 'Heat all to 83, blend, age 12h, churn.'));
        self::assertStringContainsString('freeze', $treat("420 g cream\n280 g milk\n150 g sugar\n120 g egg yolk", 'Heat all to 83, blend, age 12h, churn.'));
        self::assertSame('boil 25 min stirred', $treat("200 g pudding rice\n1 l milk\n50 g sugar", 'Cook the rice in the milk with the sugar for 25 minutes, stirring.'));
        self::assertSame('bake 170 C 20 min', $treat("250 g flour\n125 g butter\n90 g icing sugar", 'Rub the butter into the flour and sugar, press into a tin and cook 20 min at 170 °C.'));
    }
}
