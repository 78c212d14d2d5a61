<?php

declare(strict_types=1);

namespace Transmuta\Method\Reading;

use Transmuta\Formula\Step;

/** Takes a method apart: into sentences, and those into clauses of one verb each. Every letter of it is in one of them. */
final class Clauses
{
    /** Words before the verb that say when, how or where. */
    private const LEAD = '~^(?:then|next|now|first(?:ly)?|second(?:ly)?|finally|lastly|meanwhile|immediately|also|gently|slowly|gradually|carefully|quickly|briskly|lightly|thoroughly|roughly|finely|coarsely|briefly|again|once more|and|but|so|just|simply|very|well|please|to start|to begin|at the end|to finish|to serve|or|ok(?:ay)?|right|softly|evenly|loosely|generously|off\s+(?:the\s+)?(?:heat|hob|flame|stove)(?=\s+\p{L})|after\s+(?:about\s+)?\d+\s*(?:min\w*|hours?|hrs?|h|sec\w*))\b[,:]?\s*~iu';

    /** What may stand before a comma and the verb: "In a bowl, whisk", "Once cool, fold", "Using a spoon, …", "When it boils, …", "Filling: beat". */
    private const PLACE = '~^(?:in|into|on|over|with|using|once|when|as soon as|while|after|before|meanwhile|for|to make|at this point|off (?:the )?(?:heat|hob|flame|stove)|away from the heat|from|by hand|until|if|without|still|keeping|working)\b[^,:]{0,80}[,:]\s*~iu';

    private const ALSO_NOUNS = ['cream', 'butter', 'juice', 'zest', 'core', 'stone', 'oil', 'top', 'layer', 'glaze', 'stand', 'sponge', 'syrup', 'work', 'form', 'set', 'pit', 'split', 'cut', 'quarter', 'stream', 'crumble', 'puree', 'purée', 'grain', 'flour', 'ice', 'frost', 'score', 'mount', 'shave', 'slide', 'pull'];

    /** Places that are verbs of a prep sheet where a time or a heat follows: "fridge 3 h", "blind 165". */
    private const PLACES = ['fridge', 'freezer', 'blast', 'blind'];

    /** "Keep stirring", "start by beating": the work is the second word. */
    private const GOES_ON = '~^(?:keep(?: on)?|continue|carry on|go on|start|begin|start off|try)(?:\s+(?:by|to|with))?\s+([\p{L}]+?)(ing)?\b~iu';

    /** Words behind which a verb is none. */
    private const BEFORE_NOUNS = ['the', 'a', 'an', 'of', 'with', 'some', 'your', 'this', 'that', 'to', 'off', 'low', 'medium', 'high', 'same', 'gentle', 'in', 'on', 'you', 'it', 'they', 'is', 'are', 'has', 'have', 'by', 'large', 'small', 'clean', 'dry', 'heavy', 'mixing', 'until', 'and', 'creme'];

    /** What goes on with what is added next; to fold, spoon or layer one thing and then another is the same done again. */
    private const MIXES = '~^(?:then\s|cream\b|beat\b|whisk\b|mix\b|stir\b|add\b|rub\b)~iu';

    /** Words behind which what was done is told: "whipped to", "folded in". */
    private const IS_DONE = '~^(?:to|till|until|in|into|with|through|over|for|on|onto|by|at|and|together|off|well|smooth|soft|separately|then|pale|stiff|thick|light|fluffy)$~u';

    /** @return list<string> sentences of a step, trimmed */
    public static function sentences(string $step): array
    {
        $step = trim(Step::unnumbered($step));
        // A full stop behind a shortened word or within a figure ends nothing.
        $parts = preg_split('~(?<!\bapprox\.)(?:(?<!\bmin\.)(?<!\bmins\.)(?<!\bhrs\.)|(?=\s+\D))(?<!\btbsp\.)(?<!\btsp\.)(?<!\bca\.)(?<!\bstraw\.)(?<!\bStraw\.)(?<!\bsq\.)(?<!\be\.g\.)(?<!\bi\.e\.)(?<!\betc\.)(?<=[.!?])\s+(?=\S)|\R~u', $step) ?: [];

        return array_values(array_filter(array_map(static fn(string $one): string => trim((string) preg_replace('~^[*•·▪>–-]\s+~u', '', trim($one))), $parts), static fn(string $one): bool => $one !== ''));
    }

