<?php

declare(strict_types=1);

namespace Transmuta\Tests\Atlas;

use Transmuta\Diet\Diet;
use Transmuta\Diet\Standing;
use Transmuta\Engine;
use Transmuta\Formula\Formula;
use Transmuta\Method\Reading\MethodReader;
use Transmuta\Reformulation\Ranking\Route;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Tier;
use Transmuta\Shelf\Tiers;

/**
 * Judges a first route as the sheet somebody weighs tomorrow, by rules of its own: it reads the printed lines and the shelf, and knows nothing of how
 * the engine came to them.
 */
final class Sheets
{
    public const RULES = [
        1 => 'at most three new things',
        2 => 'at most three more lines',
        3 => 'weights a hand weighs',
        4 => 'no crumbs',
        5 => 'what need not move stays',
        6 => 'shop before laboratory',
        7 => 'one milk, one cream, one fat, one starch, one gum, one protein, two sweeteners',
        8 => 'stands as its reading stands',
        9 => 'every line is in the method',
        10 => 'no water or colour for the arithmetic',
    ];

    /** Classes of which one of each is enough among what is new. */
    private const ONE_OF = [
        'milk' => ['milk', 'plant-milk', 'evaporated-milk'],
        'cream' => ['coconut-milk', 'whipping-cream', 'pouring-cream', 'plant-whipping-cream', 'plant-pouring-cream'],
        'starch' => ['starch', 'custard-powder'],
        'fat' => ['butter', 'plant-butter', 'coconut-fat', 'oil', 'hard-fat', 'cocoa-butter', 'butterfat'],
        'gum' => ['gel-agent', 'gelatin', 'thickener', 'seed-gel'],
        'protein' => ['milk-protein', 'plant-protein', 'sweet-protein', 'dried-white', 'collagen'],
    ];

    /** Groups of what may weigh next to nothing: agents, acids, salts, spices, sweeteners; and a sharp juice. */
    private const SMALL = ['agent', 'acid', 'sweetener', 'flavour', 'basic'];

