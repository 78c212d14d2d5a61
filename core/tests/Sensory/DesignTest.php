<?php

declare(strict_types=1);

namespace Transmuta\Tests\Sensory;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Fault\Nonsense;
use Transmuta\Sensory\Codes;
use Transmuta\Sensory\Design;
use Transmuta\Sensory\Method;
use Transmuta\Sensory\Penalty;
use Transmuta\Sensory\Similarity;
use Transmuta\Statistics\Student;

/** Orders, codes, and what just-about-right answers cost. Tables and worked figures of the handbook (practice: sensory 1, 3, 4, computed there). */
final class DesignTest extends TestCase
{
    public function testWilliamsSquaresAreTheOnesThatArePublished(): void
    {
        self::assertSame('AB BA', implode(' ', Design::williams(2)));
        self::assertSame('ABC BCA CAB CBA ACB BAC', implode(' ', Design::williams(3)));
        self::assertSame('ABDC BCAD CDBA DACB', implode(' ', Design::williams(4)));
        self::assertSame('ABECD BCADE CDBEA DECAB EADBC DCEBA EDACB AEBDC BACED CBDAE', implode(' ', Design::williams(5)));
        self::assertSame('ABFCED BCADFE CDBEAF DECFBA EFDACB FAEBDC', implode(' ', Design::williams(6)));
        // Each sample in each place, and after each other, equally often.
        foreach ([2, 3, 4, 5, 6] as $k) {
            $follows = [];
            foreach (Design::williams($k) as $row) {
                for ($n = 1; $n < $k; ++$n) {
                    $follows[$row[$n - 1] . $row[$n]] = ($follows[$row[$n - 1] . $row[$n]] ?? 0) + 1;
                }
            }
            self::assertCount($k * ($k - 1), $follows);
            self::assertCount(1, array_unique($follows));
        }
    }

    /** @return iterable<string, array{string, int, int}> */
    public static function plans(): iterable
    {
        foreach (['triangle' => 2, 'duo-trio' => 2, 'paired' => 2, 'just-right' => 3] as $method => $samples) {
            foreach ([1, 6, 7, 24, 30] as $tasters) {
                yield "$method, $tasters" => [$method, $samples, $tasters];
            }
        }
    }

    #[DataProvider('plans')]
    public function testEveryOrderIsAsOftenAsEveryOtherAndASeedDealsTheSame(string $method, int $samples, int $tasters): void
    {
        $seats = Design::seats($method, $samples, $tasters, 42);
        self::assertSame($seats, Design::seats($method, $samples, $tasters, 42));
        self::assertCount($tasters, $seats);
        $orders = array_count_values(array_map(static fn(array $seat): string => implode('', array_column($seat, 'letter')), $seats));
        self::assertLessThanOrEqual(1, max([0, ...$orders]) - (\count($orders) < Design::round($method, $samples) ? 0 : min([240, ...$orders])));
        foreach ($seats as $seat) {
            $codes = array_values(array_filter(array_column($seat, 'code'), static fn(int $code): bool => $code !== Design::REFERENCE));
            self::assertCount(\count($codes), array_unique($codes));
            foreach ($codes as $code) {
                self::assertTrue($code >= 100 && $code <= 999 && !Codes::isMeant($code));
            }
            self::assertSame($method === 'duo-trio' ? 1 : 0, \count($seat) - \count($codes), 'the reference is marked and has no code');
        }
        self::assertSame(Design::isBalanced($method, $samples, $tasters), $tasters % Design::round($method, $samples) === 0);
    }

    public function testWhatCannotBeSeatedIsRefused(): void
    {
        foreach ([['triangle', 3, 6], ['triangle', 2, 0], ['just-right', 7, 6], ['paired', 2, 241]] as [$method, $samples, $tasters]) {
            try {
                Design::seats($method, $samples, $tasters, 1);
                self::fail("$method, $samples, $tasters");
            } catch (Nonsense $nonsense) {
                self::assertContains($nonsense->field, ['samples', 'tasters']);
            }
        }
    }

    public function testPenaltiesAreAsInTheHandbook(): void
    {
        $answers = [];
        foreach ([-1 => '5 6 7 5 6 5 6 7 4 6 5 6', 0 => '8 7 7 8 6 7 9 7 8 7 6 8 7 7 8 7 6 8 7 7 8 7', 1 => '6 7 6 5 7 6'] as $just => $likings) {
            foreach (explode(' ', $likings) as $liking) {
                $answers[] = ['just' => $just, 'liking' => (int) $liking];
            }
        }
        $of = Penalty::of($answers);
        [$little, $much] = $of['sides'];
        self::assertEqualsWithDelta([1.6061, 0.4818, 5.283], [$little['drop'], $little['weighted'], $little['t']], 5e-4);
        self::assertEqualsWithDelta(3.57e-5, (float) $little['p'], 1e-7);
        self::assertEqualsWithDelta([0.972, 2.240], $little['interval'], 5e-4);
        self::assertTrue($little['acts']);
        self::assertEqualsWithDelta([1.1061, 0.0129], [$much['drop'], $much['p']], 5e-5);
        self::assertFalse($much['acts'], '15 % is under a fifth');
        self::assertEqualsWithDelta(0.2379, (float) $of['balance'], 5e-5);
    }

    public function testAFifthCountsAndLessDoesNot(): void
    {
        $of = static fn(int $off, int $right): bool => Penalty::of([...array_fill(0, $off, ['just' => 1, 'liking' => 5]), ...array_fill(0, $right, ['just' => 0, 'liking' => 7])])['sides'][1]['acts'];
        self::assertTrue($of(10, 40));
        self::assertFalse($of(199, 801));
        self::assertSame([], array_filter(Penalty::of([])['sides'], static fn(array $side): bool => $side['acts']));
    }

    public function testStudentsTailIsTheOneOfTheTables(): void
    {
        // Two-sided critical values of t, published tables.
        foreach ([1 => 12.706, 4 => 2.776, 10 => 2.228, 20 => 2.086, 30 => 2.042] as $df => $t) {
            self::assertEqualsWithDelta(0.05, Student::twoSided($t, $df), 5e-5);
            self::assertEqualsWithDelta($t, Student::critical(0.05, $df), 5e-4);
        }
    }

    public function testNotDifferentIsClaimedOnlyByItsTable(): void
    {
        foreach ([['triangle', 24, 0.3, 8], ['triangle', 60, 0.3, 25], ['triangle', 48, 0.2, 16], ['duo-trio', 36, 0.3, 18], ['duo-trio', 60, 0.4, 35]] as [$method, $n, $share, $most]) {
            self::assertSame($most, Similarity::most(Method::from($method), $n, $share));
            self::assertStringContainsString('no more than', Similarity::words(Method::from($method), $n, $most, $share));
            self::assertStringContainsString('does not show', Similarity::words(Method::from($method), $n, $most + 1, $share));
        }
        self::assertNull(Similarity::most(Method::Triangle, 3, 0.3));
        self::assertStringContainsString('So few', Similarity::words(Method::Triangle, 3, 0, 0.3));
    }
}
