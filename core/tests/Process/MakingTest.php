<?php

declare(strict_types=1);

namespace Transmuta\Tests\Process;

use PHPUnit\Framework\TestCase;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Line;
use Transmuta\Formula\Scaling;
use Transmuta\Process\Making\Making;
use Transmuta\Process\Making\MakingStep;
use Transmuta\Process\Making\ProcessBook;
use Transmuta\Process\Making\Station;
use Transmuta\Process\Making\StepKind;
use Transmuta\Quantity\Scale;
use Transmuta\Shelf\Nature;
use Transmuta\Tests\Kit;

/** What is true of the making of any dish, read off the steps alone; and what the handbook's worked graphs say of single ones (common practice). */
final class MakingTest extends TestCase
{
    private static function text(string $of): Formula
    {
        return Kit::engine()->parse($of);
    }

    /** @return iterable<string, Formula> every dish of the atlas and of the demo */
    private static function dishes(): iterable
    {
        foreach (glob(__DIR__ . '/../../data/atlas/*.dish') ?: [] as $file) {
            yield basename($file) => Kit::engine()->parse((string) file_get_contents($file));
        }
        foreach (array_keys(Kit::demos()) as $name) {
            yield $name => Kit::demo($name);
        }
    }

    /** @return list<MakingStep> */
    private static function steps(Formula $formula): array
    {
        return Making::standard()->of(Kit::engine()->read($formula));
    }

    /**
     * @param list<MakingStep> $steps
     *
     * @return array<string, int> their places, by id
     */
    private static function places(array $steps): array
    {
        return array_flip(array_map(static fn(MakingStep $s): string => $s->id, $steps));
    }

    /**
     * Whether one comes somewhere before another.
     *
     * @param list<MakingStep> $steps
     */
    private static function isBefore(array $steps, string $first, string $then): bool
    {
        $at = self::places($steps);
        foreach ($steps[$at[$then]]->after as $id) {
            if ($id === $first || self::isBefore($steps, $first, $id)) {
                return true;
            }
        }

        return false;
    }

    public function testEveryKindStandsInTheBook(): void
    {
        $book = ProcessBook::standard();
        foreach (StepKind::cases() as $kind) {
            self::assertNotSame('', $book->words($kind)['endpoint'], $kind->value);
            self::assertNotSame('', $book->words($kind)['rescue'], $kind->value);
            self::assertInstanceOf(Station::class, $book->station($kind));
            self::assertGreaterThan(0.0, $book->hands($kind, 1, 1.0, 1, false, 1), $kind->value);
        }
    }

    /** Whatever the dish: a cook can follow it, and every gram goes in once. */
    public function testTheMakingOfAnyDish(): void
    {
        $book = ProcessBook::standard();
        $seen = 0;
        foreach (self::dishes() as $name => $formula) {
            ++$seen;
            $steps = self::steps($formula);
            $at = self::places($steps);
            self::assertCount(\count($steps), $at, "$name: no id twice");
            $entered = [];
            foreach ($steps as $place => $step) {
                foreach ($step->lines as $line) {
                    $entered[$line['ingredient']] = ($entered[$line['ingredient']] ?? 0.0) + $line['grams'];
                    self::assertStringContainsString(Scale::shown($line['grams']) . ' g ', $step->text, "$name: $step->id says what goes in");
                }
                foreach ($step->after as $id) {
                    self::assertArrayHasKey($id, $at, $name);
                    self::assertLessThan($place, $at[$id], "$name: $step->id comes after what it needs");
                }
                self::assertTrue($step->hands > 0.0 || $book->isPassive($step->kind), "$name: $step->id has hands");
                self::assertLessThanOrEqual($step->wait->best, $step->wait->least, "$name: $step->id");
                self::assertTrue($step->wait->most === null || $step->wait->best <= $step->wait->most, "$name: $step->id");
                self::assertTrue(is_finite($step->hands) && is_finite($step->wait->best) && $step->hands < 24 * 60, "$name: $step->id");
                self::assertTrue($step->hold === null || $step->hold > 0.0);
                self::assertStringNotContainsString('  ', $step->text);
                self::assertSame($step->kind === StepKind::Weigh ? [] : $step->lines, $step->lines);
            }
            foreach ($formula->holds() as $slug => $grams) {
                self::assertEqualsWithDelta($grams, $entered[$slug] ?? 0.0, 1e-6, "$name: $slug goes in once");
                unset($entered[$slug]);
            }
            self::assertSame([], $entered, "$name: nothing goes in that is not in it");
        }
        self::assertGreaterThan(100, $seen);
    }

