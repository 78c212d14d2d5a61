<?php

declare(strict_types=1);

namespace Transmuta\Tests\Property;

use PHPUnit\Framework\TestCase;
use Transmuta\Property\Look\Colour;
use Transmuta\Tests\Kit;

/** A yolk has four jobs and so has sugar (practice 1): what leaves with a line is found by taking it away. */
final class LineJobsTest extends TestCase
{
    /** @return array{shares: array<string, array<string, float>>, set_by: array<string, array<string, float>>} by ingredient */
    private static function jobs(string $text): array
    {
        $layer = Kit::engine()->read(Kit::engine()->parse($text))->layers[0];
        $ids = array_map(static fn(\Transmuta\Property\Portion $p): string => $p->ingredient->id, $layer->state->model->portions);

        return ['shares' => array_combine($ids, $layer->jobs), 'set_by' => array_combine($ids, $layer->setBy)];
    }

    public function testAYolkSetsEnrichesColoursAndBringsProtein(): void
    {
        ['shares' => $shares, 'set_by' => $by] = self::jobs("family: curd\nlayer: Curd\ntreat: cook to 82 C\n100 g lemon juice\n120 g egg yolk\n150 g sugar\n100 g butter");
        $yolk = $shares['egg-yolk'];
        self::assertGreaterThan(0.4, $yolk['set']);
        self::assertGreaterThan(0.2, $yolk['fat']);
        self::assertGreaterThan(0.8, $yolk['colour']);
        self::assertGreaterThan(0.9, $yolk['protein']);
        self::assertSame('egg', array_key_first($by['egg-yolk']));
        self::assertSame('fat', array_key_first($by['butter']));
        self::assertGreaterThan($yolk['firm'], $shares['butter']['firm'], 'butter is the cold firmness');
        self::assertEqualsWithDelta($yolk['set'], array_sum($by['egg-yolk']), 0.06);
    }

    public function testSugarSweetensAndBindsWater(): void
    {
        $sugar = self::jobs("family: curd\nlayer: Curd\ntreat: cook to 82 C\n100 g lemon juice\n120 g egg yolk\n150 g sugar\n100 g butter")['shares']['sugar'];
        self::assertGreaterThan(0.9, $sugar['sweet']);
        self::assertGreaterThan(0.7, $sugar['water']);
        self::assertLessThan(0.01, $sugar['protein']);
    }

    public function testBrowningNeedsAnOvenAndBothSugarAndProtein(): void
    {
        $baked = self::jobs("layer: A\ntreat: bake 170 C still\n200 g milk\n50 g honey\n100 g egg")['shares'];
        self::assertGreaterThan($baked['milk']['brown'], $baked['honey']['brown']);
        self::assertGreaterThan(0.2, $baked['egg']['brown'], 'without its protein little browns');
        foreach (self::jobs("layer: A\ntreat: none\n200 g milk\n50 g honey\n100 g egg")['shares'] as $shares) {
            self::assertSame(0.0, $shares['brown']);
        }
    }

    public function testWhatColoursIsToldByItsHue(): void
    {
        $layer = Kit::engine()->read(Kit::engine()->parse("layer: A\ntreat: none\n100 g milk\n20 g cocoa powder\n20 g raspberries"))->layers[0];
        self::assertGreaterThan(10.0, Colour::of($layer->state)['brown']);
        self::assertSame(0.0, Colour::of($layer->state)['yellow']);
        $shares = self::jobs("layer: A\ntreat: none\n100 g milk\n20 g cocoa powder\n20 g raspberries")['shares'];
        self::assertSame(1.0, $shares['cocoa-powder']['colour']);
        self::assertSame(0.0, $shares['milk']['colour']);
        self::assertSame(0.0, self::jobs("layer: A\ntreat: none\n100 g milk\n20 g sugar")['shares']['milk']['colour']);
    }

    public function testSharesLieBetweenNothingAndAll(): void
    {
        foreach (array_keys(Kit::demos()) as $name) {
            foreach (Kit::engine()->read(Kit::demo($name))->layers as $layer) {
                foreach ($layer->jobs as $i => $shares) {
                    self::assertCount(10, $shares);
                    foreach ($shares as $job => $share) {
                        self::assertTrue($share >= 0.0 && $share <= 1.0 + 1e-9, "$name, line $i, $job: $share");
                    }
                }
            }
        }
    }
}
