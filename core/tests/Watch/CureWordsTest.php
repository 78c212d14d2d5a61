<?php

declare(strict_types=1);

namespace Transmuta\Tests\Watch;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Tests\Kit;
use Transmuta\Watch\Cure;

final class CureWordsTest extends TestCase
{
    /** @return iterable<string, array{array{action: string, ingredient: string, grams?: float, for?: string}, string}> */
    public static function cures(): iterable
    {
        yield 'boil apart' => [['action' => 'boil-apart', 'ingredient' => 'agar'], 'Boil the agar powder apart'];
        yield 'heat' => [['action' => 'heat', 'ingredient' => 'kiwi'], 'Cook the kiwi fruit first'];
        yield 'boil all' => [['action' => 'boil-layer', 'ingredient' => ''], 'Boil it 2 min'];
        yield 'add' => [['action' => 'add', 'ingredient' => 'trisodium-citrate', 'grams' => 1.234], 'Add 1.2 g trisodium citrate'];
        yield 'weigh, small' => [['action' => 'weigh', 'ingredient' => 'sucralose', 'grams' => 0.38], 'Weigh 0.38 g sucralose'];
        yield 'swap, without what is finer' => [['action' => 'swap', 'ingredient' => 'xylitol', 'for' => 'egg-liquid'], 'Take pasteurised whole egg instead'];
        yield 'cook' => [['action' => 'cook', 'ingredient' => '', 'grams' => 80.0], 'Cook to 80 °C'];
        yield 'treat' => [['action' => 'treat', 'ingredient' => '', 'for' => 'bake 135 C still'], 'Bake 135 °C still'];
        yield 'no boil' => [['action' => 'treat', 'ingredient' => '', 'for' => 'melt'], 'Only melt it'];
        yield 'tin' => [['action' => 'tin', 'ingredient' => '', 'for' => '2 x round 200 x 80 mm'], 'Use 2 x round 200 x 80 mm'];
        yield 'scale' => [['action' => 'scale', 'ingredient' => '', 'grams' => 0.9123], 'Everything × 0.91'];
    }

    /** @param array{action: string, ingredient: string, grams?: float, for?: string} $cure */
    #[DataProvider('cures')]
    public function testAButtonSaysWhatItDoes(array $cure, string $words): void
    {
        self::assertSame($words, Cure::words($cure, Kit::shelf()));
    }

    public function testEveryCureThatIsOfferedHasWordsOfItsOwn(): void
    {
        foreach (WatchListTest::rules() as $name => [, $text]) {
            foreach (Kit::engine()->read(Kit::engine()->parse($text))->watch as $warning) {
                if ($warning->cure !== null) {
                    $words = Cure::words($warning->cure, Kit::shelf());
                    self::assertNotSame('Do that', $words, $name);
                    self::assertLessThanOrEqual(60, mb_strlen($words), $words);
                    self::assertMatchesRegularExpression('/[a-zC0-9]$/', $words, $words);
                }
            }
        }
    }
}
