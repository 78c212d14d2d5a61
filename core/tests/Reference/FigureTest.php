<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reference;

use PHPUnit\Framework\TestCase;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Table;

final class FigureTest extends TestCase
{
    public function testEveryFigureIsARowAndEveryRowAFigure(): void
    {
        $keys = array_column(Table::of('reference/figures'), 'key');
        self::assertSame(array_values(array_unique($keys)), $keys);
        $cases = array_column(Figure::cases(), 'value');
        sort($keys);
        sort($cases);
        self::assertSame($keys, $cases);
    }

    public function testEveryFigureIsComparedWithAndNoneOfTheTradeIsLeftInTheCode(): void
    {
        $asked = [];
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator(\dirname(__DIR__, 2) . '/src', \FilesystemIterator::SKIP_DOTS)) as $file) {
            \assert($file instanceof \SplFileInfo);
            $code = (string) file_get_contents($file->getPathname());
            preg_match_all('/\bFigure::(\w+)->number\(\)/', $code, $m);
            $asked += array_fill_keys($m[1], true);
            self::assertDoesNotMatchRegularExpression('/\[(?:trade|mem)\b/', $code, $file->getPathname() . ': a figure of the trade or from memory is a row of figures.csv');
        }
        self::assertSame([], array_diff(array_column(Figure::cases(), 'name'), array_keys($asked)));
    }
}
