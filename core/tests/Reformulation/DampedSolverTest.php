<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reformulation;

use PHPUnit\Framework\TestCase;
use Transmuta\Reformulation\Solving\DampedSolver;

final class DampedSolverTest extends TestCase
{
    public function testRosenbrocksValleyInABox(): void
    {
        $solution = DampedSolver::solve(static fn(array $x): array => [10 * ($x[1] - $x[0] ** 2), 1 - $x[0]], [-1.2, 1.0], [-2.0, -2.0], [2.0, 2.0]);
        self::assertEqualsWithDelta([1.0, 1.0], $solution->x, 0.02);
        self::assertLessThan(1e-4, $solution->objective);
    }

    public function testABoundThatStandsInTheWayIsKept(): void
    {
        $solution = DampedSolver::solve(static fn(array $x): array => [$x[0] - 5.0, $x[1] - 0.5], [1.0, 0.0], [0.0, 0.0], [2.0, 1.0]);
        self::assertEqualsWithDelta([2.0, 0.5], $solution->x, 1e-3);
        self::assertEqualsWithDelta(4.5, $solution->objective, 1e-3);
    }

    public function testTheObjectiveNeverRises(): void
    {
        $seen = [];
        $residuals = static function (array $x) use (&$seen): array {
            $r = [sin(3 * $x[0]) + $x[0], cos($x[1]) * 2, $x[0] * $x[1]];
            $seen[] = array_sum(array_map(static fn(float $v): float => $v * $v / 2, $r));

            return $r;
        };
        $solution = DampedSolver::solve($residuals, [1.5, 2.5], [-2.0, -3.0], [2.0, 3.0]);
        self::assertLessThanOrEqual($seen[0], $solution->objective);
        self::assertContains($solution->status, ['settled', 'no lower point']);
        self::assertLessThanOrEqual(60, $solution->iterations);
    }
}
