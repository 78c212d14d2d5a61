<?php

declare(strict_types=1);

namespace Transmuta\Tests\Sensory;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Fault\Nonsense;
use Transmuta\Sensory\Evaluation;
use Transmuta\Sensory\Method;
use Transmuta\Statistics\Binomial;
use Transmuta\Statistics\Normal;

/**
 * Tastings, against tables that were computed apart from this code: critical numbers, power, numbers of tasters, d′ and limits from exact
 * distributions and numerical integration (handbook sensory 2 and 3), and the methods' own standards.
 */
final class EvaluationTest extends TestCase
{
    /** @var array<int, array{?int, ?int, ?int, ?int, ?int, ?int}> by n: triangle 5 %, 1 %; duo-trio 5 %, 1 %; pair two-sided 5 %, 1 % */
    private const CRITICAL = [
        6 => [5, 6, 6, null, 6, null],
        7 => [5, 6, 7, 7, 7, null],
        8 => [6, 7, 7, 8, 8, 8],
        9 => [6, 7, 8, 9, 8, 9],
        10 => [7, 8, 9, 10, 9, 10],
        11 => [7, 8, 9, 10, 10, 11],
        12 => [8, 9, 10, 11, 10, 11],
        13 => [8, 9, 10, 12, 11, 12],
        14 => [9, 10, 11, 12, 12, 13],
        15 => [9, 10, 12, 13, 12, 13],
        16 => [9, 11, 12, 14, 13, 14],
        17 => [10, 11, 13, 14, 13, 15],
        18 => [10, 12, 13, 15, 14, 15],
        19 => [11, 12, 14, 15, 15, 16],
        20 => [11, 13, 15, 16, 15, 17],
        21 => [12, 13, 15, 17, 16, 17],
        22 => [12, 14, 16, 17, 17, 18],
        23 => [12, 14, 16, 18, 17, 19],
        24 => [13, 15, 17, 19, 18, 19],
        25 => [13, 15, 18, 19, 18, 20],
        26 => [14, 15, 18, 20, 19, 20],
        27 => [14, 16, 19, 20, 20, 21],
        28 => [15, 16, 19, 21, 20, 22],
        29 => [15, 17, 20, 22, 21, 22],
        30 => [15, 17, 20, 22, 21, 23],
        31 => [16, 18, 21, 23, 22, 24],
        32 => [16, 18, 22, 24, 23, 24],
        33 => [17, 18, 22, 24, 23, 25],
        34 => [17, 19, 23, 25, 24, 25],
        35 => [17, 19, 23, 25, 24, 26],
        36 => [18, 20, 24, 26, 25, 27],
        37 => [18, 20, 24, 27, 25, 27],
        38 => [19, 21, 25, 27, 26, 28],
        39 => [19, 21, 26, 28, 27, 28],
        40 => [19, 21, 26, 28, 27, 29],
        41 => [20, 22, 27, 29, 28, 30],
        42 => [20, 22, 27, 29, 28, 30],
        43 => [20, 23, 28, 30, 29, 31],
        44 => [21, 23, 28, 31, 29, 31],
        45 => [21, 24, 29, 31, 30, 32],
        46 => [22, 24, 30, 32, 31, 33],
        47 => [22, 24, 30, 32, 31, 33],
        48 => [22, 25, 31, 33, 32, 34],
        49 => [23, 25, 31, 34, 32, 34],
        50 => [23, 26, 32, 34, 33, 35],
        51 => [24, 26, 32, 35, 33, 36],
        52 => [24, 26, 33, 35, 34, 36],
        53 => [24, 27, 33, 36, 35, 37],
        54 => [25, 27, 34, 36, 35, 37],
        55 => [25, 28, 35, 37, 36, 38],
        56 => [26, 28, 35, 38, 36, 39],
        57 => [26, 28, 36, 38, 37, 39],
        58 => [26, 29, 36, 39, 37, 40],
        59 => [27, 29, 37, 39, 38, 40],
        60 => [27, 30, 37, 40, 39, 41],
    ];

