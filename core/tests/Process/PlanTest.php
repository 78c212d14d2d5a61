<?php

declare(strict_types=1);

namespace Transmuta\Tests\Process;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Transmuta\Fault\Nonsense;
use Transmuta\Format\MakingJson;
use Transmuta\Format\PlanJson;
use Transmuta\Format\ServiceJson;
use Transmuta\Process\Making\Making;
use Transmuta\Process\Making\MakingStep;
use Transmuta\Process\Plan\Fixed;
use Transmuta\Process\Plan\FixedState;
use Transmuta\Process\Plan\Hours;
use Transmuta\Process\Plan\Moment;
use Transmuta\Process\Plan\Order;
use Transmuta\Process\Plan\Placed;
use Transmuta\Process\Plan\Plan;
use Transmuta\Process\Plan\Planner;
use Transmuta\Process\Plan\Service;
use Transmuta\Tests\Kit;

/**
 * Plans read from the paper by {@see PlanReader}, and held against every plan there is where all can be tried.
 *
 * @phpstan-import-type Printed from PlanJson
 * @phpstan-import-type Asked from PlanReader
 * @phpstan-import-type Step from PlanReader
 */
final class PlanTest extends TestCase
{
    private const KITCHEN = ['cooks' => 2, 'hours' => [['07:00', '22:00']], 'ovens' => 1, 'rings' => 4, 'mixers' => [['litres' => 5]], 'fridge_shelves' => 6, 'freezer_shelves' => 2];

    private const POT = "Lemon pots\nportions: 12\n\n600 g whipping cream\n120 g caster sugar\n90 g lemon juice\n8 g gelatin powder\ntreat: cook 80 C\n";

    private const MOUSSE = "Orange mousse\nportions: 12\n\n200 g orange juice\n90 g caster sugar\n8 g gelatin powder\n300 g whipping cream\ntreat: whip\n";

    private const VEGAN = "Mango glass\nportions: 12\n\n600 g mango puree\n200 g water\n60 g caster sugar\n3 g agar powder\ntreat: boil 2 min\n";

    private const CHEESECAKE = "Baked cheesecake\nportions: 12\ntin: round 230 x 60 mm\n\n900 g cream cheese\n220 g caster sugar\n200 g egg\n200 g sour cream\n30 g cornflour\ntreat: bake 150 C 65 min\n";

    private static function reader(): ServiceJson
    {
        return new ServiceJson(Kit::engine()->parse(...), Kit::engine()->read(...));
    }

    /**
     * @param list<array<string, mixed>> $items
     * @param array{cooks?: int, hours?: list<array{string, string}>, ovens?: int, rings?: int, mixers?: list<array{litres: int|float}>, fridge_shelves?: int, freezer_shelves?: int} $kitchen what differs from the usual one
     *
     * @return Asked
     */
    private static function asked(array $items, array $kitchen = [], string $serve = '2026-12-05T19:30', ?string $now = null): array
    {
        return ['serve_at' => $serve, ...($now === null ? [] : ['now' => $now]), 'kitchen' => [...self::KITCHEN, ...$kitchen], 'items' => $items];
    }

    /**
     * @param Asked $asked
     *
     * @return Printed
     */
    private static function printed(array $asked): array
    {
        return PlanJson::write(Planner::standard()->plan(self::reader()->service($asked)));
    }

    /** @return list<list<Step>> */
    private static function methods(Service $service): array
    {
        /** @var list<list<Step>> $methods */
        $methods = array_map(static fn(Order $order): array => MakingJson::write($order->dish, Making::standard())['steps'], $service->orders);

        return $methods;
    }

    /**
     * @param Asked $asked
     * @param ?Printed $plan as printed; null to make it
     *
     * @return list<string>
     */
    private static function faults(array $asked, ?array $plan = null): array
    {
        $service = self::reader()->service($asked);
        $brings = [];
        foreach ($service->orders as $free => $order) {
            foreach ($service->orders as $item => $other) {
                foreach ($order->diets as $diet) {
                    if ($item !== $free && $other->dish->diets[$diet->value]->because !== []) {
                        $brings[$free][] = $item;
                    }
                }
            }
        }

        return PlanReader::faults($asked, self::methods($service), $plan ?? PlanJson::write(Planner::standard()->plan($service)), $brings);
    }

