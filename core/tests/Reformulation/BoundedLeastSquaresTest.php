<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reformulation;

use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Reformulation\Deviation\Target;
use Transmuta\Reformulation\Solving\BoundedLeastSquares;
use Transmuta\Reformulation\Solving\LayerProblem;
use Transmuta\Tests\Kit;

/** Our solver against scipy.optimize.lsq_linear: same objective to 1e-6 relative. */
final class BoundedLeastSquaresTest extends TestCase
{
    private const PROBLEMS = 240;

    public function testSeededRandomProblemsReachScipysObjective(): void
    {
        mt_srand(20261124);
        $problems = [];
        for ($k = 0; $k < self::PROBLEMS; ++$k) {
            $problems[] = self::random(nearlyDependent: $k % 4 === 0);
        }
        self::compare($problems);
    }

    public function testTheStepsOfEveryDemoDishReachScipysObjective(): void
    {
        $problems = [];
        $reader = Kit::engine()->reader;
        foreach (array_keys(Kit::demos()) as $name) {
            $formula = Kit::demo($name);
            foreach ([Diet::Vegan, Diet::Eggless] as $diet) {
                $planner = Planning::planner($formula, [$diet]);
                foreach ($formula->layers as $layer) {
                    $reading = $reader->layer($layer, $formula->serveAt);
                    foreach ($planner->drafts($reading, $formula->family, $formula->serveAt, new \Transmuta\Reformulation\Substitution\Needs()) as $draft) {
                        $solution = (new LayerProblem($reader, $draft->template, $draft->unknowns, Target::of($reading, $reader, $formula->serveAt), $formula->serveAt))->solve();
                        $n = \count($solution->jacobian[0] ?? []);
                        if ($n === 0) {
                            continue;
                        }
                        $a = $solution->jacobian;
                        $b = array_map(static fn(float $r): float => -$r + 0.5, $solution->residuals);
                        for ($j = 0; $j < $n; ++$j) {
                            $a[] = array_map(static fn(int $i): float => $i === $j ? 0.1 : 0.0, range(0, $n - 1));
                            $b[] = 0.0;
                        }
                        $problems[] = ['a' => $a, 'b' => $b, 'l' => array_fill(0, $n, -0.35), 'u' => array_fill(0, $n, 0.2)];
                    }
                }
            }
        }
        self::assertGreaterThan(30, \count($problems));
        self::compare($problems);
    }

    public function testAnUnboundedProblemIsPlainLeastSquares(): void
    {
        $a = [[1.0, 0.0], [1.0, 1.0], [1.0, 2.0]];
        self::assertEqualsWithDelta([5.0, -3.0], BoundedLeastSquares::solve($a, [6.0, 0.0, 0.0], [-100.0, -100.0], [100.0, 100.0])['x'], 1e-12);
    }

    public function testTheSolutionStaysWithinItsBounds(): void
    {
        $solved = BoundedLeastSquares::solve([[1.0, 0.0], [0.0, 1.0]], [5.0, -5.0], [0.0, -1.0], [2.0, 1.0]);
        self::assertSame([2.0, -1.0], $solved['x']);
        self::assertTrue($solved['converged']);
    }

    public function testADependentColumnDoesNoHarm(): void
    {
        $solved = BoundedLeastSquares::solve([[1.0, 1.0], [1.0, 1.0]], [2.0, 2.0], [0.0, 0.0], [5.0, 5.0]);
        self::assertEqualsWithDelta(0.0, $solved['objective'], 1e-20);
    }

    /** @param list<array{a: non-empty-list<list<float>>, b: list<float>, l: list<float>, u: list<float>}> $problems */
    private static function compare(array $problems): void
    {
        foreach (Scipy::costs($problems) as $k => $theirs) {
            $p = $problems[$k];
            $ours = BoundedLeastSquares::solve($p['a'], $p['b'], $p['l'], $p['u']);
            self::assertTrue($ours['converged'], "problem $k did not converge");
            self::assertLessThanOrEqual($theirs * (1 + 1e-6) + 1e-12, $ours['objective'], "problem $k");
            foreach ($ours['x'] as $j => $x) {
                self::assertGreaterThanOrEqual($p['l'][$j] - 1e-12, $x);
                self::assertLessThanOrEqual($p['u'][$j] + 1e-12, $x);
            }
        }
    }

    /** @return array{a: non-empty-list<list<float>>, b: list<float>, l: list<float>, u: list<float>} */
    private static function random(bool $nearlyDependent): array
    {
        $unit = static fn(): float => mt_rand() / mt_getrandmax() * 2 - 1;
        $n = mt_rand(1, 14);
        $m = $n + mt_rand(0, 20);
        $a = $b = $l = $u = [];
        for ($i = 0; $i < $m; ++$i) {
            $row = [];
            for ($j = 0; $j < $n; ++$j) {
                $row[] = $nearlyDependent && $j > 0 && $j % 2 === 1 ? $row[$j - 1] + 1e-3 * $unit() : $unit() * 10 ** mt_rand(-1, 1);
            }
            $a[] = $row;
            $b[] = 3 * $unit();
        }
        for ($j = 0; $j < $n; ++$j) {
            $l[] = -abs($unit());
            $u[] = abs($unit()) + 1e-3;
        }
        \assert($a !== []);

        return ['a' => $a, 'b' => $b, 'l' => $l, 'u' => $u];
    }
}
