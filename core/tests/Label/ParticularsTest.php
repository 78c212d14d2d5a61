<?php

declare(strict_types=1);

namespace Transmuta\Tests\Label;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Label\Market;
use Transmuta\Label\Particulars;
use Transmuta\Tests\Kit;

/** Net quantity, dates, storage and colours: both sides of each boundary of the handbook's tables (labels 1–6). */
final class ParticularsTest extends TestCase
{
    /** @return array<string, string> printed by what */
    private static function printed(string $text, Market $market): array
    {
        return array_column(Particulars::of(Kit::engine()->read(Kit::engine()->parse("title: Pot\nportions: 2\n$text")), $market)['lines'], 'printed', 'what');
    }

    /** @return iterable<string, array{float, int}> */
    public static function heights(): iterable
    {
        yield '50' => [50.0, 2];
        yield '51' => [51.0, 3];
        yield '200' => [200.0, 3];
        yield '201' => [201.0, 4];
        yield '1000' => [1000.0, 4];
        yield '1001' => [1001.0, 6];
    }

    #[DataProvider('heights')]
    public function testAFigureIsAsHighAsTheQuantityAsks(float $grams, int $height): void
    {
        self::assertSame($height, Particulars::height($grams));
    }

    /** @return iterable<string, array{string, float, float, string}> nutrient, in 100 g, portion, colour */
    public static function colours(): iterable
    {
        yield 'sugars 22.5' => ['sugars', 22.5, 80.0, 'amber'];
        yield 'sugars 22.6' => ['sugars', 22.6, 80.0, 'red'];
        yield 'sugars 5.0' => ['sugars', 5.0, 80.0, 'green'];
        yield 'sugars 5.1' => ['sugars', 5.1, 80.0, 'amber'];
        yield '120 g of 22.0' => ['sugars', 22.0, 120.0, 'amber'];
        yield '120 g of 23' => ['sugars', 23.0, 120.0, 'red'];
        yield '150 g of 18.0' => ['sugars', 18.0, 150.0, 'amber'];
        yield '150 g of 18.1' => ['sugars', 18.1, 150.0, 'red'];
        yield '100 g is not more than 100' => ['sugars', 22.5, 100.0, 'amber'];
        yield 'fat 3.0' => ['fat', 3.0, 80.0, 'green'];
        yield 'fat 17.6' => ['fat', 17.6, 80.0, 'red'];
        yield 'saturates 1.5' => ['saturates', 1.5, 80.0, 'green'];
        yield 'saturates 5.1' => ['saturates', 5.1, 80.0, 'red'];
        yield 'salt 0.3' => ['salt', 0.3, 80.0, 'green'];
        yield 'salt 1.6' => ['salt', 1.6, 80.0, 'red'];
    }

    #[DataProvider('colours')]
    public function testColoursByHundredGramsAndByAPortionOfMore(string $nutrient, float $per, float $portion, string $colour): void
    {
        self::assertSame($colour, Particulars::colour($nutrient, $per, $portion));
    }

    public function testNetQuantityAsEachMarketPrintsIt(): void
    {
        $text = "400 g milk\n80 g sugar";
        self::assertSame('240 g, figures at least 4 mm high', self::printed($text, Market::Eu)['net quantity of one']);
        self::assertSame('NET WT 8.5 oz (240 g)', self::printed($text, Market::Us)['net quantity of one']);
        self::assertArrayNotHasKey('net quantity of one', self::printed("8 g sugar\n1 g salt", Market::Eu));
        self::assertArrayHasKey('net quantity of one', self::printed("8 g sugar\n2 g salt", Market::Eu));
    }

    /** What spoils is dated by "use by", what does not by "best before"; no federal rule asks for a date in the United States. */
    public function testDatesAndStorage(): void
    {
        $custard = "treat: cook 82 C\n400 g milk\n80 g egg yolk\n80 g sugar";
        self::assertStringStartsWith('Use by (day and month; ', self::printed($custard, Market::Eu)['date']);
        self::assertStringStartsWith('Use by (day and month; ', self::printed($custard, Market::Anz)['date']);
        self::assertStringStartsWith('Best before / Meilleur avant', self::printed($custard, Market::Ca)['date']);
        self::assertStringContainsString('no federal rule', self::printed($custard, Market::Us)['date']);
        self::assertStringStartsWith('Date of manufacture; Use by', self::printed($custard, Market::In)['date']);
        self::assertStringContainsString('no shelf-life test', self::printed($custard, Market::Uk)['date']);
        self::assertStringStartsWith('Best before', self::printed('200 g sugar', Market::Eu)['date']);
        self::assertStringContainsString('5 °C', self::printed($custard, Market::Eu)['storage']);
        self::assertStringContainsString('−18 °C', self::printed("treat: freeze -18 C\n400 g milk\n80 g sugar", Market::Eu)['storage']);
    }

    /** Colours are the United Kingdom's alone, French is Canada's, and what is put on by hand is said in every market. */
    public function testWhatIsOfOneMarketStandsInItAlone(): void
    {
        $dish = Kit::engine()->read(Kit::engine()->parse("title: Pot\nportions: 2\n400 g milk\n80 g sugar"));
        foreach (Market::cases() as $market) {
            $of = Particulars::of($dish, $market);
            self::assertCount($market === Market::Uk ? 4 : 0, $of['colours']);
            self::assertSame($market === Market::Ca, str_contains(implode($of['by_hand']), 'French'));
            self::assertGreaterThanOrEqual(2, \count($of['by_hand']));
            foreach ($of['lines'] as $line) {
                self::assertContains($line['mark'], ['pub', 'mem', 'trade']);
                self::assertNotSame('', $line['article']);
            }
        }
    }
}