    /** Any dishes, any kitchen: what is planned can be cooked as it is printed, and near the bound. */
    public function testAnyServiceCanBeCookedAsItIsPrinted(): void
    {
        $random = new Randomizer(new Mt19937(20261126));
        $files = glob(__DIR__ . '/../../data/atlas/*.dish') ?: [];
        $far = [];
        for ($n = 0; $n < 40; ++$n) {
            $items = [];
            for ($i = $random->getInt(1, 4); $i > 0; --$i) {
                $dish = (string) file_get_contents($files[$random->getInt(0, \count($files) - 1)]);
                $diets = array_values(array_filter(['vegan', 'gluten-free', 'nut-free', 'eggless'], static fn(string $diet): bool => Kit::engine()->read(Kit::engine()->parse($dish))->diets[$diet]->because === []));
                $items[] = ['dish' => $dish, 'portions' => $random->getInt(2, 48), 'diet' => $diets === [] || $random->getInt(0, 1) === 0 ? null : $diets[$random->getInt(0, \count($diets) - 1)]];
            }
            $asked = self::asked($items, [
                'cooks' => $random->getInt(1, 3),
                'hours' => [[['07:00', '22:00']], [['08:00', '16:00'], ['18:00', '22:00']], [['00:00', '24:00']], [['14:00', '01:00']]][$random->getInt(0, 3)],
                'ovens' => $random->getInt(1, 2),
                'rings' => $random->getInt(1, 4),
                'mixers' => [['litres' => $random->getInt(2, 8)]],
            ]);
            $plan = self::printed($asked);
            if ($plan['feasible'] !== true) {
                self::assertNotSame('', $plan['blocked'][0]['cure'], "service $n");

                continue;
            }
            self::assertSame([], self::faults($asked, $plan), "service $n");
            $far[] = $plan['span_min'] / $plan['lower_bound_min'];
        }
        self::assertGreaterThan(30, \count($far));
        sort($far);
        self::assertLessThan(1.10, $far[(int) (0.9 * \count($far))], 'nine in ten within a tenth of what no plan can better');
    }

    /** The reader of plans sees each kind of fault, so that its silence says something. */
    public function testTheReaderSeesWhatIsWrong(): void
    {
        $asked = self::asked([['dish' => self::POT, 'portions' => 12], ['dish' => self::CHEESECAKE, 'portions' => 12], ['dish' => self::MOUSSE, 'portions' => 24]]);
        $service = self::reader()->service($asked);
        $plan = self::printed($asked);
        $methods = self::methods($service);
        self::assertSame([], PlanReader::faults($asked, $methods, $plan));
        $at = static fn(string $kind): int => (int) array_key_first(array_filter($plan['steps'], static fn(array $r): bool => $r['kind'] === $kind));
        $spoilt = static function (int $row, array $with) use ($plan): array {
            /** @var Printed $spoilt */
            $spoilt = array_replace_recursive($plan, ['steps' => [$row => $with]]);

            return $spoilt;
        };
        $bake = $at('bake');
        foreach ([
            'begins before' => $spoilt($at('fill'), ['start' => '2026-12-05T18:00:00', 'end' => '2026-12-05T18:08:24']),
            'after the service' => $spoilt($at('garnish'), ['start' => '2026-12-05T19:29:00', 'end' => '2026-12-05T19:41:00']),
            'closed' => $spoilt($at('weigh'), ['start' => '2026-12-04T03:00:00', 'end' => '2026-12-04T03:03:30']),
            'who does it' => $spoilt($at('weigh'), ['cook' => null]),
            'there is no oven' => $spoilt($bake, ['unit' => 2]),
            'the oven is cold' => $spoilt($at('preheat'), ['start' => '2026-12-01T09:00:00', 'end' => '2026-12-01T09:20:00']),
            'is not there once' => ['steps' => array_values(array_filter($plan['steps'], static fn(array $r): bool => $r['kind'] !== 'fill'))] + $plan,
            'waits' => $spoilt($bake, ['end' => $plan['steps'][$bake]['start']]),
            'spans' => ['span_min' => 10.0] + $plan,
            'a bound of' => ['lower_bound_min' => 1e6] + $plan,
        ] as $word => $wrong) {
            self::assertStringContainsString($word, implode("\n", PlanReader::faults($asked, $methods, $wrong)), $word);
        }
    }

