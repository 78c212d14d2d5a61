<?php

declare(strict_types=1);

namespace Transmuta\Method\Reading;

use Transmuta\Formula\Formula;
use Transmuta\Formula\Line;
use Transmuta\Intake\Spelling;
use Transmuta\Reference\Kept;
use Transmuta\Reference\Table;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Shelf;
use Transmuta\Shelf\Tastes;

/** The words a method may call each line of a formula by: those the maker wrote it with, and those the shelf knows it by. */
final class LineNouns
{
    /** What a line's own words hold besides its name. */
    private const BARE = '~\([^)]*\)|,.*$|\b(?:about|approx\w*|plus|extra|to taste|for .*)$|\s+\d[\d.,/]*\s*(?:g|kg|ml|l|dl|cl|tbsp|tsp|cups?|oz|lb)?\s*$|^\W*[\d\s/.,½¼¾⅓⅔x×–-]+(?:(?:g|kg|ml|l|dl|cl|lit(?:re|er)s?|tbsps?|tsps?|tablespoons?|teaspoons?|cups?|oz|lb|pints?|sticks?|knobs?|pinch(?:es)?|drops?|dash(?:es)?)\b)?~iu';

    /** What an exact name, the last word of a name, and any other word of it are worth. */
    private const WHOLE = 3;
    public const HEAD = 2;
    private const ANY = 1;

    /** What names end in or begin with that say of what form a thing is. */
    private const FORMS = ['powder', 'paste', 'coarse', 'fine', 'flake', 'flakes', 'crumb', 'crumbs', 'granule', 'granules', 'drop', 'drops', 'piece', 'pieces', 'ground', 'grain', 'dust', 'plain', 'white', 'light', 'dark', 'thick', 'whole', 'raw', 'hard', 'cold', 'hot', 'sheet', 'sheets', 'block', 'stick', 'base', 'mix', 'spread', 'top', 'drink', 'dairy', 'sauce', 'juice'];

    /** Words of a name that alone name nothing: a heavy pot is no cream. */
    private const ADJECTIVES = ['heavy', 'double', 'single', 'whole', 'full', 'large', 'small', 'fresh', 'hot', 'cold', 'unsalted', 'salted', 'soft', 'free', 'high', 'low', 'big', 'extra', 'fine', 'thick', 'thin', 'raw', 'ripe', 'plain', 'light', 'dark', 'pure', 'natural', 'good', 'quality', 'medium', 'strong', 'instant', 'dried', 'dry', 'frozen', 'tinned', 'canned', 'fat', 'green', 'red', 'black', 'white', 'yellow', 'own', 'all'];

    /** Names of other things, in which the name of a line stands: what is served with ice cream holds no cream. */
    private const OTHERS = ['ice cream', 'cream cracker', 'sugar thermometer', 'jam thermometer', 'butter knife', 'milk pan', 'egg ring', 'egg box', 'egg cup', 'rice bowl', 'tea towel', 'cake tin', 'biscuit cutter', 'chocolate box', 'lemon squeezer', 'flour sifter', 'butter paper', 'rice paper', 'sugar work', 'coffee cup', 'tea cup', 'tea light', 'cream whipper', 'milk frother', 'cream siphon', 'sugar glass', 'milk glass', 'egg whisk', 'cream horn', 'oil spray', 'water bath', 'orange peeler', 'apple corer', 'cherry stoner'];

    /** Behind the word before these the rest only tells what it is of: "yemas de huevo" are called "las yemas". */
    private const OF = ['de', 'del', 'di', 'du', 'da', 'do', 'della', 'dell', 'des'];

    /** Letters from which a word may have one wrong, and from which two. */
    private const SHORT = 6;
    private const LONG = 9;

    /** @var array<string, array<string, int>> worth of each line, by the words and the key of the line ("0.2") */
    private array $phrases = [];

    private int $longest = 1;

    /** @var array<string, int> how many lines a row has become */
    private array $texts = [];

    /**
     * @param array<string, Ingredient> $ingredients what each understood line is, by its key
     * @param array<string, list<string>> $also further names by key of the line: what it stands in for
     */
    public function __construct(Formula $formula, public readonly array $ingredients, private readonly Spelling $spelling, array $also = [])
    {
        foreach ($formula->layers as $layer) {
            foreach ($layer->understood() as $line) {
                $this->texts[$line->text] = ($this->texts[$line->text] ?? 0) + 1;
            }
        }
        foreach ($formula->layers as $n => $layer) {
            foreach ($layer->understood() as $i => $line) {
                if (isset($ingredients["$n.$i"])) {
                    $this->add("$n.$i", $line, $ingredients["$n.$i"], $also["$n.$i"] ?? []);
                }
            }
        }
    }

