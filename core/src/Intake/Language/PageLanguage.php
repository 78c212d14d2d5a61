<?php

declare(strict_types=1);

namespace Transmuta\Intake\Language;

use Transmuta\Intake\Numbers;
use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/**
 * A page in a kitchen's own language, row by row as a page in English would say it: names of foods (`core/data/intake/food-names.csv`), measures (`unit-names.csv`),
 * headings, yields and states (`page-words.csv`), and the verbs of its method (`core/data/method/glosses.csv`). Only the reading goes by it; every row stays as it
 * was written. A word that is in none of these stays too, and is asked for like any other.
 */
final readonly class PageLanguage
{
    /** Words and numbers that are looked at together: "cuillère à soupe", "crème liquide entière 35 %". */
    private const LONGEST = 7;

    /** Words of a page in a language under which nobody can tell it, and how many more of them than English there must be. */
    private const LEAST = 3;
    private const MORE = 1.5;

    /** Words by which a page in English is told. */
    private const ENGLISH = ['the', 'and', 'with', 'of', 'for', 'until', 'into', 'then', 'cup', 'cups', 'tsp', 'tbsp', 'sugar', 'milk', 'cream', 'butter', 'eggs', 'egg', 'flour', 'water', 'salt', 'yolks', 'whites', 'cheese', 'bake', 'mix', 'whisk', 'beat', 'add', 'pour', 'chill', 'serves', 'makes', 'ingredients', 'method', 'chocolate'];

    /** What only a whole row says: a heading, a yield. */
    private const OF_A_ROW = '~^(?:For the |Ingredients$|Method$|serves |You need )~u';

    /** What stands before the id of a food, whose name is looked up when it is met. */
    private const ID = "\0";

    /**
     * @param array<string, array{string, float}> $phrases what is read for a phrase in small letters without accents, and what the number before a measure is multiplied by
     * @param \Closure(string): string $nameOf
     */
    private function __construct(public string $lang, private array $phrases, private \Closure $nameOf) {}

    /**
     * @param list<string> $rows
     * @param \Closure(string): string $nameOf the English name of a food by its id
     *
     * @return ?self null for a page in English, and for one in no language that is known
     */
    public static function of(array $rows, \Closure $nameOf): ?self
    {
        $words = self::words(implode("\n", $rows));
        $english = \count(array_intersect($words, self::ENGLISH));
        $best = null;
        $most = max(self::LEAST - 1, self::MORE * $english);
        foreach (self::vocabulary() as $lang => $known) {
            $found = \count(array_filter($words, static fn(string $word): bool => isset($known[$word])));
            if ($found > $most) {
                [$best, $most] = [$lang, $found];
            }
        }

        return $best === null ? null : new self($best, self::phrases($best), $nameOf);
    }

    /**
     * @param \Closure(string): string $nameOf the English name of a food by its id
     *
     * @return list<self> each language that is known
     */
    public static function all(\Closure $nameOf): array
    {
        return array_map(static fn(string $lang): self => new self($lang, self::phrases($lang), $nameOf), array_keys(self::vocabulary()));
    }

    /**
     * @param list<string> $rows
     *
     * @return list<string> each as a page in English would say it
     */
    public function rows(array $rows): array
    {
        return array_map($this->row(...), $rows);
    }

    /** What a kitchen of a language calls a food first; null where that is not known. */
    public static function nameIn(string $lang, string $id): ?string
    {
        $names = Kept::once(self::class . ' first', static function (): array {
            $first = [];
            foreach (Table::of('intake/food-names') as $row) {
                $first[$row['lang']][$row['id']] ??= $row['name'];
            }

            return $first;
        });

        return $id === '' ? null : $names[$lang][$id] ?? null;
    }

    /** The row as a page in English would say it. */
    public function row(string $row): string
    {
        $whole = $this->wholeRow($row);
        if ($whole !== null) {
            return $whole;
        }
        // "Bio-Zitronen": how it was grown is no name.
        $row = $this->lang === 'de' ? (string) preg_replace('~\bBio-(?=\p{L})~u', '', $row) : $row;
        // "Crème caramel 6 pers": whom it serves stands behind the name.
        $row = $this->tailed($row);
        preg_match_all("~[\\p{L}\\p{M}]+['’]?|\\d+(?:[.,/]\\d+)*|[½¼¾⅓⅔⅛]|\\s+|.~u", $row, $m);
        $tokens = $m[0];
        $count = \count($tokens);
        $read = '';
        for ($at = 0; $at < $count; ++$at) {
            $found = preg_match('~^[\p{L}\p{N}]~u', $tokens[$at]) === 1 ? $this->longest($tokens, $at) : null;
            if ($found === null) {
                $read .= $tokens[$at];
                continue;
            }
            [$said, $times, $end] = $found;
            $said = str_starts_with($said, self::ID) ? ($this->nameOf)(substr($said, 1)) : $said;
            // "500 g", "2 verres": the number of a measure comes to another of ours.
            if ($times !== 1.0 && preg_match('~^(.*?)(\d+(?:[.,]\d+)?|\d+\s*/\s*\d+|[½¼¾⅓⅔])\s*$~su', $read, $n) === 1) {
                $read = $n[1] . \sprintf('%g ', (Numbers::take($n[2])['value'] ?? 1.0) * $times);
            } elseif ($times !== 1.0) {
                // A measure without a number is one of it.
                $read .= \sprintf('%g ', $times);
            }
            $read .= $said . (preg_match("~['’]$~u", $tokens[$end]) === 1 && $said !== '' ? ' ' : '');
            $at = $end;
        }

        // "A 180 °C", "bei 160 Grad".
        $read = (string) preg_replace('~(?<![\p{L}-])(?:a|à|auf|bei)\s+(?=\d)~iu', 'at ', $read);
        // "Purée framboise": what it is of stands before it.
        $read = (string) preg_replace(['~\bpuree (?:of )?(\p{L}+)~iu', '~\bjuice of (\p{L}+(?: \p{L}+)?) pulp\b~iu', '~^vanilla (?:bean )?(\d+|½) pods?\b~iu'], ['$1 puree', '$1 juice', '$1 vanilla pod'], $read);
        $read = $this->lang === 'de' ? self::verbFirst($read) : $read;

        return trim((string) preg_replace(['~\b(\d+|a|half a) (?:of (?:the )?|the )~u', '~(?<=\p{L}) +of of ~u', '~\bof\s+(?:the\s+)?(?=of\b)~u', '~ {2,}~u'], ['$1 ', ' of ', '', ' '], $read));
    }

    private function tailed(string $row): string
    {
        foreach ([2, 1, 0] as $words) {
            if (preg_match("~^(\\p{L}.*?)[\\s,(–-]+((?:\\p{L}+\\s+){{$words}}(\\d{1,3})\\s+\\p{L}+)\\.?\\)?$~u", trim($row), $m) === 1 && ($this->phrases[(string) preg_replace('~\d+~', '#', self::plain($m[2]))][0] ?? '') === 'serves #') {
                return "$m[1] (serves $m[3])";
            }
        }

        return $row;
    }

    /** German says last what is done: "die Sahne steif schlagen". */
    private static function verbFirst(string $read): string
    {
        $verbs = Kept::once(self::class . ' verbs', static fn(): string => implode('|', array_unique(array_map(static fn(array $row): string => preg_quote($row['english'], '~'), array_filter(Table::of('method/glosses'), static fn(array $row): bool => $row['kind'] === 'verb')))));

        return implode(' ', array_map(static fn(string $one): string => (string) preg_replace("~^(.*\\S)\\s+($verbs)([.!]?)$~isu", '$2 $1$3', $one), preg_split('~(?<=[.!])\s+~u', $read) ?: [$read]));
    }

    private function wholeRow(string $row): ?string
    {
        $bare = self::plain(trim($row, " \t*#:.–—-()"));
        foreach ([$bare, (string) preg_replace('~\d+(?:\s*(?:-|a|à|bis|o|ou|oder)\s*\d+)?~u', '#', $bare)] as $key) {
            $found = $this->phrases[$key] ?? null;
            if ($found !== null && preg_match(self::OF_A_ROW, $found[0]) === 1) {
                return preg_match('~\d+~u', $bare, $n) === 1 ? str_replace('#', $n[0], $found[0]) : $found[0] . (str_starts_with($found[0], 'For the') ? ':' : '');
            }
        }

        return null;
    }

    /**
     * @param list<string> $tokens
     *
     * @return array{string, float, int}|null what is read, the factor of a measure, the place of the last token taken
     */
    private function longest(array $tokens, int $at): ?array
    {
        $best = null;
        $phrase = '';
        $words = 0;
        for ($end = $at; $end < \count($tokens) && $words < self::LONGEST; ++$end) {
            $token = $tokens[$end];
            if (preg_match('~^[\p{L}\p{N}]~u', $token) !== 1 && preg_match('~^(?:\\s+|[-.%/()])$~u', $token) !== 1) {
                break;
            }
            $words += (int) (preg_match('~^[\p{L}\p{N}]~u', $token) === 1);
            $phrase .= $token;
            $found = preg_match('~^(?:[\p{L}\p{N}]|%)~u', $token) !== 1 ? null : ($this->phrases[self::plain($phrase)] ?? null);
            if ($found !== null && preg_match(self::OF_A_ROW, $found[0]) !== 1 && ($found[1] === 1.0 || $this->isCounted($tokens, $at))) {
                // "Colher (sopa)": the bracket is of it.
                $closes = substr_count($phrase, '(') > substr_count($phrase, ')') && ($tokens[$end + 1] ?? '') === ')' ? 1 : 0;
                $best = [$found[0], $found[1], $end + $closes];
            }
        }

        return $best;
    }

    /**
     * Whether a number stands before: "l" is a litre behind one, and an article else.
     *
     * @param list<string> $tokens
     */
    private function isCounted(array $tokens, int $at): bool
    {
        $before = implode('', \array_slice($tokens, max(0, $at - 2), min(2, $at)));

        return preg_match('~[\d½¼¾⅓⅔]\s*$~u', $before) === 1;
    }

    /** @return list<string> the words of a text, each once */
    private static function words(string $text): array
    {
        preg_match_all('~[\p{L}\p{M}]{2,}~u', self::plain($text), $m);

        return array_values(array_unique($m[0]));
    }

    /** In small letters, Latin ones without their accents, what is no letter or number as one space. */
    private static function plain(string $text): string
    {
        $parted = \Normalizer::normalize(mb_strtolower($text), \Normalizer::FORM_D) ?: $text;
        $bare = (string) preg_replace('~(?<=\p{Latin})\p{Mn}+~u', '', $parted);

        $joined = \Normalizer::normalize($bare, \Normalizer::FORM_C);

        $spelt = strtr(\is_string($joined) ? $joined : $bare, ['œ' => 'oe', 'ß' => 'ss']);

        return trim((string) preg_replace('~[^\p{L}\p{M}\p{N}%#]+~u', ' ', $spelt));
    }

    /** @return array<string, array<string, true>> words that are in the names, measures and words of each language and in no English page */
    private static function vocabulary(): array
    {
        return Kept::once(self::class . ' words', static function (): array {
            $english = array_fill_keys(self::ENGLISH, true);
            $known = [];
            foreach (['intake/food-names' => 'name', 'intake/page-words' => 'words', 'method/glosses' => 'forms'] as $table => $column) {
                foreach (Table::of($table) as $row) {
                    foreach (self::words($row[$column]) as $word) {
                        if (!isset($english[$word]) && mb_strlen($word) > 2) {
                            $known[$row['lang']][$word] = true;
                        }
                    }
                }
            }
            // A name that English has too tells nothing: mascarpone, ricotta.
            foreach (Table::of('shelf/names') as $row) {
                foreach (self::words((string) ($row['names'] ?? '')) as $word) {
                    foreach (array_keys($known) as $lang) {
                        unset($known[$lang][$word]);
                    }
                }
            }

            return $known;
        });
    }

    /** @return array<string, array{string, float}> */
    private static function phrases(string $lang): array
    {
        return Kept::once(self::class . " $lang", static function () use ($lang): array {
            $phrases = [];
            foreach (Table::of('method/glosses') as $row) {
                foreach ($row['lang'] === $lang ? explode('|', $row['forms']) : [] as $form) {
                    $phrases[self::plain($form)] = [$row['english'], 1.0];
                }
            }
            foreach (Table::of('intake/page-words') as $row) {
                foreach ($row['lang'] === $lang ? explode('|', $row['words']) : [] as $form) {
                    $phrases[self::plain($form)] = [$row['english'], 1.0];
                }
            }
            foreach (Table::of('intake/food-names') as $row) {
                if ($row['lang'] !== $lang) {
                    continue;
                }
                $key = self::plain($row['name']);
                // What is told apart by law, poison or allergen, or is in two minds, is left as it stands, and asked for.
                $english = $row['id'] === '' ? $row['name'] : self::ID . $row['id'];
                $phrases[$key] = [$english, 1.0];
                foreach (self::plurals($lang, $key) as $more) {
                    $phrases[$more] ??= [$english, 1.0];
                }
            }
            foreach (Table::of('intake/unit-names') as $row) {
                if ($row['lang'] === $lang) {
                    $phrases[self::plain($row['word'])] = [$row['unit'], (float) $row['times']];
                }
            }

            return $phrases;
        });
    }

    /** @return list<string> plurals by which a name is written too: "fresa", "fresas" */
    private static function plurals(string $lang, string $key): array
    {
        if (!\in_array($lang, ['es', 'pt', 'fr'], true) || str_ends_with($key, 's') || preg_match('~\d|%~', $key) === 1) {
            return [];
        }
        [$first, $rest] = [...explode(' ', $key, 2), ''];

        return array_values(array_unique(array_merge(...array_map(static fn(string $end): array => [trim("$first$end $rest"), $key . $end], preg_match('~[aeiou]$~', $first) === 1 || $lang === 'fr' ? ['s'] : ['es', 's']))));
    }
}
