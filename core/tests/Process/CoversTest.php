<?php

declare(strict_types=1);

namespace Transmuta\Tests\Process;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Transmuta\Fault\Nonsense;
use Transmuta\Format\CoverJson;
use Transmuta\Process\Covers\Covers;
use Transmuta\Tests\Kit;

/** Who is served by what, held against every set of versions there is. */
final class CoversTest extends TestCase
{
    private const POT = "Lemon pots\nportions: 12\n\n600 g whipping cream\n120 g caster sugar\n90 g lemon juice\n8 g gelatin powder\ntreat: cook 80 C\n";

    private const VEGAN = "Mango glass\nportions: 12\n\n600 g mango puree\n200 g water\n60 g caster sugar\n3 g agar powder\ntreat: boil 2 min\n";

    private const NUTTY = "Almond glass\nportions: 12\n\n600 g almond milk\n60 g caster sugar\n30 g cornflour\ntreat: boil 2 min\n";

    private const CUSTARD = "Custard pot\nportions: 12\n\n600 g whole milk\n120 g egg yolk\n90 g caster sugar\ntreat: cook 82 C\n";

    /**
     * @param list<array{count: int, diets?: list<string>, without?: list<string>}> $guests
     * @param list<string> $versions
     */
    private static function covers(array $guests, array $versions, float|int|null $margin = null): Covers
    {
        return (new CoverJson(Kit::engine()->parse(...), Kit::engine()->read(...)))->covers(['guests' => $guests, 'versions' => $versions, 'margin' => $margin]);
    }

    public function testOneThatSuitsAllIsTakenBeforeTwo(): void
    {
        $out = CoverJson::write(self::covers([['count' => 3, 'diets' => ['vegan']], ['count' => 19]], [self::POT, self::VEGAN])->cover());
        self::assertSame([['version' => 1, 'portions' => 22, 'serves' => [0, 1]]], $out['chosen']);
        self::assertSame([], $out['unserved']);
    }

    public function testWhoNothingSuitsIsToldWhy(): void
    {
        $out = CoverJson::write(self::covers([['count' => 2, 'diets' => ['vegan'], 'without' => ['nuts']], ['count' => 5]], [self::POT, self::NUTTY])->cover());
        self::assertSame([0], array_column($out['unserved'], 'guest'));
        self::assertStringContainsString('Whipping cream', $out['unserved'][0]['why']);
        self::assertStringContainsString('contains nuts', $out['unserved'][0]['why']);
        self::assertSame([1], $out['chosen'][0]['serves']);
    }

    /** Gluten is never proven by a calculation: it is served with its question, and a version without one is taken where there is one. */
    public function testWhatIsUnprovenIsChosenWithItsQuestion(): void
    {
        $out = CoverJson::write(self::covers([['count' => 2, 'diets' => ['gluten-free']]], [self::POT])->cover());
        self::assertCount(1, $out['chosen']);
        self::assertNotSame([], $out['questions']);
        self::assertStringContainsString('20 mg/kg', implode(' ', $out['questions']));
        $asks = "Pot\nportions: 4\n\n600 g whipping cream\n90 g some mystery\n8 g gelatin powder\ntreat: cook 80 C\n";
        $out = CoverJson::write(self::covers([['count' => 2, 'diets' => ['eggless']]], [$asks, self::POT])->cover());
        self::assertSame(1, $out['chosen'][0]['version']);
        self::assertSame([], $out['questions']);
        // What is not known may hold anything.
        self::assertNotSame([], self::covers([['count' => 1, 'without' => ['sesame']]], [$asks])->cover()->questions);
    }

    public function testTheMargin(): void
    {
        $portions = static fn(float|int|null $margin): int => self::covers([['count' => 19]], [self::POT], $margin)->cover()->chosen[0]->portions;
        self::assertSame(19, $portions(null));
        self::assertSame(21, $portions(0.1));
        self::assertSame(21, $portions(2));
        self::assertSame(19, $portions(0));
    }

