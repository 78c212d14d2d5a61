<?php

declare(strict_types=1);

namespace Transmuta\Tests\Format;

use PHPUnit\Framework\TestCase;
use Transmuta\Format\Csv;

/** Tables as people and spreadsheets write them: marks, quotes, empty rows, and cells that would be computed. */
final class CsvTest extends TestCase
{
    public function testWhatIsWrittenIsReadAgain(): void
    {
        $rows = [['name', 'said'], ['plain', "=SUM(A1)\nand a line"], ["'+1", '-3.5'], ['"quoted", twice', '@home']];
        $text = Csv::write($rows);
        self::assertStringContainsString("\"'=SUM(A1)", $text, 'no spreadsheet computes it');
        self::assertStringContainsString('-3.5', $text, 'a number stays one');
        self::assertStringNotContainsString("'-3.5", $text);
        self::assertSame($rows, array_values(iterator_to_array(Csv::read($text))));
    }

    public function testRowsKeepTheirNumberAndTheFirstNamesTheColumns(): void
    {
        $rows = iterator_to_array(Csv::read("\u{FEFF}Name, Grams \r\n\r\n   \r\nSugar, 40\r\n"));
        self::assertSame([1 => ['name', 'grams'], 4 => ['Sugar', '40']], $rows);
        self::assertSame([], iterator_to_array(Csv::read('')));
    }

    public function testTheMarkBetweenIsToldByTheFirstRowAndOnlyWhereItMayBe(): void
    {
        self::assertSame([1 => ['a', 'b'], 2 => ['1,5', '2']], iterator_to_array(Csv::read("a;b\n1,5;2", eitherMark: true)));
        self::assertSame([1 => ['a', 'b'], 2 => ['1;5', '2']], iterator_to_array(Csv::read("a,b\n1;5,2", eitherMark: true)));
        self::assertSame([1 => ['a;b']], iterator_to_array(Csv::read('a;b')));
    }
}
