<?php

declare(strict_types=1);

namespace Transmuta\Process\Shopping;

use Transmuta\Process\PullList;
use Transmuta\Property\DishReading;

/**
 * What is bought for several dishes: summed, with what peel, shell and stone take ({@see Wholes}), in whole packs that
 * cost the least together, and what is bought only because a diet needs it.
 */
final class Shopping
{
    /** Water from the tap is not bought. */
    private const FREE = 'Tap';

    /** Packs of one size that are looked at beyond what covers it alone. */
    private const MOST_SIZES = 6;

    /**
     * @param list<array{what: string, dish: DishReading, diets: list<string>}> $dishes
     * @param list<Article> $articles of every list at hand
     *
     * @return list<Bought> heaviest first
     */
    public static function of(array $dishes, array $articles): array
    {
        $wholes = Wholes::standard();
        $by = [];
        foreach ($articles as $article) {
            $by[$article->ingredient][] = $article;
        }
        $all = $taken = [];
        foreach (PullList::ofAll(array_map(static fn(array $one): array => [$one['what'], $one['dish']], $dishes)) as $part) {
            foreach ($part['place'] === self::FREE ? [] : $part['lines'] as $line) {
                $whole = $wholes->wholeOf($line['ingredient']);
                // What is sold ready is bought ready, where nobody sells it whole.
                if ($whole !== null && (isset($by[$whole]) || !isset($by[$line['ingredient']]))) {
                    $taken[$whole][] = $line;
                } else {
                    $all[] = self::bought($line['ingredient'], $line['name'], $line['grams'], [$line], [], $by, $dishes);
                }
            }
        }
        foreach ($taken as $whole => $lines) {
            $parts = array_map(static fn(array $line): array => ['name' => $line['name'], 'grams' => $line['grams']], $lines);
            $all[] = self::bought($whole, Wholes::name($whole), $wholes->grams(array_column($lines, 'grams', 'ingredient')), $lines, $parts, $by, $dishes);
        }
        usort($all, static fn(Bought $a, Bought $b): int => $b->grams <=> $a->grams);

        return $all;
    }

    /**
     * @param list<array{ingredient: string, name: string, grams: float, for: list<array{what: string, grams: float}>}> $lines what of it enters the dishes
     * @param list<array{name: string, grams: float}> $parts
     * @param array<string, list<Article>> $by articles by ingredient
     * @param list<array{what: string, dish: DishReading, diets: list<string>}> $dishes
     */
    private static function bought(string $ingredient, string $name, float $grams, array $lines, array $parts, array $by, array $dishes): Bought
    {
        $packs = self::packs($grams, $by[$ingredient] ?? []);
        $for = array_merge(...array_column($lines, 'for'));

        return new Bought(
            $ingredient,
            $name,
            array_sum(array_column($lines, 'grams')),
            $grams,
            $parts,
            $packs,
            $packs === [] ? null : array_sum(array_map(static fn(array $one): int => $one['packs'] * $one['article']->minor, $packs)),
            $for,
            self::onlyFor(array_column($for, 'what'), $dishes),
        );
    }

    /**
     * The packs that bring this much for the least money; of equally dear ones, those that leave the least over.
     *
     * @param list<Article> $articles
     *
     * @return list<array{article: Article, packs: int}>
     */
    public static function packs(float $grams, array $articles): array
    {
        if ($grams <= 0.0 || $articles === []) {
            return [];
        }
        // The cheapest by weight first; of a size the cheapest is enough.
        usort($articles, static fn(Article $a, Article $b): int => [$a->minor / $a->grams, $a->grams] <=> [$b->minor / $b->grams, $b->grams]);
        $sizes = [];
        foreach ($articles as $article) {
            $sizes[(string) $article->grams] ??= $article;
        }
        $sizes = \array_slice(array_values($sizes), 0, self::MOST_SIZES);
        $best = null;
        self::fill($sizes, 0, $grams, 0, [], $best);
        $chosen = [];
        foreach ($best['counts'] ?? [] as $i => $count) {
            if ($count > 0) {
                $chosen[] = ['article' => $sizes[$i], 'packs' => $count];
            }
        }

        return $chosen;
    }

    /**
     * Branch and bound over how many of each size.
     *
     * @param list<Article> $sizes
     * @param array<int, int> $counts
     * @param ?array{minor: int, over: float, counts: array<int, int>} $best
     */
    private static function fill(array $sizes, int $at, float $left, int $minor, array $counts, ?array &$best): void
    {
        if ($left <= 1e-9) {
            if ($best === null || $minor < $best['minor'] || ($minor === $best['minor'] && -$left < $best['over'] - 1e-9)) {
                $best = ['minor' => $minor, 'over' => -$left, 'counts' => $counts];
            }

            return;
        }
        if (!isset($sizes[$at]) || ($best !== null && $minor + $left * $sizes[$at]->minor / $sizes[$at]->grams > $best['minor'] + 1e-9)) {
            return;
        }
        $most = (int) ceil($left / $sizes[$at]->grams - 1e-9);
        // From as many as cover it downwards; what a few large packs cover is not covered by hundreds of small ones.
        for ($count = $most; $count >= max(0, $most - 12); --$count) {
            self::fill($sizes, $at + 1, $left - $count * $sizes[$at]->grams, $minor + $count * $sizes[$at]->minor, $counts + [$at => $count], $best);
        }
        if ($most > 12) {
            self::fill($sizes, $at + 1, $left, $minor, $counts, $best);
        }
    }

    /**
     * @param list<string> $whats dishes it goes into
     * @param list<array{what: string, dish: DishReading, diets: list<string>}> $dishes
     *
     * @return list<string> their diets, where every one of them is made for a diet and some dish is not
     */
    private static function onlyFor(array $whats, array $dishes): array
    {
        $diets = [];
        foreach ($dishes as $one) {
            if (\in_array($one['what'], $whats, true)) {
                if ($one['diets'] === []) {
                    return [];
                }
                $diets = [...$diets, ...$one['diets']];
            }
        }

        return \in_array([], array_column($dishes, 'diets'), true) ? array_values(array_unique($diets)) : [];
    }
}
