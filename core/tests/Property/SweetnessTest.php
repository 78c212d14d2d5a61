<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Property\Taste\Sweetness;
use Transmuta\Property\Water\Crystals;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Reference;
use Transmuta\Tests\Kit;

final class SweetnessTest extends TestCase
{
    private static function sweetness(): Sweetness
    {
        return new Sweetness(Reference::standard());
    }

    public function testSucroseIsItsOwnMeasure(): void
    {
        self::assertEqualsWithDelta(20.0, self::sweetness()->se(Kit::state(['sugar' => 20.02, 'water' => 79.98])), 0.01);
    }

    /** @return iterable<string, array{string, float}> potency at 5 % SE (practice: sweeteners, from memory; form DuBois et al. 1991) */
    public static function potencies(): iterable
    {
        foreach (['rebaudioside-a' => 250, 'steviol-glycosides' => 220, 'rebaudioside-m' => 300, 'mogroside-v' => 250, 'sucralose' => 600, 'aspartame' => 190, 'acesulfame-k' => 140, 'saccharin' => 440, 'cyclamate' => 40] as $species => $p5) {
            yield $species => [$species, (float) $p5];
        }
    }

    #[DataProvider('potencies')]
    public function testPotencyAtFivePercent(string $species, float $p5): void
    {
        // 5 % SE is 50 000 mg/L sucrose; a sweetener p5 times as potent needs 50 000 / p5 mg/L.
        self::assertEqualsWithDelta(5.0, self::sweetness()->responseOf($species, 50_000 / $p5), 1e-9);
    }

    #[DataProvider('potencies')]
    public function testTheResponseSaturates(string $species, float $p5): void
    {
        $rm = (float) Reference::standard()->sweeteners[$species]['rm'];
        self::assertLessThan($rm, self::sweetness()->responseOf($species, 1e6));
        self::assertGreaterThan(0.97 * $rm, self::sweetness()->responseOf($species, 1e6));
    }

    public function testSucraloseIsAsStrongAsItsCurveSays(): void
    {
        // About 750, 600 and 500 times sugar at 2, 5 and 9 % SE [recalled]: 83 mg/L for 5, 180 to 200 for 9.
        self::assertEqualsWithDelta(2.0, self::sweetness()->responseOf('sucralose', 20_000 / 750), 0.25);
        self::assertEqualsWithDelta(9.0, self::sweetness()->responseOf('sucralose', 190), 0.2);
        self::assertEqualsWithDelta(0.4, self::sweetness()->ceiling('sucralose'), 1e-9, 'bitter past about 10 SE of the 25 its curve runs to');
        self::assertEqualsWithDelta(0.65, self::sweetness()->ceiling('steviol'), 1e-9);
    }

    public function testSteviaAloneCannotReachTwentyFivePercent(): void
    {
        self::assertLessThan(11.0, self::sweetness()->se(Kit::state(['water' => 98, 'stevia-rebaudioside-a' => 2])));
    }

    public function testSweetenersOfOneReceptorPoolBeforeTheySaturate(): void
    {
        $s = self::sweetness();
        $both = $s->se(Kit::state(['water' => 99.9, 'stevia-rebaudioside-a' => 0.05, 'stevia-drops' => 2.5]));
        $a = $s->se(Kit::state(['water' => 99.9, 'stevia-rebaudioside-a' => 0.05]));
        $b = $s->se(Kit::state(['water' => 99.9, 'stevia-drops' => 2.5])) - 0.1;
        self::assertLessThan($a + $b - 1.0, $both);
    }

    public function testANamedPairGainsMostWhereBothTasteEquallySweet(): void
    {
        $s = self::sweetness();
        $se = static fn(float $aceK, float $aspartame): float => $s->se(Kit::state(['water' => 100, 'acesulfame-k' => $aceK, 'aspartame' => $aspartame]));
        // What a packet holds is 99 and 96 % active.
        $alone = static fn(string $species, float $grams): float => $s->responseOf($species, ($species === 'aspartame' ? 0.96 : 0.99) * $grams * 1000 * Figure::SweetenerPerLitre->number() * 100 / (100 + $grams));
        self::assertEqualsWithDelta($alone('acesulfame-k', 0.02), $se(0.02, 0.0), 0.05, 'alone it gains nothing');
        $even = $se(0.0357, 0.0294);
        $sum = $alone('acesulfame-k', 0.0357) + $alone('aspartame', 0.0294);
        self::assertEqualsWithDelta(1.25, $even / $sum, 0.01);
        $uneven = $se(0.0357, 0.003);
        self::assertLessThan(1.12, $uneven / ($alone('acesulfame-k', 0.0357) + $alone('aspartame', 0.003)));
        self::assertGreaterThan(1.0, $uneven / ($alone('acesulfame-k', 0.0357) + $alone('aspartame', 0.003)));
        self::assertSame([], $s->synergy(Kit::state(['water' => 100, 'stevia-rebaudioside-a' => 0.02, 'acesulfame-k' => 0.02])));
    }

    public function testAboveTheCeilingIsToldAndBelowIsNot(): void
    {
        self::assertSame([], self::sweetness()->overCeiling(Kit::state(['water' => 100, 'stevia-rebaudioside-a' => 0.02])));
        self::assertArrayHasKey('steviol', self::sweetness()->overCeiling(Kit::state(['water' => 100, 'stevia-rebaudioside-a' => 0.2])));
    }

    public function testErythritolAboveItsColdSolubilityIsNamedWithItsLargestDose(): void
    {
        $reference = Reference::standard();
        self::assertSame([], Crystals::above(Kit::state(['water' => 100, 'erythritol' => 24]), $reference));
        $above = Crystals::above(Kit::state(['water' => 100, 'erythritol' => 30]), $reference);
        self::assertEqualsWithDelta(25.0, $above['erythritol']['most_g'], 0.2);
    }
}