    public function testCriticalNumbersAreThoseOfTheTable(): void
    {
        foreach (self::CRITICAL as $n => [$t5, $t1, $d5, $d1, $p5, $p1]) {
            self::assertSame([$t5, $t1, $d5, $d1, $p5, $p1], [
                Binomial::critical($n, 1 / 3, 0.05), Binomial::critical($n, 1 / 3, 0.01), Binomial::critical($n, 0.5, 0.05), Binomial::critical($n, 0.5, 0.01), Binomial::critical($n, 0.5, 0.025), Binomial::critical($n, 0.5, 0.005),
            ], "n = $n");
        }
    }

    public function testBothSidesOfEachCriticalNumber(): void
    {
        foreach (self::CRITICAL as $n => [$t5, , $d5, , $p5]) {
            foreach ([[Method::Triangle, $t5, false], [Method::DuoTrio, $d5, false], [Method::Paired, $p5, true]] as [$method, $critical, $isTwoSided]) {
                self::assertLessThanOrEqual(0.05, self::p($method, $n, $critical, $isTwoSided));
                self::assertGreaterThan(0.05, self::p($method, $n, $critical - 1, $isTwoSided));
            }
        }
    }

    private static function p(Method $method, int $n, int $x, bool $isTwoSided): float
    {
        return $isTwoSided ? min(1.0, 2 * Binomial::atLeast(max($x, $n - $x), $n, $method->guess())) : Binomial::atLeast($x, $n, $method->guess());
    }

    /** @return iterable<string, array{Method, int, int, bool, float}> */
    public static function chances(): iterable
    {
        yield 'triangle 13/24' => [Method::Triangle, 24, 13, false, 0.02844];
        yield 'triangle 12/24' => [Method::Triangle, 24, 12, false, 0.06766];
        yield 'triangle 15/24' => [Method::Triangle, 24, 15, false, 0.00323];
        yield 'triangle 8/12' => [Method::Triangle, 12, 8, false, 0.0188];
        yield 'duo-trio 23/30' => [Method::DuoTrio, 30, 23, false, 0.00261];
        yield 'pair 20/30 one-sided' => [Method::Paired, 30, 20, false, 0.04937];
        yield 'pair 20/30 two-sided' => [Method::Paired, 30, 20, true, 0.09874];
        yield 'pair 10/30 two-sided' => [Method::Paired, 30, 10, true, 0.09874];
        yield 'pair 21/30 two-sided' => [Method::Paired, 30, 21, true, 0.04277];
    }

    #[DataProvider('chances')]
    public function testChances(Method $method, int $n, int $right, bool $isTwoSided, float $p): void
    {
        $found = Evaluation::of($method, $n, $right, $isTwoSided);
        self::assertEqualsWithDelta($p, $found->p, 5e-6 + ($p === 0.0188 ? 5e-5 : 0.0));
        self::assertSame($p <= 0.05, $found->isSignificant());
    }

    /** @return iterable<string, array{Method, bool, float, array<int, float>}> */
    public static function powers(): iterable
    {
        yield 'triangle .3' => [Method::Triangle, false, 0.3, [12 => .265, 18 => .521, 24 => .550, 30 => .709, 36 => .716, 48 => .882, 60 => .923]];
        yield 'triangle .5' => [Method::Triangle, false, 0.5, [12 => .632, 24 => .932, 60 => 1.0]];
        yield 'duo-trio .3' => [Method::DuoTrio, false, 0.3, [12 => .151, 24 => .358, 40 => .572, 60 => .753]];
        yield 'pair .4' => [Method::Paired, true, 0.4, [12 => .253, 20 => .416, 30 => .589, 60 => .838]];
    }

