<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Property\Keeping;
use Transmuta\Property\Water\Crystals;
use Transmuta\Property\Water\Frozen;
use Transmuta\Reference\Reference;
use Transmuta\Tests\Kit;

/** Keeping times with their reasons, crystals against solubility, the cooking window, frozen behaviour and the balance of sweet and sharp. */
final class KeepingTest extends TestCase
{
    /** @return array<string, array{array<string, int|float>, string, int, string}> grams, treatment, days, the reason that decides */
    public static function cases(): array
    {
        return [
            'starch cream' => [['milk' => 80, 'sugar' => 14, 'cornflour' => 6], 'boil', 3, 'starch-cream'],
            'raw white mousse' => [['egg-white' => 40, 'chocolate-55' => 60], 'whip', 1, 'raw-egg'],
            'pasteurised white mousse' => [['egg-white-liquid' => 40, 'chocolate-55' => 60], 'whip', 2, 'light-egg'],
            'dried white foam' => [['meringue-powder' => 12, 'water' => 48, 'sugar' => 40], 'whip', 2, 'light-egg'],
            'whipped cream' => [['cream-36' => 90, 'icing-sugar' => 10], 'whip', 3, 'whipped-cream'],
            'egg curd' => [['egg-yolk' => 22, 'lemon-juice' => 24, 'sugar' => 32, 'butter' => 22], 'boil', 7, 'egg-curd'],
            'juice is not cut fruit' => [['condensed-milk' => 55, 'lime-juice' => 20, 'cream-36' => 25], 'none', 7, 'seven-days'],
            'set cream' => [['cream-36' => 60, 'milk' => 30, 'sugar' => 9, 'gelatin-powder' => 1], 'boil', 7, 'seven-days'],
            'dry crumb' => [['plain-biscuit' => 70, 'coconut-oil' => 30], 'melt', 14, 'dry-bake'],
        ];
    }

    /** @param array<string, int|float> $grams */
    #[DataProvider('cases')]
    public function testTheShortestReasonDecides(array $grams, string $treat, int $days, string $rule): void
    {
        $keeping = Kit::reading($grams, Kit::heat($treat))->keeping;
        self::assertSame($days, $keeping->days);
        self::assertSame($rule, $keeping->reasons[0]['rule']);
        self::assertNotSame('', $keeping->reasons[0]['source']);
    }

    public function testNothingThatNeedsTheColdIsGivenMoreThanSevenDays(): void
    {
        // FDA Food Code 2022, 3-501.17: seven days at 5 °C or colder, the day of making counted.
        foreach (Kit::demos() as [$name]) {
            foreach (Kit::engine()->read(Kit::demo($name))->layers as $layer) {
                self::assertTrue(!$layer->keeping->controlled || $layer->keeping->days <= 7, $name);
            }
        }
    }

    public function testTheInteractionTableOnBothSides(): void
    {
        // FDA Food Code 2022, 1-201.10 table B as recalled: food not packaged after heating; less 0.3 of a computed pH and 0.03 of a computed water activity.
        foreach ([[7.0, 0.849, false], [7.0, 0.851, true], [4.7, 0.90, false], [4.71, 0.90, true], [4.3, 0.92, false], [4.31, 0.92, true], [3.89, 0.99, false], [3.9, 0.99, true]] as [$ph, $aw, $cold]) {
            self::assertSame($cold, Keeping::needsCold($ph, $aw), "pH $ph, aw $aw");
        }
    }

    public function testSolubilityInTheColdIsTheHandbooks(): void
    {
        // Sucrose from published practice: agents, the others from memory (practice: sweeteners): g in 100 g water at 5 °C.
        foreach (['sugar' => ['sucrose', 184.0], 'dextrose' => ['glucose', 62.0], 'lactose' => ['lactose', 13.5], 'erythritol' => ['erythritol', 25.0], 'xylitol' => ['xylitol', 130.0]] as $id => [$species, $holds]) {
            $below = Crystals::of(Kit::state([$id => 0.97 * $holds, 'water' => 100]), Reference::standard())[$species];
            $above = Crystals::of(Kit::state([$id => 1.14 * $holds, 'water' => 100]), Reference::standard())[$species]; // some crystals bring water of their own
            self::assertSame($holds, $below['holds'], $id);
            self::assertFalse($below['over'], $id);
            self::assertTrue($above['over'], $id);
            self::assertEqualsWithDelta($holds, $below['most_g'], 0.1 * $holds, 'the largest dose that stays dissolved');
        }
    }

    public function testTheCookingWindowMovesWithTheFormula(): void
    {
        $window = static fn(array $grams): ?\Transmuta\Property\Heat\CookingWindow => Kit::reading($grams, Kit::heat('cook', 82.0))->window;
        $custard = $window(['egg-yolk' => 13, 'milk' => 73, 'sugar' => 14]);
        self::assertNotNull($custard);
        self::assertEqualsWithDelta(77.0, $custard->thickens, 2.5, 'a yolk custard thickens about there, common practice');
        self::assertLessThan($custard->done, $custard->thickens);
        self::assertLessThan($custard->curdles, $custard->done);
        self::assertFalse($custard->mayBoil);
        self::assertSame(71.0, $custard->safe, 'USDA');
        self::assertTrue($window(['egg-yolk' => 12, 'milk' => 70, 'sugar' => 13, 'cornflour' => 5])?->mayBoil, 'starch lets it boil (practice: heat)');
        self::assertGreaterThan($custard->done, $window(['egg-yolk' => 13, 'milk' => 47, 'sugar' => 40])?->done, 'sugar raises it');
        self::assertLessThan($custard->done, $window(['egg-yolk' => 13, 'milk' => 58, 'sugar' => 14, 'lemon-juice' => 15])?->done, 'acid lowers it');
        self::assertNull($window(['milk' => 90, 'sugar' => 10]));
    }

    public function testSoftnessOutOfTheFreezerFollowsSugarAndSpirit(): void
    {
        $frozen = static function (array $grams): \Transmuta\Property\Water\Frozen {
            $reader = Kit::engine()->reader;

            return Frozen::of(Kit::state($grams), $reader->freezing, 30.0);
        };
        $lean = $frozen(['milk' => 90, 'sugar' => 10]);
        $sweet = $frozen(['milk' => 60, 'cream-36' => 20, 'sugar' => 20]);
        $spirit = $frozen(['milk' => 50, 'cream-36' => 20, 'sugar' => 18, 'rum' => 12]);
        self::assertGreaterThan($sweet->iceAt18, $lean->iceAt18);
        self::assertGreaterThan($spirit->iceAt18, $sweet->iceAt18);
        self::assertGreaterThan($sweet->iceAt10, $sweet->iceAt18);
        self::assertGreaterThan($spirit->temperMinutes, $lean->temperMinutes);
    }

    public function testBrimaIsBrixLessAcidFourTimesOver(): void
    {
        $balance = Kit::reading(['orange-juice' => 100])->balance;
        self::assertNotNull($balance->brimA);
        self::assertEqualsWithDelta($balance->brix - 4.0 * $balance->acid, $balance->brimA, 1e-9, 'k 4, California citrus standard');
        self::assertSame('not sharp', Kit::reading(['sugar' => 40, 'water' => 60])->balance->word());
        self::assertLessThan(8.0, Kit::reading(['lemon-juice' => 100])->balance->ratio);
    }
}