    /** Held against all sets of all versions, read off the dishes' own verdicts. */
    public function testItIsTheFewestThatServeEveryone(): void
    {
        $random = new Randomizer(new Mt19937(7));
        $files = glob(__DIR__ . '/../../data/atlas/*.dish') ?: [];
        $diets = ['vegan', 'eggless', 'dairy-free', 'gluten-free', 'nut-free', 'keto'];
        $allergens = ['milk', 'eggs', 'nuts', 'soybeans', 'gluten'];
        for ($n = 0; $n < 25; ++$n) {
            $versions = array_map(static fn(): string => (string) file_get_contents($files[$random->getInt(0, \count($files) - 1)]), range(1, $random->getInt(2, 6)));
            $guests = array_map(static fn(): array => [
                'count' => $random->getInt(1, 12),
                'diets' => $random->getInt(0, 2) === 0 ? [] : [$diets[$random->getInt(0, 5)]],
                'without' => $random->getInt(0, 2) === 0 ? [$allergens[$random->getInt(0, 4)]] : [],
            ], range(1, $random->getInt(1, 6)));
            $readings = array_map(static fn(string $v) => Kit::engine()->read(Kit::engine()->parse($v)), $versions);
            $suits = static function (int $v, int $g) use ($readings, $guests): bool {
                foreach ($guests[$g]['diets'] as $diet) {
                    if ($readings[$v]->diets[$diet]->because !== []) {
                        return false;
                    }
                }

                return array_intersect($guests[$g]['without'], [...$readings[$v]->contains, ...$readings[$v]->mayContain]) === [];
            };
            $out = CoverJson::write(self::covers($guests, $versions)->cover());
            $served = array_values(array_filter(array_keys($guests), static fn(int $g): bool => array_filter(array_keys($versions), static fn(int $v): bool => $suits($v, $g)) !== []));
            self::assertSame(array_values(array_diff(array_keys($guests), $served)), array_column($out['unserved'], 'guest'), "case $n");
            $given = array_merge([], ...array_column($out['chosen'], 'serves'));
            sort($given);
            self::assertSame($served, $given, "case $n: each once");
            $fewest = \PHP_INT_MAX;
            for ($set = 0; $set < 2 ** \count($versions); ++$set) {
                $in = array_values(array_filter(array_keys($versions), static fn(int $v): bool => ($set >> $v & 1) === 1));
                $unserved = array_filter($served, static fn(int $g): bool => array_filter($in, static fn(int $v): bool => $suits($v, $g)) === []);
                $fewest = $unserved === [] ? min($fewest, \count($in)) : $fewest;
            }
            self::assertCount($fewest, $out['chosen'], "case $n");
            foreach ($out['chosen'] as $one) {
                self::assertSame(array_sum(array_map(static fn(int $g): int => $guests[$g]['count'], $one['serves'])), $one['portions']);
                foreach ($one['serves'] as $guest) {
                    self::assertTrue($suits($one['version'], $guest), "case $n");
                }
            }
        }
    }

    public function testTheCheapestIsNeverDearer(): void
    {
        $covers = self::covers([['count' => 3, 'diets' => ['vegan']], ['count' => 19]], [self::POT, self::VEGAN, self::CUSTARD]);
        self::assertLessThanOrEqual($covers->cover()->cost, $covers->cheapest()->cost);
        self::assertGreaterThan(0.0, $covers->cheapest()->cost);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function nonsense(): iterable
    {
        $good = ['guests' => [['count' => 2, 'diets' => ['vegan']]], 'versions' => [self::POT]];
        yield 'nobody' => [['guests' => []] + $good, 'guests'];
        yield 'no count' => [['guests' => [['count' => 0]]] + $good, 'guests[0].count'];
        yield 'no diet' => [['guests' => [['count' => 1, 'diets' => ['paleo']]]] + $good, 'guests[0].diets'];
        yield 'no list' => [['guests' => [['count' => 1, 'diets' => 'vegan']]] + $good, 'guests[0].diets'];
        yield 'no allergen' => [['guests' => [['count' => 1, 'without' => ['gravel']]]] + $good, 'guests[0].without'];
        yield 'nothing to give' => [['versions' => []] + $good, 'versions'];
        yield 'no formula' => [['versions' => [7]] + $good, 'versions[0]'];
        yield 'a bad margin' => [['margin' => -1] + $good, 'margin'];
    }

    /** @param array<string, mixed> $data */
    #[DataProvider('nonsense')]
    public function testWhatCannotBeMeantIsRefusedByItsPlace(array $data, string $place): void
    {
        $this->expectException(Nonsense::class);
        $this->expectExceptionMessage("$place:");
        (new CoverJson(Kit::engine()->parse(...), Kit::engine()->read(...)))->covers($data);
    }
}