    /** @return iterable<string, array{list<array<string, mixed>>, array{cooks?: int, hours?: list<array{string, string}>, rings?: int}}> */
    public static function small(): iterable
    {
        $one = static fn(string $dish, int $portions = 12): array => ['dish' => $dish, 'portions' => $portions];
        $alone = ['cooks' => 1, 'hours' => [['00:00', '24:00']]];
        yield 'two pots' => [[$one(self::POT), $one(self::POT, 40)], $alone];
        yield 'pot and mousse' => [[$one(self::POT), $one(self::MOUSSE)], $alone];
        yield 'mousse and glass' => [[$one(self::MOUSSE, 30), $one(self::VEGAN, 30)], $alone];
        yield 'glass and glass, one ring' => [[$one(self::VEGAN, 60), $one(self::VEGAN, 90)], ['rings' => 1] + $alone];
        yield 'cheesecake and glass' => [[$one(self::CHEESECAKE), $one(self::VEGAN)], $alone];
    }

    /**
     * Within a tenth of the best of all orders, each put down as late as it can be (one cook, always open, rings and ovens counted).
     *
     * @param list<array<string, mixed>> $items
     * @param array{cooks?: int, hours?: list<array{string, string}>, rings?: int} $kitchen
     */
    #[DataProvider('small')]
    public function testItIsNearTheBestOfAll(array $items, array $kitchen): void
    {
        $asked = self::asked($items, $kitchen);
        $plan = self::printed($asked);
        self::assertTrue($plan['feasible']);
        self::assertSame([], self::faults($asked, $plan));
        $methods = self::methods(self::reader()->service($asked));
        $tenth = (float) $plan['span_min'] / 1.10;
        self::assertSame($tenth, EveryOrder::shortest($methods, $asked['kitchen']['rings'], 20.0, $tenth), 'no order is shorter by more than a tenth');
    }

    /** What is called proven is: no order whatever is under it. */
    public function testNoPlanIsUnderTheBound(): void
    {
        foreach ([[self::VEGAN, self::VEGAN], [self::CHEESECAKE, self::VEGAN]] as $dishes) {
            $asked = self::asked(array_map(static fn(string $dish): array => ['dish' => $dish, 'portions' => 40], $dishes), ['cooks' => 1, 'hours' => [['00:00', '24:00']], 'rings' => 1, 'mixers' => [['litres' => 20]]]);
            $best = EveryOrder::shortest(self::methods(self::reader()->service($asked)), 1, 20.0);
            self::assertLessThanOrEqual($best + 0.1, self::printed($asked)['lower_bound_min']);
        }
    }

    public function testABowlThatIsTooSmallIsFilledTwice(): void
    {
        // 300 g cream for 12: 2400 g for 96, and a 5 litre bowl takes 1100 g.
        $plan = self::printed(self::asked([['dish' => self::MOUSSE, 'portions' => 96]]));
        $whipped = array_values(array_filter($plan['steps'], static fn(array $r): bool => $r['kind'] === 'whip'));
        self::assertSame([1, 2, 3], array_column($whipped, 'batch'));
        $once = self::printed(self::asked([['dish' => self::MOUSSE, 'portions' => 40]]));
        self::assertArrayNotHasKey('batch', array_values(array_filter($once['steps'], static fn(array $r): bool => $r['kind'] === 'whip'))[0]);
    }

    public function testWhatIsFreeComesFirstOrTheStationIsCleaned(): void
    {
        $items = [['dish' => self::POT, 'portions' => 12], ['dish' => self::VEGAN, 'portions' => 12, 'diet' => 'vegan']];
        $asked = self::asked($items, ['rings' => 1]);
        self::assertSame([], self::faults($asked));
        // On four rings they never meet.
        self::assertSame([], array_filter(self::printed(self::asked($items))['steps'], static fn(array $r): bool => $r['kind'] === 'clean'));
    }

