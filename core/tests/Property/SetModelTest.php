<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Property\Fats\Fat;
use Transmuta\Property\LayerState;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Property\Setting\SetModel;
use Transmuta\Property\Structure\Air;
use Transmuta\Property\Taste\Acidity;
use Transmuta\Property\Water\Freezing;
use Transmuta\Reference\Reference;
use Transmuta\Tests\Kit;

final class SetModelTest extends TestCase
{
    private static function model(bool $linear = false): SetModel
    {
        $r = Reference::standard();

        return new SetModel($r, new Fat($r), new Acidity($r), new Air($r), new Freezing($r), $linear);
    }

    public function testBloomBySquareRootAndByTheLeafMakersProduct(): void
    {
        // Square root of bloom at equal weights (gel physics) against bloom × mass constant (leaf grades): they meet at 200.
        [$root, $linear] = [self::model(), self::model(true)];
        self::assertEqualsWithDelta($root->gelatin(1.0, 200), $linear->gelatin(1.0, 200), 1e-12);
        self::assertEqualsWithDelta(sqrt(250 / 160), $root->gelatin(1.0, 250) / $root->gelatin(1.0, 160), 1e-12);
        self::assertEqualsWithDelta(250 / 160, $linear->gelatin(1.0, 250) / $linear->gelatin(1.0, 160), 1e-12);
        // Leaf for leaf: 2.5 g silver (160) sets as 2 g gold (200) by the product rule.
        self::assertEqualsWithDelta($linear->gelatin(2.0, 200), $linear->gelatin(2.5, 160), 1e-12);
    }

    public function testGelatinIsItsOwnMeasure(): void
    {
        $ge = self::model()->ge(Kit::state(['water' => 99, 'gelatin-powder' => 1], Kit::heat('melt')), 5.0);
        self::assertEqualsWithDelta(\Transmuta\Reference\Reference::standard()->set['gelatin.slope'], $ge, 0.02);
        self::assertEqualsWithDelta(0.96, $ge, 0.08, 'practice: setting');
    }

    public function testGumsGelWithAPartnerAndOnlyThickenAlone(): void
    {
        $ge = static fn(array $grams): float => self::model()->ge(Kit::state(['water' => 99] + $grams, Kit::heat('boil')), 5.0);
        $apart = $ge(['konjac' => 0.3]) + $ge(['xanthan' => 0.3]);
        self::assertGreaterThan(1.5 * $apart, $ge(['konjac' => 0.3, 'xanthan' => 0.3]));
        self::assertGreaterThan($ge(['locust-bean-gum' => 0.3]) + $ge(['kappa-carrageenan' => 0.2]), $ge(['locust-bean-gum' => 0.3, 'kappa-carrageenan' => 0.2]));
        self::assertEqualsWithDelta(1.5 * 0.3, $ge(['konjac' => 0.3]), 0.05, 'practice: agents: 1.5 alone');
    }

    public function testLowMethoxylPectinWantsCalcium(): void
    {
        $ge = static fn(float $lactate): float => self::model()->ge(Kit::state(['water' => 98, 'lm-pectin' => 1.2, 'calcium-lactate' => $lactate], Kit::heat('boil')), 5.0);
        self::assertEqualsWithDelta(0.5, $ge(0.0) / $ge(1.0), 0.05);
        self::assertGreaterThan($ge(0.05), $ge(0.12));
    }

    public function testSoyMilkSetsOnlyWithACoagulantAndHeatedStill(): void
    {
        $ge = static fn(array $more, bool $stirred, string $kind = 'cook'): float => self::model()->ge(Kit::state(['soy-milk' => 100] + $more, Kit::heat($kind, 85.0, $stirred)), 5.0);
        self::assertLessThan(0.15, $ge([], false));
        self::assertGreaterThan(0.8, $ge(['nigari' => 0.4], false));
        self::assertLessThan($ge(['nigari' => 0.4], false) / 2, $ge(['nigari' => 0.4], true), 'stirred it breaks to curds');
    }

