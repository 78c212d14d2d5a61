<?php

declare(strict_types=1);

namespace Transmuta\Tests\Format;

use PHPUnit\Framework\TestCase;
use Transmuta\Format\Words;
use Transmuta\Provenance\Mark;

/** What the screens are given of the trade's words. */
final class WordsTest extends TestCase
{
    public function testEveryTermSaysWhatACookWouldSayAndWhereItIsFrom(): void
    {
        $terms = Words::glossary();
        self::assertArrayHasKey('unproven', $terms);
        foreach ($terms as $term => $said) {
            self::assertMatchesRegularExpression('/^[A-Z].+\.$/s', $said['plain'], $term);
            self::assertNotNull(Mark::tryFrom($said['mark']), $term);
            self::assertNotSame('', $said['source'], $term);
        }
        self::assertCount(\count($terms), array_unique(array_column($terms, 'name')));
    }

    public function testTheyAreTypescriptThatReadsBack(): void
    {
        self::assertSame(1, preg_match('/export const GLOSSARY: [^=]+ = (\{.+?\n\});/s', Words::typescript(), $found));
        self::assertSame(Words::glossary(), json_decode($found[1] ?? '', true));
    }
}
