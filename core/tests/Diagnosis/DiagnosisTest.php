<?php

declare(strict_types=1);

namespace Transmuta\Tests\Diagnosis;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Diagnosis\Condition;
use Transmuta\Diagnosis\Diagnosis;
use Transmuta\Diagnosis\FaultBook;
use Transmuta\Diagnosis\Metrics;
use Transmuta\Diagnosis\RunFacts;
use Transmuta\Fault\Nonsense;
use Transmuta\Tests\Kit;

/** What went wrong and why: the tables complete, both sides of what a run says, and the handbook's worked cases (faults M). */
final class DiagnosisTest extends TestCase
{
    /** A layer in which nearly every cause finds what it needs. */
    private const EVERYTHING = "Sink\nportions: 8\n\nlayer: All\ntreat: cook 80; whip\n200 g whole milk\n150 g whipping cream\n80 g egg yolk\n60 g egg white\n90 g caster sugar\n20 g icing sugar\n20 g cornflour\n10 g plain flour\n5 g potato starch\n4 g gelatin powder\n3 g agar powder\n1 g xanthan gum\n120 g cream cheese\n60 g yogurt\n60 g dark chocolate 70%\n40 g butter\n40 g coconut cream\n30 g sunflower oil\n60 g raspberries\n30 g pineapple\n30 g apple\n40 g lemon juice\n20 g whey protein isolate\n10 g soy protein isolate\n20 g erythritol\n0.2 g sucralose\n0.3 g stevia drops\n20 g hazelnut paste\n2 g low-methoxyl pectin\n2 g bicarbonate of soda\n10 g sunflower seeds\n3 g lemon zest\n2 g konjac\n10 g flaxseed\n1 g calcium lactate\n";

    /**
     * @param array<string, mixed> $run
     *
     * @return array{fault: string, layer: string, layer_id: string, stops: list<string>, cautions: list<string>, causes: list<array<string, mixed>>}
     */
    private static function found(string $formula, string $fault, array $run = [], ?string $layer = null): array
    {
        return (new Diagnosis(FaultBook::standard(), Kit::engine()->reader))->of($dish = Kit::engine()->read(Kit::engine()->parse($formula)), $fault, $layer === null ? null : $dish->layersNamed($layer), RunFacts::read($run));
    }

    public function testTheTablesAreWhole(): void
    {
        $book = FaultBook::standard();
        self::assertGreaterThanOrEqual(60, \count($book->causes));
        $groups = array_map(static fn(string $group): string => $group, array_keys($book->groups));
        foreach ($book->causes as $fault => $rows) {
            self::assertSame(range(1, \count($rows)), array_map(static fn(array $row): int => (int) $row['row'], $rows), $fault);
            foreach ($rows as $row) {
                foreach (['needs', 'for', 'against'] as $column) {
                    foreach (Condition::read($row[$column]) as $condition) {
                        foreach ($condition->metrics() as $metric) {
                            self::assertTrue(Metrics::isKnown($metric), "$fault $row[row] $metric");
                            if (str_starts_with($metric, 'in_')) {
                                self::assertContains((string) preg_replace('/^in_|_mgkg$/', '', $metric), $groups, "$fault $row[row]");
                            }
                        }
                    }
                }
                self::assertNotSame('', $row['cause'] . $row['now'] . $row['next']);
                self::assertContains($fault, $book->named($fault), 'a class is known by its own name');
            }
        }
        foreach ($book->groups as $group => $of) {
            foreach (str_starts_with($of[0], '@') ? [] : $of as $id) {
                self::assertNotNull(Kit::shelf()->find($id), "$group: $id");
            }
        }
        foreach ($book->rescues as $id) {
            self::assertNotNull(Kit::shelf()->find($id), $id);
        }
    }

    public function testBothSidesOfWhatARunSays(): void
    {
        $tried = 0;
        foreach (FaultBook::standard()->causes as $fault => $rows) {
            foreach ($rows as $row) {
                foreach (explode(';', $row['for']) as $condition) {
                    if (preg_match('/^(t_max_c|boil_min|join_c|fold_to_fill_min|pour_c|oven_c|whip_c|cold_h|core_c|yield_percent|brix_found)([<>])([\d.]+)$/', $condition, $m) !== 1) {
                        continue;
                    }
                    [, $metric, $sign, $threshold] = $m;
                    $inside = (float) $threshold + ($sign === '>' ? 0.5 : -0.5);
                    $outside = (float) $threshold + ($sign === '>' ? -0.5 : 0.5);
                    $of = static function (float $value) use ($fault, $row, $metric): ?array {
                        foreach (self::found(self::EVERYTHING, $fault, [$metric => max(0.0, $value)])['causes'] as $cause) {
                            if ($cause['fault'] === $fault && $cause['row'] === (int) $row['row']) {
                                return $cause;
                            }
                        }

                        return null;
                    };
                    $named = FaultBook::standard()->named($fault);
                    $there = $of($inside);
                    if ($there === null || !\in_array($fault, $named, true)) {
                        continue;
                    }
                    ++$tried;
                    $says = static fn(?array $cause): int => \count(array_filter($cause['for'] ?? [], static fn(mixed $said): bool => \is_string($said) && str_starts_with($said, Metrics::words($metric))));
                    self::assertSame(1, $says($there), "$fault $row[row]: $metric at $inside");
                    self::assertSame(0, $says($of($outside)), "$fault $row[row]: $metric at $outside");
                }
            }
        }
        self::assertGreaterThan(35, $tried);
    }