    /** @param array<int, float> $powers */
    #[DataProvider('powers')]
    public function testPower(Method $method, bool $isTwoSided, float $share, array $powers): void
    {
        foreach ($powers as $n => $power) {
            self::assertEqualsWithDelta($power, Evaluation::power($method, $n, $isTwoSided, 0.05, $share), 5.01e-4, "n = $n");
        }
        self::assertEqualsWithDelta(.144, Evaluation::power(Method::Triangle, 6, false, 0.05, 0.3), 5.01e-4);
    }

    /** @return iterable<string, array{Method, bool, float, float, float, int, int}> */
    public static function needed(): iterable
    {
        yield 'triangle .2, 80 %' => [Method::Triangle, false, 0.05, 0.80, 0.2, 87, 94];
        yield 'triangle .3, 90 %' => [Method::Triangle, false, 0.05, 0.90, 0.3, 53, 57];
        yield 'triangle .5, 80 %' => [Method::Triangle, false, 0.05, 0.80, 0.5, 16, 16];
        yield 'triangle .3, 1 %, 95 %' => [Method::Triangle, false, 0.01, 0.95, 0.3, 97, 101];
        yield 'duo-trio .2, 95 %' => [Method::DuoTrio, false, 0.05, 0.95, 0.2, 268, 281];
        yield 'pair two-sided .3, 80 %' => [Method::Paired, true, 0.05, 0.80, 0.3, 90, 97];
        yield 'pair two-sided .2, 1 %, 95 %' => [Method::Paired, true, 0.01, 0.95, 0.2, 446, 452];
        yield 'pair two-sided .5, 90 %' => [Method::Paired, true, 0.05, 0.90, 0.5, 42, 42];
    }

    #[DataProvider('needed')]
    public function testHowManyTastersAreNeeded(Method $method, bool $isTwoSided, float $alpha, float $power, float $share, int $first, int $safe): void
    {
        self::assertSame(['first' => $first, 'safe' => $safe], Evaluation::of($method, 10, 5, $isTwoSided, $alpha, $power, $share)->needed);
    }

    public function testRightAnswersByDistance(): void
    {
        foreach ([[0.0, .333333, .500000, .500000], [0.5, .355835, .522347, .638163], [1.0, .418047, .582475, .760250], [1.5, .506456, .663462, .855578], [2.0, .604807, .746820, .921350], [2.5, .699339, .819585, .961450], [3.0, .781428, .876457, .983053], [4.0, .897660, .946666, .997661]] as [$delta, $triangle, $duoTrio, $paired]) {
            foreach ([[Method::Triangle, $triangle], [Method::DuoTrio, $duoTrio], [Method::Paired, $paired]] as [$method, $right]) {
                self::assertEqualsWithDelta($right, $method->right($delta), 6e-7, "$method->value at $delta");
                if ($delta > 0.0) {
                    self::assertEqualsWithDelta($delta, $method->apart($method->right($delta)), 1e-6);
                }
            }
        }
        // A share who can tell is another distance in each method.
        self::assertEqualsWithDelta(1.638, Method::Triangle->apart(1 / 3 + 2 / 3 * 0.3), 5e-4);
        self::assertEqualsWithDelta(1.421, Method::DuoTrio->apart(0.5 + 0.5 * 0.3), 5e-4);
        self::assertEqualsWithDelta(0.545, Method::Paired->apart(0.5 + 0.5 * 0.3), 5e-4);
    }

    /** @return iterable<string, array{Method, int, int, array{float, float, float}, array{float, float, float}}> p_d and d′, each with its limits */
    public static function intervals(): iterable
    {
        yield 'triangle 15/24' => [Method::Triangle, 24, 15, [.438, .109, .718], [2.103, 0.920, 3.216]];
        yield 'triangle 12/24' => [Method::Triangle, 24, 12, [.250, 0.0, .563], [1.466, 0.0, 2.553]];
        yield 'triangle 10/30' => [Method::Triangle, 30, 10, [0.0, 0.0, .292], [0.0, 0.0, 1.612]];
        yield 'duo-trio 23/30' => [Method::DuoTrio, 30, 23, [.533, .154, .801], [2.127, 0.964, 3.271]];
        yield 'pair 21/30' => [Method::Paired, 30, 21, [.400, .012, .705], [0.742, 0.021, 1.482]];
    }

