<?php

declare(strict_types=1);

namespace Transmuta\Tests\Trial;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Random\Engine\Mt19937;
use Random\Randomizer;
use Transmuta\Fault\Nonsense;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Property\Setting\SetReading;
use Transmuta\Statistics\Normal;
use Transmuta\Trial\Learning\Finding;
use Transmuta\Trial\Learning\KitchenFactors;
use Transmuta\Trial\Learning\Ridge;
use Transmuta\Trial\Learning\Tried;

/** What a kitchen's trials say of its mechanisms, against figures computed apart from this code (handbook sensory 8) and kitchens whose factors are known. */
final class LearningTest extends TestCase
{
    /** gelatin, egg, agar */
    private const S = [[1.9, 0.0, 0.0], [1.7, 0.0, 0.0], [2.1, 0.0, 0.0], [.9, 1.1, 0.0], [0.0, 2.0, 0.0], [0.0, 1.8, 0.0], [0.0, 2.2, 0.0], [0.0, 1.6, .4], [0.0, 0.0, 2.0], [0.0, 0.0, 1.7], [.6, 0.0, 1.2], [1.0, .8, 0.0]];

    private const R = [.31, .74, .88, -.04, -.48, -.69, -.93, -.75, -.30, .28, .12, .02];

    /** @return iterable<string, array{float, list<float>, list<array{float, float}>, float, float, float}> τ, θ, intervals, effective number, sum of squares left out, log evidence */
    public static function fits(): iterable
    {
        yield 'τ 0.10' => [0.10, [.1626, -.2004, -.0130], [[1.026, 1.349], [.720, .930], [.849, 1.148]], 1.494, 1.6556, -7.7485];
        yield 'τ 0.25' => [0.25, [.2892, -.3239, -.0269], [[1.117, 1.596], [.616, .849], [.787, 1.204]], 2.572, .9330, -4.9509];
        yield 'τ 0.60' => [0.60, [.3291, -.3591, -.0325], [[1.151, 1.679], [.590, .827], [.768, 1.220]], 2.915, .9451, -5.9838];
    }

    /**
     * @param list<float> $theta
     * @param list<array{float, float}> $intervals
     */
    #[DataProvider('fits')]
    public function testTheFitIsThatOfTheTable(float $tau, array $theta, array $intervals, float $effective, float $leftOut, float $evidence): void
    {
        $sigma = array_fill(0, 12, 0.35);
        $fit = Ridge::fit(self::S, self::R, $sigma, $tau);
        self::assertEqualsWithDelta($theta, $fit->theta, 6e-5);
        foreach ($intervals as $m => [$low, $high]) {
            $half = 1.96 * sqrt($fit->covariance[$m][$m]);
            self::assertEqualsWithDelta([$low, $high], [exp($fit->theta[$m] - $half), exp($fit->theta[$m] + $half)], 6e-4);
        }
        self::assertEqualsWithDelta($effective, $fit->effective, 6e-4);
        self::assertEqualsWithDelta($leftOut, array_sum(array_map(static fn(float $e): float => $e ** 2, $fit->leftOut)), 6e-5);
        self::assertEqualsWithDelta($evidence, Ridge::evidence(self::S, self::R, $sigma, $tau), 6e-5);
    }

    public function testLeavingOneOutIsWhatFittingWithoutItSays(): void
    {
        $sigma = [.3, .4, .35, .5, .3, .35, .4, .3, .35, .4, .5, .35];
        $fit = Ridge::fit(self::S, self::R, $sigma, 0.25);
        foreach (self::R as $i => $r) {
            $without = static function (array $of) use ($i): array {
                unset($of[$i]);

                return array_values($of);
            };
            /** @var list<list<float>> $s */
            $s = $without(self::S);
            /** @var list<float> $left */
            $left = $without(self::R);
            /** @var list<float> $spread */
            $spread = $without($sigma);
            $theta = Ridge::fit($s, $left, $spread, 0.25)->theta;
            self::assertEqualsWithDelta($r - (self::S[$i][0] * $theta[0] + self::S[$i][1] * $theta[1] + self::S[$i][2] * $theta[2]), $fit->leftOut[$i], 1e-9);
        }
    }