    /** The order a cook would insist on. */
    public function testNothingIsDoneBeforeItsTime(): void
    {
        foreach (self::dishes() as $name => $formula) {
            $steps = self::steps($formula);
            $of = static fn(StepKind ...$kinds): array => array_values(array_filter($steps, static fn(MakingStep $s): bool => \in_array($s->kind, $kinds, true)));
            foreach ($of(StepKind::Fold) as $fold) {
                // Flour is folded into a creamed cake too; a foam must have been whipped.
                $isFoam = $formula->layers[$fold->layer]->treatment->isWhipped() || array_filter($formula->layers[$fold->layer]->lines, static fn(Line $line): bool => $line->has('whipped')) !== [];
                $before = array_filter($of(StepKind::Whip, StepKind::Foam), static fn(MakingStep $w): bool => self::isBefore($steps, $w->id, $fold->id));
                self::assertTrue(!$isFoam || $before !== [], "$name: whipped before it is folded");
            }
            foreach ($of(StepKind::Swell) as $swell) {
                $joined = array_filter($of(StepKind::TemperIn), static fn(MakingStep $t): bool => self::isBefore($steps, $swell->id, $t->id));
                self::assertNotSame([], $joined, "$name: gelatin is swollen before it joins");
            }
            // What lies under is set before anything is filled onto it.
            foreach ($of(StepKind::Fill) as $fill) {
                for ($under = 0; $under < $fill->layer; ++$under) {
                    $set = array_filter($of(StepKind::Chill, StepKind::Freeze, StepKind::Rest, StepKind::LayIn), static fn(MakingStep $s): bool => $s->layer === $under && self::isBefore($steps, $s->id, $fill->id));
                    self::assertNotSame([], $set, "$name: layer $under is set before $fill->id");
                }
            }
            // Fat and white foam never share a bowl.
            $shelf = Kit::engine()->reader->shelf;
            foreach ($of(StepKind::Foam) as $foam) {
                foreach ($foam->lines as $line) {
                    self::assertLessThan(10.0, $shelf->get($line['ingredient'])->composition->family('fat.'), "$name: {$line['ingredient']} in a white foam");
                }
            }
            foreach ($of(StepKind::Whip) as $whip) {
                foreach ($whip->lines as $line) {
                    self::assertFalse($shelf->get($line['ingredient'])->is(Nature::White), "$name: white whipped with cream");
                }
            }
            // Gelatin is never in what boils.
            foreach ($of(StepKind::Boil, StepKind::Cook) as $hot) {
                foreach ($hot->lines as $line) {
                    self::assertSame(0.0, $shelf->get($line['ingredient'])->does('gelatin-bloom'), "$name: gelatin boils");
                }
            }
        }
    }

