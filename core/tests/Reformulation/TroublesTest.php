<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reformulation;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Property\DishReading;
use Transmuta\Property\Warning;
use Transmuta\Reference\Table;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Evaluation\RouteStanding;
use Transmuta\Reformulation\Evaluation\Troubles;
use Transmuta\Reformulation\Ranking\Route;
use Transmuta\Tests\Kit;
use Transmuta\Watch\Rule;
use Transmuta\Watch\WatchList;

/** What the watch says of a result that it did not say of the original either keeps it from being met or is judged to be told beside it. */
final class TroublesTest extends TestCase
{
    public function testEveryRuleOfTheWatchIsJudgedOnceAndNoOtherIs(): void
    {
        $rows = Table::of('reformulation/troubles');
        $rules = array_map(static fn(Rule $rule): string => $rule::name(), WatchList::standard()->rules);
        $judged = array_column($rows, 'rule');
        sort($rules);
        sort($judged);
        self::assertSame($rules, $judged);
        foreach ($rows as $row) {
            self::assertContains($row['weighs'], ['keeps', 'told'], $row['rule']);
            self::assertSame($row['weighs'] === 'keeps', Troubles::keeps($row['rule']));
        }
        self::assertTrue(Troubles::keeps('a rule nobody has judged'));
    }

    private static function read(string $lines, string $treat): DishReading
    {
        return Kit::engine()->read(Kit::engine()->parse("title: Pot\nportions: 4\nlayer: Pot\ntreat: $treat\n$lines"));
    }

    /** @return iterable<string, array{array{string, string}, array{string, string}, list<string>}> lines and treatment before and after, and what is brought */
    public static function brought(): iterable
    {
        $cream = ["400 g cream 36%\n60 g sugar", 'none'];
        yield 'raw flour' => [$cream, ["380 g cream 36%\n60 g sugar\n20 g plain flour", 'none'], ['raw-egg-or-flour']];
        yield 'flour that was raw before' => [["390 g cream 36%\n60 g sugar\n10 g plain flour", 'none'], ["380 g cream 36%\n60 g sugar\n20 g plain flour", 'none'], []];
        yield 'flour that is boiled, in a little pot' => [["95 g cream 36%\n15 g sugar", 'none'], ["90 g cream 36%\n15 g sugar\n5 g plain flour", 'boil 2 min stirred'], []];
        yield 'a deep pot that has to be cooled now' => [$cream, ["380 g cream 36%\n60 g sugar\n20 g plain flour", 'boil 2 min stirred'], ['cooling-too-slow']];
        yield 'a dough that is sold raw' => [$cream, ["300 g cream 36%\n160 g raw puff pastry", 'none'], ['raw-egg-or-flour']];
        yield 'whey powder in the boil' => [["90 g milk\n15 g sugar\n8 g cornflour", 'boil 2 min stirred'], ["85 g milk\n5 g whey protein isolate\n15 g sugar\n8 g cornflour", 'boil 2 min stirred'], ['whey-grains-when-hot']];
        yield 'quark, which the method stirs in cool' => [["90 g milk\n15 g sugar\n8 g cornflour", 'boil 2 min stirred'], ["45 g milk\n45 g quark\n15 g sugar\n8 g cornflour", 'boil 2 min stirred'], []];
        yield 'a question to a packet is told, not held against it' => [$cream, ["400 g oat cream\n60 g sugar", 'none'], []];
    }

    /**
     * @param array{string, string} $was
     * @param array{string, string} $now
     * @param list<string> $rules
     */
    #[DataProvider('brought')]
    public function testWhatTheOriginalHadNothingOfIsBrought(array $was, array $now, array $rules): void
    {
        self::assertSame($rules, array_values(array_unique(array_map(static fn(Warning $w): string => $w->rule, Troubles::brought(self::read(...$was), self::read(...$now))))));
    }

    /** A bought case is baked; what is made in its place of flour is baked too, or it would be eaten raw. */
    public function testACaseThatIsMadeInPlaceOfABoughtOneIsBaked(): void
    {
        $dish = Kit::engine()->parse("title: Tart\nfamily: curd\nportions: 8\nlayer: Case\ntreat: none\n230 g sweet pastry\nlayer: Filling\ntreat: bake 140 C\n5 eggs\n200 g caster sugar\n150 ml double cream\n150 ml lemon juice");
        $routes = Kit::engine()->reformulate($dish, Brief::of([Diet::Vegan]));
        self::assertNotSame([], $routes);
        foreach ($routes as $route) {
            self::assertTrue($route->result->layers[0]->layer->treatment->bakes(), $route->name);
            self::assertSame([], array_filter($route->result->watch, static fn(Warning $w): bool => $w->rule === 'raw-egg-or-flour'));
        }
    }

    /** Neither grain nor bitterness is called met, and what is not met says which. */
    public function testASweetenersGrainAndBitternessAreSaidBeforeAnythingIsCalledMet(): void
    {
        $dish = Kit::engine()->parse("title: Fudge pots\nfamily: other\nportions: 10\nlayer: Caramel\ntreat: boil 5 min stirred\n260 g sugar\n60 g butter\n100 g cream 36%");
        foreach (Kit::engine()->reformulate($dish, Brief::of([Diet::Keto])) as $route) {
            $spoilt = array_filter($route->result->watch, static fn(Warning $w): bool => \in_array($w->rule, ['polyol-crystallises-cold', 'potent-sweetener-over-ceiling'], true));
            self::assertSame($spoilt !== [], self::saysOneOf($route, $spoilt), $route->name);
            self::assertTrue($spoilt === [] || ($route->standing !== RouteStanding::Met && $route->fit < 80.0), $route->name);
        }
    }

    /** @param array<int, Warning> $of */
    private static function saysOneOf(Route $route, array $of): bool
    {
        return array_intersect(array_map(static fn(Warning $w): string => $w->text, $of), $route->settlement->words()) !== [];
    }
}
