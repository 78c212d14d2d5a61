<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reformulation;

use PHPUnit\Framework\TestCase;
use Transmuta\Reformulation\Explanation\Changes;
use Transmuta\Tests\Kit;

final class ChangesTest extends TestCase
{
    public function testSaysWhatLeftWhatCameAndWhyInNumbers(): void
    {
        $before = Kit::reading(['egg' => 200, 'milk' => 500, 'sugar' => 80], Kit::heat('bake'));
        $after = Kit::reading(['milk' => 650, 'sugar' => 82, 'cornflour' => 45], Kit::heat('bake'));
        $change = Changes::between($before, $after);
        self::assertNotNull($change);
        self::assertSame(['egg'], array_column($change['out'], 'ingredient'));
        self::assertSame(['cornflour', 'milk'], array_column($change['in'], 'ingredient'));
        self::assertMatchesRegularExpression('/^Whole egg gave \d+ % of the set/', $change['why']);
        self::assertStringContainsString('more whole milk gives', $change['why']);
    }

    public function testALineThatGrowsAFifthIsNotCountedAndOneThatGrowsMoreIs(): void
    {
        $before = Kit::reading(['milk' => 100, 'sugar' => 20]);
        self::assertNull(Changes::between($before, Kit::reading(['milk' => 100, 'sugar' => 24])));
        $change = Changes::between($before, Kit::reading(['milk' => 100, 'sugar' => 24.1]));
        self::assertSame(['Caster or granulated sugar, more'], array_column($change['in'] ?? [], 'name'));
        self::assertEqualsWithDelta(4.1, $change['in'][0]['grams'] ?? 0.0, 1e-9);
    }

    public function testTellsInWordsWhatTheMouthWillNotice(): void
    {
        $before = Kit::reading(['cream-36' => 100, 'sugar' => 20, 'gelatin-powder' => 1], Kit::heat('melt'));
        self::assertSame('', Changes::mouth($before, $before));
        $words = Changes::mouth($before, Kit::reading(['milk' => 100, 'sugar' => 10, 'gelatin-powder' => 0.4], Kit::heat('melt')));
        foreach (['leaner', 'softer', 'less sweet'] as $word) {
            self::assertStringContainsString($word, $words);
        }
    }
}