    /** Made for one who is vegan and eats no gluten: what brings either is kept from it, the second diet as much as the first. */
    public function testEveryDietOfADishIsKept(): void
    {
        $plain = "Rice glass\n300 g soy milk\n30 g rice flour\n40 g sugar\ntreat: boil 2 min stirred\nvessel: 6 glass 150 ml\n";
        $wheat = "Wheat glass\n300 g soy milk\n30 g plain flour\n40 g sugar\ntreat: boil 2 min stirred\nvessel: 6 glass 150 ml\n";
        $cleaned = static fn(array $diets): int => \count(array_filter(self::printed(self::asked([['dish' => $wheat, 'portions' => 12], ['dish' => $plain, 'portions' => 12, 'diet' => $diets]], ['rings' => 1]))['steps'], static fn(array $r): bool => $r['kind'] === 'clean'));
        $free = static fn(array $diets): Order => self::reader()->service(self::asked([['dish' => $plain, 'portions' => 12, 'diet' => $diets]]))->orders[0];
        self::assertSame(['vegan', 'gluten-free'], array_column($free(['vegan', 'gluten-free'])->diets, 'value'));
        $faults = self::faults(self::asked([['dish' => $wheat, 'portions' => 12], ['dish' => $plain, 'portions' => 12, 'diet' => ['vegan', 'gluten-free']]], ['rings' => 1]));
        self::assertSame([], $faults);
        self::assertSame($cleaned(['gluten-free']), $cleaned(['vegan', 'gluten-free']), 'the second counts as the first would alone');
        $refused = self::printed(self::asked([['dish' => $wheat, 'portions' => 12, 'diet' => ['vegan', 'gluten-free']]]));
        self::assertStringContainsString('gluten-free', implode(' ', array_column($refused['blocked'], 'why')));
    }

    public function testADishThatIsNotFreeIsTakenAsWrittenAndRefused(): void
    {
        $plan = self::printed(self::asked([['dish' => self::VEGAN, 'portions' => 12, 'diet' => 'vegan'], ['dish' => self::POT, 'portions' => 12, 'diet' => 'vegan']]));
        self::assertFalse($plan['feasible']);
        self::assertCount(1, $plan['blocked']);
        self::assertStringContainsString('item 1', $plan['blocked'][0]['what']);
        self::assertStringContainsString('Whipping cream', $plan['blocked'][0]['why']);
    }

    public function testTooLittleTimeShortensWhatRipensBeforeItGivesUp(): void
    {
        $items = [['dish' => self::POT, 'portions' => 12]];
        $best = self::printed(self::asked($items));
        $short = self::printed(self::asked($items, [], '2026-12-05T19:30', '2026-12-05T09:00'));
        self::assertTrue($short['feasible']);
        self::assertGreaterThan($short['span_min'], $best['span_min']);
        self::assertNotSame([], $short['shortened']);
        self::assertSame([], self::faults(self::asked($items, [], '2026-12-05T19:30', '2026-12-05T09:00')));
        $late = self::printed(self::asked($items, [], '2026-12-05T19:30', '2026-12-05T18:30'));
        self::assertFalse($late['feasible']);
        self::assertSame([], $late['steps']);
        // The cure it names is one: the service at the hour it says can be made from that moment on.
        self::assertSame(1, preg_match('/erve at (?<at>\d\d:\d\d) on (?<day>\d+) December/', $late['blocked'][0]['cure'], $m));
        $cured = self::printed(self::asked($items, [], \sprintf('2026-12-%02dT%s', (int) ($m['day'] ?? 0), $m['at'] ?? ''), '2026-12-05T18:30'));
        self::assertTrue($cured['feasible'], $late['blocked'][0]['cure']);
        self::assertStringContainsString('begin by', $late['blocked'][0]['cure']);
    }

