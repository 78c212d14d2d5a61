<?php

declare(strict_types=1);

namespace Transmuta\Tests\Process;

use PHPUnit\Framework\TestCase;
use Transmuta\Process\Making\Making;
use Transmuta\Process\Run\AtHeat;
use Transmuta\Process\Run\Course;
use Transmuta\Process\Run\StepHeat;
use Transmuta\Reference\Reference;
use Transmuta\Tests\Kit;

/** What a probe is expected to read, and what is made of what it did. */
final class CourseTest extends TestCase
{
    /** @return list<StepHeat> */
    private static function heats(string $dish): array
    {
        return (new AtHeat(Making::standard(), Reference::standard()))->of(Kit::engine()->read(Kit::engine()->parse($dish)));
    }

    private static function curd(): StepHeat
    {
        return array_values(array_filter(self::heats("Curd\nportions: 6\n\nlayer: Curd\ntreat: cook 80\n150 g lemon juice\n120 g caster sugar\n100 g egg yolk\n100 g whole egg\n120 g butter\n"), static fn(StepHeat $h): bool => $h->where === 'pan'))[0];
    }

    private static function chilled(float $minutesTo21 = 0.0): StepHeat
    {
        return new StepHeat('a1', 'cold', [[0.0, 80.0], [60.0 * max(1.0, $minutesTo21), 21.0], [60.0 * max(2.0, 3 * $minutesTo21), 5.0]], [], null);
    }

    public function testAPanRisesToItsEndAndPastIt(): void
    {
        $heat = self::curd();
        $temperatures = array_column($heat->expected, 1);
        $sorted = $temperatures;
        sort($sorted);
        self::assertSame($sorted, $temperatures);
        $marks = array_column($heat->marks, 'celsius', 'what');
        self::assertGreaterThan($marks['thickens'], $marks['curdles']);
        self::assertGreaterThan($marks['curdles'], end($temperatures));
        self::assertNotNull($heat->reaches($marks['this step ends at']));
        self::assertNull($heat->product, 'a curd holds more sugar than any pair speaks of');
    }

    public function testMilkThatIsHeatedForTheYolkCurdlesNothing(): void
    {
        [$milk, $custard] = array_values(array_filter(self::heats("Custard\nportions: 6\n\nlayer: Custard\ntreat: cook to 82 C\n500 g whole milk\n120 g egg yolk\n100 g caster sugar\n"), static fn(StepHeat $h): bool => $h->where === 'pan'));
        self::assertSame(['this step ends at'], array_column($milk->marks, 'what'));
        self::assertNull($milk->product);
        self::assertContains('curdles', array_column($custard->marks, 'what'));
        self::assertNotNull($custard->product);
    }

    public function testWhatComesNextIsTheModelsAtThePaceThatWasSeen(): void
    {
        $heat = self::curd();
        $target = array_column($heat->marks, 'celsius', 'what')['this step ends at'];
        $at = static fn(float $c): float => (float) $heat->reaches($c) / 60;
        $left = $at($target) - $at(60.0);
        $same = (new Course([[0.0, 40.0], [$at(60.0) - $at(40.0), 60.0]]))->says($heat, Reference::standard());
        $slow = (new Course([[0.0, 40.0], [2 * ($at(60.0) - $at(40.0)), 60.0]]))->says($heat, Reference::standard());
        self::assertStringContainsString(\sprintf('in about %d min', max(1, round($left))), $same[0]['text']);
        self::assertStringContainsString(\sprintf('in about %d min', max(1, round(2 * $left))), $slow[0]['text']);
    }

    public function testCurdlingIsSaidBeforeAndAfter(): void
    {
        $heat = self::curd();
        $curdles = array_column($heat->marks, 'celsius', 'what')['curdles'];
        $tones = static fn(float $c): array => array_column((new Course([[0.0, 40.0], [5.0, $c]]))->says($heat, Reference::standard()), 'tone');
        self::assertNotContains('alarm', $tones($curdles - 2.5));
        self::assertContains('alarm', $tones($curdles - 1.5));
        self::assertContains('alarm', $tones($curdles + 0.1));
        // It is not forgotten when it has cooled.
        self::assertStringContainsString('curdles', (new Course([[0.0, 40.0], [5.0, $curdles + 1], [6.0, 60.0]]))->says($heat, Reference::standard())[0]['text']);
    }

