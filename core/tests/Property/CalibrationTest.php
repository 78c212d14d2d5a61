<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use PHPUnit\Framework\TestCase;
use Transmuta\Property\Ladder;
use Transmuta\Property\LayerModel;
use Transmuta\Tests\Kit;

/**
 * The set model against 96 reference formulas of known behaviour (core/data/calibration.csv: common practice, from memory). A
 * regression guard with the values of the handbook, not a fit: docs/computation.md lists the residuals.
 */
final class CalibrationTest extends TestCase
{
    public function testReferenceFormulasStandWhereTheyAreKnownTo(): void
    {
        $on = $within = 0;
        $off = [];
        foreach (CalibrationCases::all() as $case) {
            $step = Ladder::step(Kit::engine()->reader->set->ge(LayerModel::stateOf($case['layer'], Kit::shelf()), $case['celsius']));
            $away = abs($step - $case['observed']);
            $on += $away === 0 ? 1 : 0;
            $within += $away <= 1 ? 1 : 0;
            if ($away > 1) {
                $off[] = $case['name'];
            }
        }
        self::assertSame(96, \count(CalibrationCases::all()));
        self::assertSame([], $off, 'more than one step off');
        self::assertSame(96, $within);
        self::assertGreaterThanOrEqual(62, $on, 'on the step');
    }
}
