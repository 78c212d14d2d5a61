<?php

declare(strict_types=1);

namespace Transmuta\Tests\Process;

use PHPUnit\Framework\TestCase;
use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Scaling;
use Transmuta\Process\Making\Making;
use Transmuta\Process\Words\OwnMethod;
use Transmuta\Process\Words\OwnStep;
use Transmuta\Process\Words\Quarrel;
use Transmuta\Process\Words\ToldStep;
use Transmuta\Property\DishReading;
use Transmuta\Tests\Kit;

/** A method in somebody's own words: kept through every change of the formula, and never made to agree in silence. */
final class OwnMethodTest extends TestCase
{
    private const CURD = "Curd\nportions: 6\n\nlayer: Curd\ntreat: cook 80\n150 g lemon juice\n120 g caster sugar\n100 g egg yolk\n120 g butter\n";

    private static function dish(string $text = self::CURD): DishReading
    {
        return Kit::engine()->read(Kit::engine()->parse($text));
    }

    private static function method(): OwnMethod
    {
        return new OwnMethod(Making::standard());
    }

    /**
     * @param array<string, string> $words by step
     *
     * @return list<array{id: string, step: ?string, text: string}>
     */
    private static function typed(DishReading $dish, array $words = []): array
    {
        return array_map(static fn(ToldStep $told): array => ['id' => "own-$told->id", 'step' => $told->step, 'text' => $words[$told->step] ?? $told->text], self::method()->told([], $dish));
    }

    private static function stepOf(DishReading $dish, string $kind): string
    {
        foreach (Making::standard()->of($dish) as $step) {
            if ($step->kind->value === $kind) {
                return $step->id;
            }
        }
        self::fail("no step of kind $kind");
    }

    /**
     * @param list<ToldStep> $told
     *
     * @return array<string, ToldStep>
     */
    private static function byStep(array $told): array
    {
        return array_column(array_filter($told, static fn(ToldStep $one): bool => $one->step !== null), null, 'step');
    }

    public function testWithoutWordsItIsToldAsTheMakingTellsIt(): void
    {
        $told = self::method()->told([], self::dish());
        self::assertSame(array_column(Making::standard()->of(self::dish()), 'text'), array_column($told, 'text'));
        self::assertSame([null], array_values(array_unique(array_column($told, 'quarrel'), \SORT_REGULAR)));
        // Kept as they stand, they still follow the formula.
        $kept = self::method()->kept(self::typed(self::dish()), self::dish());
        $twice = self::dish(str_replace('120 g butter', '140 g butter', self::CURD));
        self::assertSame(array_column(Making::standard()->of($twice), 'text'), array_column(self::method()->told($kept, $twice), 'text'));
    }

    public function testAmountsInTheWordsFollowTheFormula(): void
    {
        $dish = self::dish();
        $cook = self::stepOf($dish, 'cook');
        $kept = self::method()->kept(self::typed($dish, [$cook => 'Whisk 150 g of lemon juice and 100 g egg yolk over the bath until it naps a spoon.']), $dish);
        $more = self::dish(str_replace('150 g lemon juice', '180 g lemon juice', self::CURD));
        $told = self::byStep(self::method()->told($kept, $more))[$cook];
        self::assertSame('Whisk 180 g lemon juice and 100 g egg yolk over the bath until it naps a spoon.', $told->text);
        self::assertTrue($told->isOwn);
        self::assertNull($told->quarrel);
    }

    public function testTheTemperatureInTheWordsFollowsTheFormula(): void
    {
        $dish = self::dish();
        $cook = self::stepOf($dish, 'cook');
        $kept = self::method()->kept(self::typed($dish, [$cook => 'To 80 °C, never 180 °C or 70 °C.']), $dish);
        self::assertSame('To 80 °C, never 180 °C or 70 °C.', self::byStep(self::method()->told($kept, $dish))[$cook]->text);
        $cooler = self::dish(str_replace('cook 80', 'cook 76', self::CURD));
        self::assertSame('To 76 °C, never 180 °C or 70 °C.', self::byStep(self::method()->told($kept, $cooler))[$cook]->text);
    }

    public function testAnAmountThatIsNotTheFormulasIsSaid(): void
    {
        $dish = self::dish();
        $cook = self::stepOf($dish, 'cook');
        foreach (['150 g lemon juice' => null, '151 g lemon juice' => null, '160 g lemon juice' => Quarrel::Amount, '15 g lemon juice' => Quarrel::Amount] as $amount => $quarrel) {
            $told = self::byStep(self::method()->told(self::method()->kept(self::typed($dish, [$cook => "Warm $amount."]), $dish), $dish))[$cook];
            self::assertSame($quarrel, $told->quarrel, $amount);
            self::assertSame($quarrel === null ? 'Warm 150 g lemon juice.' : "Warm $amount.", $told->text);
        }
    }

    public function testWhatIsNewInTheMakingStandsWhereItIsNeededAndSaysSo(): void
    {
        $dish = self::dish();
        $cook = self::stepOf($dish, 'cook');
        $kept = self::method()->kept(self::typed($dish, [$cook => 'Stir it over the bath, singing.']), $dish);
        // Gelatin by the yolk's side: it must swell, and the words of the cooking stand as they were.
        $set = self::dish(str_replace("100 g egg yolk\n", "50 g egg yolk\n4 g gelatin sheets\n", self::CURD));
        $told = self::method()->told($kept, $set);
        self::assertSame(['Stir it over the bath, singing.'], array_column(array_filter($told, static fn(ToldStep $one): bool => $one->isOwn), 'text'));
        self::assertSame([], array_diff(array_column(Making::standard()->of($set), 'id'), array_column($told, 'step')));
        self::assertContains(Quarrel::New, array_column($told, 'quarrel'));
        self::assertNotContains(Quarrel::Early, array_column($told, 'quarrel'));
    }

