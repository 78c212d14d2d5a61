<?php

declare(strict_types=1);

namespace Transmuta\Tests\Diagnosis;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Diagnosis\Changed;
use Transmuta\Diagnosis\FaultBook;
use Transmuta\Diagnosis\NextTime;
use Transmuta\Diet\Diet;
use Transmuta\Diet\Verdict;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Property\DishReading;
use Transmuta\Tests\Kit;

/** What is changed for next time: never at the cost of a diet or an allergen, never starch left raw, never a foam boiled away. */
final class NextTimeTest extends TestCase
{
    private static function changed(string $text, string $fault, int $row, int $layer = 0): ?Changed
    {
        $dish = Kit::engine()->read(Kit::engine()->parse($text));

        return (new NextTime(FaultBook::standard(), Kit::engine()->reader))->of($dish, $dish->layers[$layer], $fault, $row);
    }

    public function testEveryRowOfTheTableIsOfACauseAndNamesWhatThereIs(): void
    {
        $book = FaultBook::standard();
        self::assertGreaterThanOrEqual(30, \count($book->next));
        foreach ($book->next as $key => $ways) {
            [$fault, $row] = explode(' ', $key);
            self::assertContains($row, array_column($book->causes[$fault] ?? [], 'row'), $key);
            foreach ($ways as $way) {
                foreach ($way as $change) {
                    self::assertContains($change['mark'], ['pub', 'trade', 'mem'], $key);
                    $isKnown = $change['of'] === '' || isset($book->groups[$change['of']]) || Kit::shelf()->find($change['of']) !== null || \in_array($change['of'], ['setter', 'sweetest'], true) || $change['do'] === 'rule';
                    self::assertTrue($isKnown, "$key: $change[of]");
                    if ($change['do'] === 'add') {
                        self::assertNotNull(Kit::shelf()->find($change['of']), "$key: $change[of]");
                    }
                }
            }
        }
    }

    /** @return iterable<string, array{string}> */
    public static function dishes(): iterable
    {
        foreach (glob(__DIR__ . '/../../data/atlas/*.dish') ?: [] as $n => $file) {
            if ($n % 6 === 0) {
                yield basename($file, '.dish') => [$file];
            }
        }
    }

    #[DataProvider('dishes')]
    public function testNothingIsLostByAnyOfThem(string $file): void
    {
        $dish = Kit::engine()->read(Kit::engine()->parse((string) file_get_contents($file)));
        $held = static fn(DishReading $of): array => array_keys(array_filter($of->diets, static fn(Verdict $one, string $diet): bool => $one->because === [] && !Diet::from($diet)->isByAmount(), \ARRAY_FILTER_USE_BOTH));
        $made = 0;
        foreach (array_keys(FaultBook::standard()->next) as $key) {
            [$fault, $row] = explode(' ', $key);
            foreach ($dish->layers as $n => $layer) {
                $changed = (new NextTime(FaultBook::standard(), Kit::engine()->reader))->of($dish, $layer, $fault, (int) $row);
                if ($changed === null) {
                    continue;
                }
                ++$made;
                $after = Kit::engine()->read($changed->formula);
                self::assertSame([], array_diff($held($dish), $held($after)), "$key takes a diet away");
                self::assertSame([], array_diff($after->contains, $dish->contains), "$key brings an allergen");
                // Nothing else of the dish is touched, and what is in a line stays that.
                foreach ($dish->formula->layers as $at => $was) {
                    $now = $changed->formula->layers[$at];
                    if ($at !== $n) {
                        self::assertEquals($was, $now, $key);
                    }
                    $ids = static fn(Layer $of): array => array_map(static fn(Line $line): ?string => $line->ingredient, $of->lines);
                    self::assertSame($ids($was), \array_slice($ids($now), 0, \count($was->lines)), $key);
                    foreach (\array_slice($now->lines, \count($was->lines)) as $new) {
                        $in = Kit::shelf()->find((string) $new->ingredient);
                        self::assertTrue($in?->class !== 'starch' || $now->treatment->isHot(), "$key leaves starch raw");
                    }
                }
                self::assertGreaterThanOrEqual($layer->airShare - 0.021, $after->layers[$n]->airShare, "$key loses the foam");
            }
        }
        self::assertGreaterThan(0, $made);
    }

