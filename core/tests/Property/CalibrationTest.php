<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use PHPUnit\Framework\TestCase;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Provenance\Mark;
use Transmuta\Reference\Reference;

/**
 * The set model against reference formulas of known behaviour (core/data/calibration.csv: common practice, from memory; the first 96 of
 * the trade, the rest where those are thin). docs/computation.md lists the residuals; bin/calibrate refits exactly.
 */
final class CalibrationTest extends TestCase
{
    private static ?CalibrationFit $fit = null;

    private static function fit(): CalibrationFit
    {
        return self::$fit ??= new CalibrationFit();
    }

    public function testReferenceFormulasStandWhereTheyAreKnownTo(): void
    {
        [$on, $within, $far] = self::score(array_map(Ladder::step(...), self::fit()->predict(CalibrationFit::today())));
        self::assertCount(140, self::fit()->cases);
        self::assertGreaterThanOrEqual(96, $on, 'on the step');
        self::assertGreaterThanOrEqual(138, $within, 'within one step; beyond: ' . implode(', ', $far));
    }

    public function testAFormulaTheFitHasNotSeenIsReadNearlyAsWell(): void
    {
        [$on, $within] = self::score(self::fit()->leaveOneOut(CalibrationFit::today()));
        self::assertGreaterThanOrEqual(0.64 * 140, $on, 'on the step, left out');
        self::assertGreaterThanOrEqual(0.96 * 140, $within, 'within one step, left out');
    }

    public function testFittedCoefficientsSayThatTheyAreAndFromWhat(): void
    {
        foreach (CalibrationFit::START as $key => $start) {
            $source = Reference::standard()->sourceOf('set', $key);
            self::assertNotNull($source, $key);
            self::assertSame(Mark::Memory, $source->mark, $key);
            self::assertStringContainsString("fitted on calibration.csv from $start", $source->source);
            self::assertEqualsWithDelta(1.0, CalibrationFit::today()[$key] / $start, 0.5, "$key stays near its start");
        }
    }

    /**
     * @param list<int> $steps
     *
     * @return array{0: int, 1: int, 2: list<string>}
     */
    private static function score(array $steps): array
    {
        $on = $within = 0;
        $far = [];
        foreach ($steps as $i => $step) {
            $away = abs($step - self::fit()->cases[$i]['observed']);
            $on += $away === 0 ? 1 : 0;
            $within += $away <= 1 ? 1 : 0;
            if ($away > 1) {
                $far[] = self::fit()->cases[$i]['name'];
            }
        }

        return [$on, $within, $far];
    }
}