    public function testAStepThatBecameAnotherKeepsItsWordsAndSaysSo(): void
    {
        $dish = self::dish();
        $cook = self::stepOf($dish, 'cook');
        $kept = self::method()->kept(self::typed($dish, [$cook => 'Stir it over the bath, singing.']), $dish);
        $starch = self::dish(str_replace("100 g egg yolk\n", "25 g cornflour\n80 g water\n", self::CURD));
        $own = array_values(array_filter(self::method()->told($kept, $starch), static fn(ToldStep $one): bool => $one->isOwn));
        self::assertSame(['Stir it over the bath, singing.'], array_column($own, 'text'));
        self::assertContains($own[0]->quarrel, [Quarrel::Gone, Quarrel::Changed]);
        self::assertNotSame('', $own[0]->why);
    }

    public function testAStepIsPartedAddedAndMovedWithinWhatNeedsWhat(): void
    {
        $dish = self::dish();
        $typed = self::typed($dish);
        $cook = (int) array_search(self::stepOf($dish, 'cook'), array_column($typed, 'step'), true);
        $parted = $typed;
        array_splice($parted, $cook, 1, [['id' => 'one', 'step' => $typed[$cook]['step'], 'text' => 'Whisk it cold.'], ['id' => 'two', 'step' => $typed[$cook]['step'], 'text' => 'Heat it to 80 °C.'], ['id' => 'more', 'step' => null, 'text' => 'Call the other cook.']]);
        $told = self::method()->told(self::method()->kept($parted, $dish), $dish);
        self::assertSame(array_column($parted, 'text'), array_column($told, 'text'));
        self::assertSame([$typed[$cook]['step'], $typed[$cook]['step'], null], \array_slice(array_column($told, 'step'), $cook, 3));
        self::assertNotContains(Quarrel::Gone, array_column($told, 'quarrel'));

        $blend = (int) array_search(self::stepOf($dish, 'blend'), array_column($typed, 'step'), true);
        self::assertGreaterThan($cook, $blend);
        $early = $typed;
        array_splice($early, $cook, 0, array_splice($early, $blend, 1));
        $this->expectException(Nonsense::class);
        $this->expectExceptionMessageMatches('/blend.*it needs .* done before/');
        self::method()->kept($early, $dish);
    }

    public function testWhatIsTakenOutStaysOutAndSaysWhatIsMissed(): void
    {
        $dish = self::dish();
        $typed = self::typed($dish);
        $cook = (int) array_search(self::stepOf($dish, 'cook'), array_column($typed, 'step'), true);
        $parted = (int) array_search(self::stepOf($dish, 'separate'), array_column($typed, 'step'), true);
        $kept = self::method()->kept(array_values(array_diff_key($typed, [$cook => true, $parted => true])), $dish);
        $told = self::method()->told($kept, $dish);
        self::assertSame(array_values(array_diff(array_column($typed, 'step'), [$typed[$cook]['step'], $typed[$parted]['step']])), array_column($told, 'step'));
        $out = array_column(self::method()->out($kept, $dish), 'breaks', 'step');
        self::assertSame('', $out[(string) $typed[$parted]['step']]);
        self::assertStringStartsWith('no step takes this any more: ', $out[(string) $typed[$cook]['step']]);
        // Kept as it was written, and for other portions too.
        $again = array_map(static fn(OwnStep $one): OwnStep => OwnStep::read($one->write()), $kept);
        self::assertEquals($kept, $again);
        self::assertCount(\count($told), self::method()->told($again, Kit::engine()->read(Scaling::toService($dish->formula, 3 * $dish->formula->portions))));
    }

    public function testWordsGoOutAndComeBack(): void
    {
        $dish = self::dish();
        $kept = self::method()->kept(self::typed($dish, [self::stepOf($dish, 'cook') => 'Warm 150 g lemon juice.']), $dish);
        self::assertEquals($kept, array_map(static fn(OwnStep $one): OwnStep => OwnStep::read($one->write()), $kept));
    }

    /** Every demo dish: kept as it stands nothing quarrels, whatever the portions, and words in every step survive another dish's formula. */
    public function testEveryDemoDishKeepsItsWords(): void
    {
        foreach (Kit::demos() as [$name]) {
            $dish = Kit::engine()->read(Kit::demo($name));
            $words = [];
            foreach (Making::standard()->of($dish) as $step) {
                $words[$step->id] = "In our words, $step->id.";
            }
            $kept = self::method()->kept(self::typed($dish, $words), $dish);
            $told = self::method()->told($kept, Kit::engine()->read(Scaling::toService(Kit::demo($name), 3 * Kit::demo($name)->portions)));
            self::assertSame(array_values($words), array_column($told, 'text'), $name);
            self::assertSame([null], array_values(array_unique(array_column($told, 'quarrel'), \SORT_REGULAR)), $name);
            foreach (Kit::demos() as [$other]) {
                $at = self::method()->told($kept, Kit::engine()->read(Kit::demo($other)));
                self::assertSame([], array_diff(array_values($words), array_column($at, 'text')), "$name at $other");
                self::assertSame([], array_diff(array_column(Making::standard()->of(Kit::engine()->read(Kit::demo($other))), 'id'), array_column($at, 'step')), "$name at $other");
            }
        }
    }
}
