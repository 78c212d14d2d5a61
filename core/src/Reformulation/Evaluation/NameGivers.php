<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Evaluation;

use Transmuta\Formula\Formula;
use Transmuta\Formula\Line;
use Transmuta\Property\Taste\Characters;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Shelf;
use Transmuta\Shelf\Tastes;

/**
 * What a dish is called by: lines of which a word stands in its title, in whatever language both are written. It may be less of that; without it, it is
 * another dish, and is not sold under the old name.
 */
final readonly class NameGivers
{
    /** What is in a name and names no taste: what sets, and what is in every dessert. */
    private const NAMELESS = ['agent', 'basic', 'sweetener', 'fat'];

    /** Words that many things are called by, and that tell no dish from another. */
    private const COMMON = ['cream', 'milk', 'butter', 'sugar', 'the', 'and', 'with', 'of', 'for', 'style', 'set', 'dish', 'powder', 'paste', 'sauce', 'drink', 'double', 'single', 'whole', 'fresh', 'dark', 'light', 'white', 'brown', 'plain', 'ground', 'free', 'extra', 'soft', 'full', 'low', 'fat', 'high', 'protein', 'raw', 'baked', 'sweet', 'de', 'la', 'le', 'con', 'al', 'di', 'aux', 'mit', 'und', 'crema', 'creme', 'crumb', 'crumbs', 'base', 'mix', 'flour', 'cake', 'layer', 'square', 'slice', 'bar', 'pot', 'tart', 'pie', 'vegan', 'keto', 'salt', 'water', 'oil', 'old', 'real', 'pure', 'quick', 'instant', 'panna', 'nata', 'leche', 'lait', 'latte', 'leite', 'milch', 'sahne', 'beurre', 'burro', 'azucar', 'sucre', 'zucchero', 'zucker', 'custard', 'pudding', 'mousse', 'trifle', 'sponge', 'cheesecake', 'curd', 'glaze', 'crust', 'pastry', 'gelatin', 'gelatine', 'condensed'];

    /** Groups whose taste is what a dish is called by. */
    private const TASTED = ['fruit', 'flavour', 'chocolate', 'nut'];

    /** Share of it that is left from which it still is one. */
    private const LEFT = 0.15;

    /** Letters under which a word is none. */
    private const SHORT = 3;

    /**
     * @param Formula $was as it was
     *
     * @return array<string, string> the word of the title by the id of what it is called by
     */
    public static function of(Formula $was, Shelf $shelf): array
    {
        $title = array_diff(self::words($was->title), self::COMMON);
        $found = [];
        foreach ($was->layers as $layer) {
            foreach ($layer->understood() as $line) {
                $in = $shelf->get((string) $line->ingredient);
                if (\in_array($in->group, self::NAMELESS, true) || isset($found[$in->id])) {
                    continue;
                }
                $shared = array_intersect($title, [...self::words($line->text), ...self::called($in)]);
                if ($shared !== []) {
                    $found[$in->id] = (string) reset($shared);
                }
            }
        }

        return $found;
    }

    /**
     * What the title says and the result does not hold any more.
     *
     * @return list<string> in words, each with a name it may have instead
     */
    public static function lost(Formula $was, Formula $now, Shelf $shelf, Characters $characters): array
    {
        $words = [];
        foreach (self::of($was, $shelf) as $id => $word) {
            $words[$word][] = $id;
        }
        $said = [];
        foreach ($words as $word => $ids) {
            $isLeft = self::grams($now, static fn(Line $line): bool => \in_array($line->ingredient, $ids, true)) >= self::LEFT * self::grams($was, static fn(Line $line): bool => \in_array($line->ingredient, $ids, true));
            $isCalled = self::grams($now, static fn(Line $line): bool => !\in_array($line->ingredient, $ids, true) && \in_array((string) $word, self::called($shelf->get((string) $line->ingredient)), true)) > 0.0;
            // Cocoa mass is chocolate, in whatever language the title says so; a curd of another milk is another curd.
            $givers = array_filter(array_map($shelf->get(...), $ids), static fn(Ingredient $in): bool => \in_array($in->group, self::TASTED, true));
            $isOf = $givers !== [] && self::grams($now, static fn(Line $line): bool => !\in_array($line->ingredient, $ids, true) && array_filter($givers, static fn(Ingredient $giver): bool => $characters->shared($shelf->get((string) $line->ingredient), [$giver]) >= 2) !== []) > 0.0;
            if (!$isLeft && !$isCalled && !$isOf) {
                $said[] = \sprintf('there is no %s in it any more, and “%s” is its name: %s', $word, $was->title, self::instead($was, $now, (string) $word, $ids, $shelf));
            }
        }

        return $said;
    }

    /** @param list<string> $ids what gave the name, and left */
    private static function instead(Formula $was, Formula $now, string $word, array $ids, Shelf $shelf): string
    {
        $had = [];
        foreach ($was->layers as $layer) {
            foreach ($layer->understood() as $line) {
                $had[(string) $line->ingredient] = true;
            }
        }
        $new = null;
        $most = 0.0;
        foreach ($now->layers as $n => $layer) {
            // What comes into another layer names nothing of this.
            if (array_filter($was->layers[$n]->understood(), static fn(Line $line): bool => \in_array($line->ingredient, $ids, true)) === []) {
                continue;
            }
            foreach ($layer->understood() as $line) {
                $in = $shelf->get((string) $line->ingredient);
                if (!isset($had[$in->id]) && $line->grams > $most && $in->class !== 'sharp-juice' && \in_array($in->group, self::TASTED, true)) {
                    [$new, $most] = [$in, $line->grams];
                }
            }
        }
        if ($new === null) {
            return 'give it another name before it is offered';
        }
        $name = mb_strtolower((string) preg_replace('~\s*[,(].*$~u', '', $new->name));

        return \sprintf('call it “%s”, if that is what is wanted', ucfirst((string) preg_replace('~\p{L}*' . preg_quote($word, '~') . '\p{L}*~iu', $name, mb_strtolower($was->title), 1)));
    }

    /** @param callable(Line): bool $is */
    private static function grams(Formula $formula, callable $is): float
    {
        $grams = 0.0;
        foreach ($formula->layers as $layer) {
            foreach ($layer->understood() as $line) {
                $grams += $is($line) ? $line->grams : 0.0;
            }
        }

        return $grams;
    }

    /** @return list<string> words it is called by */
    private static function called(Ingredient $in): array
    {
        return array_values(array_diff(array_merge(...array_map(self::words(...), [$in->name, ...$in->called(), ...Tastes::of($in)])), self::COMMON));
    }

    /** @return list<string> in small letters, of one thing: berries and berry are the same */
    private static function words(string $text): array
    {
        $plain = mb_strtolower((string) preg_replace('~\p{Mn}+~u', '', \Normalizer::normalize($text, \Normalizer::FORM_D) ?: $text));
        $words = preg_split('~[^\p{L}]+~u', $plain, -1, \PREG_SPLIT_NO_EMPTY) ?: [];
        $single = array_map(static fn(string $word): string => mb_strlen($word) > 4 ? (string) preg_replace(['~ies$~u', '~(?<=[oxsh])es$~u', '~(?<![su])s$~u', '~yoghurt|yoghourt~u'], ['y', '', '', 'yogurt'], $word) : $word, $words);

        return array_values(array_filter($single, static fn(string $word): bool => mb_strlen($word) >= self::SHORT));
    }
}