    /**
     * Clauses of a sentence, each beginning with its verb or what leads up to it.
     *
     * @return list<string>
     */
    public static function of(string $sentence): array
    {
        $clauses = [];
        // "Mix: beat the cheese …" says of what the step is.
        $rest = (string) preg_replace('~^\W*mix(?:ture)?\s*:\s+(?=\p{L})~iu', '', rtrim($sentence, ' .!;'));
        $open = '';
        $pieces = preg_split('~(\s*,?\s+(?:and\s+then|then|and|&|before|or)\s+|\s*[,;:–]\s+(?:then\s+|and\s+)?|\s+[–-]\s+|\s*>\s*)~iu', $rest, -1, \PREG_SPLIT_DELIM_CAPTURE) ?: [];
        foreach ($pieces as $n => $piece) {
            if ($n % 2 === 1) {
                $open .= $piece;
                continue;
            }
            // "Cream the butter, then the eggs, then the flour": what comes next is added, each in its turn.
            $isNext = $open !== '' && preg_match('~\bthen\s+$~iu', $pieces[$n - 1] ?? '') === 1 && !self::startsWithVerb($piece) && Verbless::verb("then $piece") === 'add' && preg_match(self::MIXES, self::bare($open)) === 1;
            if ($isNext) {
                $clauses[] = trim(preg_replace('~\s*(?:,|&|\band|\bthen|[;:–>-])*\s*$~iu', '', $open) ?? $open);
                $open = "then $piece";
                continue;
            }
            $isClause = $clauses === [] && $open === '' ? false : self::startsWithVerb($piece) && !self::isWithin($open, $piece) && !(trim($pieces[$n + 1] ?? '') === 'or' && \count(self::words($piece)) === 1); // "warm or cold" is how it is served
            if ($isClause) {
                $clauses[] = trim(preg_replace('~\s*(?:,|&|\band|\bthen|[;:–>-])*\s*$~iu', '', $open) ?? $open);
                $open = $piece;
            } else {
                $open .= $piece;
            }
        }
        $clauses[] = trim($open);

        return array_values(array_filter($clauses, static fn(string $one): bool => $one !== ''));
    }

    /**
     * Where its verb stands.
     *
     * @return ?array{verb: string, at: int, length: int, words: list<string>} null where it has none
     */
    public static function verb(string $clause): ?array
    {
        $bare = self::bare($clause);
        // "Using an electric whisk": what it is done with.
        if (preg_match('~^(?:using|with)\s+(?:an?|the|your)\s~iu', $bare) === 1) {
            return null;
        }
        $words = self::words($bare);
        // "150c 40 mins till just set": a heat and a time are an oven's, whatever they are until.
        if (preg_match('~^(?:\d{3}(?!\d)|(?:in\s+)?(?:an?\s+|the\s+)?(?:bain[\s-]?marie|water[\s-]?bath)\b)~iu', $bare) === 1 && Verbless::verb($bare) === 'bake') {
            return ['verb' => 'bake', 'at' => \count($words), 'length' => 0, 'words' => $words];
        }
        $found = Verbs::at($words);
        // "Cream, milk, vanilla to scald": a list of things, the first of which may be a verb.
        $isListed = \in_array($words[0] ?? '', self::ALSO_NOUNS, true) && preg_match('~^\W*[\p{L}-]+\s*[,+&/]\s*\p{L}~u', $bare) === 1;
        if ($found !== null && !$isListed && !self::isName($words)) {
            return ['verb' => $found['verb'], 'at' => 0, 'length' => $found['length'], 'words' => $words];
        }
        // Prep sheets name the thing first: "cream 35 % whip soft", "straw. purée 85 °C".
        for ($at = 1; $at < min(6, \count($words)); ++$at) {
            $found = Verbs::at($words, $at);
            if ($found !== null && !self::isName(\array_slice($words, $at)) && !\in_array($words[$at - 1], self::BEFORE_NOUNS, true)) {
                return ['verb' => $found['verb'], 'at' => $at, 'length' => $found['length'], 'words' => $words];
            }
        }

        // "Cream whipped to soft peaks", "butter and sugar creamed until pale": what was done is told as done.
        foreach ($words as $at => $word) {
            $done = preg_match(self::IS_DONE, $words[$at + 1] ?? 'and') !== 1 || \in_array($words[$at - 1] ?? '', self::BEFORE_NOUNS, true) ? null : self::doneBy($word);
            if ($done !== null) {
                return ['verb' => $done, 'at' => $at, 'length' => 1, 'words' => $words];
            }
        }

        // "Cream to soft peaks", "butter into the pan": of the thing, and the verb is left out.
        if (\in_array($words[0] ?? '', self::ALSO_NOUNS, true) && preg_match('~^(?:to|on|onto|over|into|in)$~u', $words[1] ?? '') === 1) {
            $left = Verbless::verb($bare);
            if ($left !== null) {
                return ['verb' => $left, 'at' => \count($words), 'length' => 0, 'words' => $words];
            }
        }

        // "Layer the fruit", "Cut into squares": a word that may be a thing is the verb where nothing else is.
        $first = Verbs::at($words);
        if ($first !== null && \count($words) > 1 && preg_match('~^\W*[\p{L}-]+\s*[,+&/]~u', $bare) !== 1 && preg_match('~^(?:of|is|are|was|will|should|has|mixture|mix|,)$~u', $words[1]) !== 1 && !\in_array($words[0], self::PLACES, true)) {
            return ['verb' => $first['verb'], 'at' => 0, 'length' => $first['length'], 'words' => $words];
        }

        // Prep sheets leave the verb out: "juice + sugar to simmer", "eggs in 3", "cream + vanilla to 85 °C".
        $left = Verbless::verb($bare) ?? Verbless::verb((string) preg_replace('~\s*[,;–].*$~u', '', $bare)) ?? Verbless::verb($clause);

        return $left === null ? null : ['verb' => $left, 'at' => \count($words), 'length' => 0, 'words' => $words];
    }

