<?php

declare(strict_types=1);

namespace Transmuta\Method\Reading;

use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;

/**
 * A sentence of a method in another language, with its verbs and the words around them as a method in English says them (`core/data/method/glosses.csv`). Names
 * of things stay: a line is called by the words it was written with. What stands in the card stays the maker's; only the reading goes by this.
 */
final readonly class Gloss
{
    /** Words of a method in English, to tell that it is none. */
    private const ENGLISH = '~\b(?:the|and|with|until|into|then|for|of|over)\b~iu';

    /** Letters by which a word is told not to be there. */
    private const BEGINS = 3;

    /** Known words under which nobody can tell the language. */
    private const LEAST = 3;

    /** What parts a sentence: marks, and words that join two things that are done. */
    private const JOINTS = '~(\s*[,;:]\s+|\s+(?:y luego|y después|y|e|et puis|et|puis|ensuite|e poi|poi|quindi|e depois|depois|und dann|und|dann|danach)\s+)~iu';

    /** What is written to the end of a verb for what it is done to. */
    private const CLITICS = ['es' => '(?:l[oa]s?)?', 'it' => '(?:l[oaei])?', 'pt' => '(?:-[oa]s?)?'];

    /** @param string $lang such as `es` */
    private function __construct(public string $lang) {}

    /**
     * @param list<string> $steps
     *
     * @return ?self null for English, and for what is in no language that is known
     */
    public static function of(array $steps): ?self
    {
        $all = implode(' ', $steps);
        $english = preg_match_all(self::ENGLISH, $all);
        $best = null;
        $most = max(self::LEAST - 1, $english);
        // Most forms are not there: only those with which a word of it begins are looked for.
        $begins = [];
        foreach (preg_split('~[^\p{L}]+~u', mb_strtolower($all)) ?: [] as $word) {
            $begins[mb_substr($word, 0, self::BEGINS)] = true;
        }
        foreach (self::table() as $lang => $rows) {
            $known = 0;
            foreach ($rows as ['pattern' => $pattern, 'english' => $same, 'form' => $form, 'begins' => $with]) {
                // "In" and "min" are as English.
                $known += $form === $same || !isset($begins[$with]) ? 0 : preg_match_all($pattern, $all);
            }
            if ($known > $most) {
                [$best, $most] = [$lang, $known];
            }
        }

        return $best === null ? null : new self($best);
    }

    /**
     * The sentence as it is read, and where in it each piece of the maker's words stands.
     *
     * @return array{string, list<array{int, string}>} offset of each piece and the maker's words of it with what parts it from the next
     */
    public function sentence(string $sentence): array
    {
        $pieces = preg_split(self::JOINTS, $sentence, -1, \PREG_SPLIT_DELIM_CAPTURE) ?: [];
        $said = '';
        $places = [];
        foreach ($pieces as $n => $piece) {
            if ($n % 2 === 0) {
                $places[] = [\strlen($said), $piece . ($pieces[$n + 1] ?? '')];
                $said .= $this->piece($piece);
            } else {
                $said .= preg_match('~^\s*[,;:]~u', $piece) === 1 ? $piece : ' ' . trim($this->words($piece)) . ' ';
            }
        }

        return [(string) preg_replace('~\b(the|a) (?:the|a)\b~u', '$1', $said), $places];
    }

    /**
     * The maker's words of what was read of a sentence.
     *
     * @param string $read clauses, each as it stands in `$said`
     * @param list<array{int, string}> $places as {@see sentence} gives them
     */
    public static function told(string $said, string $read, array $places): string
    {
        $taken = [];
        foreach (strpos($said, $read) === false ? explode(', ', $read) : [$read] as $clause) {
            $at = strpos($said, trim($clause));
            foreach ($at === false ? [] : $places as $n => [$from]) {
                $to = $places[$n + 1][0] ?? \PHP_INT_MAX;
                if ($to > $at && $from < $at + \strlen(trim($clause))) {
                    $taken[$n] = true;
                }
            }
        }
        ksort($taken);
        $words = implode('', array_map(static fn(int $n): string => $places[$n][1], array_keys($taken)));
        $words = trim((string) preg_replace('~\s+(?:y|e|et|und|luego|puis|ensuite|poi|quindi|depois|dann|danach)\s*$~iu', '', rtrim($words, " ,;:.\t")));

        return $words === '' ? $read : $words;
    }

    private function piece(string $piece): string
    {
        $words = $this->words($piece);

        return match ($this->lang) {
            'de' => $this->verbFirst($words),
            'fr' => $this->objectLast($words),
            default => $words,
        };
    }

    /** German says last what is done: "die Sahne steif schlagen", "die Creme abkühlen lassen". */
    private function verbFirst(string $words): string
    {
        if (preg_match('~^(?<before>.*\S)\s+(?<verb>' . self::ends()[$this->lang] . ')(?<end>[\s.!]*)$~isu', $words, $m) === 1) {
            // "Whisk the yolks until pale": how far stands behind what it is done to.
            [$verb, $far] = preg_match('~^(\S+)\s+((?:until|to)\s.+)$~u', $m['verb'], $parts) === 1 ? [$parts[1], " $parts[2]"] : [$m['verb'], ''];

            return "$verb {$m['before']}$far{$m['end']}";
        }

        return $words;
    }

    /** "Les incorporer délicatement": what it is done to stands before the verb. */
    private function objectLast(string $words): string
    {
        return (string) preg_replace('~^(\s*)the\s+(' . self::ends()[$this->lang] . ')(?=\s|$)~iu', '$1$2 them', $words);
    }

    /** @return array<string, string> what a piece may end in that is done, as a pattern, by language */
    private static function ends(): array
    {
        return Kept::once(self::class . ' ends', static function (): array {
            $ends = [];
            foreach (Table::of('method/glosses') as $row) {
                if (Verbs::at(explode(' ', $row['english'])) !== null) {
                    $ends[$row['lang']][$row['english']] = preg_quote($row['english'], '~');
                }
            }

            return array_map(static function (array $all): string {
                usort($all, static fn(string $a, string $b): int => \strlen($b) <=> \strlen($a));

                return implode('|', $all);
            }, $ends);
        });
    }

    private function words(string $text): string
    {
        // "A 180 °C", "bei 160 Grad".
        $text = (string) preg_replace('~(?<![\p{L}-])(?:a|à|auf|bei)\s+(?=\d)~iu', 'at ', $text);
        foreach (self::table()[$this->lang] as ['pattern' => $pattern, 'english' => $english]) {
            $text = (string) preg_replace($pattern, $english, $text);
        }

        return $text;
    }

    /** @return array<string, list<array{pattern: non-empty-string, english: string, form: string, begins: string}>> by language, the longest words first */
    private static function table(): array
    {
        return Kept::once(self::class, static function (): array {
            $rows = [];
            foreach (Table::of('method/glosses') as $row) {
                foreach (explode('|', $row['forms']) as $form) {
                    $rows[$row['lang']][$form] = [$row['english'], $row['kind'] === 'verb'];
                }
            }
            $table = [];
            foreach ($rows as $lang => $forms) {
                uksort($forms, static fn(int|string $a, int|string $b): int => \strlen((string) $b) <=> \strlen((string) $a));
                foreach ($forms as $form => [$english, $isVerb]) {
                    $form = (string) $form;
                    // "Incorporarlas", "unirla": it goes with them.
                    $with = $isVerb ? (self::CLITICS[$lang] ?? '') : '';
                    // A word ends where letters end; "l'eau" is two.
                    $table[$lang][] = ['pattern' => '~(?<![\p{L}-])' . str_replace(["\\'", ' '], ["['’]", '\\s+'], preg_quote($form, '~')) . (str_ends_with($form, "'") ? '' : $with . '(?![\p{L}-])') . '~iu', 'english' => $english, 'form' => $form, 'begins' => mb_substr((string) preg_replace('~[^\p{L}].*$~u', '', $form), 0, self::BEGINS)];
                }
            }

            return $table;
        });
    }
}
