<?php

declare(strict_types=1);

namespace Transmuta\Tests\Instrument;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Instrument\LineProtocol;
use Transmuta\Instrument\Noise;
use Transmuta\Instrument\SimulatedScale;

/** The simulated instruments by their line protocol (docs/instruments.md): what is said, what is answered, second by second. */
final class LineProtocolTest extends TestCase
{
    /** @return list<string> the words of an answer */
    private static function said(LineProtocol $bench, string $line, float $at, string $channel = 'run-1'): array
    {
        return explode(' ', $bench->answer($channel, $line, $at));
    }

    public function testAScaleSwingsAndStandsStill(): void
    {
        $bench = new LineProtocol();
        self::assertSame('OK', $bench->answer('run-1', 'PUT 120', 10.0));
        [, $state, $grams] = self::said($bench, 'SCALE', 10.3);
        self::assertSame('moving', $state);
        self::assertGreaterThan(5.0, abs((float) $grams - 120.0));
        [, $state, $grams] = self::said($bench, 'SCALE', 14.0);
        self::assertSame('stable', $state);
        self::assertEqualsWithDelta(120.0, (float) $grams, 0.15);
        self::assertSame('OK', $bench->answer('run-1', 'TARE', 14.0));
        $bench->answer('run-1', 'PUT 2.5', 14.0);
        [, , $grams] = self::said($bench, 'SCALE', 18.0);
        self::assertEqualsWithDelta(2.5, (float) $grams, 0.15);
        // Taken off, it shows what was tared, below nothing.
        $bench->answer('run-1', 'CLEAR', 20.0);
        [, , $grams] = self::said($bench, 'SCALE', 25.0);
        self::assertEqualsWithDelta(-120.0, (float) $grams, 0.15);
    }

    public function testAScaleDriftsAndIsNoisyWithinItsFigures(): void
    {
        $bench = new LineProtocol();
        $bench->answer('run-1', 'PUT 100', 0.0);
        $seen = array_map(static fn(int $t): float => (float) self::said($bench, 'SCALE', 10.0 + $t)[2], range(0, 590));
        self::assertGreaterThan(1, \count(array_unique(array_map(strval(...), $seen))), 'it is not frozen');
        self::assertLessThan(0.5, max($seen) - min($seen));
        self::assertEqualsWithDelta(100.0, array_sum($seen) / \count($seen), 0.3);
    }

    public function testAScaleShowsNothingWhenItIsSwitchedOnHoweverLongTheMachineHasRunAndItsDriftComesToRest(): void
    {
        $bench = new LineProtocol();
        foreach (range(1, 40) as $run) {
            self::assertEqualsWithDelta(0.0, (float) self::said($bench, 'SCALE', 86_400.0, "run-$run")[2], 0.11);
            self::assertLessThan(1.0, abs((float) self::said($bench, 'SCALE', 86_400.0 + 36_000, "run-$run")[2]));
        }
    }

    public function testWhatIsOverItsEndIsNotShown(): void
    {
        $bench = new LineProtocol();
        $bench->answer('run-1', 'PUT ' . SimulatedScale::CAPACITY, 0.0);
        self::assertSame('stable', self::said($bench, 'SCALE', 9.0)[1]);
        $bench->answer('run-1', 'PUT 0.1', 9.0);
        self::assertSame('SCALE over - ok', $bench->answer('run-1', 'SCALE', 19.0));
    }

    public function testAProbeFollowsWhatItIsInWithALag(): void
    {
        $bench = new LineProtocol();
        self::assertSame('air', self::said($bench, 'PROBE', 0.0)[1]);
        self::assertSame('OK', $bench->answer('run-1', 'DIP 0:20 600:80', 0.0));
        [, $state, $celsius, $elapsed] = self::said($bench, 'PROBE', 300.0);
        self::assertSame('moving', $state);
        self::assertEqualsWithDelta(300.0, (float) $elapsed, 1e-9);
        // 50 °C by the curve, within the 6 % a pot may be quicker or slower, and the lag.
        self::assertEqualsWithDelta(50.0, (float) $celsius, 3.0);
        self::assertEqualsWithDelta(80.0, (float) self::said($bench, 'PROBE', 900.0)[2], 0.5);
        self::assertSame('steady', self::said($bench, 'PROBE', 900.0)[1]);
        $bench->answer('run-1', 'LIFT', 900.0);
        self::assertLessThan(30.0, (float) self::said($bench, 'PROBE', 960.0)[2]);
    }

