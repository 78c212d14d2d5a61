<?php

declare(strict_types=1);

namespace Transmuta\Tests\Formula;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Fault\Nonsense;
use Transmuta\Formula\TreatmentKind;
use Transmuta\Formula\TreatmentStep;
use Transmuta\Intake\TextHeadings;
use Transmuta\Intake\TreatmentGrammar;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Tests\Kit;

final class TreatmentTest extends TestCase
{
    /** @return iterable<string, array{string, string}> as typed, as written back */
    public static function sequences(): iterable
    {
        yield 'one step' => ['cook to 82 C, stirred', 'cook to 82 C stirred'];
        yield 'whipped, then frozen' => ['whip; freeze -18 C', 'whip; freeze -18 C'];
        yield 'boiled, then baked' => ['boil 2 min; bake 150 C', 'boil 2 min stirred; bake 150 C'];
        yield 'with "then"' => ['whip, then bake 150 C', 'whip; bake 150 C'];
        yield 'in °F' => ['whip; freeze 0 F', 'whip; freeze -17.8 C'];
        yield 'with stated air' => ['whip air 60 %; freeze -18 C', 'whip air 60 %; freeze -18 C'];
        yield 'hours' => ['freeze -18 C 12 h', 'freeze -18 C 720 min'];
        yield 'nothing' => ['none', 'none'];
        yield 'steamed' => ['steam 95 C', 'bake 95 C steam'];
    }

    #[DataProvider('sequences')]
    public function testASequenceIsReadAndWrittenBack(string $typed, string $written): void
    {
        self::assertSame($written, TreatmentGrammar::parse($typed)->words());
        self::assertSame($written, TreatmentGrammar::parse($written)->words());
    }

    /** @return iterable<string, array{string}> */
    public static function nonsense(): iterable
    {
        yield 'an unknown step' => ['whip; fry 180 C'];
        yield 'an unknown word' => ['bake 150 C in a moat'];
        yield 'too hot' => ['bake 301 C'];
        yield 'nothing at all' => [''];
        yield 'only a semicolon' => [';'];
        yield 'nine steps' => [implode('; ', array_fill(0, 9, 'whip'))];
    }

    #[DataProvider('nonsense')]
    public function testWhatCannotBeMeantIsRefusedWithTheMend(string $typed): void
    {
        $this->expectException(Nonsense::class);
        TreatmentGrammar::parse($typed);
    }

    public function testEveryChoiceThatAPageOffersIsInTheGrammarsOwnWords(): void
    {
        foreach (TreatmentGrammar::choices() as $choice) {
            self::assertSame($choice['words'], TreatmentGrammar::parse($choice['words'])->words());
        }
    }

    public function testAFrozenMousseKeepsItsAirAndHasItsIce(): void
    {
        $mousse = ['cream-36' => 400, 'sugar' => 120, 'raspberry' => 300];
        $frozen = Kit::reading($mousse, TreatmentGrammar::parse('whip; freeze -18 C'), -14.0);
        $unwhipped = Kit::reading($mousse, TreatmentGrammar::parse('freeze -18 C'), -14.0);
        self::assertGreaterThan(0.2, $frozen->airShare);
        self::assertEqualsWithDelta(0.0, $unwhipped->airShare, 1e-9);
        self::assertGreaterThan(0.3, $frozen->set->mechanisms['frozen'] ?? 0.0);
        self::assertLessThan($unwhipped->set->mechanisms['frozen'] ?? 0.0, $frozen->set->mechanisms['frozen'] ?? 0.0);
        self::assertGreaterThan($unwhipped->volume, $frozen->volume);
    }

    public function testAirIsLostInAStirredPanAndKeptInAnOvenOrFreezer(): void
    {
        self::assertTrue(TreatmentGrammar::parse('whip; bake 160 C')->isWhipped());
        self::assertTrue(TreatmentGrammar::parse('cook to 82 C stirred; whip')->isWhipped());
        self::assertFalse(TreatmentGrammar::parse('whip; cook to 82 C stirred')->isWhipped());
        self::assertFalse(TreatmentGrammar::parse('whip; melt')->isWhipped());
        self::assertFalse(TreatmentGrammar::parse('freeze -18 C')->isWhipped());
    }

