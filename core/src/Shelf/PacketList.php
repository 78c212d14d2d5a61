<?php

declare(strict_types=1);

namespace Transmuta\Shelf;

use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/**
 * A packet's own list of ingredients, read to its last word in six languages (`core/data/shelf/packet-words.csv`): the allergens of Regulation (EU) No
 * 1169/2011 Annex II it names, what it warns of, what it comes from, what only its maker can answer, and the words nobody here understands.
 * A word that is not understood is asked about; it is never read as nothing.
 */
final readonly class PacketList
{
    /** Words of the longest phrase of the table. */
    private const LONGEST = 9;

    /**
     * @param list<string> $allergens it holds, in the words of {@see Ingredient::$allergens}
     * @param list<string> $mayContain allergens it warns of and does not hold
     * @param list<string> $cereals which gluten cereal
     * @param list<string> $origins as {@see Ingredient::$origins}
     * @param array<string, list<string>> $asks questions by diet
     * @param list<string> $unread words that are not understood, as printed but in small letters
     */
    private function __construct(public array $allergens, public array $mayContain, public array $cereals, public array $origins, public array $asks, public array $unread) {}

    public static function of(string $declared): self
    {
        return Kept::once(self::class . " $declared", static fn(): self => self::read($declared));
    }

    private static function read(string $declared): self
    {
        $found = ['allergens' => [], 'may' => [], 'cereals' => [], 'origins' => [], 'asks' => [], 'unread' => []];
        foreach (self::sentences($declared) as $words) {
            $warns = false;
            for ($n = 0; $n < \count($words);) {
                [$length, $row] = self::longest($words, $n);
                if ($row === null) {
                    if (preg_match('/\p{L}{2}/u', $words[$n]) === 1) {
                        $found['unread'][] = $words[$n];
                    }
                } elseif ($row['warns']) {
                    $warns = true;
                } else {
                    $found[$warns ? 'may' : 'allergens'] = [...$found[$warns ? 'may' : 'allergens'], ...$row['allergens']];
                    if (!$warns) {
                        $found['cereals'] = [...$found['cereals'], ...$row['cereals']];
                        $found['origins'] = [...$found['origins'], ...$row['origins']];
                        foreach ($row['diets'] as $diet) {
                            $found['asks'][$diet][] = $row['ask'];
                        }
                    }
                }
                $n += $length;
            }
        }
        $once = static fn(array $list): array => array_values(array_unique($list));

        return new self($once($found['allergens']), $once(array_diff($found['may'], $found['allergens'])), $once($found['cereals']), $once($found['origins']), array_map($once, $found['asks']), $once($found['unread']));
    }

    /**
     * Its words, sentence by sentence: a warning of traces ends with its sentence. Figures and marks of emphasis are no words.
     *
     * @return list<list<string>>
     */
    private static function sentences(string $declared): array
    {
        $text = mb_strtolower(str_replace(['’', '**', '­'], ["'", '', ''], $declared));
        $text = (string) preg_replace('/\b(?:e|ins)[\s.-]?(\d{3,4})([a-f]?)(?:\s*\([ivx]+\)|[ivx]+)?\b/u', 'e$1$2', $text);
        $text = (string) preg_replace(['/\d+(?:[.,]\d+)*\s*%/u', '/(?<![\p{L}\d])\d+(?:[.,]\d+)*(?!\p{L})/u'], ' ', $text);
        $sentences = [];
        foreach (preg_split('/\.(?=\s|$)|\n|;(?=\s*(?:may|kann|peut|puede|può|pode))/u', $text) ?: [] as $sentence) {
            $words = self::words($sentence);
            if ($words !== []) {
                $sentences[] = $words;
            }
        }

        return $sentences;
    }

    /** @return list<string> */
    private static function words(string $text): array
    {
        return preg_split('/[^\p{L}\d]+/u', $text, -1, \PREG_SPLIT_NO_EMPTY) ?: [];
    }

    /**
     * The longest phrase of the table that begins at a word; a part of the word where no phrase does, as German writes words together.
     *
     * @param list<string> $words
     *
     * @return array{int, ?array{allergens: list<string>, cereals: list<string>, origins: list<string>, ask: string, diets: list<string>, warns: bool}} how many words, and what they bring; null where they are not understood
     */
    private static function longest(array $words, int $at): array
    {
        ['phrases' => $phrases, 'stems' => $stems] = self::table();
        for ($length = min(self::LONGEST, \count($words) - $at); $length >= 1; --$length) {
            $phrase = implode(' ', \array_slice($words, $at, $length));
            if (isset($phrases[$phrase])) {
                return [$length, $phrases[$phrase]];
            }
        }
        $left = $words[$at];
        $brings = null;
        foreach ($stems as $stem => $row) {
            if (str_contains($left, (string) $stem)) {
                $left = str_replace((string) $stem, ' ', $left);
                $brings = $brings === null ? $row : ['allergens' => [...$brings['allergens'], ...$row['allergens']], 'cereals' => [...$brings['cereals'], ...$row['cereals']], 'origins' => [...$brings['origins'], ...$row['origins']], 'ask' => '', 'diets' => [], 'warns' => false];
            }
        }

        return [1, $brings];
    }

    /** @return array{phrases: array<string, array{allergens: list<string>, cereals: list<string>, origins: list<string>, ask: string, diets: list<string>, warns: bool}>, stems: array<string, array{allergens: list<string>, cereals: list<string>, origins: list<string>, ask: string, diets: list<string>, warns: bool}>} stems longest first */
    private static function table(): array
    {
        return Kept::once(self::class . ' table', static function (): array {
            $table = ['phrases' => [], 'stems' => []];
            $list = static fn(string $cell): array => preg_split('/\s+/', $cell, -1, \PREG_SPLIT_NO_EMPTY) ?: [];
            foreach (Table::of('shelf/packet-words') as $row) {
                $brings = ['allergens' => $list($row['allergens']), 'cereals' => $list($row['cereals']), 'origins' => $list($row['origins']), 'ask' => $row['ask'], 'diets' => $list($row['diets']), 'warns' => false];
                foreach (explode('|', $row['words']) as $phrase) {
                    $row['match'] === 'stem' ? $table['stems'][$phrase] ??= $brings : $table['phrases'][implode(' ', self::words($phrase))] ??= $brings;
                }
            }
            foreach (Table::of('shelf/packet-traces') as $row) {
                $table['phrases'][implode(' ', self::words($row['phrase']))] = ['allergens' => [], 'cereals' => [], 'origins' => [], 'ask' => '', 'diets' => [], 'warns' => true];
            }
            uksort($table['stems'], static fn(string $a, string $b): int => mb_strlen($b) <=> mb_strlen($a));

            return $table;
        });
    }
}
