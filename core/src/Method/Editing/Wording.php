<?php

declare(strict_types=1);

namespace Transmuta\Method\Editing;

use Transmuta\Intake\Spelling;
use Transmuta\Method\Reading\Verbs;

/** Changes words within the maker's own sentence, and leaves the rest of it to the letter. */
final readonly class Wording
{
    /** What joins the last of a list in a language. */
    private const AND = ['es' => 'y', 'fr' => 'et', 'it' => 'e', 'pt' => 'e', 'de' => 'und'];

    /** Articles that go with the name they stood before, and what a preposition that holds one is without it: the new name is of another gender. */
    private const ARTICLES = ['es' => '(?:el|la|los|las|un|una|unos|unas)', 'fr' => '(?:le|la|les|un|une)', 'it' => '(?:il|lo|la|i|gli|le|un|uno|una)', 'pt' => '(?:o|a|os|as|um|uma)', 'de' => '(?:der|die|das|den|dem|ein|eine|einen|einem)'];
    private const HOLDS_ONE = [
        'es' => ['del' => 'de', 'al' => 'a'],
        'fr' => ['du' => 'de', 'des' => 'de', 'au' => 'à', 'aux' => 'à'],
        'it' => ['del' => 'di', 'dello' => 'di', 'della' => 'di', 'dei' => 'di', 'degli' => 'di', 'delle' => 'di', 'nel' => 'in', 'nello' => 'in', 'nella' => 'in', 'nei' => 'in', 'negli' => 'in', 'nelle' => 'in', 'al' => 'a', 'allo' => 'a', 'alla' => 'a', 'ai' => 'a', 'agli' => 'a', 'alle' => 'a', 'col' => 'con', 'sul' => 'su', 'sullo' => 'su', 'sulla' => 'su', 'sui' => 'su', 'sugli' => 'su', 'sulle' => 'su'],
        'pt' => ['do' => 'de', 'da' => 'de', 'dos' => 'de', 'das' => 'de', 'no' => 'em', 'na' => 'em', 'nos' => 'em', 'nas' => 'em', 'ao' => 'a', 'aos' => 'a'],
        'de' => ['im' => 'in', 'zum' => 'zu', 'zur' => 'zu', 'beim' => 'bei', 'vom' => 'von'],
    ];

    /** What says that one thing goes with another. */
    private const WITH = ['es' => 'con', 'fr' => 'avec', 'it' => 'con', 'pt' => 'com', 'de' => 'mit'];

    /** What stands before a name that is another's: cream in "coconut cream", milk in "oat milk". */
    private const NOT_OF = '(?<!\bice )(?<!\bcoconut )(?<!\bplant )(?<!\boat )(?<!\bsoy )(?<!\brice )(?<!\balmond )(?<!\bpeanut )(?<!\bcocoa )(?<!\bwhipping )';

    /** What yolks and whites are called. */
    private const YOLKS = ['en' => '(?:egg\s+)?yolks?', 'es' => 'yemas?', 'fr' => 'jaunes?', 'it' => 'tuorl[oi]', 'pt' => 'gemas?', 'de' => 'Eigelbe?|Dotter'];
    private const WHITES = ['en' => '(?:egg\s+)?whites?', 'es' => 'claras?', 'fr' => 'blancs?', 'it' => 'album[ei]', 'pt' => 'claras?', 'de' => 'Eiwei(?:ß|ss)e?|Eischnee'];

    /** @param ?string $lang of the maker's words; null for English */
    public function __construct(private Spelling $spelling, private ?string $lang = null) {}

    /** @param list<string> $names */
    public static function listed(array $names, string $and = 'and'): string
    {
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode(', ', $names) . " $and $last";
    }

    public static function sentence(string $words): string
    {
        $words = (string) preg_replace(['~^(?:then|and)\s+~iu', '~\bthen,?\s+then\b~iu'], ['', 'then'], $words);

        return mb_strtoupper(mb_substr($words, 0, 1)) . mb_substr($words, 1) . '.';
    }

    /** A phrase as it stands in the words: "sponge fingers" for what is spelt ladyfinger; null where it is not there any more. */
    public function standing(string $words, string $phrase): ?string
    {
        preg_match_all('~[\p{L}\p{M}\p{N}\'’%-]+~u', $words, $m, \PREG_OFFSET_CAPTURE);
        $count = \count($m[0]);
        for ($at = 0; $at < $count; ++$at) {
            for ($length = 1; $length <= 4 && $at + $length <= $count; ++$length) {
                $end = $m[0][$at + $length - 1];
                $said = substr($words, $m[0][$at][1], $end[1] + \strlen($end[0]) - $m[0][$at][1]);
                if (implode(' ', $this->spelling->words($said)) === $phrase) {
                    return $said;
                }
            }
        }

        return null;
    }

    /** @param string|list<string> $by a list goes on with commas where the words go on with one */
    public function exchanged(string $words, string $phrase, string|array $by): string
    {
        $said = $this->standing($words, $phrase);
        if (\is_array($by)) {
            // "Crush the biscuits, stir in the butter" goes on with what is done next, and with no list.
            $isWithin = $said !== null && preg_match('~(?<![\p{L}-])' . preg_quote($said, '~') . '\s*(?:,|\+|and\b|&)\s*(?:then\s+|and\s+)?(?<next>[\p{L}-]*(?:\s+(?!and\b|with\b|or\b)[\p{L}-]+)?)~iu', $words, $m) === 1 && !self::isDone($m['next']);
            $by = $isWithin ? implode(', ', $by) : self::listed($by, self::AND[$this->lang] ?? 'and');
        }
        if ($said === null || mb_strtolower($said) === $by) {
            return $words;
        }
        // "Two eggs", "the three milks": how many there were is not how many there are.
        $article = str_starts_with($by, 'some of') || preg_match('~^(?:the|a) ~', $by) === 1 ? '(?:\b(?:the|a|an)\s+)?' : '';
        // "La leche" and "la leche de coco" agree.
        $words = $this->lang === null || str_starts_with($by, mb_strtolower($said)) ? $words : $this->withoutArticle($words, $said);
        $now = (string) preg_replace('~' . $article . '(?:\b(?:two|three|four|five|six|\d{1,2})\s+)?(?<![\p{L}-])' . self::NOT_OF . preg_quote($said, '~') . '(?![\p{L}-])(?!\s+(?:cheese|crackers?)\b)~iu', $by, $words);

        // "Sponge finger fingers": what the name ends with is not said twice.
        return self::asBegun($words, (string) preg_replace('~\b(\p{L}{3,})\s+\1(?:e?s)?\b~iu', '$1', $now));
    }

    public function speaksOfYolks(string $words): bool
    {
        return preg_match('~\b(?:' . self::YOLKS[$this->lang ?? 'en'] . ')\b~iu', $words) === 1;
    }

    public function speaksOfWhites(string $words): bool
    {
        return preg_match('~\b(?:' . self::WHITES[$this->lang ?? 'en'] . ')\b~iu', $words) === 1;
    }

    /**
     * "The yolks" called by what stands in for them, and so the whites.
     *
     * @param list<string> $yolks
     * @param list<string> $whites
     */
    public function eggsAs(string $words, array $yolks, array $whites): string
    {
        $lang = $this->lang ?? 'en';
        foreach ([[self::YOLKS[$lang] ?? self::YOLKS['en'], $yolks], [self::WHITES[$lang] ?? self::WHITES['en'], $whites]] as [$pattern, $names]) {
            if ($names === []) {
                continue;
            }
            $by = self::listed($names, self::AND[$this->lang] ?? 'and');
            $article = $this->lang === null ? '' : '(?:\b' . (self::ARTICLES[$this->lang] ?? '(?!)') . '\s+)?';
            $words = self::asBegun($words, (string) preg_replace("~$article\\b(?:$pattern)\\b~iu", $by, $words));
        }

        return $words;
    }

    /** "Con el azúcar", "nel latte", "l'eau" without what agrees with the name. */
    private function withoutArticle(string $words, string $said): string
    {
        $is = preg_quote($said, '~') . '(?![\p{L}-])';
        $words = (string) preg_replace('~\b' . (self::ARTICLES[$this->lang] ?? '(?!)') . "\\s+(?=$is)|\\bl[’'](?=$is)~iu", '', $words);
        foreach (self::HOLDS_ONE[$this->lang] ?? [] as $with => $bare) {
            $words = (string) preg_replace_callback("~\\b$with(?=\\s+$is)~iu", static fn(array $m): string => self::asBegun($m[0], $bare), $words);
        }

        return (string) preg_replace_callback("~\\b(d|nell|dell|all|sull)[’'](?=$is)~iu", static fn(array $m): string => ['d' => 'de ', 'nell' => 'in ', 'dell' => 'di ', 'all' => 'a ', 'sull' => 'su '][mb_strtolower($m[1])], $words);
    }

    /** Whether words begin with what is done: "stir in"; a thing alone, as in "butter and sugar", is no verb. */
    private static function isDone(string $words): bool
    {
        $all = preg_split('~\s+~u', mb_strtolower($words)) ?: [];

        return \count($all) > 1 && Verbs::at($all) !== null;
    }

    /** With a capital where it had one. */
    public static function asBegun(string $was, string $now): string
    {
        return mb_substr($was, 0, 1) !== mb_strtolower(mb_substr($was, 0, 1)) ? mb_strtoupper(mb_substr($now, 0, 1)) . mb_substr($now, 1) : $now;
    }

    /** The words without a phrase, where it stands in a list. */
    public function without(string $words, string $phrase): string
    {
        $said = $this->standing($words, $phrase);
        if ($said === null) {
            return $words;
        }
        $and = 'and' . ($this->lang === null ? '' : '|' . (self::AND[$this->lang] ?? 'and'));
        $with = 'with' . ($this->lang === null ? '' : '|' . (self::WITH[$this->lang] ?? 'with'));
        $articles = $this->lang === null ? '(?!)' : (self::ARTICLES[$this->lang] ?? '(?!)');
        $few = '(?:(?:one|two|three)\s+(?:third|quarter|fifth)s?|half|some|the\s+rest|most)\s+of\s+(?:the\s+)?';
        $is = "(?:$few|(?:the|your|rest\s+of\s+the|remaining)\s+(?:(?!and\b|with\b|the\b)[\p{L}-]+\s+)?|$articles\s+|half\s+the\s+|\d{1,2}\s+)?" . preg_quote($said, '~') . '(?![\p{L}-])';
        $ways = [
            // "Fry the nuts in ghee and add": what it was done in.
            '~\s+in\s+(?:(?:a\s+little|some|the)\s+)?' . $is . "(?=\\s+(?:$and)\\b|\\s*[,.;]|\\s*\$)~iu",
            '~\s*,\s*(?:then\s+)?' . $is . "(?=\\s*(?:,|(?:$and)\\b|\$|\\.))~iu", '~(?<=[\p{L}])\s*/\s*' . $is . "(?=\\s*(?:[/,;.]|(?:$and)\\b|(?:$with)\\b|\$))~iu", "~\\s*,?\\s+(?:$and|$with|\\+)\\s+" . $is . '~iu', '~(?<![\p{L}-])' . $is . "\\s*(?:,|(?:$and)\\b|(?:$with)\\b|\\+|/)\\s*~iu",
            // What was said of nothing but it: ", adding sugar in three goes".
            '~\s*,\s*(?:then\s+)?(?:adding|add|with|beating\s+in|whisking\s+in)\s+' . $is . '(?![^,.;]*\b(?:and|with)\b)[^,.;]*(?=[,.;]|$)~iu',
        ];
        foreach ($ways as $way) {
            $left = (string) preg_replace($way, '', $words, 1, $count);
            if ($count === 1) {
                return self::asBegun($words, $left);
            }
        }

        return $words;
    }

    /** "60 g of the sugar" with the amount it is now: to 5 g from 50 g on, to 1 g from 10 g on, else to half a gram. */
    public function measured(string $words, string $phrase, float $factor): string
    {
        $said = abs($factor - 1.0) < 0.015 ? null : $this->standing($words, $phrase);
        if ($said === null) {
            return $words;
        }

        return (string) preg_replace_callback('~(\d+(?:[.,]\d+)?)(\s*(?:g|ml)\s+(?:of\s+)?(?:the\s+)?' . preg_quote($said, '~') . ')(?![\p{L}-])~iu', static function (array $m) use ($factor): string {
            $grams = (float) str_replace(',', '.', $m[1]) * $factor;
            $step = $grams >= 50.0 ? 5.0 : ($grams >= 10.0 ? 1.0 : 0.5);

            return round($grams / $step) * $step . $m[2];
        }, $words);
    }
}
