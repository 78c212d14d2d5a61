<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Formula\Confidence;
use Transmuta\Shelf\Shelf;

/** Finds the ingredient a phrase names, and says how sure that is. */
final class Matcher
{
    /** Words that say how, not what. */
    private const FILLER = ['fresh', 'freshly', 'squeezed', 'softened', 'cold', 'chilled', 'large', 'medium', 'small', 'extra', 'chopped', 'melted', 'sifted', 'packed', 'of', 'the',
        'grated', 'finely', 'fine', 'roughly', 'ripe', 'good', 'quality', 'organic', 'free', 'range', 'room', 'temperature', 'strained', 'diced', 'sliced', 'toasted', 'crushed',
        'pure', 'soft', 'plus', 'about', 'whole', 'and', 'or', 'level', 'heaped', 'boiled', 'heated', 'whipped', 'infused', 'lightly', 'beaten', 'rinsed', 'drained', 'sifting', 'at', 'warm',
        'thick', 'full', 'fat', 'standard', 'unwaxed', 'raw', 'dried', 'leaf', 'powder', 'liquid', 'peeled', 'stoned', 'pitted', 'hot', 'unsweetened', 'natural', 'more', 'for', 'dusting', 'optional', 'in'];

    /** @var array<string, string> ingredient id by name */
    private array $names = [];

    /** @var array<string, list<string>> words of each name */
    private array $words = [];

    public function __construct(private readonly Shelf $shelf) {}

    /** Names are gathered when a line is first read: most requests read none. */
    private function gather(): void
    {
        foreach ($this->names === [] ? $this->shelf->all() : [] as $in) {
            foreach ([...$in->names, $in->name, str_replace('-', ' ', $in->id)] as $name) {
                $key = implode(' ', self::words($name));
                $this->names[$key] ??= $in->id;
                $this->words[$key] = explode(' ', $key);
            }
        }
    }

    /**
     * @return array{id: ?string, confidence: Confidence, suggestions: list<string>}
     */
    public function find(string $phrase): array
    {
        $this->gather();
        $words = self::words($phrase);
        $exact = $this->names[implode(' ', $words)] ?? null;
        if ($exact !== null) {
            return ['id' => $exact, 'confidence' => Confidence::Sure, 'suggestions' => []];
        }
        $bare = array_values(array_diff($words, self::FILLER));
        $stripped = $this->names[implode(' ', $bare)] ?? null;
        if ($stripped !== null && $bare !== []) {
            return ['id' => $stripped, 'confidence' => Confidence::Sure, 'suggestions' => []];
        }
        $scores = [];
        foreach ($this->words as $name => $own) {
            $score = self::score($words, $bare, $own);
            if ($score > ($scores[$this->names[$name]] ?? 0.0)) {
                $scores[$this->names[$name]] = $score;
            }
        }
        arsort($scores);
        $best = array_key_first($scores);
        $top = $best === null ? 0.0 : $scores[$best];
        $suggestions = array_slice(array_keys(array_filter($scores, static fn(float $s): bool => $s > 0.28)), 0, 3);

        return match (true) {
            $top >= 0.85 => ['id' => $best, 'confidence' => Confidence::Likely, 'suggestions' => $suggestions],
            $top >= 0.6 => ['id' => $best, 'confidence' => Confidence::Guess, 'suggestions' => $suggestions],
            default => ['id' => null, 'confidence' => Confidence::Guess, 'suggestions' => $suggestions],
        };
    }

    /** @return list<string> */
    public static function words(string $text): array
    {
        $text = mb_strtolower(Numbers::plain($text));
        // Purée is puree to a keyboard without accents.
        $bare = preg_replace(['/\p{Mn}+/u', '/\(.*?\)/u', "/'s|'/u"], ['', ' ', ''], \Normalizer::normalize($text, \Normalizer::FORM_D) ?: $text);
        $words = preg_split('/[^\p{L}\p{N}%]+/u', $bare ?? $text, -1, \PREG_SPLIT_NO_EMPTY) ?: [];

        return array_map(self::singular(...), $words);
    }

    private static function singular(string $word): string
    {
        return match (true) {
            str_ends_with($word, 'ies') && \strlen($word) > 4 => substr($word, 0, -3) . 'y',
            str_ends_with($word, 'oes') => substr($word, 0, -2),
            str_ends_with($word, 'leaves') => substr($word, 0, -5) . 'eaf',
            str_ends_with($word, 'ss') || str_ends_with($word, 'us') || \strlen($word) < 4 => $word,
            str_ends_with($word, 's') => substr($word, 0, -1),
            default => $word,
        };
    }

    /**
     * Share of both phrases' words that meet, with near spellings counted at a little less.
     *
     * @param list<string> $words
     * @param list<string> $bare
     * @param list<string> $own
     */
    private static function score(array $words, array $bare, array $own): float
    {
        $met = 0.0;
        foreach ($own as $word) {
            $met += self::closest($word, $words);
        }
        $said = 0.0;
        foreach ($bare as $word) {
            $said += self::closest($word, $own);
        }

        return 0.5 * $met / \count($own) + ($bare === [] ? 0.0 : 0.5 * $said / \count($bare));
    }

    /** @param list<string> $among */
    private static function closest(string $word, array $among): float
    {
        if (\in_array($word, $among, true)) {
            return 1.0;
        }
        $best = 0.0;
        foreach ($among as $other) {
            $longest = max(\strlen($word), \strlen($other));
            if ($longest >= 5 && \strlen($other) < 60 && \strlen($word) < 60) {
                $best = max($best, 1.0 - levenshtein($word, $other) / $longest);
            }
        }

        return $best >= 0.75 ? $best * 0.95 : 0.0;
    }
}
