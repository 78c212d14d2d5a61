<?php

declare(strict_types=1);

namespace Transmuta\Tests\Label;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Allergens;
use Transmuta\Diet\Kitchen;
use Transmuta\Label\OnMenu;
use Transmuta\Tests\Kit;

/** The allergen matrix: every cell of it, worst first, and never free of anything. */
final class OnMenuTest extends TestCase
{
    /**
     * @param array<string, list<string>> $kitchen
     *
     * @return array<string, array{allergen: string, state: string, because: list<string>}> by allergen
     */
    private static function cells(string $lines, array $kitchen = [], string $regime = 'eu'): array
    {
        $of = OnMenu::of(Kit::engine()->read(Kit::engine()->parse("title: Moon pot\nportions: 4\n$lines")), Kitchen::from($kitchen));

        return array_column($regime === 'eu' ? $of['eu'] : $of['us'], null, 'allergen');
    }

    public function testEveryListedAllergenHasItsCell(): void
    {
        self::assertSame(Allergens::EU, array_keys(self::cells('100 g milk')));
        self::assertSame(Allergens::US, array_keys(self::cells('100 g milk', regime: 'us')));
        foreach ([...self::cells('100 g milk'), ...self::cells('100 g milk', regime: 'us')] as $cell) {
            self::assertArrayHasKey($cell['state'], OnMenu::STATES);
        }
    }

    /** @return iterable<string, array{string, string, string, array<string, list<string>>}> lines, allergen, state, kitchen */
    public static function cases(): iterable
    {
        $shared = ['handles' => ['nuts', 'milk'], 'shares' => ['mixers']];
        yield 'milk is in it' => ['100 g milk', 'milk', 'contains', []];
        yield 'and stays so in whatever kitchen' => ['100 g milk', 'milk', 'contains', $shared];
        yield 'nuts are in none of its lines' => ['100 g milk', 'nuts', 'none', []];
        yield 'but may be carried in' => ['100 g milk', 'nuts', 'kitchen', $shared];
        yield 'not where nothing is shared' => ['100 g milk', 'nuts', 'none', ['handles' => ['nuts'], 'shares' => []]];
        // A line nobody understands may hold anything.
        yield 'an open line' => ["100 g milk\n20 g moonlit dust", 'nuts', 'unknown', []];
        yield 'an open line before what the kitchen carries' => ["100 g milk\n20 g moonlit dust", 'nuts', 'unknown', $shared];
        yield 'what is known of an open dish' => ["100 g milk\n20 g moonlit dust", 'milk', 'contains', []];
        // A packet that has to be read: plant butter may hold milk protein, oats may hold gluten.
        yield 'a packet nobody has read' => ['100 g plant butter', 'milk', 'unknown', []];
    }

    /** @param array<string, list<string>> $kitchen */
    #[DataProvider('cases')]
    public function testTheWorstThatHoldsIsSaid(string $lines, string $allergen, string $state, array $kitchen): void
    {
        $cell = self::cells($lines, $kitchen)[$allergen];
        self::assertSame($state, $cell['state']);
        self::assertSame($state === 'none', $cell['because'] === [], 'what is said has its reason');
    }

    /** Rye is gluten and no wheat; coconut no tree nut since 2025; a hazelnut is one in both. */
    public function testTheTwoLawsDoNotSayTheSame(): void
    {
        self::assertSame('contains', self::cells('100 g hazelnuts')['nuts']['state']);
        self::assertSame('contains', self::cells('100 g hazelnuts', regime: 'us')['tree nuts']['state']);
        self::assertSame('contains', self::cells('100 g barley flour')['gluten']['state']);
        self::assertNotSame('contains', self::cells('100 g barley flour', regime: 'us')['wheat']['state']);
        self::assertSame('contains', self::cells('100 g plain flour', regime: 'us')['wheat']['state']);
    }
}