    /** Handbook faults M 1: a vegan cheesecake that holds and does not slice: its agar boiled 40 s. */
    public function testAgarThatWasNotBoiledLongEnough(): void
    {
        $found = self::found("Cheesecake\nportions: 12\n\nlayer: Filling\ntreat: boil 2 min\n300 g cashew\n200 g coconut milk\n250 g oat milk\n120 g sugar\n6 g agar powder\n", 'did not set', ['t_max_c' => 96, 'boil_min' => 0.67, 'join_c' => 49, 'core_c' => 6, 'cold_h' => 12, 'yield_percent' => 99]);
        self::assertSame(['agar_weak', 1], [$found['causes'][0]['fault'], $found['causes'][0]['row']]);
        self::assertGreaterThan(0.85, $found['causes'][0]['chance']);
        self::assertSame('likely', $found['causes'][0]['word']);
        self::assertSame('agar', $found['causes'][0]['now'][0]['ingredient']);
        self::assertStringNotContainsString('gelatin', json_encode(array_column(array_column($found['causes'], 'now'), 0), JSON_THROW_ON_ERROR));
        self::assertNotContains(2, array_column(array_filter($found['causes'], static fn(array $c): bool => $c['fault'] === 'too_soft'), 'row'));
    }

    /** M 2: a custard pie ran in the morning: yolk in it, and it never boiled. */
    public function testCustardThatRanInTheMorning(): void
    {
        $found = self::found("Custard pie\nportions: 8\n\nlayer: Custard\ntreat: cook 91\n500 g whole milk\n70 g egg yolk\n100 g sugar\n40 g cornflour\n", 'thin next day', ['t_max_c' => 91, 'boil_min' => 0]);
        self::assertSame(['thinned', 1], [$found['causes'][0]['fault'], $found['causes'][0]['row']]);
        self::assertEqualsWithDelta(0.97, $found['causes'][0]['chance'], 0.02);
    }

    /** M 3: ganache with an oil ring, 200 g of 70 % chocolate and 100 g cream: 38 g milk heals it. */
    public function testGanacheWithTooLittleWater(): void
    {
        $found = self::found("Ganache\nportions: 6\n\nlayer: Ganache\ntreat: melt\n200 g dark chocolate 70%\n100 g cream 36%\n", 'split', ['join_c' => 48]);
        self::assertSame(['split', 2], [$found['causes'][0]['fault'], $found['causes'][0]['row']]);
        self::assertEqualsWithDelta(0.64, $found['causes'][0]['chance'], 0.06);
        self::assertEqualsWithDelta(38.0, $found['causes'][0]['now'][0]['grams'], 6.0);
    }

    /** M 4: a mousse that stands low: the density decides, and nothing is missing. */
    public function testMousseThatStandsLow(): void
    {
        $found = self::found("Mousse\nportions: 8\n\nlayer: Mousse\ntreat: melt; whip\n200 g dark chocolate 55%\n400 g whipping cream\n60 g sugar\n", 'stands low', ['density_g_ml' => 0.69, 'density_target_g_ml' => 0.60, 'yield_percent' => 99]);
        self::assertEqualsCanonicalizing(['foam_fell', 'underfilled'], [$found['causes'][0]['fault'], $found['causes'][1]['fault']]);
        self::assertEqualsWithDelta(1.0, $found['causes'][0]['chance'] + $found['causes'][1]['chance'], 0.05);
    }

    public function testChancesSumToOneAndAbsentThingsAreNotBlamed(): void
    {
        foreach (array_keys(FaultBook::standard()->causes) as $fault) {
            foreach ([self::EVERYTHING, "Jelly\nportions: 4\n\nlayer: Jelly\ntreat: melt\n400 g apple juice\n60 g sugar\n5 g gelatin powder\n"] as $formula) {
                $found = self::found($formula, (string) $fault);
                if ($found['causes'] !== []) {
                    self::assertEqualsWithDelta(1.0, array_sum(array_column($found['causes'], 'chance')), 1e-9, (string) $fault);
                }
                $chances = array_column($found['causes'], 'chance');
                $sorted = $chances;
                rsort($sorted);
                self::assertSame($sorted, $chances);
            }
        }
        self::assertSame([], array_filter(self::found("Jelly\nportions: 4\n\nlayer: Jelly\ntreat: melt\n400 g apple juice\n60 g sugar\n5 g gelatin powder\n", 'did not set')['causes'], static fn(array $c): bool => $c['fault'] === 'agar_weak'));
    }

    public function testWhereNothingExplainsItThatIsSaidAndAsked(): void
    {
        $found = self::found("Jelly\nportions: 4\n\nlayer: Jelly\ntreat: melt\n400 g apple juice\n60 g sugar\n8 g gelatin powder\n", 'did not set');
        self::assertNotNull($found['causes'][0]['asks']);
        self::assertNotSame([], array_filter($found['cautions'], static fn(string $c): bool => str_contains($c, 'How long it stood')));
    }