    /** The clause without what leads up to its verb. */
    public static function bare(string $clause): string
    {
        do {
            $was = $clause;
            $clause = (string) preg_replace(self::LEAD, '', ltrim($clause));
            $clause = (string) preg_replace_callback(self::PLACE, self::leads(...), $clause);
        } while ($clause !== $was);

        $clause = self::behindWhen($clause === '' ? $was : $clause);
        if (preg_match(self::GOES_ON, $clause, $m) === 1) {
            foreach (self::stems($m[1], ($m[2] ?? '') !== '') as $stem) {
                if (Verbs::at([$stem]) !== null) {
                    return $stem . mb_substr($clause, mb_strlen($m[0]));
                }
            }
        }

        return $clause;
    }

    /** "When it is at 110 start whipping", "once cool fold in the cream": what is done stands behind what it waits for, with no comma between them. */
    private static function behindWhen(string $clause): string
    {
        if (preg_match('~^(?:when|once|as soon as|after|while)\b~iu', $clause) !== 1) {
            return $clause;
        }
        $words = self::words($clause);
        for ($at = 2; $at < \count($words) - 1; ++$at) {
            $isVerb = (Verbs::at($words, $at) !== null && !self::isName(\array_slice($words, $at))) || preg_match(self::GOES_ON, $words[$at] . ' ' . $words[$at + 1]) === 1;
            // What it waits for is a verb too: "once cool fold", "as soon as it boils".
            $isDone = $isVerb && !\in_array($words[$at - 1], self::BEFORE_NOUNS, true) && preg_match('~^(?:the|a|an|it|them|in|into|on|off|over|through|half|your|all|with|\p{L}+ing|up|out|from|to)$~u', $words[$at + 1]) === 1;
            if ($isDone && preg_match('~(?<![\p{L}-])' . preg_quote($words[$at], '~') . '\s+' . preg_quote($words[$at + 1], '~') . '(?![\p{L}-]).*$~isu', $clause, $from) === 1) {
                return $from[0];
            }
        }

        return $clause;
    }

    /**
     * What stands before the verb goes; where the verb stands among it ("In a bowl whisk the eggs, …"), all from it on stays.
     *
     * @param array<string> $m
     */
    private static function leads(array $m): string
    {
        $words = self::words($m[0]);
        for ($at = 2; $at < \count($words); ++$at) {
            if (Verbs::at($words, $at) !== null && !\in_array($words[$at - 1], self::BEFORE_NOUNS, true) && !self::isName(\array_slice($words, $at)) && preg_match('~(?<![\p{L}-])' . preg_quote($words[$at], '~') . '(?![\p{L}-]).*$~isu', $m[0], $from) === 1) {
                return $from[0];
            }
        }

        return '';
    }

