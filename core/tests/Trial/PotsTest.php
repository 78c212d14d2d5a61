<?php

declare(strict_types=1);

namespace Transmuta\Tests\Trial;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Fault\Nonsense;
use Transmuta\Property\DishReading;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Tests\Kit;
use Transmuta\Trial\Pots\Asked;
use Transmuta\Trial\Pots\DoseCurve;
use Transmuta\Trial\Pots\PotFit;
use Transmuta\Trial\Pots\PotLadder;
use Transmuta\Trial\Pots\PotSeries;
use Transmuta\Trial\Pots\RightDose;

/** Ladders of pots: what is weighed, and what judged pots say. Figures of the handbook's worked example (practice: sensory 9, computed there). */
final class PotsTest extends TestCase
{
    private const DOSES = [0.20, 0.28, 0.36, 0.46, 0.58];

    private const FOUND = [[2.0, 2.0], [2.0, 3.0], [3.0, 3.0], [4.0, 3.0], [4.0, 5.0]];

    private static function agar(): DoseCurve
    {
        $doses = [];
        for ($dose = 0.05; $dose < 2.0; $dose *= 1.02) {
            $doses[] = $dose;
        }

        return DoseCurve::by('agar', $doses, static fn(float $dose): float => 2.63 * ($dose / 0.856) ** 1.13);
    }

    private static function jelly(string $agent): DishReading
    {
        return Kit::engine()->read(Kit::engine()->parse("Jelly\n6 portions\ntreat: boil\n700 g apple juice\n80 g sugar\n$agent"));
    }

    public function testTheHandbooksLadderIsReadAsItIsThere(): void
    {
        $fit = PotFit::of(self::agar(), self::DOSES, self::FOUND, 4);
        self::assertEqualsWithDelta(0.995, $fit->factor['value'], 0.005);
        self::assertEqualsWithDelta(0.874, $fit->factor['low'], 0.005);
        self::assertEqualsWithDelta(1.139, $fit->factor['high'], 0.008);
        self::assertEqualsWithDelta(0.446, $fit->sigma, 0.003);
        self::assertNotNull($fit->dose);
        self::assertEqualsWithDelta(0.484, $fit->dose['value'], 0.002);
        self::assertEqualsWithDelta(0.430, (float) $fit->dose['low'], 0.003);
        self::assertEqualsWithDelta(0.543, (float) $fit->dose['high'], 0.004);
        foreach ([3 => 0.222, 4 => 0.683, 5 => 0.084] as $step => $chance) {
            self::assertEqualsWithDelta($chance, $fit->chances[3][$step], 0.004);
        }
        self::assertEqualsWithDelta(0.50, (float) $fit->sure, 0.01);
        self::assertSame([2.0, 2.5, 3.0, 3.5, 4.5], $fit->means);
        self::assertSame([0.46, 0.58], $fit->bracket);
    }

    public function testViolatorsArePooled(): void
    {
        self::assertEqualsWithDelta([2, 2.75, 2.75, 11 / 3, 11 / 3, 5], PotFit::pooled([2.0, 3.0, 2.5, 4.0, 3.0, 5.0], [2, 2, 2, 2, 1, 1]), 1e-12);
        self::assertSame([2.0, 2.0, 3.0], PotFit::pooled([2.0, null, 3.0], [1, 0, 1]), 'a pot nobody judged stands with the one below');
        self::assertSame([3.0, 3.0], PotFit::pooled([null, 3.0], [0, 1]));
    }

    /** Kitchens whose factor is known, simulated: it lies within the interval about as often as said. */
    public function testAKnownKitchenIsFoundWithinItsInterval(): void
    {
        mt_srand(20261127);
        $within = $n = 0;
        $curve = self::agar();
        foreach ([0.75, 0.9, 1.0, 1.1, 1.3] as $factor) {
            for ($k = 0; $k < 3; ++$k) {
                $found = array_map(static function (float $dose) use ($curve, $factor): array {
                    $judged = static fn(): float => max(0.0, min(6.0, floor(Ladder::coordinate($curve->ge($dose, $factor)) + 0.35 * sqrt(-2 * log(mt_rand(1, 10000) / 10001)) * cos(2 * M_PI * mt_rand(0, 9999) / 10000))));

                    return [$judged(), $judged()];
                }, self::DOSES);
                $fit = PotFit::of($curve, self::DOSES, $found, 4);
                $within += $fit->factor['low'] <= $factor && $factor <= $fit->factor['high'] ? 1 : 0;
                ++$n;
            }
        }
        // 15 kitchens at about 95 %: fewer than 12 would come once in a thousand.
        self::assertGreaterThanOrEqual(12, $within, "$within of $n");
    }

