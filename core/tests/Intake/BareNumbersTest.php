<?php

declare(strict_types=1);

namespace Transmuta\Tests\Intake;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Line;
use Transmuta\Formula\Step;
use Transmuta\Intake\Recipe\BareNumbers;
use Transmuta\Tests\Kit;

/** Prep sheets with a number behind each name and no unit, and steps that are numbered or begin with any verb of a kitchen. */
final class BareNumbersTest extends TestCase
{
    private static function read(string $text): Formula
    {
        return Kit::engine()->parse($text);
    }

    /** @return array<string, float> g by ingredient, of a layer */
    private static function grams(Formula $formula, int $layer = 0): array
    {
        $grams = [];
        foreach ($formula->layers[$layer]->lines as $line) {
            $grams[$line->ingredient ?? "? $line->text"] = $line->grams;
        }

        return $grams;
    }

    public function testASheetOfBareNumbersIsInGrams(): void
    {
        $sheet = self::read("lemon tart - pastry prep sheet\n\npastry\nflour 250\nbutter 125\nicing sugar 90\negg 50\n\nfilling\nlemon juice 180\nzest 3 lemons\neggs 9\nyolks 2\ncaster 320\ncream 250\n\nblind bake 170, fill, bake 120 until it wobbles");
        self::assertSame(['Pastry', 'Filling'], array_map(static fn($layer): string => $layer->name, $sheet->layers));
        self::assertSame(['plain-flour' => 250.0, 'butter' => 125.0, 'icing-sugar' => 90.0, 'egg' => 50.0], self::grams($sheet), 'fifty grams of egg, not fifty eggs');
        $filling = self::grams($sheet, 1);
        self::assertSame(180.0, $filling['lemon-juice'], 'no juice of 180 lemons');
        self::assertSame(540.0, $filling['egg'], 'nine eggs');
        self::assertSame(320.0, $filling['sugar']);
        // The words stay the maker's.
        self::assertSame('egg 50', $sheet->layers[0]->lines[3]->text);
    }

    public function testWhatCanOnlyBeCountedTellsNothing(): void
    {
        $sheet = self::read("Fruit\n\nlemons 20\noranges 16\n100 g sugar\n\nMethod\nJuice everything.");
        $grams = self::grams($sheet);
        self::assertGreaterThan(500.0, array_sum($grams), 'twenty lemons are lemons');
    }

    public function testOneBareNumberIsAsked(): void
    {
        $sheet = self::read("Cream\n\n200 ml whipping cream\nsugar 40\n\nMethod\nWhip.");
        self::assertSame(['cream-36', null], array_map(static fn(Line $line): ?string => $line->ingredient, $sheet->layers[0]->lines));
        self::assertNotNull($sheet->layers[0]->lines[1]->reason);
    }

    /** @return iterable<string, array{string, ?array{string, float}}> */
    public static function rows(): iterable
    {
        yield 'a name and a number' => ['icing sugar 90', ['icing sugar', 90.0]];
        yield 'with a colon' => ['flour: 250', ['flour', 250.0]];
        yield 'with a comma' => ['salt 2,5', ['salt', 2.5]];
        yield 'with a unit' => ['flour 250 g', null];
        yield 'number first' => ['250 flour', null];
        yield 'a strength and a number' => ['cream 36 % 250', ['cream 36 %', 250.0]];
        yield 'a bloom and a number' => ['gelatine 200bl 8', ['gelatine 200 bloom', 8.0]];
        yield 'a word in brackets behind' => ['sugar 100 (caramel)', ['sugar', 100.0]];
        yield 'two numbers that are no strength' => ['eggs 3 150', null];
        yield 'a sentence' => ['bake at 170.', null];
    }

    /** @param ?array{string, float} $parts */
    #[DataProvider('rows')]
    public function testABareRow(string $row, ?array $parts): void
    {
        $found = BareNumbers::parts($row);
        self::assertSame($parts, $found === null ? null : \array_slice($found, 0, 2));
    }

    /** @return iterable<string, array{string, list<string>}> */
    public static function steps(): iterable
    {
        yield 'an oven on a row of its own' => ["110 g pudding rice\n1 litre whole milk\n50 g caster sugar\n\n1. Oven 150 °C (fan 130).\n2. Butter a dish, put everything in.\n3. Bake 2 hours.", ['1. Oven 150 °C (fan 130).', '2. Butter a dish, put everything in.', '3. Bake 2 hours.']];
        yield 'no verb in any' => ["500 g double cream\n250 g milk\n90 g sugar\n4 gelatine leaves\n\n1. Gelatine in cold water.\n2. Cream, milk, sugar to 80.\n3. Moulds. Fridge 4h.", ['1. Gelatine in cold water.', '2. Cream, milk, sugar to 80.', '3. Moulds. Fridge 4h.']];
        yield 'a verb of the kitchen' => ["75 g brown breadcrumbs\n75 g demerara sugar\n300 ml double cream\n\nToast crumbs and demerara under the grill until caramelised, cool and break up.\nFold into the whipped cream and freeze.", ['Toast crumbs and demerara under the grill until caramelised, cool and break up.', 'Fold into the whipped cream and freeze.']];
    }

    /** @param list<string> $steps */
    #[DataProvider('steps')]
    public function testAStepIsNoIngredient(string $page, array $steps): void
    {
        $formula = self::read("A pudding\n\n$page");
        self::assertSame($steps, array_map(static fn(Step $step): string => $step->text, $formula->method));
        foreach ($formula->layers[0]->lines as $line) {
            self::assertNotNull($line->ingredient, $line->text);
        }
    }

    public function testANumberedListOfAmountsIsNoMethod(): void
    {
        $formula = self::read("A pudding\n\n1. 200 g flour\n2. 100 g sugar\n3. 50 g butter\n\nMethod\nMix.");
        self::assertSame(['plain-flour' => 200.0, 'sugar' => 100.0, 'butter' => 50.0], self::grams($formula));
    }

    public function testBreadIsKnown(): void
    {
        $formula = self::read("Treacle tart\n\n340 g golden syrup\n110 g white breadcrumbs\n75 g brown breadcrumbs\n2 slices white bread\n\nMethod\nMix.");
        self::assertSame(['golden-syrup' => 340.0, 'white-bread' => 80.0, 'wholemeal-bread' => 75.0], self::grams($formula));
    }
}