    /** The verb of what is told as done: whipped, beaten. */
    private static function doneBy(string $word): ?string
    {
        $irregular = ['beaten' => 'beat', 'cut' => 'cut', 'spread' => 'spread', 'put' => 'put', 'brought' => 'bring', 'ground' => 'grind', 'frozen' => 'freeze', 'kept' => 'keep', 'left' => 'leave', 'set' => 'leave', 'held' => 'keep'];
        if (isset($irregular[$word])) {
            return $irregular[$word];
        }
        if (preg_match('~^(\p{L}{2,})ed$~u', $word, $m) !== 1) {
            return null;
        }
        foreach ([$m[1], $m[1] . 'e', (string) preg_replace('~(\p{L})\1$~u', '$1', $m[1]), (string) preg_replace('~i$~u', 'y', $m[1])] as $stem) {
            if (Verbs::at([$stem]) !== null) {
                return $stem;
            }
        }

        return null;
    }

    /** @return list<string> what a word in -ing may be of: beat, whip, bake */
    private static function stems(string $word, bool $isGerund): array
    {
        $word = mb_strtolower($word);

        return $isGerund ? [$word, (string) preg_replace('~(\p{L})\1$~u', '$1', $word), "{$word}e"] : [$word];
    }

    private static function startsWithVerb(string $piece): bool
    {
        $bare = self::bare($piece);
        $words = self::words($bare);

        return Verbs::at($words) !== null || Verbless::begins($bare) || (\count($words) > 1 && preg_match(self::IS_DONE, $words[1]) === 1 && self::doneBy($words[0]) !== null && Verbs::at([(string) preg_replace('~ed$~u', '', $words[0])]) !== null);
    }

    /** Whether a verb-like word is none here: a thing in a list ("the sugar and cream"), or what the words before ask for ("bring to the boil"). */
    private static function isWithin(string $before, string $piece): bool
    {
        $words = self::words($piece);
        return self::isName($words) || preg_match('~\b(?:to|until|till|without|by|of|the|a|an|for)\s*(?:,|and|or)?\s*$~iu', $before) === 1;
    }

    /**
     * "… the sugar and cream until pale", "… and split vanilla pod": what is also the name or the state of a thing is a verb where something follows that it is done to.
     *
     * @param list<string> $words
     */
    private static function isName(array $words): bool
    {
        if (\in_array($words[0] ?? '', self::PLACES, true)) {
            return preg_match('~^(?:\d.*|overnight|until|at|for|)$~u', $words[1] ?? '') !== 1;
        }

        // "Rest of the water", "zest of 2 limes".
        if (($words[1] ?? '') === 'of') {
            return true;
        }
        // "Smooth, set 4 h": of what sets by itself; "set over a low heat".
        if (($words[0] ?? '') === 'set' && preg_match('~^(?:\d.*|over|on)$~', $words[1] ?? '') === 1) {
            return false;
        }
        // "Lid on": how it is.
        if (($words[1] ?? '') === 'on' && \in_array($words[0] ?? '', ['lid', 'cover'], true)) {
            return true;
        }

        // "Sugar and zest into a pan": nothing is zested into one.
        if (\in_array($words[0] ?? '', ['zest', 'juice', 'cream', 'butter', 'oil', 'syrup', 'flour'], true) && ($words[1] ?? '') === 'into') {
            return true;
        }

        return \in_array($words[0] ?? '', self::ALSO_NOUNS, true) && preg_match('~^(?:the|a|an|it|them|your|each|half|all|open|into|across|up|out)$~u', $words[1] ?? '') !== 1 && !(\in_array($words[0], ['glaze', 'top', 'layer'], true) && \in_array($words[1] ?? '', ['at', 'with'], true));
    }

    /** @return list<string> in small letters, without marks */
    private static function words(string $text): array
    {
        $plain = mb_strtolower((string) preg_replace('~\p{Mn}+~u', '', \Normalizer::normalize($text, \Normalizer::FORM_D) ?: $text));

        return preg_split('~[^\p{L}\p{N}°%\'-]+~u', $plain, -1, \PREG_SPLIT_NO_EMPTY) ?: [];
    }
}