    /** @return array<string, Ingredient> what each understood line of a formula is, by its key */
    public static function ingredients(Shelf $shelf, Formula $formula): array
    {
        $ingredients = [];
        foreach ($formula->layers as $n => $layer) {
            foreach ($layer->understood() as $i => $line) {
                $ingredients["$n.$i"] = $shelf->get((string) $line->ingredient);
            }
        }

        return $ingredients;
    }

    /** @param list<string> $also */
    private function add(string $key, Line $line, Ingredient $in, array $also): void
    {
        // "300 ml cream + 1 tbsp sugar" is the words of two things.
        $isOfTwo = preg_match('~\s\+\s|\bplus\b~iu', $line->text) === 1 && isset($this->texts[$line->text]) && $this->texts[$line->text] > 1;
        $own = $isOfTwo ? '' : trim((string) preg_replace(self::BARE, ' ', $line->text));
        $names = [$in->name, ...$in->called(), ...Tastes::of($in)];
        $known = Kept::once(self::class . " $in->id $in->name " . \count($in->names), fn(): array => array_map($this->bare(...), $names));
        $this->noteLast($own, $key);
        $this->noteKind($key, $in);
        $shortened = [];
        $written = array_map($this->bare(...), [...($own === '' ? [] : [$own]), ...$also]);
        // "5 lemons, juice and zest": what is taken of it is its own word too.
        $ownWords = [...array_merge(...$written, ...[[]]), ...array_intersect($this->spelling->words($line->text), self::FORMS)];
        // "10x sugar" is no more a sugar than another: what is left of a longer name is no whole one.
        foreach ($names as $n => $name) {
            $shortened[\count($written) + $n] = \count($known[$n]) === 1 && preg_match('~[\p{L}\p{N}][\s,]+\p{L}~u', $name) === 1;
        }
        foreach ([...$written, ...$known] as $n => $words) {
            if ($words === []) {
                continue;
            }
            $isOwn = $n < \count($written);
            $this->note(implode(' ', $words), $key, $shortened[$n] ?? false ? self::HEAD : self::WHOLE);
            $last = \count($words) - 1;
            $isOf = $n < \count($written) && array_intersect(\array_slice($words, 1, -1), self::OF) !== [];
            if ($isOf && !\in_array($words[0], self::ADJECTIVES, true)) {
                $this->note($words[0], $key, self::HEAD);
            }
            foreach ($words as $at => $word) {
                // What the shelf calls a thing besides lends it no word that only tells its form: a coarse powder is no sugar.
                // Rose water is no water to soak anything in.
                if ($word === 'water' && $last > 0 && $in->class !== 'water') {
                    continue;
                }
                if (mb_strlen($word) >= 3 && ($at === $last || !\in_array($word, self::ADJECTIVES, true)) && ($isOwn || \in_array($word, $ownWords, true) || !\in_array($word, self::FORMS, true))) {
                    $this->note($word, $key, $at === $last ? self::HEAD : self::ANY);
                }
            }
            if ($last >= 1) {
                $this->note($words[$last - 1] . ' ' . $words[$last], $key, self::WHOLE);
            }
        }
    }

    /** What a cook calls it by its kind: the sweetener, the berries (`core/data/method/class-words.csv`). */
    private function noteKind(string $key, Ingredient $in): void
    {
        foreach (Kept::once(self::class . " kinds $in->class", static fn(): array => array_column(array_filter(Table::of('method/class-words'), static fn(array $row): bool => \in_array($in->class, explode(' ', $row['classes']), true)), 'word')) as $word) {
            $this->note($word, $key, self::ANY);
        }
    }

    /** The last word of a line as it was written, where it tells how the thing is: "passion fruit purée" is the purée of its method. */
    private function noteLast(string $own, string $key): void
    {
        $words = $this->spelling->words((string) preg_replace('~\([^)]*\)|,.*$|\s+\d[\d.,/]*\s*(?:g|kg|ml|l|dl|cl)?\s*$~u', '', $own));
        $last = end($words);
        if ($last !== false && mb_strlen($last) >= 4 && isset(self::idle()[$last])) {
            $this->note($last, $key, self::ANY);
        }
    }

