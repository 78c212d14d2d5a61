<?php

declare(strict_types=1);

namespace Transmuta\Tests\Trial;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Diagnosis\PastTrials;
use Transmuta\Diagnosis\RunTimeline;
use Transmuta\Fault\Nonsense;
use Transmuta\Trial\Learning\Finding;
use Transmuta\Trial\Outcome\Outcome;
use Transmuta\Trial\Outcome\Protocol;

/** What a trial says, and what is read out of it. */
final class OutcomeTest extends TestCase
{
    public function testWhatWasNotLookedAtIsNotThere(): void
    {
        $one = Outcome::read(['layers' => [['layer_id' => 'a', 'step_index' => 4]], 'weep_g' => 0.0], ['a', 'b']);
        self::assertSame(4, $one->step('a'));
        self::assertNull($one->step('b'));
        self::assertNull($one->sweetness);
        self::assertSame(0.0, $one->write()['weep_g'], 'nothing wept is something that was seen');
        self::assertNull($one->write()['ph']);
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function wrong(): iterable
    {
        yield 'nothing' => [[], 'found'];
        yield 'a base' => [['layers' => [['layer_id' => 'base', 'step_index' => 4]]], 'layers.0.layer_id'];
        yield 'twice' => [['layers' => [['layer_id' => 'a', 'step_index' => 4], ['layer_id' => 'a', 'step_index' => 3]]], 'layers.1.layer_id'];
        yield 'no step' => [['layers' => [['layer_id' => 'a', 'step_index' => 7]]], 'layers.0'];
        yield 'a third of a step' => [['layers' => [['layer_id' => 'a', 'step_index' => 3.3]]], 'layers.0'];
        yield 'too sour' => [['ph' => 1.4], 'ph'];
        yield 'words for a figure' => [['brix' => 'sweet'], 'brix'];
        yield 'more than there is' => [['weep_g' => 100.1], 'weep_g'];
        yield 'day none' => [['keeps' => [['day' => 0, 'words' => 'x']]], 'keeps.0.day'];
        yield 'a day twice' => [['keeps' => [['day' => 1, 'words' => 'x'], ['day' => 1, 'words' => 'y']]], 'keeps.1.day'];
        yield 'very long' => [['next' => str_repeat('x', 401)], 'next'];
    }

    /** @param array<string, mixed> $said */
    #[DataProvider('wrong')]
    public function testWhatCannotBeMeantNamesItsPlace(array $said, string $field): void
    {
        try {
            Outcome::read($said, ['a', 'b']);
            self::fail('it was taken');
        } catch (Nonsense $nonsense) {
            self::assertSame($field, $nonsense->field);
        }
    }

    public function testEveryProtocolTakesWhatItsTableSaysAndNoMore(): void
    {
        self::assertCount(7, Protocol::all());
        foreach (Protocol::all() as $one) {
            foreach ([$one->low, $one->high, ($one->low + $one->high) / 2] as $value) {
                $value = $one->id === 'P8' ? round($value) : $value;
                $finding = Finding::read(['protocol' => $one->id, 'value' => $value, ...($one->needsForce ? ['force_g' => 50] : [])]);
                self::assertGreaterThan(0.0, $finding->variance, $one->id);
            }
            try {
                Finding::read(['protocol' => $one->id, 'value' => $one->high * 1.2 + 1]);
                self::fail($one->id);
            } catch (Nonsense $nonsense) {
                self::assertNotSame('', $nonsense->mend);
            }
        }
    }

    public function testARunTellsHowHotHowLongAndHowCold(): void
    {
        $said = [
            ['kind' => 'boil', 'seconds' => 0.0, 'celsius' => 60.0, 'what' => 'temperature'], ['kind' => 'boil', 'seconds' => 60.0, 'celsius' => 96.0, 'what' => 'temperature'],
            ['kind' => 'boil', 'seconds' => 120.0, 'celsius' => 98.0, 'what' => 'temperature'], ['kind' => 'boil', 'seconds' => 130.0, 'celsius' => null, 'what' => 'done'],
            ['kind' => 'fill', 'seconds' => 400.0, 'celsius' => 62.0, 'what' => 'temperature'], ['kind' => 'chill', 'seconds' => 3600.0, 'celsius' => 11.0, 'what' => 'temperature'],
            ['kind' => 'chill', 'seconds' => 7200.0, 'celsius' => 6.0, 'what' => 'temperature'],
        ];
        self::assertEquals(['t_max_c' => 98.0, 'boil_min' => 1.0, 'pour_c' => 62.0, 'core_c' => 6.0, 'cold_h' => 4.0], RunTimeline::facts($said, 21600.0));
        self::assertSame([], RunTimeline::facts([], 10.0));
    }

    public function testTrialsBeforeSpeakForAndAgainstACauseAndNeverAlone(): void
    {
        $past = new PastTrials(['agar' => ['n' => 3, 'mean' => -0.8], 'gelatin' => ['n' => 4, 'mean' => 0.1], 'starch' => ['n' => 1, 'mean' => -2.0]]);
        self::assertSame(1.5, $past->of('agar_weak', 1, 'agar')['score']);
        self::assertSame(1.5, $past->of('too_soft', 3, 'agar')['score']);
        self::assertSame(0.0, $past->of('too_soft', 1, 'agar')['score'], 'not through yet has nothing to do with it');
        self::assertSame(-1.0, $past->of('gelatin_no_set', 1, 'gelatin')['score']);
        self::assertSame(0.0, $past->of('thinned', 1, 'starch')['score'], 'one trial is none');
        self::assertSame(0.0, $past->of('weeps', 1, 'agar')['score']);
    }
}
