<?php

declare(strict_types=1);

namespace Transmuta\Tests\Method;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Method\Reading\MethodReader;
use Transmuta\Tests\Kit;

/**
 * Whole pages as people write them (invented for this test), each act read by hand against its sentence: what is done, what goes in and how much of it, and what it
 * is done to. The `.acts` beside a page has a row for every act: its place, the operation, ingredients with their share, and behind `<` the acts it goes on from.
 */
final class ReadPagesTest extends TestCase
{
    /** @return iterable<string, array{string}> */
    public static function pages(): iterable
    {
        foreach (glob(__DIR__ . '/pages/read/*.txt') ?: [] as $file) {
            yield basename($file, '.txt') => [$file];
        }
    }

    #[DataProvider('pages')]
    public function testAPageIsReadAsACookReadsIt(string $file): void
    {
        $formula = Kit::engine()->parse((string) file_get_contents($file));
        $method = (new MethodReader())->by(Kit::shelf(), $formula);
        self::assertSame(ActRows::kept($file), ActRows::of($formula, $method));
    }

    public function testThereArePages(): void
    {
        self::assertGreaterThanOrEqual(20, iterator_count((static fn(): iterable => yield from self::pages())()));
    }
}