    /** What is ticked off is fixed, and the rest is planned from what really happened. */
    public function testALateStepIsPlannedAnew(): void
    {
        $asked = self::asked([['dish' => self::CHEESECAKE, 'portions' => 12], ['dish' => self::VEGAN, 'portions' => 12]], [], '2026-12-05T19:30', '2026-12-05T08:00');
        $service = self::reader()->service($asked);
        $plan = Planner::standard()->plan($service);
        self::assertGreaterThan(0, $plan->spare);
        $at = static fn(string $clock): int => Moment::parse("2026-12-05T$clock", 'now')->seconds;
        $with = static fn(string $now, Fixed ...$fixed): Plan => Planner::standard()->plan(new Service($service->serveAt, Moment::parse("2026-12-05T$now", 'now'), $service->kitchen, $service->orders, array_values($fixed)));
        $stepsOf = static fn(string ...$kinds): array => array_values(array_filter(Making::standard()->of($service->orders[0]->dish), static fn(MakingStep $s): bool => \in_array($s->kind->value, $kinds, true)));
        $before = array_map(static fn(MakingStep $s): Fixed => Fixed::of(0, $s->id, null, FixedState::Done, $at('09:00')), $stepsOf('weigh', 'line_tin', 'beat', 'strain', 'fill'));
        // It went into the oven at half past nine: its bake and all that follows stand after that, and no sooner than it is over.
        $bake = $stepsOf('bake')[0];
        $late = $with('10:00', ...$before, ...[Fixed::of(0, $bake->id, null, FixedState::Begun, $at('09:30'), 1)]);
        self::assertSame([], $late->blocked);
        $rows = array_column(array_map(static fn(Placed $p): array => ['id' => "$p->item $p->step", 'row' => $p], $late->steps), 'row', 'id');
        self::assertSame(FixedState::Begun, $rows["0 $bake->id"]->state);
        self::assertSame($at('09:30'), $rows["0 $bake->id"]->start);
        $rest = $stepsOf('rest')[0];
        self::assertGreaterThanOrEqual($at('09:30') + (int) (60 * ($bake->hands + $bake->wait->best)), $rows["0 $rest->id"]->start);
        self::assertLessThan($plan->spare, $late->spare, 'less to spare than before');
        foreach ($late->steps as $row) {
            self::assertTrue($row->state !== null || $row->start >= $at('10:00'), "$row->step begins before now");
        }
        // In the oven at four in the afternoon there is no time for its set: said, with the service that could be kept.
        $none = $with('16:05', ...$before, ...[Fixed::of(0, $bake->id, null, FixedState::Begun, $at('16:00'), 1)]);
        self::assertNotSame([], $none->blocked);
        self::assertSame([], $none->steps);
        self::assertMatchesRegularExpression('/erve at \d\d:\d\d/', $none->blocked[0]->cure);
        // All done: nothing left, nothing late.
        $all = array_merge(...array_map(static fn(int $item): array => array_map(static fn(MakingStep $s): Fixed => Fixed::of($item, $s->id, null, FixedState::Done, $at('19:00')), Making::standard()->of($service->orders[$item]->dish)), [0, 1]));
        self::assertSame([], $with('19:10', ...$all)->blocked);
    }

    public function testWhatIsLockedIsNotMovedAndWhatCannotFollowIsSaid(): void
    {
        $service = self::reader()->service(self::asked([['dish' => self::POT, 'portions' => 12]]));
        $plan = Planner::standard()->plan($service);
        $rows = array_column(array_map(static fn(Placed $p): array => ['kind' => $p->kind, 'row' => $p], $plan->steps), 'row', 'kind');
        $locked = static fn(string $kind, int $seconds): Plan => Planner::standard()->plan(new Service($service->serveAt, null, $service->kitchen, $service->orders, [Fixed::of(0, $rows[$kind]->step, null, FixedState::Locked, $seconds)]));
        $earlier = $locked('fill', $rows['fill']->start - 3600);
        self::assertSame([], $earlier->blocked);
        $again = array_column(array_map(static fn(Placed $p): array => ['kind' => $p->kind, 'row' => $p], $earlier->steps), 'row', 'kind');
        self::assertSame($rows['fill']->start - 3600, $again['fill']->start);
        self::assertSame(FixedState::Locked, $again['fill']->state);
        self::assertLessThanOrEqual($again['fill']->start, $again['temper_in']->end, 'what it needs is done before it');
        $late = $locked('fill', $service->serveAt->seconds - 1800);
        self::assertNotSame([], $late->blocked);
        self::assertStringContainsString('locked', $late->blocked[0]->why);
    }

    public function testWhatIsNotThereIsNamedWithItsCure(): void
    {
        foreach ([
            [['dish' => self::CHEESECAKE, 'portions' => 12], ['ovens' => 0], 'oven', 'Have 1 oven.'],
            [['dish' => self::MOUSSE, 'portions' => 12], ['mixers' => []], 'mixer', 'Have 1 mixer.'],
            [['dish' => self::POT, 'portions' => 12], ['rings' => 0], 'hob', 'Have 1 ring.'],
            [['dish' => self::POT, 'portions' => 300], ['fridge_shelves' => 1], 'fridge', 'Have 5 fridge shelves.'],
        ] as [$item, $kitchen, $what, $cure]) {
            $plan = self::printed(self::asked([$item], $kitchen));
            self::assertFalse($plan['feasible'], $what);
            self::assertSame($what, $plan['blocked'][0]['what']);
            self::assertSame($cure, $plan['blocked'][0]['cure']);
        }
        $plan = self::printed(self::asked([['dish' => self::CHEESECAKE, 'portions' => 12]], ['hours' => [['09:00', '10:00'], ['19:00', '20:00']]]));
        self::assertFalse($plan['feasible']);
        self::assertStringContainsString('Stay open', $plan['blocked'][0]['cure']);
    }

