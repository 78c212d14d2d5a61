<?php

declare(strict_types=1);

namespace Transmuta\Tests\Formula;

use PHPUnit\Framework\Attributes\DataProvider;
use PHPUnit\Framework\TestCase;
use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Scaling;
use Transmuta\Formula\Tin;
use Transmuta\Tests\Kit;

final class ScalingTest extends TestCase
{
    private static function mass(Formula $formula): float
    {
        return array_sum(array_map(static fn($layer): float => array_sum(array_map(static fn($line): float => $line->grams, $layer->understood())), $formula->layers));
    }

    public function testTwiceThePortionsAreTwiceTheMassInTwiceTheTins(): void
    {
        $was = Kit::demo('passion-fruit-curd-tartlet');
        $now = Scaling::toPortions($was, 2 * $was->portions);
        self::assertEqualsWithDelta(2 * self::mass($was), self::mass($now), 0.01 * self::mass($now));
        self::assertSame(2 * $was->portions, $now->layers[1]->tin?->count);
        $a = Kit::engine()->read($was)->portion;
        $b = Kit::engine()->read($now)->portion;
        self::assertEqualsWithDelta($a['kcal'], $b['kcal'], 0.02 * $a['kcal']);
    }

    public function testMoreThanATinHoldsIsMoreTinsNoneDeeper(): void
    {
        $was = Kit::demo('blackcurrant-baked-cheesecake');
        $now = Scaling::toPortions($was, 21);
        self::assertSame(2, $now->layers[1]->tin?->count);
        self::assertEqualsWithDelta(0.75, Kit::engine()->read($now)->stack->heights[1] / Kit::engine()->read($was)->stack->heights[1], 0.02);
    }

    public function testCutOtherwiseNothingIsWeighedOtherwise(): void
    {
        $was = Kit::demo('blackcurrant-baked-cheesecake');
        $now = Scaling::cutInto($was, 28);
        self::assertSame(self::mass($was), self::mass($now));
        self::assertEqualsWithDelta(0.5, Kit::engine()->read($now)->portion['mass_g'] / Kit::engine()->read($was)->portion['mass_g'], 1e-9);
    }

    public function testADeepTinEqualsTwoShallow(): void
    {
        $was = Kit::demo('blackcurrant-baked-cheesecake');
        $deep = Scaling::toTin($was, Tin::round(1, 230, 120));
        $shallow = Scaling::toTin($was, Tin::round(2, 230, 60));
        self::assertEqualsWithDelta(self::mass($deep), self::mass($shallow), 1e-6);
        self::assertSame(28, $deep->portions);
    }

    public function testHeightsAndSettingTimeFollowTheTin(): void
    {
        $was = Kit::demo('blackcurrant-baked-cheesecake');
        $wide = Scaling::toTin($was, Tin::round(1, 280, 60));
        $deep = Scaling::toTin($was, Tin::round(1, 160, 110));
        $stack = static fn(Formula $formula): \Transmuta\Property\Heat\Stack => Kit::engine()->read($formula)->stack;
        self::assertGreaterThan($stack($wide)->heights[1], $stack($deep)->heights[1]);
        self::assertGreaterThan($stack($wide)->whole?->coreHours, $stack($deep)->whole?->coreHours);
    }

    /** @return iterable<string, array{int}> */
    public static function nonsense(): iterable
    {
        yield 'none' => [0];
        yield 'fewer than none' => [-3];
        yield 'more than anybody serves' => [10001];
    }

    #[DataProvider('nonsense')]
    public function testANumberOfPortionsThatCannotBeMeantIsRefused(int $portions): void
    {
        $this->expectException(Nonsense::class);
        $this->expectExceptionMessage('1 to 10000');
        Scaling::toPortions(Kit::demo('cardamom-set-custard'), $portions);
    }

    public function testWithoutATinThereIsNothingToScaleFrom(): void
    {
        $this->expectException(Nonsense::class);
        Scaling::toTin(Kit::engine()->parse("layer: A\n100 g milk"), Tin::round(1, 200, 60));
    }
}