    /** Quark, yoghurt and sour cream join what was cooked once it has cooled, whatever else is in it; what is nearly all yoghurt is cooked itself. */
    public function testCulturedDairyIsStirredInCool(): void
    {
        $shelf = Kit::engine()->reader->shelf;
        foreach (["treat: cook to 82 C stirred\n3 eggs\n120 g sugar\n90 g lemon juice\n60 g butter\n200 g quark", "treat: cook to 80 C stirred\n200 g milk\n3 egg yolks\n150 g dark chocolate\n250 g yogurt\n40 g sugar", "treat: boil 3 min stirred\n300 g milk\n100 g sugar\n200 g raspberries\n200 g sour cream", "treat: boil 2 min stirred\n400 g milk\n40 g cornflour\n80 g sugar\n150 g skyr"] as $lines) {
            $steps = self::steps(self::text("title: Pots\nportions: 6\nlayer: Pots\n$lines"));
            $isCultured = static fn(array $line): bool => ($in = $shelf->get($line['ingredient']))->group === 'dairy' && $in->ph !== null && $in->ph < 5.2;
            $with = array_values(array_filter($steps, static fn(MakingStep $s): bool => array_filter($s->lines, $isCultured) !== []));
            self::assertCount(1, $with, $lines);
            self::assertSame(StepKind::TemperIn, $with[0]->kind, $lines);
            self::assertLessThanOrEqual(40.0, $with[0]->target, $lines);
            $cooled = array_filter($steps, static fn(MakingStep $s): bool => $s->kind === StepKind::Cool && $s->target <= 40.0 && self::isBefore($steps, $s->id, $with[0]->id));
            self::assertNotSame([], $cooled, $lines);
        }
        $cooked = self::steps(self::text("title: Pots\nportions: 6\nlayer: Pots\ntreat: cook to 85 C stirred\n500 g yogurt\n2 eggs\n60 g sugar"));
        self::assertContains('yogurt', array_column(array_merge(...array_map(static fn(MakingStep $s): array => $s->kind === StepKind::Cook ? $s->lines : [], $cooked)), 'ingredient'));
    }

    public function testIdsAreThoseOfTheDishWhateverItsPortions(): void
    {
        foreach (['passion-fruit-curd-tartlet', 'blackcurrant-baked-cheesecake', 'frozen-quince-bar'] as $name) {
            $formula = Kit::demo($name);
            $ids = static fn(Formula $f): array => array_map(static fn(MakingStep $s): string => "$s->id {$s->kind->value}", self::steps($f));
            self::assertSame($ids($formula), $ids(Scaling::toPortions($formula, 3 * $formula->portions)), $name);
        }
    }

    /** Times are those of this formula in this vessel. */
    public function testTimesComeFromTheModels(): void
    {
        $curd = static fn(int $times, string $tin): string => \sprintf("family: cream\nlayer: A\ntreat: boil 2 min stirred\ntin: %s\n%d g milk\n%d g sugar\n%d g cornflour", $tin, 500 * $times, 60 * $times, 40 * $times);
        $one = self::steps(self::text($curd(1, 'round 200 x 60 mm')));
        $two = self::steps(self::text($curd(2, 'round 200 x 60 mm')));
        $wide = self::steps(self::text($curd(1, 'round 280 x 60 mm')));
        $first = static fn(array $steps, StepKind $kind): MakingStep => array_values(array_filter($steps, static fn(MakingStep $s): bool => $s->kind === $kind))[0];
        self::assertGreaterThan($first($one, StepKind::Boil)->hands, $first($two, StepKind::Boil)->hands, 'twice as much takes longer to boil');
        self::assertGreaterThan(1.5 * $first($one, StepKind::Chill)->wait->least, $first($two, StepKind::Chill)->wait->least, 'twice as thick takes longer to set');
        self::assertLessThan($first($one, StepKind::Chill)->wait->least, $first($wide, StepKind::Chill)->wait->least, 'thinner sets sooner');
        // Starch with raw yolk boils two minutes at least, alone one; longer where the formula says so.
        $boiled = static fn(string $treat, string $lines): string => $first(self::steps(self::text("layer: A\ntreat: boil $treat stirred\n400 g milk\n$lines")), StepKind::Boil)->endpoint;
        self::assertStringContainsString('for 2 min', $boiled('1 min', "60 g egg yolk\n25 g cornflour"));
        self::assertStringContainsString('for 1 min', $boiled('1 min', '25 g cornflour'));
        self::assertStringContainsString('for 4 min', $boiled('4 min', '25 g cornflour'));
    }