    /**
     * @param list<Diet> $diets
     *
     * @return list<array{int, bool, string}> rule, whether it holds, what was seen
     */
    public static function judge(Engine $engine, Formula $was, Route $route, array $diets): array
    {
        $now = $route->formula();
        [$had, $has] = [self::grams($was), self::grams($now)];
        $in = static fn(string $key): Ingredient => $engine->reader->shelf->get(explode(' ', $key)[1]);
        $ids = static fn(array $grams): array => array_values(array_unique(array_map(static fn(string|int $key): string => explode(' ', (string) $key)[1], array_keys($grams))));
        $new = array_values(array_filter(array_diff($ids($has), $ids($had)), static fn(string $id): bool => $engine->reader->shelf->get($id)->class !== 'water' && $engine->reader->shelf->get($id)->composition->of100('salt') < 90.0));
        $checks = [[1, \count($new) <= 3, implode(', ', $new)], [2, \count($has) <= \count($had) + 3, \count($had) . ' → ' . \count($has)]];
        $mass = [];
        foreach ($has as $key => $grams) {
            $layer = explode(' ', $key)[0];
            $mass[$layer] = ($mass[$layer] ?? 0.0) + $grams;
        }
        $odd = $crumbs = $moved = $filled = [];
        foreach ($has as $key => $grams) {
            $before = $had[$key] ?? null;
            if ($before !== null && abs($before - $grams) < 1e-6) {
                continue;
            }
            $step = $grams >= 100.0 ? 1.0 : ($grams >= 10.0 ? 1.0 : ($grams >= 1.0 ? 0.1 : 0.01));
            if (abs($grams / $step - round($grams / $step)) > 1e-6) {
                $odd[] = "$key $grams";
            }
            if ($before === null && $grams < 0.01 * $mass[explode(' ', $key)[0]] && !\in_array($in($key)->group, self::SMALL, true) && $in($key)->class !== 'sharp-juice') {
                $crumbs[] = "$key $grams";
            }
            if ($before !== null && abs($grams - $before) < 0.02 * $before) {
                $moved[] = "$key $before → $grams";
            }
            if ($before === null && ($in($key)->class === 'colour' || ($in($key)->class === 'water' && $grams < 0.03 * $mass[explode(' ', $key)[0]]))) {
                $filled[] = "$key $grams";
            }
        }
        array_push($checks, [3, $odd === [], implode(', ', $odd)], [4, $crumbs === [], implode(', ', $crumbs)], [5, $moved === [], implode(', ', $moved)], [10, $filled === [], implode(', ', $filled)]);
        if (!\in_array(Diet::Keto, $diets, true) && !\in_array(Diet::HighProtein, $diets, true)) {
            $far = array_values(array_filter($new, static fn(string $id): bool => Tiers::of($engine->reader->shelf->get($id), 'uk') === Tier::Laboratory));
            $checks[] = [6, $far === [], implode(', ', $far)];
        }
        $twice = [];
        foreach (array_unique(array_map(static fn(string|int $key): string => explode(' ', (string) $key)[0], array_keys($has))) as $layer) {
            $of = array_map(static fn(string|int $key): string => explode(' ', (string) $key)[1], array_keys(array_filter($has, static fn(float $g, string $key): bool => !isset($had[$key]) && explode(' ', $key)[0] === (string) $layer, \ARRAY_FILTER_USE_BOTH)));
            foreach (self::ONE_OF as $what => $classes) {
                $same = array_filter($of, static fn(string $id): bool => \in_array($engine->reader->shelf->get($id)->class, $classes, true));
                if (\count($same) > 1) {
                    $twice[] = "$what: " . implode(', ', $same);
                }
            }
            $sweet = array_filter($of, static fn(string $id): bool => $engine->reader->shelf->get($id)->group === 'sweetener');
            if (\count($sweet) > 2) {
                $twice[] = implode(', ', $sweet);
            }
        }
        $checks[] = [7, $twice === [], implode('; ', $twice)];
        $again = $engine->read($now);
        $lies = array_filter($diets, static fn(Diet $diet): bool => ($again->diets[$diet->value]->standing() === Standing::NotMet && $route->standing->holds()) || ($route->standing->value === 'met' && $again->diets[$diet->value]->standing() !== Standing::Met));
        $checks[] = [8, $lies === [], implode(', ', array_map(static fn(Diet $diet): string => $diet->value, $lies))];
        if ($was->method !== []) {
            $before = \count((new MethodReader())->by($engine->reader->shelf, $was)->unsaid);
            $unsaid = (new MethodReader())->by($engine->reader->shelf, $now)->unsaid;
            $checks[] = [9, \count($unsaid) <= $before, implode(', ', array_map(static fn($part): string => $part->named, $unsaid))];
        }

        return $checks;
    }

    /** @return array<string, float> g of each thing of each layer, by "layer id" */
    private static function grams(Formula $formula): array
    {
        $grams = [];
        foreach ($formula->layers as $n => $layer) {
            foreach ($layer->understood() as $line) {
                if ($line->grams > 0.0) {
                    $grams["$n $line->ingredient"] = ($grams["$n $line->ingredient"] ?? 0.0) + $line->grams;
                }
            }
        }

        return $grams;
    }

    /** A sheet as it is printed: what was there, what is there now. */
    public static function printed(Formula $was, Formula $now): string
    {
        $lines = [];
        foreach ($now->layers as $n => $layer) {
            $had = [];
            foreach ($was->layers[$n]->understood() as $line) {
                $had[(string) $line->ingredient] = ($had[(string) $line->ingredient] ?? 0.0) + $line->grams;
            }
            $one = [];
            foreach ($layer->understood() as $line) {
                $before = $had[(string) $line->ingredient] ?? null;
                $one[] = ($before === null ? '+' : '') . round($line->grams, 2) . ' g ' . $line->ingredient . ($before === null || abs($before - $line->grams) < 0.01 ? '' : ' (was ' . round($before, 1) . ')');
            }
            $lines[] = $layer->name . ': ' . implode(', ', $one);
        }

        return implode(' / ', $lines);
    }
}