    /** @param array<string, float> $mechanisms */
    private static function tried(array $mechanisms, Finding $found, string $batch): Tried
    {
        return new Tried($batch, SetReading::of($mechanisms, 'gel'), $found);
    }

    public function testAFactorIsProposedOnlyWhereTheTrialsBearIt(): void
    {
        $firm = static fn(int $n, float $up): array => array_map(static fn(int $i): Tried => self::tried(['gelatin' => 1.3 + 0.05 * $i], Finding::ge((1.3 + 0.05 * $i) * $up), "b$i"), range(1, $n));
        [$one] = KitchenFactors::of($firm(4, 1.35));
        self::assertSame(['gelatin', 4, true], [$one['mechanism'], $one['n'], $one['proposed']]);
        self::assertGreaterThan(1.1, $one['low']);
        self::assertGreaterThan(0.0, $one['gain']);
        // Two are not three, and what the model foretold is no factor.
        self::assertFalse(KitchenFactors::of($firm(2, 1.35))[0]['proposed']);
        self::assertFalse(KitchenFactors::of($firm(6, 1.0))[0]['proposed']);
        self::assertEqualsWithDelta(1.0, KitchenFactors::of($firm(6, 1.0))[0]['factor'], 1e-9);
        self::assertSame([], KitchenFactors::of([]));
    }

    public function testOneBatchTastedTwiceIsOneTrial(): void
    {
        $twice = [self::tried(['agar' => 1.0], Finding::step(4), 'a'), self::tried(['agar' => 1.0], Finding::step(4), 'a'), self::tried(['agar' => 1.0], Finding::step(4), 'a')];
        self::assertSame(1, KitchenFactors::of($twice)[0]['n']);
        self::assertFalse(KitchenFactors::of($twice)[0]['proposed']);
    }

    /**
     * Kitchens whose factors are known: they lie within the interval as often as it says; far ones less often, since everything is drawn towards 1.
     * The rates are the handbook's, of 2·10⁵ kitchens; here 1500 each, so within ± 0.02.
     */
    #[DataProvider('kitchens')]
    public function testKnownKitchensAreFound(?float $factor, int $n, float $rate): void
    {
        $random = new Randomizer(new Mt19937(5));
        $uniform = static fn(): float => $random->getInt(1, 1_000_000) / 1_000_001;
        $hits = 0;
        for ($k = 0; $k < 1500; ++$k) {
            $theta = $factor === null ? 0.25 * Normal::at($uniform()) : log($factor);
            $s = $r = [];
            for ($i = 0; $i < $n; ++$i) {
                $s[] = [1.0 + 1.2 * $uniform()];
                $r[] = $s[$i][0] * $theta + 0.35 * Normal::at($uniform());
            }
            $fit = Ridge::fit($s, $r, array_fill(0, $n, 0.35), 0.25);
            $hits += abs($fit->theta[0] - $theta) <= 1.96 * sqrt($fit->covariance[0][0]) ? 1 : 0;
        }
        self::assertEqualsWithDelta($rate, $hits / 1500, 0.02);
    }

    /** @return iterable<string, array{?float, int, float}> */
    public static function kitchens(): iterable
    {
        yield 'as kitchens are, 4 trials' => [null, 4, .950];
        yield 'a kitchen like the model, 2 trials' => [1.0, 2, .979];
        yield 'a soft one, 8 trials' => [0.8, 8, .951];
        yield 'a far one, 2 trials' => [0.6, 2, .848];
    }

