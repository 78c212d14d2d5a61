<?php

declare(strict_types=1);

namespace Transmuta\Tests\Process;

use PHPUnit\Framework\TestCase;
use Transmuta\Process\Making\Making;
use Transmuta\Process\Making\ProcessBook;
use Transmuta\Process\Run\Weighing;
use Transmuta\Process\Run\WeighOut;
use Transmuta\Property\DishReading;
use Transmuta\Tests\Kit;

/** Weighing out: how near each line must be (common practice, handbook process 1), and what mends a layer. */
final class WeighOutTest extends TestCase
{
    private static function dish(): DishReading
    {
        return Kit::engine()->read(Kit::engine()->parse("Glass\nportions: 4\n\nlayer: Jelly\ntreat: boil 2 min\n400 g whole milk\n60 g caster sugar\n3 g agar powder\n0.05 g salt\n\nlayer: Cream\ntreat: whip\n200 g whipping cream\n20 g icing sugar\n"));
    }

    /**
     * @param array<string, float> $weighed by ingredient
     * @param array<int, float> $factors
     *
     * @return array<string, Weighing> by ingredient
     */
    private static function weighed(array $weighed = [], array $factors = []): array
    {
        $out = new WeighOut(Making::standard(), ProcessBook::standard());
        $at = array_column(array_map(static fn(Weighing $w): array => ['key' => "$w->step $w->ingredient", 'of' => $w->ingredient], $out->of(self::dish())), 'key', 'of');
        $keyed = [];
        foreach ($weighed as $ingredient => $grams) {
            $keyed[$at[$ingredient]] = $grams;
        }

        return array_column(array_map(static fn(Weighing $w): array => ['of' => $w->ingredient, 'w' => $w], $out->of(self::dish(), $keyed, $factors)), 'w', 'of');
    }

    public function testEachIsAsNearAsItMatters(): void
    {
        $all = self::weighed();
        self::assertCount(6, $all);
        self::assertEqualsWithDelta(0.1, $all['agar']->tolerance, 1e-9);
        self::assertEqualsWithDelta(12.0, $all['milk']->tolerance, 1e-9);
        self::assertEqualsWithDelta(1.2, $all['sugar']->tolerance, 1e-9);
        self::assertStringContainsString('solution', (string) $all['salt']->solution);
        self::assertNull($all['milk']->solution);
    }

    public function testBothSidesOfNear(): void
    {
        self::assertFalse(self::weighed(['milk' => 388.0])['milk']->isOff());
        self::assertTrue(self::weighed(['milk' => 387.9])['milk']->isOff());
        self::assertFalse(self::weighed(['milk' => 412.0])['milk']->isOff());
        self::assertTrue(self::weighed(['milk' => 412.1])['milk']->isOff());
    }

    public function testWhatCameShortIsMendedByWhatIsLeft(): void
    {
        $short = array_values(self::weighed(['milk' => 300.0]));
        $mends = WeighOut::mends($short);
        self::assertCount(1, $mends);
        self::assertSame(0, $mends[0]->layer);
        self::assertEqualsWithDelta(0.75, $mends[0]->factor, 1e-9);
        self::assertStringContainsString('300 g whole milk instead of 400', $mends[0]->text);
        // After it the rest of the layer is asked at three quarters, the other layer as it was.
        $after = self::weighed(['milk' => 300.0], [0 => 0.75]);
        self::assertEqualsWithDelta(300.0, $after['milk']->asked, 1e-9);
        self::assertFalse($after['milk']->isOff());
        self::assertEqualsWithDelta(200.0, $after['cream-36']->asked, 1e-9);
        self::assertSame([], WeighOut::mends(array_values($after)));
        // What is in the bowl already is named.
        $both = array_values(self::weighed(['milk' => 300.0, 'sugar' => 60.0]));
        self::assertStringContainsString('weighed already and would be too much', WeighOut::mends($both)[0]->text);
        // Nothing is left to mend it with.
        $all = self::weighed();
        $whole = array_map(static fn(Weighing $w): float => $w->asked, $all);
        self::assertSame([], WeighOut::mends(array_values(self::weighed(['milk' => 300.0] + $whole))));
    }
}
