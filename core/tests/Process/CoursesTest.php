<?php

declare(strict_types=1);

namespace Transmuta\Tests\Process;

use PHPUnit\Framework\TestCase;
use Transmuta\Process\Run\Courses;

/** Probes have clocks of their own, stop, and go in again. */
final class CoursesTest extends TestCase
{
    /** @return array{step: string, celsius: float, seconds: ?float, wall: float} */
    private static function read(string $step, float $celsius, float $wall, ?float $seconds = null): array
    {
        return ['step' => $step, 'celsius' => $celsius, 'seconds' => $seconds, 'wall' => $wall];
    }

    public function testEachStepHasItsOwnCourseFromItsFirstReading(): void
    {
        $courses = Courses::of([self::read('a', 40.0, 6000.0), self::read('b', 80.0, 6030.0), self::read('a', 50.0, 6090.0)]);
        self::assertSame([[0.0, 40.0], [1.5, 50.0]], $courses['a']->points);
        self::assertSame([[0.0, 80.0]], $courses['b']->points);
        self::assertSame([], Courses::of([]));
    }

    public function testTheProbesOwnClockGoesBeforeTheWalls(): void
    {
        // Kept while the network was away, both came at once.
        $courses = Courses::of([self::read('a', 40.0, 6000.0, 30.0), self::read('a', 60.0, 6000.0, 150.0)]);
        self::assertSame([[0.0, 40.0], [2.0, 60.0]], $courses['a']->points);
    }

    public function testAProbeThatWentInAgainGoesOnFromWhereItWas(): void
    {
        $courses = Courses::of([self::read('a', 40.0, 6000.0, 0.0), self::read('a', 60.0, 6060.0, 60.0), self::read('a', 61.0, 6120.0, 0.0), self::read('a', 70.0, 6180.0, 60.0)]);
        self::assertSame([[0.0, 40.0], [1.0, 60.0], [1.0, 61.0], [2.0, 70.0]], $courses['a']->points);
    }

    public function testFromOneClockToTheOtherNothingIsReckoned(): void
    {
        $courses = Courses::of([self::read('a', 40.0, 6000.0), self::read('a', 60.0, 6060.0, 7.0), self::read('a', 65.0, 6120.0, 67.0), self::read('a', 66.0, 6300.0)]);
        self::assertSame([[0.0, 40.0], [0.0, 60.0], [1.0, 65.0], [1.0, 66.0]], $courses['a']->points);
    }
}