    /** 9 CFR 590.570 as it stood before 2020, recalled: sugared yolk 146 °F, 3.5 min. */
    public function testHeatOnTheEggIsSummedAlongTheCurve(): void
    {
        $heat = new StepHeat('a1', 'pan', [[0.0, 20.0], [600.0, 80.0]], [], 'sugared yolk');
        $at = (146 - 32) / 1.8;
        self::assertEqualsWithDelta(1.0, (new Course([[0.0, $at], [3.5, $at]]))->lethality($heat, Reference::standard()), 1e-9);
        self::assertEqualsWithDelta(0.5, (new Course([[0.0, $at], [1.75, $at]]))->lethality($heat, Reference::standard()), 1e-9);
        self::assertNull((new Course([[0.0, $at]]))->lethality($heat, Reference::standard()));
        self::assertStringContainsString('Not enough', array_column((new Course([[0.0, $at], [1.75, $at]]))->says($heat, Reference::standard()), 'text')[0]);
        self::assertStringContainsString('never a proof', array_column((new Course([[0.0, $at], [3.6, $at]]))->says($heat, Reference::standard()), 'text')[0]);
    }

    /**
     * @param list<array{float, float}> $points
     *
     * @return list<array{tone: string, text: string}>
     */
    private static function said(array $points, float $to21 = 60.0): array
    {
        return (new Course($points))->says(self::chilled($to21), Reference::standard());
    }

    /** FDA Food Code 2022, 3-501.14: 57 to 21 °C within 2 h, to 5 °C within 6 h. Both sides of each. */
    public function testColdComesInTimeOrNot(): void
    {
        $says = self::said(...);
        $in = $says([[0.0, 57.0], [120.0, 21.0], [360.0, 5.0]]);
        self::assertSame(['good', 'good'], array_column($in, 'tone'));
        self::assertSame(['alarm', 'good'], array_column($says([[0.0, 57.0], [121.0, 21.0], [360.0, 5.0]]), 'tone'));
        self::assertSame(['alarm', 'good'], array_column($says([[0.0, 57.0], [120.0, 21.0], [361.0, 5.0]]), 'tone'));
        // From 57 °C, however hot it came in.
        self::assertSame(['good', 'good'], array_column($says([[0.0, 90.0], [30.0, 57.0], [149.0, 21.0], [385.0, 5.0]]), 'tone'));
        // Ahead: the model's own curve, then one that is far too slow.
        self::assertNotContains('alarm', array_column($says([[0.0, 80.0], [20.0, 60.0]], 60.0), 'tone'));
        $slow = $says([[0.0, 57.0], [60.0, 50.0]], 60.0);
        self::assertSame('alarm', $slow[0]['tone']);
        self::assertStringContainsString('shallower', $slow[0]['text']);
        // Time is up and it is still warm.
        self::assertStringContainsString('not served', $says([[0.0, 57.0], [125.0, 30.0]], 60.0)[0]['text']);
    }

    public function testWhatWasFirstReadBetweenIsToldAndNotJudged(): void
    {
        $tones = static fn(array $said): array => array_column($said, 'tone');
        self::assertNotContains('alarm', $tones(self::said([[0.0, 45.0], [10.0, 44.0]], 600.0)));
        self::assertContains('alarm', $tones(self::said([[0.0, 58.0], [10.0, 56.9], [20.0, 56.0]], 600.0)));
        // Time that is up is up.
        self::assertContains('alarm', $tones(self::said([[0.0, 45.0], [130.0, 30.0]], 600.0)));
    }

    public function testAMassThatWasCooledGoesIntoTheColdAsWarmAsThat(): void
    {
        $heats = self::heats("Tart\nportions: 8\n\nlayer: Custard\ntreat: cook to 84 C\ntin: round 230 x 40 mm\n500 g whole milk\n120 g egg yolk\n70 g sugar\n");
        $cold = array_values(array_filter($heats, static fn(StepHeat $h): bool => $h->where === 'cold'))[0];
        self::assertEqualsWithDelta(35.0, $cold->expected[0][1], 0.1);
        self::assertNotNull($cold->reaches(5.0));
    }

    public function testEachDemoDishIsFollowedWhereItIsHeatedOrChilled(): void
    {
        foreach (Kit::demos() as [$name]) {
            $dish = Kit::engine()->read(Kit::demo($name));
            foreach ((new AtHeat(Making::standard(), Reference::standard()))->of($dish) as $heat) {
                self::assertGreaterThan(1, \count($heat->expected), "$name $heat->step");
                self::assertSame(0.0, $heat->expected[0][0]);
                self::assertLessThan(120.0, max(array_column($heat->expected, 1)), "$name $heat->step");
            }
        }
    }
}
