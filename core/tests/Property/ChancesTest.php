<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use PHPUnit\Framework\TestCase;
use Transmuta\Property\LayerState;
use Transmuta\Property\Setting\Chances;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Property\Setting\SetReading;
use Transmuta\Tests\Kit;

/** The chances of the steps: they are a distribution, and come true on formulas of known behaviour about as often as they say. */
final class ChancesTest extends TestCase
{
    public function testTheySumToOneAndTheLikeliestIsWhereItIsForetold(): void
    {
        for ($ge = 0.0; $ge < 6.0; $ge += 0.037) {
            $chances = Chances::of(SetReading::of(['gelatin' => $ge], 'gel'));
            self::assertCount(7, $chances);
            self::assertEqualsWithDelta(1.0, array_sum($chances), 1e-12);
            self::assertGreaterThanOrEqual(0.0, min($chances));
            // In the middle of a step it is the likeliest; at an edge both are as likely.
            if (abs(fmod(Ladder::coordinate($ge), 1.0) - 0.5) < 0.1 && $ge < 2.6) {
                self::assertSame(Ladder::step($ge), array_search(max($chances), $chances, true), "GE $ge");
            }
        }
        $edge = Chances::of(SetReading::of(['gelatin' => 1.15], 'gel'));
        self::assertEqualsWithDelta($edge[3], $edge[4], 1e-9);
    }

    public function testWhatManyMechanismsShareIsSurerThanWhatOneCarries(): void
    {
        self::assertLessThan(Chances::spread(SetReading::of(['gelatin' => 1.4], 'gel')), Chances::spread(SetReading::of(['gelatin' => 0.7, 'fat' => 0.7], 'gel')));
    }

    /** Forecasts and outcomes of the calibration's formulas: mean chance of what came, and the ranked probability score against knowing nothing. */
    public function testTheyComeTrueOnFormulasOfKnownBehaviour(): void
    {
        $score = $blind = $given = 0.0;
        $cases = CalibrationCases::all();
        $outcomes = array_count_values(array_column($cases, 'observed'));
        $count = \count($cases);
        foreach ($cases as $case) {
            $reading = Kit::engine()->reader->set;
            $state = LayerState::ofLayer($case['layer'], Kit::shelf());
            $chances = Chances::of(SetReading::of($reading->mechanisms($state, $case['celsius']), 'gel'));
            $given += $chances[$case['observed']];
            $below = $known = 0.0;
            for ($k = 0; $k < 6; ++$k) {
                $below += $chances[$k];
                $known += ($outcomes[$k] ?? 0) / $count;
                $came = $case['observed'] <= $k ? 1.0 : 0.0;
                $score += ($below - $came) ** 2;
                $blind += ($known - $came) ** 2;
            }
        }
        self::assertGreaterThan(0.45, $given / $count, 'what came was given a fair chance');
        self::assertLessThan(0.35, $score / $blind, 'it knows far more than how often each step is');
    }
}