    public function testStarchBoiledApartOrStabilisedIsNotThinnedByAcid(): void
    {
        $sour = static function (string $starch, array $prep): float {
            $lines = [Line::of('lemon-juice', 40), Line::of('water', 40), Line::of('sugar', 14), Line::of($starch, 6, prep: array_values(array_filter($prep, is_string(...))))];
            $layer = new Layer('Filling', $lines, Kit::heat($prep === [] ? 'boil' : 'melt'), null, null);

            return self::model()->ge(LayerState::ofLayer($layer, Kit::shelf()), 5.0);
        };
        self::assertEqualsWithDelta(\Transmuta\Reference\Reference::standard()->set['starch.acid-factor'], $sour('cornflour', []) / $sour('cornflour', ['boiled']), 0.01);
        self::assertGreaterThan(0.4, $sour('modified-starch', []));
        self::assertGreaterThan(0.3, self::model()->ge(Kit::state(['milk' => 93, 'pregel-starch' => 7]), 5.0), 'cold-swelling starch needs no heat');
    }

    public function testStrongSpiritTakesHalfOfGelatin(): void
    {
        $ge = static fn(float $rum): float => self::model()->ge(Kit::state(['water' => 99 - $rum, 'rum' => $rum, 'gelatin-powder' => 1.2], Kit::heat('melt')), 5.0);
        self::assertEqualsWithDelta($ge(0.0), $ge(20.0), 0.03);
        self::assertLessThan(0.75 * $ge(0.0), $ge(95.0));
    }

    /** @return array<string, array{array<string, float|int>, string, bool, float, string}> */
    public static function conditions(): array
    {
        $milk = ['milk' => 97];

        return [
            'agar sets once boiled' => [$milk + ['agar' => 0.6], 'boil', true, 5.0, 'agar'],
            'starch sets once boiled' => [$milk + ['cornflour' => 6], 'boil', true, 5.0, 'starch'],
            'egg sets once baked' => [['egg' => 40, 'milk' => 60], 'bake', false, 5.0, 'egg'],
            'tofu sets once baked' => [['silken-tofu' => 100], 'bake', false, 5.0, 'soy'],
        ];
    }

    /** @param array<string, float|int> $grams */
    #[DataProvider('conditions')]
    public function testAnAgentSetsOnlyUnderItsCondition(array $grams, string $kind, bool $stirred, float $at, string $mechanism): void
    {
        $done = self::model()->read(Kit::state($grams, Kit::heat($kind, null, $stirred)), $at);
        $cold = self::model()->read(Kit::state($grams), $at);
        self::assertGreaterThan(0.3, $done->mechanisms[$mechanism] ?? 0.0);
        self::assertLessThan(0.45 * ($done->mechanisms[$mechanism] ?? 0.0), $cold->mechanisms[$mechanism] ?? 0.0);
    }

    public function testCitrusSetsCaseinAndNothingElse(): void
    {
        $set = static fn(array $grams): float => self::model()->read(Kit::state($grams), 5.0)->mechanisms['citrus'] ?? 0.0;
        self::assertGreaterThan(0.6, $set(['condensed-milk' => 397, 'lemon-juice' => 110]));
        self::assertSame(0.0, $set(['coconut-condensed' => 397, 'lemon-juice' => 110]));
        self::assertLessThan(0.1, $set(['condensed-milk' => 397]));
    }

    public function testLiveFruitUndoesGelatinAndCookedFruitDoesNot(): void
    {
        $grams = ['pineapple' => 50, 'water' => 48, 'gelatin-powder' => 2];
        self::assertSame(0.0, self::model()->read(Kit::state($grams, Kit::heat('melt')), 5.0)->mechanisms['gelatin'] ?? 0.0);
        self::assertGreaterThan(1.0, self::model()->read(Kit::state($grams, Kit::heat('boil')), 5.0)->mechanisms['gelatin'] ?? 0.0);
    }

    public function testCoconutFatHoldsColdAndFailsWarm(): void
    {
        $grams = ['coconut-oil' => 25, 'soy-milk' => 75];
        $model = self::model();
        self::assertGreaterThan(3 * $model->ge(Kit::state($grams), 24.0), $model->ge(Kit::state($grams), 5.0));
    }