    public function testOnlyWhatTheRunProvesStops(): void
    {
        $at = static fn(array $run): array => self::found(self::EVERYTHING, 'too soft', $run)['stops'];
        self::assertSame([], $at([]));
        self::assertSame([], $at(['out_min' => 240, 'out_c' => 22]));
        self::assertCount(1, $at(['out_min' => 241, 'out_c' => 22]));
        self::assertSame([], $at(['out_min' => 600, 'out_c' => 4]));
        self::assertSame([], $at(['cold_h' => 6, 'core_c' => 5]));
        self::assertCount(1, $at(['cold_h' => 6, 'core_c' => 6]));
        self::assertSame([], $at(['cold_h' => 3, 'core_c' => 30]));
    }

    /** @return iterable<string, array{string, string}> */
    public static function words(): iterable
    {
        yield 'a class' => ['agar_weak', 'agar_weak'];
        yield 'words' => ['Did not set', 'too_soft'];
        yield 'in a sentence' => ['it was too soft after 6 h', 'too_soft'];
        yield 'grain' => ['grainy', 'nut_flecks'];
        yield 'a hyphen' => ['over-filled', 'overfilled'];
    }

    #[DataProvider('words')]
    public function testWordsPeopleUse(string $said, string $fault): void
    {
        self::assertContains($fault, FaultBook::standard()->named($said));
    }

    public function testNobodySaysSoIsRefusedWithWhatComesNear(): void
    {
        $this->expectException(Nonsense::class);
        $this->expectExceptionMessageMatches('/did you mean .*weep/');
        FaultBook::standard()->named('weepy!');
    }

    /** @return iterable<string, array{array<string, mixed>, string}> */
    public static function nonsense(): iterable
    {
        yield 'too hot' => [['t_max_c' => 900], 'run.t_max_c'];
        yield 'words' => [['boil_min' => 'long'], 'run.boil_min'];
        yield 'a number for yes' => [['bath' => 1], 'run.bath'];
        yield 'nobody measures it' => [['mood' => 3], 'run.mood'];
    }

    /** @param array<string, mixed> $run */
    #[DataProvider('nonsense')]
    public function testWhatCannotBeMeantOfARunIsNamed(array $run, string $field): void
    {
        try {
            RunFacts::read($run);
            self::fail('it was taken');
        } catch (Nonsense $e) {
            self::assertSame($field, $e->field);
        }
    }

    public function testOfTwoLayersOfOneNameTheOneThatIsMeantIsWeighed(): void
    {
        $dish = Kit::engine()->read(Kit::engine()->parse("Twice\n8 portions\n\nlayer: Cream\ntreat: boil\n500 g water\n80 g sugar\n4 g agar powder\n\nlayer: Cream\n300 g whipping cream\n40 g sugar\n5 g gelatin powder\n"));
        self::assertCount(2, $dish->layersNamed('cream'));
        $of = static fn(int $n): string => (string) json_encode((new Diagnosis(FaultBook::standard(), Kit::engine()->reader))->of($dish, 'did not set', [$dish->layers[$n]]), JSON_THROW_ON_ERROR);
        self::assertStringContainsString('agar_weak', $of(0));
        self::assertStringNotContainsString('gelatin_no_set', $of(0));
        self::assertStringContainsString('gelatin_no_set', $of(1));
        self::assertStringNotContainsString('agar_weak', $of(1));
    }

    public function testAProbesHeatCountsWhereTheTextSaysNothingOfHeat(): void
    {
        $curd = "Curd\n8 portions\n200 g lemon juice\n200 g caster sugar\n4 eggs\n120 g butter";
        $find = static fn(array $run): array => (new Diagnosis(FaultBook::standard(), Kit::engine()->reader))->of(Kit::engine()->read(Kit::engine()->parse($curd)), 'scrambled', null, RunFacts::read($run));
        $hot = $find(['t_max_c' => 96.0])['causes'][0];
        self::assertStringContainsString('curdles', implode(' ', $hot['for']));
        self::assertSame('likely', $hot['word']);
        self::assertSame([], $find(['t_max_c' => 59.0])['causes'][0]['for']);
        self::assertSame([], $find([])['causes'][0]['for']);
    }

    public function testWhatNothingSpeaksForIsNeverCalledLikely(): void
    {
        $jelly = "Jelly\n4 portions\ntreat: boil\n500 g water\n80 g sugar\n4 g agar powder";
        foreach (['weeps', 'did not set', 'brittle', 'cloudy top', 'lumps'] as $fault) {
            try {
                $found = (new Diagnosis(FaultBook::standard(), Kit::engine()->reader))->of(Kit::engine()->read(Kit::engine()->parse($jelly)), $fault);
            } catch (\Transmuta\Fault\Nonsense) {
                continue;
            }
            foreach ($found['causes'] as $cause) {
                self::assertTrue($cause['for'] !== [] || $cause['word'] !== 'likely', "$fault: $cause[cause]");
            }
        }
    }
}
