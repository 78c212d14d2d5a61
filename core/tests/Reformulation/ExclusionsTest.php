<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reformulation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Fault\Nonsense;
use Transmuta\Reference\Table;
use Transmuta\Reformulation\Brief\Exclusions;
use Transmuta\Tests\Kit;

final class ExclusionsTest extends TestCase
{
    /** @return iterable<string, array{string, list<string>, list<string>}> word, what it keeps out, what it leaves in */
    public static function words(): iterable
    {
        yield 'dairy' => ['dairy', ['butter', 'milk', 'cream-cheese'], ['coconut-oil', 'egg']];
        yield 'milk, the allergen' => ['milk', ['butter'], ['soy-milk']];
        yield 'lactose' => ['lactose', ['milk', 'cream-36'], ['soy-milk', 'sugar']];
        yield 'soy' => ['soy', ['soy-milk', 'silken-tofu'], ['oat-milk']];
        yield 'nuts, many' => ['nuts', ['almond-flour', 'cashew'], ['coconut-oil', 'peanut-butter']];
        yield 'tree nuts' => ['tree nuts', ['hazelnut'], ['peanut-butter']];
        yield 'egg, one of eggs' => ['egg', ['egg', 'egg-yolk'], ['milk']];
        yield 'an ingredient by its name' => ['coconut oil', ['coconut-oil'], ['coconut-cream']];
        yield 'an ingredient by id' => ['coconut-oil', ['coconut-oil'], ['coconut-cream']];
        yield 'everything of coconut' => ['coconut', ['coconut-oil', 'coconut-cream', 'coconut-dried'], ['cocoa-butter']];
        yield 'in capitals and plural' => ['Hazelnuts', ['hazelnut', 'hazelnut-paste'], ['almond']];
        yield 'alcohol' => ['alcohol', ['rum'], ['milk']];
    }

    /**
     * @param list<string> $out
     * @param list<string> $in
     */
    #[DataProvider('words')]
    public function testAWordKeepsOutWhatPeopleMeanByIt(string $word, array $out, array $in): void
    {
        $exclusions = Exclusions::of([$word], Kit::shelf());
        foreach ($out as $id) {
            self::assertTrue($exclusions->bans(Kit::shelf()->get($id)), $id);
        }
        foreach ($in as $id) {
            self::assertFalse($exclusions->bans(Kit::shelf()->get($id)), $id);
        }
    }

    public function testAnUnknownWordIsRefusedWithWhatMayBeMeant(): void
    {
        $this->expectException(Nonsense::class);
        $this->expectExceptionMessageMatches('/hazlenut.*perhaps .*hazelnut/');
        Exclusions::of(['hazlenut'], Kit::shelf());
    }

    public function testEveryWordOfTheTableKeepsSomethingOut(): void
    {
        foreach (Table::of('reformulation/without') as $row) {
            $exclusions = Exclusions::of([$row['word']], Kit::shelf());
            $out = array_filter(Kit::shelf()->all(), $exclusions->bans(...));
            if (!\in_array($row['value'], ['meat', 'lupin', 'sulphites', 'rye'], true)) {
                self::assertNotSame([], $out, $row['word']);
            }
            self::assertLessThan(300, \count($out), $row['word']);
        }
    }
}
