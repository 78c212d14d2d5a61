<?php

declare(strict_types=1);

namespace Transmuta\Tests\Intake;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Formula\Line;
use Transmuta\Intake\HeatWords;
use Transmuta\Intake\Recipe\CitrusParts;
use Transmuta\Intake\Recipe\RowList;
use Transmuta\Tests\Kit;

/** Lists in one row, fruit whose parts only the method tells, hours with minutes, and rows under a title. */
final class RowListTest extends TestCase
{
    public function testAListInOneRowIsRead(): void
    {
        self::assertSame(['butter 200', 'caster 200', 'eggs 4'], RowList::of('butter 200, caster 200, eggs 4'));
        self::assertSame(['4 lemons', '200g sugar', '100g butter'], RowList::of('4 lemons, 200g sugar, 100g butter'));
        $formula = Kit::engine()->parse("Orange polenta cake\nbutter 200, caster 200, ground almonds 200, polenta 100, eggs 3, baking powder 1 tsp\nCream butter and sugar, beat in almonds and eggs.\nBake 160C 1 hr in 23cm tin. Cool.");
        self::assertSame('Orange polenta cake', $formula->title);
        self::assertSame([], $formula->unresolved());
        self::assertSame(['butter' => 200.0, 'sugar' => 200.0, 'almond-flour' => 200.0, 'maize-flour' => 100.0, 'egg' => 180.0], \array_slice($formula->holds(), 0, 5));
    }

    /** @return iterable<string, array{string, string, ?string}> */
    public static function fruit(): iterable
    {
        yield 'both' => ['4 lemons', 'Zest and juice the lemons into a bowl.', '4 lemons, juice and zest'];
        yield 'the juice' => ['2 limes', 'Squeeze the limes and whisk in.', '2 limes, juice'];
        yield 'the zest, behind the fruit' => ['oranges 2', 'Beat in the orange zest.', 'oranges 2, zest'];
        yield 'nothing said' => ['2 lemons', 'Slice the lemons thinly.', null];
        yield 'said in the row' => ['juice of 2 lemons', 'Zest the lemons.', null];
        yield 'of another fruit' => ['2 limes', 'Add the lemon juice.', null];
        yield 'no citrus' => ['4 apples', 'Juice the apples.', null];
    }

    #[DataProvider('fruit')]
    public function testWhatOfAFruitGoesIn(string $row, string $method, ?string $read): void
    {
        self::assertSame($read, CitrusParts::of($row, $method));
    }

    public function testHoursWithMinutes(): void
    {
        self::assertSame('bake 75 min at 120', HeatWords::inMinutes('bake 1h15 at 120'));
        self::assertSame('80 min', HeatWords::inMinutes('1 hr 20 mins'));
        self::assertSame('65 min', HeatWords::inMinutes('1 hour and 5 minutes'));
        self::assertSame('chill 2 h', HeatWords::inMinutes('chill 2 h'));
        self::assertSame('1 h 160 °C', HeatWords::inMinutes('1 h 160 °C'));
        self::assertSame('2 hours 40 g', HeatWords::inMinutes('2 hours 40 g'));
    }

    public function testANumberOrASizeUnderTheTitle(): void
    {
        $formula = Kit::engine()->parse("Rice pudding\n4\n\n120 g pudding rice\n1 l milk\n50 g sugar\n\nSimmer the rice in the milk with the sugar for 35 minutes until thick.");
        self::assertSame(4, $formula->portions);
        self::assertSame(['rice-short-grain', 'milk', 'sugar'], array_map(static fn(Line $line): ?string => $line->ingredient, $formula->layers[0]->lines));
        $formula = Kit::engine()->parse("Cheesecake\n20cm\n\n500 g soft cheese\n120 g sugar\n2 eggs\n\nBeat all. Bake 150C 50 mins.");
        self::assertStringContainsString('20', (string) $formula->layers[0]->tin?->words());
        self::assertCount(3, $formula->layers[0]->lines);
        self::assertStringContainsString('bake 150 C 50 min', $formula->layers[0]->treatment->words());
        foreach (['12 slices, 23 cm springform', 'serves 12; 23 cm springform', '23 cm springform, 12 slices'] as $row) {
            $formula = Kit::engine()->parse("Cheesecake\n$row\n\n500 g soft cheese\n120 g sugar\n2 eggs\n\nBeat all. Bake 150C 50 mins.");
            self::assertSame([12, 3], [$formula->portions, \count($formula->layers[0]->lines)], $row);
            self::assertStringContainsString('230', (string) $formula->layers[0]->tin?->words(), $row);
        }
    }

    /** What is used elsewhere of an amount is no further amount; what comes on top of it is. */
    public function testAPartOfAnAmountIsNoFurtherOne(): void
    {
        $read = static fn(string $line): array => array_map(static fn(Line $one): float => $one->grams, Kit::engine()->lines->lines($line, \Transmuta\Quantity\UnitSystem::Metric));
        self::assertSame([1000.0], $read('1 kg apples, 200 g of them sliced'));
        self::assertSame([120.0], $read('120 g butter, 20 g of it melted'));
        self::assertSame([150.0], $read('150 g sugar, 50 g kept back'));
        self::assertSame([200.0], $read('200 g berries, 50 g reserved for the top'));
        self::assertSame([200.0, 50.0], $read('200 g berries, plus 50 g for the top'));
        self::assertSame([100.0, 90.0], $read('100 g sugar, 90 g butter'));
    }

    /** A row that says what is done behind a label is a step, whatever it names and counts. */
    public function testALabelledStepIsNoIngredient(): void
    {
        $formula = Kit::engine()->parse("Mousse\nserves 6\n\n300 ml cream\n4 egg whites\n100 g sugar\n\nItalian meringue: sugar + water 118, pour on whites.\nSoft whip the cream, fold in.");
        self::assertSame(['cream-36', 'egg-white', 'sugar'], array_keys($formula->holds()));
        self::assertCount(2, $formula->method);
    }
}