    public function testCocoaButterAndMilkFatSoftenEachOther(): void
    {
        $fat = new Fat(Reference::standard());
        $mixed = $fat->solid(Kit::state(['cocoa-butter' => 50, 'butter' => 61]), 20.0);
        $apart = (50 * 0.80 + 61 * 0.82 * 0.16) / 111 * 100;
        self::assertLessThan(0.85 * $apart, $mixed);
    }

    public function testStirringSpoilsAnEggGel(): void
    {
        $grams = ['egg' => 40, 'milk' => 60];
        $still = self::model()->ge(Kit::state($grams, Kit::heat('bake')), 5.0);
        $stirred = self::model()->ge(Kit::state($grams, Kit::heat('cook', 82)), 5.0);
        self::assertEqualsWithDelta(0.31, $stirred / $still, 0.03);
    }

    public function testRawYolkEatsTheStarch(): void
    {
        $grams = ['milk' => 80, 'egg-yolk' => 14, 'cornflour' => 6];
        $boiled = self::model()->read(Kit::state($grams, Kit::heat('boil')), 5.0)->mechanisms['starch'] ?? 0.0;
        $cooked = self::model()->read(Kit::state($grams, Kit::heat('cook', 80)), 5.0)->mechanisms['starch'] ?? 0.0;
        self::assertLessThan(0.5 * $boiled, $cooked);
    }

    public function testTheBandIsAStepEitherWay(): void
    {
        $read = self::model()->read(Kit::state(['water' => 98, 'gelatin-powder' => 2], Kit::heat('melt')), 5.0);
        self::assertEqualsWithDelta(Ladder::coordinate($read->ge) - 1, Ladder::coordinate($read->low), 1e-9);
        self::assertEqualsWithDelta(Ladder::coordinate($read->ge) + 1, Ladder::coordinate($read->high), 1e-9);
    }

    public function testSharesAddUpToOne(): void
    {
        $read = self::model()->read(Kit::state(['egg-yolk' => 108, 'sugar' => 200, 'lemon-juice' => 120, 'butter' => 115], Kit::heat('cook', 82)), 5.0);
        self::assertEqualsWithDelta(1.0, array_sum(array_column($read->shares(), 'share')), 0.005);
        self::assertSame('gel', $read->kind);
    }

    /** @return array<string, array{float, int, string}> both sides of each edge */
    public static function edges(): array
    {
        $cases = [];
        foreach ([0.25, 0.5, 0.8, 1.15, 1.6, 2.6] as $index => $edge) {
            $cases["just under $edge"] = [$edge - 1e-6, $index, Ladder::WORDS[$index]];
            $cases["at $edge"] = [$edge, $index + 1, Ladder::WORDS[$index + 1]];
        }

        return $cases;
    }

    #[DataProvider('edges')]
    public function testTheLadderOnBothSidesOfEachEdge(float $ge, int $step, string $word): void
    {
        self::assertSame($step, Ladder::step($ge));
        self::assertSame($word, Ladder::word($ge));
    }

    public function testThePlaceOnTheLadderGoesThereAndBack(): void
    {
        foreach ([0.0, 0.1, 0.25, 0.4, 0.9, 1.3, 2.0, 2.6, 4.5] as $ge) {
            self::assertEqualsWithDelta($ge, Ladder::ge(Ladder::coordinate($ge)), 1e-12);
        }
        self::assertSame(0.0, Ladder::ge(-1.0));
    }

    public function testNoJumpsThatWouldStallASolver(): void
    {
        $model = self::model();
        $last = null;
        for ($egg = 0.0; $egg < 60.0; $egg += 0.5) {
            $ge = $model->ge(Kit::state(['egg' => $egg, 'milk' => 100 - $egg, 'lemon-juice' => 10], Kit::heat('cook', 82)), 5.0);
            if ($last !== null) {
                self::assertLessThan(0.06, abs($ge - $last), "at $egg g egg");
            }
            $last = $ge;
        }
    }
}
