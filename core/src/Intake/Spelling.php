<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Reference\Table;

/** Words as they are compared: lower case, without accents, in the singular, in one of their spellings. */
final class Spelling
{
    /** @var ?array<string, list<string>> what a spelling stands for, by its words joined with a space; taken apart when a word is first asked for */
    private ?array $same = null;

    private int $longest = 1;

    /** @return array<string, list<string>> */
    private function same(): array
    {
        if ($this->same === null) {
            $this->same = [];
            foreach (Table::of('intake/spellings') as $row) {
                $from = self::plain($row['from']);
                $this->same[implode(' ', $from)] = self::plain($row['to']);
                $this->longest = max($this->longest, \count($from));
            }
        }

        return $this->same;
    }

    /** @return list<string> */
    public function words(string $text): array
    {
        $same = $this->same();
        $plain = self::plain($text);
        $words = [];
        for ($at = 0; $at < \count($plain); ++$at) {
            for ($length = min($this->longest, \count($plain) - $at); $length >= 1; --$length) {
                $spelt = $same[implode(' ', \array_slice($plain, $at, $length))] ?? null;
                if ($spelt !== null) {
                    array_push($words, ...$spelt);
                    $at += $length - 1;
                    continue 2;
                }
            }
            $words[] = $plain[$at];
        }

        return $words;
    }

    /** @return list<string> */
    private static function plain(string $text): array
    {
        $text = mb_strtolower(Numbers::plain($text));
        // Purée is puree to a keyboard without accents.
        $bare = preg_replace(['/\p{Mn}+/u', "/'s\b|'/u"], '', \Normalizer::normalize($text, \Normalizer::FORM_D) ?: $text) ?? $text;
        $words = preg_split('/[^\p{L}\p{N}%.]+|\.(?!\d)|(?<!\d)\./u', preg_replace('/(\d)\s*%/u', '$1%', $bare) ?? $bare, -1, \PREG_SPLIT_NO_EMPTY) ?: [];

        return array_map(self::singular(...), $words);
    }

    private static function singular(string $word): string
    {
        return match (true) {
            \strlen($word) < 4 => $word,
            str_ends_with($word, 'ies') && \strlen($word) > 4 => substr($word, 0, -3) . 'y',
            str_ends_with($word, 'oes') => substr($word, 0, -2),
            str_ends_with($word, 'leaves') => substr($word, 0, -3) . 'f',
            str_ends_with($word, 'halves') => 'half',
            str_ends_with($word, 'ches') || str_ends_with($word, 'shes') || str_ends_with($word, 'sses') => substr($word, 0, -2),
            str_ends_with($word, 'ss') || str_ends_with($word, 'us') || str_ends_with($word, 'is') => $word,
            str_ends_with($word, 's') => substr($word, 0, -1),
            default => $word,
        };
    }
}