    public function testTimeMayGoFaster(): void
    {
        $bench = new LineProtocol();
        $bench->answer('run-1', 'DIP 0:20 600:80', 0.0);
        $bench->answer('run-1', 'SPEED 60', 2.0);
        [, , , $elapsed, , $speed] = self::said($bench, 'PROBE', 7.0);
        self::assertEqualsWithDelta(302.0, (float) $elapsed, 1e-6);
        self::assertSame('60', $speed);
    }

    public function testTroubleIsShownAndPasses(): void
    {
        $bench = new LineProtocol();
        $bench->answer('run-1', 'DIP 0:80 600:80', 0.0);
        foreach (['battery' => ['steady', 'low'], 'gone' => ['gone', 'ok'], 'out' => ['air', 'ok'], 'none' => ['steady', 'ok']] as $trouble => [$state, $battery]) {
            self::assertSame('OK', $bench->answer('run-1', "FAULT probe $trouble", 100.0));
            $said = self::said($bench, 'PROBE', 200.0);
            self::assertSame([$state, $battery], [$said[1], $said[4]], $trouble);
        }
        $bench->answer('run-1', 'FAULT scale gone', 300.0);
        self::assertSame('SCALE gone - ok', $bench->answer('run-1', 'SCALE', 300.0));
    }

    public function testChannelsKnowNothingOfEachOther(): void
    {
        $bench = new LineProtocol();
        $bench->answer('run-1', 'PUT 500', 0.0);
        self::assertEqualsWithDelta(0.0, (float) self::said($bench, 'SCALE', 9.0, 'run-2')[2], 0.15);
        self::assertEqualsWithDelta(500.0, (float) self::said($bench, 'SCALE', 9.0)[2], 0.15);
        // As many as there may be; the one nobody used is gone first.
        foreach (range(1, 200) as $n) {
            $bench->answer("other-$n", 'SCALE', 9.0);
        }
        self::assertEqualsWithDelta(0.0, (float) self::said($bench, 'SCALE', 9.0)[2], 0.15);
    }

    /** @return iterable<string, array{string}> */
    public static function nonsense(): iterable
    {
        foreach (['', 'HOWDY', 'PUT', 'PUT much', 'PUT 1 2', 'PUT 1e9', 'DIP', 'DIP 5', 'DIP 60:20 0:30', 'DIP 0:900', 'SPEED 0', 'SPEED 1001', 'FAULT', 'FAULT scale out', 'FAULT oven none', 'FAULT probe burnt', 'DIP ' . implode(' ', array_fill(0, 401, '0:1'))] as $line) {
            yield $line === '' ? 'nothing' : mb_substr($line, 0, 30) => [$line];
        }
    }

    #[DataProvider('nonsense')]
    public function testWhatCannotBeMeantIsAnsweredWithTheMend(string $line): void
    {
        $bench = new LineProtocol();
        self::assertMatchesRegularExpression('/^ERR \w+/', $bench->answer('run-1', $line, 0.0));
        self::assertStringStartsWith('ERR', $bench->answer('../x', 'SCALE', 0.0));
    }

    public function testNoiseIsNormalAndTheSameAgain(): void
    {
        $values = array_map(static fn(int $i): float => Noise::at(7, $i / 4), range(0, 3999));
        $mean = array_sum($values) / 4000;
        self::assertEqualsWithDelta(0.0, $mean, 0.06);
        self::assertEqualsWithDelta(1.0, sqrt(array_sum(array_map(static fn(float $v): float => ($v - $mean) ** 2, $values)) / 3999), 0.05);
        self::assertSame(Noise::at(7, 3.0), Noise::at(7, 3.1));
        self::assertNotSame(Noise::at(7, 3.0), Noise::at(8, 3.0));
    }
}