    /** @return list<string> words of a name, without what only tells how the thing is */
    private function bare(string $name): array
    {
        $bare = (string) preg_replace('~\([^)]*\)|,.*$|\d+\s*%.*$|\bfull[\s-]cream\b(?=\s)~iu', '', $name);

        return array_values(array_filter($this->spelling->words($bare), static fn(string $word): bool => !isset(self::idle()[$word]) && preg_match('~^\d|%~', $word) !== 1));
    }

    private function note(string $phrase, string $key, int $worth): void
    {
        $this->phrases[$phrase][$key] = max($worth, $this->phrases[$phrase][$key] ?? 0);
        $this->longest = max($this->longest, substr_count($phrase, ' ') + 1);
    }

    /**
     * The lines a clause may speak of, longest names first; words of a name are not looked at again.
     *
     * @param list<string> $words as {@see Spelling::words} gives them
     *
     * @param list<int> $later layers whose lines are meant only where nothing else can be
     *
     * @return list<array{at: int, length: int, phrase: string, lines: array<string, int>, also: array<string, int>}> in their order; `lines`: worth by key, the worthiest alone; `also`: those of which it is the last word, where others are called so and no more
     */
    public function in(array $words, array $later = []): array
    {
        $found = [];
        for ($at = 0; $at < \count($words); ++$at) {
            $pair = implode(' ', \array_slice($words, $at, 2));
            if (\in_array($pair, self::OTHERS, true) && !isset($this->phrases[$pair])) {
                ++$at;
                continue;
            }
            for ($length = min($this->longest, \count($words) - $at, 4); $length >= 1; --$length) {
                $phrase = implode(' ', \array_slice($words, $at, $length));
                $lines = $this->phrases[$phrase] ?? ($length === 1 ? $this->misspelt($phrase) : null);
                if ($lines !== null && $lines !== []) {
                    $lines = $later === [] ? $lines : self::sooner($lines, $later);
                    $most = max($lines);
                    $found[] = ['at' => $at, 'length' => $length, 'phrase' => $phrase, 'lines' => array_filter($lines, static fn(int $worth): bool => $worth === $most), 'also' => $most === self::WHOLE ? array_filter($lines, static fn(int $worth): bool => $worth === self::HEAD) : []];
                    $at += $length - 1;
                    break;
                }
            }
        }

        return $found;
    }

    /**
     * Lines without those of layers that are named later, where they stand before all of those.
     *
     * @param non-empty-array<string, int> $lines worth by key
     * @param list<int> $later
     *
     * @return non-empty-array<string, int>
     */
    public static function sooner(array $lines, array $later): array
    {
        $isLater = static fn(string|int $key): bool => \in_array((int) $key, $later, true);
        $sooner = $later === [] ? [] : array_filter($lines, static fn(string|int $key): bool => !$isLater($key), \ARRAY_FILTER_USE_KEY);
        $rest = array_diff_key($lines, $sooner);

        return $sooner === [] || $rest === [] || max(array_map(intval(...), array_keys($sooner))) > min(array_map(intval(...), array_keys($rest))) ? $lines : $sooner;
    }

    /**
     * The lines whose name a word is but for a letter, two of a long one: "liquer", "marscapone".
     *
     * @return ?array<string, int>
     */
    private function misspelt(string $word): ?array
    {
        $length = \strlen($word);
        if ($length < self::SHORT || isset(self::idle()[$word]) || Verbs::at([$word]) !== null) {
            return null;
        }
        $may = $length >= self::LONG ? 2 : 1;
        foreach ($this->phrases as $phrase => $lines) {
            $phrase = (string) $phrase;
            if (abs(\strlen($phrase) - $length) <= $may && $phrase[0] === $word[0] && !str_contains($phrase, ' ') && levenshtein($phrase, $word) <= $may) {
                return $lines;
            }
        }

        return null;
    }

    /** @return array<string, true> words that tell how a thing is, not which */
    private static function idle(): array
    {
        return Kept::once(self::class, static function (): array {
            $idle = array_fill_keys(['of', 'and', 'or', 'the', 'a', 'with', 'in', 'g', 'ml', 'tbsp', 'tsp', 'cup', 'leaf', 'sheet', 'fat', 'stick', 'pod', 'each', 'drink', 'block', 'extra', 'mixture', 'mix'], true);
            foreach (Table::of('intake/words') as $row) {
                if (\in_array($row['kind'], ['how', 'state', 'measure', 'plain'], true)) {
                    foreach (explode('|', $row['words']) as $word) {
                        $idle[$word] = true;
                    }
                }
            }

            return $idle;
        });
    }
}