    /**
     * @param array{float, float, float} $share
     * @param array{float, float, float} $apart
     */
    #[DataProvider('intervals')]
    public function testDifferencesWithTheirLimits(Method $method, int $n, int $right, array $share, array $apart): void
    {
        $found = Evaluation::of($method, $n, $right);
        self::assertEqualsWithDelta($share, array_values($found->discriminators), 6e-4);
        self::assertEqualsWithDelta($apart, array_values($found->apart), 6e-4);
    }

    public function testWhereAllAreRightOnlyTheLowerLimitIsKnown(): void
    {
        $found = Evaluation::of(Method::Triangle, 12, 12);
        self::assertNull($found->apart['value']);
        self::assertNull($found->apart['high']);
        self::assertGreaterThan(2.0, $found->apart['low']);
        self::assertSame(1.0, $found->discriminators['value']);
        // And where nobody can reach it, nothing is critical.
        self::assertNull(Evaluation::of(Method::Triangle, 2, 2)->critical);
        self::assertSame(0.0, Evaluation::of(Method::Triangle, 2, 2)->power);
    }

    public function testTheNormalIsThatOfTheTables(): void
    {
        self::assertEqualsWithDelta(0.95, Normal::below(1.6448536269514722), 1e-14);
        self::assertEqualsWithDelta(0.025, Normal::below(-1.959963984540054), 1e-14);
        self::assertEqualsWithDelta(9.865876450376981e-10, Normal::below(-6.0), 1e-15);
        self::assertSame([0.0, 0.5, 1.0], [Normal::below(-40.0), Normal::below(0.0), Normal::below(40.0)]);
    }

    /** @return iterable<string, array{array{n?: int, right?: int, alpha?: float, power?: float, share?: float}, string}> */
    public static function nonsense(): iterable
    {
        yield 'nobody' => [['n' => 0, 'right' => 0], 'n'];
        yield 'more right than answered' => [['right' => 11], 'correct'];
        yield 'below nothing' => [['right' => -1], 'correct'];
        yield 'no alpha' => [['alpha' => 0.0], 'alpha'];
        yield 'certain power' => [['power' => 1.0], 'power'];
        yield 'nobody can tell' => [['share' => 0.0], 'pd'];
    }

    /** @param array{n?: int, right?: int, alpha?: float, power?: float, share?: float} $of */
    #[DataProvider('nonsense')]
    public function testWhatCannotBeMeantIsNamed(array $of, string $field): void
    {
        try {
            Evaluation::of(Method::Triangle, $of['n'] ?? 10, $of['right'] ?? 5, false, $of['alpha'] ?? 0.05, $of['power'] ?? 0.9, $of['share'] ?? 0.3);
            self::fail('it was taken');
        } catch (Nonsense $e) {
            self::assertSame($field, $e->field);
        }
    }

    /** A hundred thousand answers are summed in logarithms: nothing runs over or under, and 40 % right of a third by chance is no chance. */
    public function testItHoldsHoweverManyAnswered(): void
    {
        $of = Evaluation::of(Method::Triangle, 100_000, 40_000, false, 0.001, 0.999, 0.05);
        self::assertLessThan(1e-12, $of->p);
        self::assertGreaterThanOrEqual(0.0, $of->p);
        $even = Evaluation::of(Method::Triangle, 99_999, 33_333, false, 0.001, 0.999, 0.05);
        self::assertEqualsWithDelta(0.5, $even->p, 0.01, 'just what chance gives');
    }
}
