<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reformulation;

use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Line;
use Transmuta\Reformulation\Balancer;
use Transmuta\Reformulation\Brief\Aims;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Deviation\Rail;
use Transmuta\Tests\Kit;

final class BalancerTest extends TestCase
{
    private static function balancer(): Balancer
    {
        return Kit::engine()->balancer;
    }

    /** @return array<string, Rail> the curd's, by property */
    private static function rails(Formula $now, Formula $was): array
    {
        $rails = self::balancer()->rails(Kit::engine()->read($now), Kit::engine()->read($was))[1];

        return array_combine(array_map(static fn(Rail $r): string => $r->property, $rails), $rails);
    }

    private static function off(Formula $now, Formula $was): float
    {
        return array_sum(array_map(static fn(Rail $r): float => $r->residual ** 2, self::rails($now, $was)));
    }

    /** @param array<string, callable(Line): Line> $change by ingredient */
    private static function changed(Formula $formula, array $change): Formula
    {
        $curd = $formula->layers[1];
        $lines = array_map(static fn(Line $l): Line => isset($change[(string) $l->ingredient]) ? $change[(string) $l->ingredient]($l) : $l, $curd->lines);

        return $formula->with([$formula->layers[0], $curd->with($lines)]);
    }

    private static function curd(): Formula
    {
        return Kit::demo('passion-fruit-curd-tartlet');
    }

    private static function gramsOf(Formula $formula, string $ingredient): float
    {
        return array_sum(array_map(static fn(Line $l): float => $l->ingredient === $ingredient ? $l->grams : 0.0, $formula->layers[1]->lines));
    }

    public function testAChangedVersionComesBackAndThePinnedLineIsHeld(): void
    {
        $original = self::curd();
        $version = Kit::engine()->reformulate($original, Brief::of([Diet::Vegan]))[0]->result->formula;
        self::assertGreaterThan(0.0, self::gramsOf($version, 'cornflour'));
        $changed = self::changed($version, ['sugar' => static fn(Line $l): Line => $l->pinned(true), 'cornflour' => static fn(Line $l): Line => $l->weighing($l->grams * 1.5)]);
        $balanced = self::balancer()->rebalance($changed, $original);
        self::assertSame(self::gramsOf($changed, 'sugar'), self::gramsOf($balanced, 'sugar'));
        self::assertLessThan(self::off($changed, $original), self::off($balanced, $original));
    }

    public function testWhatIsBalancedAlreadyStays(): void
    {
        $balanced = self::balancer()->rebalance(self::curd(), self::curd());
        foreach (self::curd()->layers[1]->lines as $line) {
            self::assertEqualsWithDelta($line->grams, self::gramsOf($balanced, (string) $line->ingredient), 0.01 * $line->grams + 0.06, (string) $line->ingredient);
        }
    }

    public function testTooMuchSugarIsTakenBack(): void
    {
        $sweet = self::changed(self::curd(), ['sugar' => static fn(Line $l): Line => $l->weighing($l->grams * 1.3)]);
        self::assertFalse(self::rails($sweet, self::curd())['sweetness']->isMet());
        $balanced = self::balancer()->rebalance($sweet, self::curd());
        self::assertTrue(self::rails($balanced, self::curd())['sweetness']->isMet());
    }

    public function testALineNotUnderstoodIsLeftWhereItStands(): void
    {
        $curd = self::curd()->layers[1];
        $formula = self::curd()->with([self::curd()->layers[0], $curd->with([Line::notUnderstood('a handful of moonbeams', 'not known'), ...$curd->lines])]);
        $balanced = self::balancer()->rebalance($formula, self::curd());
        self::assertSame('a handful of moonbeams', $balanced->layers[1]->lines[0]->text);
        self::assertNull($balanced->layers[1]->lines[0]->ingredient);
    }

    public function testWhatIsWantedOtherwiseMovesTheTargetsAndTheGramsAfterThem(): void
    {
        $softer = self::balancer()->rebalance(self::curd(), self::curd(), Aims::of(set: -1.0));
        $less = self::balancer()->rebalance(self::curd(), self::curd(), wanted: ['Curd' => ['sweetness' => 20.0]]);
        $ge = static fn(Formula $formula): float => Kit::engine()->read($formula)->layers[1]->set->ge;
        self::assertLessThan($ge(self::curd()) - 0.15, $ge($softer));
        self::assertEqualsWithDelta(20.0, Kit::engine()->read($less)->layers[1]->se, 1.5);
    }

    public function testARailSetByHandIsToldWithItsOwnTarget(): void
    {
        $reading = Kit::engine()->read(self::curd());
        $rails = self::balancer()->rails($reading, $reading, wanted: ['Curd' => ['sweetness' => 20.0]])[1];
        $sweetness = array_values(array_filter($rails, static fn(Rail $r): bool => $r->property === 'sweetness'))[0];
        self::assertSame(20.0, $sweetness->target);
        self::assertFalse($sweetness->isMet());
    }
}