    /** The conversions of the handbook, each with its own examples. */
    public function testProtocolsReadAsTheHandbookDoes(): void
    {
        $ge = static fn(string $protocol, float $value, ?float $force = null): float => Ladder::ge(Finding::protocol($protocol, $value, $force)->u);
        foreach ([[0.30, 0.32], [0.45, 0.50], [0.65, 0.80], [0.80, 1.20], [0.87, 1.56], [0.95, 2.64]] as [$x, $is]) {
            self::assertEqualsWithDelta($is, $ge('P1', $x), 0.012 * $is + 0.004, "P1 $x");
            self::assertEqualsWithDelta($ge('P1', $x), $ge('P1', 50 * $x), 1e-9);
        }
        self::assertSame(0.5, Finding::protocol('P1', 0.2)->u);
        self::assertEqualsWithDelta(0.8, $ge('P2', 8.0), 0.02);
        self::assertEqualsWithDelta(1.6, $ge('P2', 3.2), 0.03);
        self::assertEqualsWithDelta(0.72 * sqrt(50 / 2), $ge('P3', 2.0), 1e-9);
        self::assertEqualsWithDelta(0.72 * sqrt(100 / 2), $ge('P3', 2.0, 100.0), 1e-9);
        // 4 cm is 45 Pa and spoonable, 6 cm is 6 Pa and coats.
        self::assertSame(2, (int) floor(Finding::protocol('P4', 4.0)->u));
        self::assertSame(1, (int) floor(Finding::protocol('P4', 6.0)->u));
        self::assertSame(2, (int) floor(Finding::protocol('P5', 0.37)->u));
        self::assertSame(3, (int) floor(Finding::protocol('P5', 0.60)->u));
        self::assertSame(4, (int) floor(Finding::protocol('P5', 0.98)->u));
        self::assertSame([0, 1, 2], array_map(static fn(float $t): int => (int) floor(Finding::protocol('P7', $t)->u), [1.0, 4.0, 20.0]));
        self::assertGreaterThan(Finding::step(4)->variance, Finding::protocol('P8', 4)->variance);
    }

    public function testAStepIsAnywhereWithinIt(): void
    {
        self::assertEqualsWithDelta([4.5, 1 / 12], [Finding::step(4)->u, Finding::step(4)->variance], 1e-12);
        self::assertEqualsWithDelta([5.0, 1 / 48], [Finding::step(4.5)->u, Finding::step(4.5)->variance], 1e-12);
        self::assertEqualsWithDelta((0.1 / 0.35) ** 2, Finding::ge(1.0, 0.1)->variance, 1e-9);
    }

    /** @return iterable<string, array{\Closure(): Finding, string}> */
    public static function impossible(): iterable
    {
        yield 'beyond hard' => [static fn(): Finding => Finding::step(6.5), 'step_index'];
        yield 'a third of a step' => [static fn(): Finding => Finding::step(1 / 3), 'step_index'];
        yield 'below nothing' => [static fn(): Finding => Finding::ge(-0.1), 'ge'];
        yield 'a cup that grew' => [static fn(): Finding => Finding::protocol('P1', 51.0), 'value'];
        yield 'a ball that sank' => [static fn(): Finding => Finding::protocol('P2', 9.0), 'value'];
        yield 'weep is no set' => [static fn(): Finding => Finding::protocol('P6', 0.5), 'protocol'];
        yield 'nobody knows it' => [static fn(): Finding => Finding::protocol('P99', 1.0), 'protocol'];
    }

    /** @param \Closure(): Finding $found */
    #[DataProvider('impossible')]
    public function testWhatCannotBeFoundIsNamed(\Closure $found, string $field): void
    {
        try {
            $found();
            self::fail('it was taken');
        } catch (Nonsense $e) {
            self::assertSame($field, $e->field);
        }
    }

    public function testTheLaddersSlopeIsThatOfItsCoordinate(): void
    {
        foreach ([0.1, 0.3, 0.6, 1.0, 1.4, 2.0, 3.0, 5.0] as $ge) {
            self::assertEqualsWithDelta((Ladder::coordinate($ge + 1e-6) - Ladder::coordinate($ge)) / 1e-6, Ladder::slope($ge), 1e-4);
            self::assertEqualsWithDelta($ge, Ladder::ge(Ladder::coordinate($ge)), 1e-9);
        }
        // Handbook sensory 9: 4.2 stands one step beyond "hard".
        self::assertEqualsWithDelta(7.0, Ladder::coordinate(4.2), 1e-9);
    }
}