    public function testARubberyJellyIsWeighedDownToACleanSliceAndASoftOneIsLeftAlone(): void
    {
        $jelly = static fn(float $gelatin): string => "Jelly\nfamily: custard\nportions: 4\nserve at: 6 C\n\nlayer: Jelly\ntreat: cook 60 C\n400 g orange juice\n40 g sugar\n$gelatin g gelatin powder\n";
        $changed = self::changed($jelly(20), 'rubbery', 1);
        self::assertNotNull($changed);
        self::assertSame(['hard', 'clean slice'], [$changed->before, $changed->after]);
        self::assertMatchesRegularExpression('/^weigh [\d.]+ g gelatin.* instead of 20 g$/', $changed->words[0]);
        self::assertLessThan(20.0, $changed->formula->layers[0]->lines[2]->grams);
        self::assertNull(self::changed($jelly(4), 'rubbery', 1));
        // Its protein is gelatin's own: made for that, it stays as it is.
        $dish = Kit::engine()->read(Kit::engine()->parse($jelly(20)));
        self::assertNull((new NextTime(FaultBook::standard(), Kit::engine()->reader, [Diet::HighProtein]))->of($dish, $dish->layers[0], 'rubbery', 1));
    }

    /** A foam that fell takes gelatin; one nobody put an animal's into takes agar. */
    public function testTheFirstWayThatTheDietAllowsIsTaken(): void
    {
        $mousse = static fn(string $more): string => "Mousse\nfamily: mousse\nportions: 6\nserve at: 6 C\n\nlayer: Mousse\ntreat: whip\n300 g raspberry purée\n60 g sugar\n$more";
        self::assertStringContainsString('gelatin', self::changed($mousse("200 g whipping cream\n2 g gelatin powder\n"), 'foam_fell', 3)->words[0] ?? '');
        self::assertStringContainsString('agar', self::changed($mousse("200 g whipping cream\n"), 'foam_fell', 3)->words[0] ?? '');
    }

    public function testStarchIsNotPutIntoWhatNothingHeats(): void
    {
        $fool = static fn(string $treat): string => "Fool\nfamily: cream\nportions: 6\nserve at: 6 C\n\nlayer: Fool\n$treat\n300 g whole milk\n60 g sugar\n4 g xanthan gum\n";
        self::assertSame(['weigh 2 g xanthan gum instead of 4 g'], self::changed($fool('treat: none'), 'slimy', 1)?->words);
        self::assertStringContainsString('cornflour', implode(self::changed($fool('treat: boil 2 min'), 'slimy', 1)->words ?? []));
    }

    public function testAFoamAndABakedLayerAreNotBoiled(): void
    {
        $custard = static fn(string $treat): string => "Custard\nfamily: custard\nportions: 6\nserve at: 6 C\n\nlayer: Custard\ntreat: $treat\n400 g whole milk\n60 g sugar\n30 g cornflour\n";
        self::assertSame(['boil it 2 min'], self::changed($custard('cook 82 C'), 'raw_starch', 1)?->words);
        foreach (['bake 150 C', 'whip', 'cook 82 C; whip', 'boil 2 min'] as $treat) {
            self::assertNull(self::changed($custard($treat), 'raw_starch', 1), $treat);
        }
    }

    /** Cooler is only proposed while the egg is still safe: 82 → 78 may be, 74 → 68 may not. */
    public function testACureNeverLeavesTheEggRaw(): void
    {
        $custard = static fn(int $celsius): string => "Custard\nfamily: custard\nportions: 6\nserve at: 6 C\n\nlayer: Custard\ntreat: cook $celsius C\n400 g whole milk\n60 g sugar\n120 g egg yolk\n";
        self::assertContains('heat it to 76 °C instead of 82', self::changed($custard(82), 'rubbery', 2)->words ?? []);
        self::assertNull(self::changed($custard(72), 'rubbery', 2));
    }
}
