<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Property\Roots;

final class RootsTest extends TestCase
{
    /** @return iterable<string, array{callable(float): float, float, float, float}> */
    public static function functions(): iterable
    {
        yield 'a line' => [static fn(float $x): float => 3 * $x - 6, 0.0, 10.0, 2.0];
        yield 'a falling line' => [static fn(float $x): float => 6 - 3 * $x, 0.0, 10.0, 2.0];
        yield 'a cube root' => [static fn(float $x): float => $x ** 3 - 2, 0.0, 2.0, 2 ** (1 / 3)];
        yield 'a steep end' => [static fn(float $x): float => exp($x) - 1000, 0.0, 20.0, log(1000)];
        yield 'cosine meets x' => [static fn(float $x): float => cos($x) - $x, 0.0, 1.5, 0.7390851332];
        yield 'at an end' => [static fn(float $x): float => $x, 0.0, 1.0, 0.0];
    }

    /** @param callable(float): float $f */
    #[DataProvider('functions')]
    public function testFindsTheRoot(callable $f, float $low, float $high, float $root): void
    {
        self::assertEqualsWithDelta($root, Roots::between($f, $low, $high), 1e-7);
    }

    /** The least that is enough is never less than enough, and no further from it than was asked. */
    public function testTheLeastThatIsEnough(): void
    {
        $found = Roots::least(static fn(float $x): bool => $x >= 3.3, 0.0, 10.0, 0.001);
        self::assertNotNull($found);
        self::assertGreaterThanOrEqual(3.3, $found);
        self::assertLessThan(3.301, $found);
        self::assertNull(Roots::least(static fn(float $x): bool => $x > 10.0, 0.0, 10.0, 0.001), 'not even the most is enough');
        self::assertEqualsWithDelta(0.0, Roots::least(static fn(float $x): bool => true, 0.0, 10.0, 0.001), 0.001, 'nothing is needed');
    }
}
