<?php

declare(strict_types=1);

namespace Transmuta\Tests\Reformulation;

use PHPUnit\Framework\TestCase;
use Transmuta\Diet\Diet;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Layer;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Evaluation\RouteStanding;
use Transmuta\Reformulation\Ranking\Route;
use Transmuta\Tests\Atlas\Laws;
use Transmuta\Tests\Atlas\RandomDishes;
use Transmuta\Tests\Kit;

/** What a professional never accepts, on dishes drawn at random from the whole shelf; read by {@see Laws}, which knows nothing of the engine. */
final class EngineLawsTest extends TestCase
{
    private const DISHES = 400;

    public function testNoLawIsBrokenOnRandomDishes(): void
    {
        $dishes = new RandomDishes(Kit::shelf(), 20261126);
        $asked = $held = [];
        $broken = [];
        for ($n = 0; $n < self::DISHES; ++$n) {
            [$formula, $brief, $words] = $dishes->next();
            $was = Kit::engine()->read($formula);
            $answer = Kit::engine()->answer($formula, $brief);
            if ($answer->routes === []) {
                $asked[10] = ($asked[10] ?? 0) + 1;
                $held[10] = ($held[10] ?? 0) + (int) (preg_match('/\d/', $answer->blocked[0]->reason ?? '') === 1);
            }
            $hashes = array_map(static fn(Route $r): string => $r->hash(), $answer->routes);
            $names = array_map(static fn(Route $r): string => $r->name, $answer->routes);
            self::assertSameSize($hashes, array_unique($hashes), "two equal routes: $words");
            self::assertSameSize($names, array_unique($names), "two routes of one name: $words");
            foreach (\array_slice($answer->routes, 0, 3) as $route) {
                self::assertNotSame('', trim($route->name), $words);
                foreach (Laws::check($was, $route->result, $brief, $route->standing->holds(), $route->standing->value) as [$law, $holds, $detail]) {
                    $asked[$law] = ($asked[$law] ?? 0) + 1;
                    $held[$law] = ($held[$law] ?? 0) + (int) $holds;
                    if (!$holds) {
                        $broken[$law][] = "$words: $route->name ({$route->standing->value}): $detail";
                    }
                }
            }
        }
        foreach (Laws::WHOLE as $law) {
            self::assertSame([], $broken[$law] ?? [], Laws::names()[$law]);
        }
        foreach ($asked as $law => $times) {
            self::assertGreaterThanOrEqual(0.95 * $times, $held[$law], Laws::names()[$law] . ":\n" . implode("\n", \array_slice($broken[$law] ?? [], 0, 8)));
        }
        self::assertGreaterThanOrEqual(0.98 * array_sum($asked), array_sum($held));
    }

    public function testTheOrderAndTheNamesOfLinesAndLayersChangeNothing(): void
    {
        $dishes = new RandomDishes(Kit::shelf(), 7);
        for ($n = 0; $n < 25; ++$n) {
            [$formula, $brief, $words] = $dishes->next();
            $turned = $formula->with(array_map(static fn(Layer $l): Layer => new Layer('Otherwise named', array_reverse($l->lines), $l->treatment, $l->tin, $l->loss), $formula->layers));
            $standing = static fn(Formula $f): ?RouteStanding => (Kit::engine()->reformulate($f, $brief)[0] ?? null)?->standing;
            self::assertSame($standing($formula), $standing($turned), $words);
        }
    }

    public function testASecondDietDoesNotUndoTheFirst(): void
    {
        $dishes = new RandomDishes(Kit::shelf(), 11);
        for ($n = 0; $n < 25; ++$n) {
            [$formula, , $words] = $dishes->next();
            foreach (Kit::engine()->reformulate($formula, Brief::of([Diet::Vegan, Diet::GlutenFree])) as $route) {
                foreach ($route->result->layers as $layer) {
                    foreach ($layer->state->model->portions as $i => $portion) {
                        if ($layer->state->grams[$i] > 0.0) {
                            self::assertFalse(\Transmuta\Diet\DietRules::bans(Diet::Vegan, $portion->ingredient), "$words: {$portion->ingredient->id}");
                            self::assertFalse(\Transmuta\Diet\DietRules::bans(Diet::GlutenFree, $portion->ingredient), "$words: {$portion->ingredient->id}");
                        }
                    }
                }
            }
        }
    }

    /** The checks themselves can fail: a filling without its sugar, a base of butter and water, oil that nothing holds. */
    public function testTheLawsSeeWhatIsWrong(): void
    {
        $reader = Kit::engine()->reader;
        $was = $reader->read(Formula::of('Pie', [Kit::layer(['plain-biscuit' => 200, 'butter' => 90], name: 'Base'), Kit::layer(['condensed-milk' => 400, 'lime-juice' => 120], name: 'Filling')]));
        $now = $reader->read(Formula::of('Pie', [Kit::layer(['water' => 60, 'butter' => 230], name: 'Base'), Kit::layer(['water' => 300, 'sunflower-oil' => 100, 'lime-juice' => 120, 'pea-isolate' => 60], name: 'Filling')]));
        $broken = array_unique(array_map(static fn(array $c): int => $c[0], array_filter(Laws::check($was, $now, Brief::of([Diet::Vegan]), true), static fn(array $c): bool => !$c[1])));
        foreach ([1, 2, 3, 4, 5, 6, 11] as $law) {
            self::assertContains($law, $broken, Laws::names()[$law]);
        }
        $keto = Laws::check($was, $was, Brief::of([Diet::Keto]), true);
        self::assertContains([12, false], array_map(static fn(array $c): array => [$c[0], $c[1]], $keto));
    }
}