    public function testEachMechanismIsMetByTheStepThatMeetsIt(): void
    {
        $both = Kit::reading(['milk' => 800, 'cornflour' => 30, 'egg' => 150, 'sugar' => 100], TreatmentGrammar::parse('cook to 70 C stirred; bake 150 C'));
        $boiled = Kit::reading(['milk' => 800, 'cornflour' => 30, 'egg' => 150, 'sugar' => 100], TreatmentGrammar::parse('boil 2 min stirred; bake 150 C'));
        // Not yet set at 70 °C, it sets still in the oven; set at the boil, the oven no longer matters.
        self::assertGreaterThan(2.0 * ($boiled->set->mechanisms['egg'] ?? 0.0), $both->set->mechanisms['egg'] ?? 0.0);
        $agar = Kit::reading(['milk' => 900, 'agar' => 4, 'sugar' => 90], TreatmentGrammar::parse('boil 2 min; freeze -18 C'), 5.0);
        self::assertGreaterThan(0.5, $agar->set->mechanisms['agar'] ?? 0.0);
        self::assertSame(0.0, Kit::reading(['milk' => 900, 'agar' => 4, 'sugar' => 90], TreatmentGrammar::parse('melt; freeze -18 C'))->set->mechanisms['agar'] ?? 0.0);
    }

    public function testItGoesIntoTheColdAsTheLastStepLeavesIt(): void
    {
        self::assertSame(12.0, TreatmentGrammar::parse('cook to 82 C; whip')->leavesAt());
        self::assertSame(82.0, TreatmentGrammar::parse('whip; cook to 82 C')->leavesAt());
        self::assertSame(12.0, TreatmentGrammar::parse('whip; freeze -18 C')->leavesAt());
        self::assertSame(20.0, TreatmentGrammar::parse('none')->leavesAt());
    }

    public function testAHotStepIsReplacedInItsPlace(): void
    {
        $boil = TreatmentStep::of(TreatmentKind::Boil, null, 2.0);
        self::assertSame('whip; boil 2 min stirred; freeze -18 C', TreatmentGrammar::parse('whip; cook to 70 C; bake 150 C; freeze -18 C')->heatedBy($boil)->words());
        self::assertSame('boil 2 min stirred; whip', TreatmentGrammar::parse('whip')->heatedBy($boil)->words());
        self::assertSame('bake 135 C; whip', TreatmentGrammar::parse('bake 150 C; whip')->with(TreatmentStep::of(TreatmentKind::Bake, 135.0))->words());
        self::assertSame('whip', TreatmentGrammar::parse('whip; bake 150 C')->without(TreatmentKind::Bake)->words());
    }

    public function testATypedTextTakesATreatmentAndIsOtherwiseLeftAsItWas(): void
    {
        $text = "For the base:\n100 g biscuits\n\nlayer: Curd\ntreat: none\n120 g lemon juice";
        self::assertSame(str_replace('treat: none', 'treat: whip; freeze -18 C', $text), TextHeadings::set($text, 1, 'treat', 'whip; freeze -18 C', Kit::engine()->lines, UnitSystem::Metric));
        self::assertSame(str_replace("For the base:\n", "For the base:\ntreat: bake 150 C\n", $text), TextHeadings::set($text, 0, 'treat', 'bake 150 C', Kit::engine()->lines, UnitSystem::Metric));
        self::assertSame(str_replace("treat: none\n", '', $text), TextHeadings::set($text, 1, 'treat', '', Kit::engine()->lines, UnitSystem::Metric));
        self::assertSame("treat: melt\n50 g sugar", TextHeadings::set('50 g sugar', 0, 'treat', 'melt', Kit::engine()->lines, UnitSystem::Metric));
        self::assertSame("For the base:\nFor the curd:\ntreat: melt\n50 g sugar", TextHeadings::set("For the base:\nFor the curd:\n50 g sugar", 0, 'treat', 'melt', Kit::engine()->lines, UnitSystem::Metric), 'an empty layer does not count');
        $this->expectException(Nonsense::class);
        TextHeadings::set($text, 2, 'treat', 'melt', Kit::engine()->lines, UnitSystem::Metric);
    }
}
