<?php

declare(strict_types=1);

namespace Transmuta\Tests\Process;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Process\Making\Making;
use Transmuta\Process\Making\MakingStep;
use Transmuta\Process\Making\ProcessBook;
use Transmuta\Process\Making\StepKind;
use Transmuta\Process\Run\AtHeat;
use Transmuta\Property\DishReading;
use Transmuta\Reference\Reference;
use Transmuta\Tests\Kit;

/** The making as its maker wrote it: their order, their words, their times; nothing put in but the weighing. */
final class MakersMakingTest extends TestCase
{
    private static function read(string $text): DishReading
    {
        return Kit::engine()->read(Kit::engine()->parse($text));
    }

    /** @return list<MakingStep> */
    private static function steps(DishReading $dish): array
    {
        return Making::standard()->of($dish);
    }

    /** @return iterable<string, array{string}> */
    public static function pages(): iterable
    {
        foreach (glob(\dirname(__DIR__) . '/Method/pages/*.txt') ?: [] as $file) {
            yield basename($file, '.txt') => [$file];
        }
    }

    #[DataProvider('pages')]
    public function testEveryGramGoesInOnceAndEveryStepAfterWhatItNeeds(string $file): void
    {
        $dish = self::read((string) file_get_contents($file));
        $steps = self::steps($dish);
        $grams = $seen = [];
        foreach ($steps as $step) {
            foreach ($step->after as $before) {
                self::assertArrayHasKey($before, $seen, "$step->id stands before what it needs");
            }
            $seen[$step->id] = true;
            foreach ($step->lines as $line) {
                self::assertNotSame(StepKind::Weigh, $step->kind);
                $grams[$line['ingredient']] = ($grams[$line['ingredient']] ?? 0.0) + $line['grams'];
            }
            self::assertGreaterThanOrEqual(0.0, $step->hands);
        }
        $holds = $dish->formula->holds();
        ksort($grams);
        ksort($holds);
        self::assertSame(array_keys($holds), array_keys($grams));
        foreach ($holds as $id => $mass) {
            self::assertEqualsWithDelta($mass, $grams[$id], 1e-6, $id);
        }
        // Nothing is strained, bathed or finished that the maker did not say.
        $words = mb_strtolower((string) file_get_contents($file));
        foreach ([[StepKind::Strain, '~strain|sieve|pass|chinois|squeeze|drain~'], [StepKind::Unmould, '~turn|unmould|peel off|release~'], [StepKind::Cut, '~cut|prick~']] as [$kind, $said]) {
            if (array_filter($steps, static fn(MakingStep $step): bool => $step->kind === $kind) !== []) {
                self::assertMatchesRegularExpression($said, $words);
            }
        }
    }

    public function testTheCardTellsTheMakersWordsToTheLetter(): void
    {
        $method = ["Warm   the cream with the sugar; DON'T boil.", 'Pour in 4 glasses & chill!', 'Serve cold.'];
        $dish = self::read("Dish\nportions: 4\n500 g cream\n80 g sugar\nmethod:\n" . implode("\n", $method));
        self::assertSame($method, Kit::engine()->method->steps($dish));
    }

    public function testALineTheMethodLeavesOutGoesInWhereItsLayerBeginsAndSaysSo(): void
    {
        $dish = self::read("Dish\nportions: 4\n500 g cream\n80 g sugar\n3 g salt\nmethod:\nWarm the cream with the sugar. Pour in 4 glasses and chill.");
        $warm = array_values(array_filter(self::steps($dish), static fn(MakingStep $step): bool => $step->origin->operation === 'warm'))[0];
        self::assertSame(['cream-36', 'sugar', 'salt'], array_column($warm->lines, 'ingredient'));
        self::assertSame('the method does not say where salt goes in', $warm->reason);
        self::assertSame('Not in this method yet: salt.', array_slice(Kit::engine()->method->steps($dish), -1)[0]);
    }

    public function testWhatIsSaidOfTimeBinds(): void
    {
        $wait = static function (string $said): array {
            $steps = self::steps(self::read("Dish\nportions: 4\n500 g cream\n80 g sugar\nmethod:\nWarm the cream with the sugar. Pour in 4 glasses. $said"));
            $last = $steps[\count($steps) - 1];

            return [$last->kind, $last->wait->least, $last->wait->best, $last->wait->most];
        };
        self::assertSame([StepKind::Chill, 360.0, 360.0, null], $wait('Chill for at least 6 hours.'));
        self::assertSame([StepKind::Chill, 480.0, 720.0, 960.0], $wait('Chill overnight.'));
        self::assertSame([StepKind::Bake, 34.0, 40.0, 50.0], $wait('Bake at 150 °C for 40 minutes.'));
        self::assertSame([StepKind::Bake, 25.0, 27.5, 30.0], $wait('Bake at 150 °C for 25 to 30 minutes.'));
    }

    public function testWhereNobodyWroteHowItIsDrafted(): void
    {
        $dish = self::read("Dish\nportions: 4\ntreat: boil\n500 g milk\n40 g cornflour\n80 g sugar");
        self::assertNull(Making::standard()->methodOf($dish));
        self::assertSame([], array_filter(self::steps($dish), static fn(MakingStep $step): bool => $step->origin->isOwn()));
        // Nor are words that do nothing to one of the layers a making.
        $half = self::read("Dish\nportions: 4\n\nBase:\n200 g digestive biscuits\n90 g butter\n\nCream:\n500 g cream\n\nMethod:\nWhip the cream.");
        self::assertNull(Making::standard()->methodOf($half));
    }

    /** A bath never brings its middle past its water: the model goes by what is done, and by no word in the name of a layer. */
    public function testABathHoldsItsMiddleUnderItsWater(): void
    {
        $core = static function (string $bake): float {
            $dish = self::read("Bath bun custards\nServes 6\n500 ml cream\n120 g egg yolks\n80 g sugar\n\nMethod:\nHeat the cream. Whisk the yolks with the sugar. Pour the cream onto the yolks. Fill 6 ramekins. $bake");
            $heat = array_values(array_filter((new AtHeat(Making::standard(), Reference::standard()))->of($dish), static fn($one): bool => $one->where === 'oven'))[0];

            return max(array_column($heat->expected, 1));
        };
        self::assertGreaterThan(85.0, $core('Bake at 160 °C for 90 minutes.'));
        self::assertLessThan(85.0, $core('Bake in a water bath at 160 °C for 90 minutes.'));
    }

    public function testTheBookPlansEveryKindOfStep(): void
    {
        $book = ProcessBook::standard();
        foreach (StepKind::cases() as $kind) {
            self::assertNotSame('', $book->operation($kind));
            self::assertGreaterThan(0.0, $book->hands($kind, 2, 0.5, 6, true, 6), $kind->value);
        }
    }
}