    public function testEveryPotHoldsTheSameAndWhatCannotBeWeighedComesAsAStock(): void
    {
        $dish = self::jelly('5 g agar powder');
        $design = PotLadder::of(Asked::Set, $dish->layers[0], [2], Kit::engine()->reader, 5.0, 4, new PotSeries(5, 1.28, 80.0, 7));
        self::assertSame('agar', $design->curve?->mechanism);
        self::assertNotNull($design->stock);
        self::assertSame('Apple juice', $design->liquid);
        $used = array_sum(array_column($design->pots, 'stock'));
        self::assertGreaterThan($used, $design->stock['grams']);
        foreach ($design->pots as $pot) {
            self::assertEqualsWithDelta(80.0, $pot['base'] + $pot['stock'] + $pot['liquid'], 1e-9);
            self::assertEqualsWithDelta($pot['agent'], $pot['stock'] * $design->stock['strength'], 1e-9);
            self::assertGreaterThan(5.0, $pot['stock'], 'ten times what a scale shows, and more');
            // Sugar stands as it stands in the layer.
            self::assertEqualsWithDelta($dish->layers[0]->state->share[1], 100 * $design->base[1]['grams'] / (5 * 80.0), 0.3);
        }
        self::assertEqualsWithDelta(Ladder::ge(4.5), (float) $design->pots[2]['foretold'], 0.01);
        self::assertSame($design->write(), PotLadder::of(Asked::Set, $dish->layers[0], [2], Kit::engine()->reader, 5.0, 4, new PotSeries(5, 1.28, 80.0, 7))->write(), 'a seed deals the same');
        // Twenty grams are weighed as they are.
        $much = PotLadder::of(Asked::Sweetness, $dish->layers[0], [1], Kit::engine()->reader, 5.0, 4, new PotSeries(3, 1.3, 200.0, 7));
        self::assertNull($much->stock);
        self::assertNull($much->curve);
    }

    public function testTwoAgentsAreSteppedTogether(): void
    {
        $dish = Kit::engine()->read(Kit::engine()->parse("Jelly\n6 portions\ntreat: boil\n700 g apple juice\n80 g sugar\n3 g kappa carrageenan\n3 g locust bean gum"));
        $design = PotLadder::of(Asked::Set, $dish->layers[0], [2, 3], Kit::engine()->reader, 5.0, 4, new PotSeries(3, 1.3, 100.0, 7));
        self::assertSame([0.5, 0.5], array_map(static fn(array $one): float => round($one['share'], 6), $design->agents));
    }

    /** @return iterable<string, array{list<int>, int, int, float, float, string}> */
    public static function wrong(): iterable
    {
        yield 'no line' => [[], 4, 3, 1.3, 80.0, 'lines'];
        yield 'three lines' => [[0, 1, 2], 4, 3, 1.3, 80.0, 'lines'];
        yield 'a line that is not there' => [[9], 4, 3, 1.3, 80.0, 'lines'];
        yield 'a line that sets nothing' => [[1], 4, 3, 1.3, 80.0, 'line'];
        yield 'two pots' => [[2], 4, 2, 1.3, 80.0, 'pots'];
        yield 'six pots' => [[2], 4, 6, 1.3, 80.0, 'pots'];
        yield 'too small a step' => [[2], 4, 3, 1.14, 80.0, 'step'];
        yield 'too large a step' => [[2], 4, 3, 1.61, 80.0, 'step'];
        yield 'a thimble' => [[2], 4, 3, 1.3, 29.0, 'pot_g'];
        yield 'hard' => [[2], 6, 3, 1.3, 80.0, 'wanted'];
        yield 'pours' => [[2], 0, 3, 1.3, 80.0, 'wanted'];
    }

    /** @param list<int> $lines */
    #[DataProvider('wrong')]
    public function testWhatCannotBeMeantNamesItsPlace(array $lines, int $wanted, int $pots, float $step, float $grams, string $field): void
    {
        try {
            PotLadder::of(Asked::Set, self::jelly('5 g agar powder')->layers[0], $lines, Kit::engine()->reader, 5.0, $wanted, new PotSeries($pots, $step, $grams, 7));
            self::fail('it was taken');
        } catch (Nonsense $nonsense) {
            self::assertSame($field, explode('.', $nonsense->field)[0]);
        }
    }

    public function testTheDoseThatTastesRightLiesBetweenWhatIsTooLittleAndTooMuch(): void
    {
        $even = RightDose::of([8.0, 10.0, 12.5], [['too little', 'too little'], ['right', 'right'], ['too much', 'too much']]);
        self::assertEqualsWithDelta(10.0, $even->dose, 0.3);
        $sweet = RightDose::of([8.0, 10.0, 12.5], [['right', 'right'], ['too much', 'too much'], ['too much', 'too much']]);
        self::assertLessThan(9.0, $sweet->dose);
        self::assertLessThan($sweet->high, $sweet->low);
        foreach ($even->chances as $of) {
            self::assertEqualsWithDelta(1.0, array_sum($of), 1e-9);
        }
        $this->expectException(Nonsense::class);
        RightDose::of([8.0, 10.0], [[], []]);
    }
}