    /** Forty steps of four dishes find their place within the attempts a plan may make; how long that takes is told by bin/bench. */
    public function testFortyStepsFindTheirPlace(): void
    {
        $service = self::reader()->service(self::asked(array_map(static fn(string $dish): array => ['dish' => $dish, 'portions' => 24], [self::POT, self::MOUSSE, self::VEGAN, self::CHEESECAKE])));
        $plan = Planner::standard()->plan($service);
        self::assertGreaterThanOrEqual(35, \count($plan->steps));
        self::assertSame([], $plan->blocked);
    }

    public function testTheClockOnTheWallIsKept(): void
    {
        $plan = self::printed(self::asked([['dish' => self::POT, 'portions' => 12]], [], '2026-03-01T19:30:00+05:30'));
        self::assertStringEndsWith('+05:30', $plan['steps'][0]['start']);
        self::assertStringStartsWith('2026-02-28T', $plan['steps'][0]['start']);
        self::assertSame('2026-12-05T19:30:00', Moment::parse('2026-12-05 19:30', 'serve_at')->words());
        self::assertSame('2024-02-29T00:00:00', Moment::parse('2024-02-29T00:00', 'serve_at')->words());
    }

    public function testHours(): void
    {
        $day = 10 * Hours::DAY;
        $split = Hours::of([['18:00', '22:00'], ['08:00', '16:00']]);
        self::assertSame($day + 15 * 3600, $split->latest($day + 17 * 3600, 3600));
        self::assertSame($day + 21 * 3600, $split->latest($day + 23 * 3600, 3600));
        self::assertSame($day - Hours::DAY + 21 * 3600, $split->latest($day + 3600, 3600));
        self::assertNull($split->latest($day, 9 * 3600));
        self::assertSame(8 * 3600, $split->longest());
        self::assertSame($day + 15 * 3600, $split->back($day + 19 * 3600, 2 * 3600));
        $night = Hours::of([['14:00', '01:00']]);
        self::assertSame($day, $night->latest($day + 3 * 3600, 3600));
        self::assertSame($day - 3600, $night->latest($day + 3 * 3600, 7200));
        self::assertNull(Hours::of([['00:00', '12:00'], ['12:00', '24:00']])->longest(), 'day and night');
        self::assertSame(8 * 3600, Hours::of([['20:00', '24:00'], ['00:00', '04:00']])->longest(), 'over midnight in two halves');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function nonsense(): iterable
    {
        $good = self::asked([['dish' => self::POT, 'portions' => 12]]);
        yield 'no moment' => [['serve_at' => 'tonight'] + $good, 'serve_at'];
        yield 'no such day' => [['serve_at' => '2026-02-30T19:00'] + $good, 'serve_at'];
        yield 'now after it' => [['now' => '2026-12-06T10:00'] + $good, 'now'];
        yield 'another clock' => [['now' => '2026-12-05T10:00Z'] + $good, 'now'];
        yield 'no kitchen' => [['kitchen' => null] + $good, 'kitchen'];
        yield 'hours unknown' => [['kitchen' => ['hours' => null] + self::KITCHEN] + $good, 'kitchen.hours'];
        yield 'no time of day' => [['kitchen' => ['hours' => [['7', '22:00']]] + self::KITCHEN] + $good, 'kitchen.hours[0][0]'];
        yield 'half a cook' => [['kitchen' => ['cooks' => 1.5] + self::KITCHEN] + $good, 'kitchen.cooks'];
        yield 'no litres' => [['kitchen' => ['mixers' => [['litres' => 0]]] + self::KITCHEN] + $good, 'kitchen.mixers[0].litres'];
        yield 'no dishes' => [['items' => []] + $good, 'items'];
        yield 'no portions' => [['items' => [['dish' => self::POT, 'portions' => 0]]] + $good, 'items[0].portions'];
        yield 'an empty dish' => [['items' => [['dish' => ' ', 'portions' => 2]]] + $good, 'items[0].dish'];
        yield 'no dish' => [['items' => [['dish' => "Title\nportions: 4\n\n", 'portions' => 2]]] + $good, 'items[0].dish'];
        yield 'no diet' => [['items' => [['dish' => self::POT, 'portions' => 2, 'diet' => 'paleo']]] + $good, 'items[0].diet'];
    }

    /** @param array<string, mixed> $asked */
    #[DataProvider('nonsense')]
    public function testWhatCannotBeMeantIsRefusedByItsPlace(array $asked, string $place): void
    {
        $this->expectException(Nonsense::class);
        $this->expectExceptionMessage("$place:");
        self::reader()->service($asked);
    }
}