    /** Handbook, process 11, "agar two-layer glass" (common practice): boiled, filled above 45 °C, the face set in 55–70 min, half an hour above 60 °C. */
    public function testAWorkedGlassOfAgar(): void
    {
        $steps = self::steps(self::text("portions: 12\nlayer: Milk\ntreat: boil 2 min stirred\ntin: 12 x glass 150 ml\n640 g coconut milk\n140 g water\n80 g sugar\n3 g agar\n\nlayer: Mango\ntreat: boil 2 min stirred\n420 g mango puree\n100 g water\n60 g lime juice\n50 g sugar\n2.2 g agar"));
        $kinds = array_map(static fn(MakingStep $s): string => $s->kind->value, array_values(array_filter($steps, static fn(MakingStep $s): bool => $s->layer === 0)));
        self::assertSame(['weigh', 'boil', 'fill', 'chill'], $kinds, 'nothing cools what must be poured hot');
        [, $boil, $fill, $chill] = $steps;
        self::assertEqualsWithDelta(11.0, $boil->hands, 5.0);
        self::assertSame(30.0, $boil->hold);
        self::assertEqualsWithDelta(5.0, $fill->hands, 2.0);
        self::assertGreaterThan(15.0, $chill->wait->least);
        self::assertLessThan(70.0, $chill->wait->least);
        $mango = array_values(array_filter($steps, static fn(MakingStep $s): bool => $s->layer === 1));
        $boiled = array_values(array_filter($mango, static fn(MakingStep $s): bool => $s->kind === StepKind::Boil))[0];
        self::assertNotContains('lime-juice', array_column($boiled->lines, 'ingredient'), 'lime in the boil weakens agar');
        self::assertContains($chill->id, array_values(array_filter($mango, static fn(MakingStep $s): bool => $s->kind === StepKind::Fill))[0]->after);
    }

    /** Handbook, process 2, by Plank [ASHRAE, published]: at −20 in still air a dense slab of 25 mm takes 5.9 h and a foam 3.5 h, 40 mm 9.7 and 6.0. */
    public function testFreezingAgainstTheHandbooksTable(): void
    {
        $hours = static function (string $treat, string $lines, int $mm): float {
            $steps = self::steps(self::text("serve at: -12 C\nlayer: A\ntreat: $treat\ntin: rect 400 x 250 x 60 mm\n$lines"));
            $freeze = array_values(array_filter($steps, static fn(MakingStep $s): bool => $s->kind === StepKind::Freeze))[0];
            $height = Kit::engine()->read(self::text("layer: A\ntreat: $treat\ntin: rect 400 x 250 x 60 mm\n$lines"))->stack->heights[0];
            self::assertEqualsWithDelta($mm, $height, 0.12 * $mm);

            // Hard is 1.3 times; the table's film is 8, the shelf's 10 W/m² K.
            return $freeze->wait->least / 60 / 1.3 * 10 / 8;
        };
        self::assertEqualsWithDelta(5.9, $hours('freeze -18 C', "2400 g mango puree\n250 g sugar", 25), 1.6);
        self::assertEqualsWithDelta(9.7, $hours('freeze -18 C', "3900 g mango puree\n400 g sugar", 40), 2.6);
    }

    public function testCriticalTemperaturesAreThoseOfTheFormula(): void
    {
        $critical = static fn(string $text): array => array_column(Making::standard()->critical(Kit::engine()->read(self::text($text))), null, 'what');
        $lean = $critical("layer: A\ntreat: cook to 82 C\n500 g milk\n80 g egg yolk\n60 g sugar");
        $sweet = $critical("layer: A\ntreat: cook to 82 C\n500 g milk\n80 g egg yolk\n200 g sugar");
        self::assertLessThan($lean['done']['celsius'], $lean['thickens']['celsius']);
        self::assertLessThan($lean['curdles']['celsius'], $lean['done']['celsius']);
        self::assertGreaterThan($lean['done']['celsius'], $sweet['done']['celsius'], 'sugar lets egg set hotter');
        $gelatin = $critical("layer: A\ntreat: whip\n300 g whipping cream\n200 g raspberry puree\n8 g gelatin");
        self::assertSame([50.0, 60.0], [$gelatin['gelatin melts, and never boils']['low'], $gelatin['gelatin melts, and never boils']['high']]);
        self::assertArrayNotHasKey('curdles', $gelatin);
    }
}
