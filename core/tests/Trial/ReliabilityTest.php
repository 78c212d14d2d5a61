<?php

declare(strict_types=1);

namespace Transmuta\Tests\Trial;

use PHPUnit\Framework\TestCase;
use Transmuta\Trial\Reliability;

/** Figures of the handbook's worked examples (practice: sensory 7, computed there). */
final class ReliabilityTest extends TestCase
{
    public function testTheHandbooksForecastsComeTrueAsTheyDoThere(): void
    {
        $all = [];
        foreach ([[0.1, 5, 1], [0.3, 6, 2], [0.5, 6, 3], [0.7, 8, 5], [0.9, 10, 9]] as [$chance, $n, $came]) {
            $all = [...$all, ...array_fill(0, $came, [$chance, 1]), ...array_fill(0, $n - $came, [$chance, 0])];
        }
        $of = Reliability::of($all);
        self::assertNotNull($of);
        self::assertSame(35, $of['n']);
        foreach (['brier' => 0.186, 'reliability' => 0.002905, 'resolution' => 0.061803, 'uncertainty' => 0.244898, 'within' => 0.0, 'skill' => 0.2405, 'expected' => 0.0243, 'z' => 0.6233, 'p' => 0.533] as $what => $value) {
            self::assertEqualsWithDelta($value, $of[$what], 0.0005, $what);
        }
        self::assertEqualsWithDelta($of['brier'], $of['reliability'] - $of['resolution'] + $of['uncertainty'] + $of['within'], 1e-12, 'Murphy’s parts add up');
        self::assertCount(5, $of['classes']);
        self::assertEqualsWithDelta([0.306, 0.863], [$of['classes'][3]['low'], $of['classes'][3]['high']], 0.001);
        self::assertEqualsWithDelta([0.596, 0.982], [$of['classes'][4]['low'], $of['classes'][4]['high']], 0.001);
    }

    public function testUnequalForecastsLeaveSomethingOverThatIsTold(): void
    {
        $f = [.05, .12, .18, .31, .38, .42, .55, .61, .77, .82, .90, .97];
        $o = [0, 0, 1, 0, 1, 0, 1, 0, 1, 1, 1, 1];
        $of = Reliability::of(array_map(static fn(float $a, int $b): array => [$a, $b], $f, $o));
        self::assertNotNull($of);
        self::assertEqualsWithDelta(0.168083, $of['brier'], 1e-6);
        self::assertEqualsWithDelta($of['brier'], $of['reliability'] - $of['resolution'] + $of['uncertainty'] + $of['within'], 1e-12);
        self::assertSame([], $of['classes'], 'under twenty no curve is shown');
    }

    public function testItSaysHowOftenItCameAndHowOftenItShouldHave(): void
    {
        // One of four came: rarer than not, which what is left of ō(1 − ō) alone cannot tell.
        $of = Reliability::of([[0.6, 1], [0.5, 0], [0.4, 0], [0.7, 0]]);
        self::assertNotNull($of);
        self::assertSame(1, $of['came']);
        self::assertEqualsWithDelta(2.2, $of['said'], 1e-12);
        $of = Reliability::of([[0.6, 1], [0.5, 1], [0.4, 1], [0.7, 0]]);
        self::assertSame(3, $of['came'] ?? null);
    }

    public function testAMissByOneCostsLessThanByThree(): void
    {
        $chances = [0.0, 0.02, 0.10, 0.45, 0.35, 0.08, 0.0];
        self::assertEqualsWithDelta(0.2061, Reliability::ranked($chances, 3), 5e-5);
        self::assertEqualsWithDelta(1.1861, Reliability::ranked($chances, 5), 5e-5);
        self::assertEqualsWithDelta(1.9261, Reliability::ranked($chances, 1), 5e-5);
    }

    public function testOfNoneNothingIsSaid(): void
    {
        self::assertNull(Reliability::of([]));
        $one = Reliability::of([[1.0, 1]]);
        self::assertNotNull($one);
        self::assertNull($one['skill'], 'where all came there is no skill to tell');
        self::assertNull($one['z']);
    }
}
