<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Formula\Confidence;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Shelf;

/**
 * Finds the ingredient a phrase names, and accounts for every word of it. A name counts only where its words are the phrase's, all of
 * them; words that say how a thing is cut may be left over, words that say which thing it is (dried, fat-free, vegan) may be left over
 * only where the ingredient is that by its composition and standing. What else is left over makes a guess at best; where two answers
 * stand close, there is none but suggestions.
 */
final readonly class Matcher
{
    /** A guess must account for this share of the phrase … */
    private const LEAST = 0.55;
    /** … and stand this far before the next. */
    private const MARGIN = 0.06;

    private NameIndex $names;
    private Vocabulary $vocabulary;
    private Grades $grades;

    public function __construct(private Shelf $shelf, public Spelling $spelling = new Spelling())
    {
        $this->names = new NameIndex($shelf, $this->spelling);
        $this->vocabulary = new Vocabulary($this->spelling);
        $this->grades = new Grades();
    }

    public function vocabulary(): Vocabulary
    {
        return $this->vocabulary;
    }

    /** @return list<string> names that a line must not be parted in, longest first */
    public function joinedNames(Containers $containers): array
    {
        return $this->names->joined($containers);
    }

    /** A name that is read back as just this ingredient by a kitchen of that country. */
    public function nameOf(string $id, UnitSystem $system): string
    {
        $in = $this->shelf->get($id);
        foreach ([...$in->called(), mb_strtolower($in->name), $in->name, str_replace('-', ' ', $in->id)] as $name) {
            $found = $this->find($name, $system);
            if ($found->id === $id && $found->confidence === Confidence::Sure) {
                return $name;
            }
        }

        return $in->name;
    }

    /** @param string $phrase without its amount: the name, then perhaps a comma or brackets and more */
    public function find(string $phrase, UnitSystem $system = UnitSystem::Metric): Found
    {
        [$main, $tails] = self::parted($phrase);
        $strength = null;
        $words = $this->spelling->words($main);
        $whole = $this->names->exact($words, $system);
        if ($whole === null) {
            [$words, $strength] = self::strengthOf($words);
        }
        $said = [];
        foreach ($tails as $tail) {
            // "raspberry purée (10 % sugar)", "oat milk (barista)": what stands behind may be part of its name, unless it is what is done to it.
            $tells = array_filter($this->spelling->words($tail), fn(string $word): bool => !$this->vocabulary->isLight($word));
            $named = $tells !== [] || preg_match('/\d\s*%/u', $tail) === 1 ? $this->names->exact($this->spelling->words($main . ' ' . $tail), $system) : null;
            if ($named !== null) {
                return $this->named($named, $this->spelling->words($main . ' ' . $tail));
            }
            [$tail, $of] = self::strengthOf($this->spelling->words($tail));
            $strength ??= $of;
            $said[] = $tail;
        }
        $found = $this->withTails($words, $said, $system);
        if ($strength !== null && $found->id !== null) {
            $found = $this->stillHolding($this->grades->nearest($found, ...$strength), $words);
        }

        return $found;
    }

    /**
     * "Fat-free 3 % milk" is neither: what another strength no longer is makes a guess.
     *
     * @param list<string> $words
     */
    private function stillHolding(Found $found, array $words): Found
    {
        foreach ($this->pieces($words) as $piece) {
            $attribute = $piece['kind'] === 'identity' ? $this->vocabulary->identity(implode(' ', $piece['words'])) : null;
            if ($attribute !== null && $found->id !== null && !Attributes::holds($attribute, $this->shelf->get($found->id))) {
                return $found->atMost(Confidence::Guess, \sprintf('%s is not %s', $this->shelf->get($found->id)->name, implode(' ', $piece['words'])));
            }
        }

        return $found;
    }

    /**
     * @param list<string> $words
     * @param list<list<string>> $tails
     */
    private function withTails(array $words, array $tails, UnitSystem $system): Found
    {
        $telling = [];
        foreach ($tails as $tail) {
            foreach ($this->pieces($tail) as $piece) {
                if ($piece['kind'] === 'identity' || ($piece['kind'] === 'content' && $this->names->knows($piece['words'][0])) || $piece['kind'] === 'variety') {
                    $telling[] = $piece;
                }
            }
        }
        $added = array_merge(...array_map(static fn(array $piece): array => $piece['words'], $telling), ...[[]]);
        // "milk, skimmed" is skimmed milk; "biscuits (digestive)" are digestive biscuits; "hazelnuts, ground" are not whole ones.
        if ($added !== []) {
            foreach ([[...$added, ...$words], [...$words, ...$added]] as $order) {
                $found = $this->whole($order, $system);
                if ($found !== null) {
                    return $found;
                }
            }
        }
        $found = $this->whole($words, $system) ?? $this->mended($words, $system) ?? $this->likeliest($words, $system);
        if ($found->id === null) {
            foreach ($tails as $tail) {
                $named = $tail === [] ? null : $this->whole($tail, $system);
                if ($named !== null) {
                    return $named->atMost(Confidence::Guess, \sprintf('"%s" is not known; read by what stands after it', implode(' ', $words)));
                }
            }

            return $found;
        }
        $in = $this->shelf->get($found->id);
        foreach ($telling as $piece) {
            $phrase = implode(' ', $piece['words']);
            $attribute = $this->vocabulary->identity($phrase);
            $isAnother = $piece['kind'] === 'content' || ($piece['kind'] === 'variety' && !$this->isVarietyOf($phrase, $words, $in));
            if ($attribute !== null ? !Attributes::holds($attribute, $in) : $isAnother && !\in_array($found->id, $this->names->holding($phrase), true)) {
                $found = new Found($found->id, Confidence::Guess, $found->suggestions, [...$found->left, $phrase], $found->doubt ?? \sprintf('read as %s, which does not account for "%s"', $in->name, $phrase));
            }
        }

        return $found;
    }

    /**
     * A name whose words are all of the phrase but for those that may be left over.
     *
     * @param list<string> $words
     */
    private function whole(array $words, UnitSystem $system): ?Found
    {
        $id = $this->names->exact($words, $system);
        if ($id !== null) {
            return $this->named($id, $words);
        }
        $pieces = $this->pieces($words);
        $loose = [];
        foreach ($pieces as $at => $piece) {
            if ($piece['kind'] !== 'content') {
                $loose[] = $at;
            }
        }
        // Words no name holds are never part of one: those that may be passed over are, at once.
        $always = array_values(array_filter($loose, fn(int $at): bool => $pieces[$at]['kind'] === 'light' && !$this->names->knows($pieces[$at]['words'][0])));
        $free = \array_slice(array_values(array_diff($loose, $always)), 0, 9);
        $ways = [];
        for ($mask = 0; $mask < 1 << \count($free); ++$mask) {
            $cost = 0;
            foreach ($free as $bit => $at) {
                if (($mask >> $bit & 1) === 1) {
                    $cost += ['light' => 1, 'variety' => 3, 'identity' => 8][$pieces[$at]['kind']] ?? 0;
                }
            }
            $ways[$mask] = $cost;
        }
        asort($ways);
        foreach (['exact', 'shuffled'] as $how) {
            foreach (array_keys($ways) as $mask) {
                $kept = $dropped = [];
                foreach ($pieces as $at => $piece) {
                    $bit = array_search($at, $free, true);
                    if (\in_array($at, $always, true)) {
                        continue;
                    }
                    if ($bit !== false && ($mask >> $bit & 1) === 1) {
                        $dropped[] = $piece;
                    } else {
                        array_push($kept, ...$piece['words']);
                    }
                }
                $id = $kept === [] ? null : ($how === 'exact' ? $this->names->exact($kept, $system) : $this->names->shuffled($kept, $system));
                if ($id !== null && $this->may($dropped, $kept, $id)) {
                    return $this->named($id, $kept);
                }
            }
        }

        return null;
    }

    /** @param list<string> $name */
    private function named(string $id, array $name): Found
    {
        return $this->names->isStandIn($name)
            ? new Found($id, Confidence::Likely, [], [], \sprintf('%s stands in for it', $this->shelf->get($id)->name))
            : new Found($id, Confidence::Sure);
    }

    /**
     * A word for kinds of a thing counts beside every name of it: pista may be slivered as pistachios are.
     *
     * @param list<string> $name
     */
    private function isVarietyOf(string $phrase, array $name, Ingredient $in): bool
    {
        if ($this->vocabulary->isVarietyOf($phrase, $name)) {
            return true;
        }
        foreach ($in->called() as $other) {
            if ($this->vocabulary->isVarietyOf($phrase, $this->spelling->words($other))) {
                return true;
            }
        }

        return false;
    }

    /**
     * Whether the words left over may be, beside that name.
     *
     * @param list<array{words: list<string>, kind: string}> $dropped
     * @param list<string> $name
     */
    private function may(array $dropped, array $name, string $id): bool
    {
        foreach ($dropped as $piece) {
            $phrase = implode(' ', $piece['words']);
            $attribute = $this->vocabulary->identity($phrase);
            if ($piece['kind'] === 'light' || $this->vocabulary->isVarietyOf($phrase, $name) || ($piece['kind'] === 'variety' && $this->isVarietyOf($phrase, $name, $this->shelf->get($id)))) {
                continue;
            }
            if ($attribute === null || !Attributes::holds($attribute, $this->shelf->get($id))) {
                return false;
            }
        }

        return true;
    }

    /**
     * The phrase with a slip of the keyboard put right, or words parted or joined as the shelf writes them.
     *
     * @param list<string> $words
     */
    private function mended(array $words, UnitSystem $system): ?Found
    {
        return $this->respelt($words, $system, true) ?? $this->respelt($words, $system, false) ?? $this->joinedUp($words, $system);
    }

    /**
     * @param list<string> $words
     * @param bool $parts whether a word nobody knows is two written as one, before it is a slip
     */
    private function respelt(array $words, UnitSystem $system, bool $parts): ?Found
    {
        $mended = [];
        $isSpelt = $isSlip = false;
        $far = false;
        foreach ($words as $at => $word) {
            if ($this->names->knows($word) || $this->vocabulary->isLight($word) || $this->vocabulary->identity($word) !== null || $this->vocabulary->isVariety($word)) {
                $mended[] = [$word];
                continue;
            }
            $before = $at > 0 ? $words[$at - 1] : '';
            if ($before !== '' && $this->names->knows($before . $word)) {
                array_pop($mended);
                $mended[] = [$before . $word];
                $isSpelt = true;
                continue;
            }
            $two = $parts ? $this->asTwo($word) : null;
            if ($two !== null) {
                $mended[] = $two;
                $isSpelt = true;
                continue;
            }
            $near = $this->names->near($word);
            if (\count($near) === 1) {
                $mended[] = [$near[0]];
                $isSlip = true;
                $far = $far || \strlen($word) < 6 || levenshtein($word, $near[0]) > 1;
                continue;
            }
            $mended[] = [$word];
        }
        if (!$isSpelt && !$isSlip) {
            return null;
        }
        $all = array_merge(...$mended);
        $found = $this->whole($all, $system);

        return match (true) {
            $found === null => null,
            !$isSlip => $found,
            default => $found->atMost($far ? Confidence::Guess : Confidence::Likely, \sprintf('read as "%s"', implode(' ', $all))),
        };
    }

    /**
     * Two neighbouring words the shelf writes as one.
     *
     * @param list<string> $words
     */
    private function joinedUp(array $words, UnitSystem $system): ?Found
    {
        for ($at = 1; $at < \count($words); ++$at) {
            if ($this->names->knows($words[$at - 1] . $words[$at])) {
                $found = $this->whole([...\array_slice($words, 0, $at - 1), $words[$at - 1] . $words[$at], ...\array_slice($words, $at + 1)], $system);
                if ($found !== null) {
                    return $found;
                }
            }
        }

        return null;
    }

    /** @return list<string>|null one word the shelf writes as two */
    private function asTwo(string $word): ?array
    {
        for ($at = 3; $at <= \strlen($word) - 3; ++$at) {
            [$a, $b] = [substr($word, 0, $at), substr($word, $at)];
            if ($this->names->knows($a) && $this->names->knows($b)) {
                return [$a, $b];
            }
        }

        return null;
    }

    /**
     * The name that accounts for most of a phrase, among those that end in the same noun.
     *
     * @param list<string> $words
     */
    private function likeliest(array $words, UnitSystem $system): Found
    {
        $pieces = array_values(array_filter($this->pieces($words), static fn(array $piece): bool => $piece['kind'] !== 'light'));
        if ($pieces === []) {
            return Found::nothing();
        }
        // What is no word of any name may be a flourish at the end: the head is the last word some name ends in.
        $content = array_values(array_filter($pieces, static fn(array $piece): bool => $piece['kind'] !== 'identity'));
        $said = array_merge(...array_map(static fn(array $piece): array => $piece['words'], $content), ...[[]]);
        $head = $said[\count($said) - 1] ?? '';
        $weight = array_sum(array_map($this->names->rarity(...), $said));
        $scores = $left = $extra = [];
        foreach ($this->names->endingIn($head) as $name) {
            if ($name['country'] !== '' && $name['country'] !== $system->value) {
                continue;
            }
            $in = $this->shelf->get($name['id']);
            foreach ($pieces as $piece) {
                $attribute = $piece['kind'] === 'identity' ? $this->vocabulary->identity(implode(' ', $piece['words'])) : null;
                if ($attribute !== null && !Attributes::holds($attribute, $in) && array_diff($piece['words'], $name['words']) !== []) {
                    continue 2;
                }
            }
            $covered = array_sum(array_map($this->names->rarity(...), array_intersect($said, $name['words'])));
            $own = array_sum(array_map($this->names->rarity(...), $name['words']));
            $beyond = array_values(array_diff($name['words'], $words));
            $score = 0.6 * $covered / $weight + 0.4 * (1 - array_sum(array_map($this->names->rarity(...), $beyond)) / $own);
            if ($score > ($scores[$name['id']] ?? 0.0)) {
                $scores[$name['id']] = $score;
                $left[$name['id']] = array_values(array_diff($said, $name['words']));
                $extra[$name['id']] = array_values(array_filter($beyond, fn(string $word): bool => !$this->vocabulary->isLight($word) && $this->vocabulary->identity($word) === null && preg_match('/\d/', $word) !== 1));
            }
        }
        arsort($scores);
        $ids = array_map(strval(...), array_keys($scores));
        $suggestions = \array_slice(array_values(array_unique([...\array_slice($ids, 0, 1), ...\array_slice($this->akin($said), 0, 2), ...$ids, ...$this->akin($said)])), 0, 5);
        $best = $ids[0] ?? null;
        if ($best === null || $scores[$best] < self::LEAST || $scores[$best] - ($scores[$ids[1] ?? ''] ?? 0.0) < self::MARGIN) {
            return Found::nothing(...$suggestions);
        }
        $in = $this->shelf->get($best);
        // A name with a noun of its own beyond the phrase is a kind of it, or another thing: not for us to choose.
        if ($extra[$best] !== []) {
            return Found::nothing(...$suggestions);
        }
        // Only a word nobody knows may be a flourish; one the shelf uses for another thing makes it another thing.
        foreach ($left[$best] as $word) {
            if ($this->names->knows($word)) {
                return Found::nothing(...$suggestions);
            }
        }

        return new Found($best, Confidence::Guess, $suggestions, $left[$best], $left[$best] === [] ? \sprintf('"%s" may be %s', implode(' ', $words), $in->name) : \sprintf('read as %s, which does not account for "%s"', $in->name, implode(' ', $left[$best])));
    }

    /**
     * Ids that share a rare word with the phrase, or a word one slip away.
     *
     * @param list<string> $said
     *
     * @return list<string>
     */
    private function akin(array $said): array
    {
        $scores = [];
        foreach (\array_slice($said, 0, 12) as $at => $word) {
            foreach ($this->names->knows($word) ? [$word] : \array_slice($this->names->near($word), 0, 3) as $other) {
                foreach ($this->names->holding($other) as $id) {
                    $scores[$id] = ($scores[$id] ?? 0.0) + $this->names->rarity($other) * ($at === \count($said) - 1 ? 1.5 : 1.0);
                }
            }
        }
        arsort($scores);

        return array_map(strval(...), \array_slice(array_keys($scores), 0, 5));
    }

    /**
     * Words in groups, each with what it is in a phrase.
     *
     * @param list<string> $words
     *
     * @return list<array{words: list<string>, kind: 'light'|'variety'|'identity'|'content'}>
     */
    private function pieces(array $words): array
    {
        $pieces = [];
        for ($at = 0; $at < \count($words); ++$at) {
            for ($length = min(3, \count($words) - $at); $length >= 1; --$length) {
                $group = \array_slice($words, $at, $length);
                $phrase = implode(' ', $group);
                $kind = match (true) {
                    // "brick-style cream cheese", "muscovado-type sugar": what it is like, not what it is.
                    $length === 2 && \in_array($group[1], ['style', 'type', 'like'], true) && $this->vocabulary->identity($group[0]) === null => 'light',
                    $this->vocabulary->identity($phrase) !== null => 'identity',
                    $this->vocabulary->isLight($phrase) => 'light',
                    $this->vocabulary->isVariety($phrase) => 'variety',
                    $length === 1 && preg_match('/^[\d.]+%?$/', $phrase) === 1 => 'light',
                    $length === 1 => 'content',
                    default => null,
                };
                if ($kind !== null) {
                    $pieces[] = ['words' => $group, 'kind' => $kind];
                    $at += $length - 1;
                    break;
                }
            }
        }

        return $pieces;
    }

    /**
     * The name, and what stands after it: brackets, after a comma, after "for".
     *
     * @return array{string, list<string>}
     */
    private static function parted(string $phrase): array
    {
        $tails = [];
        $phrase = preg_replace_callback('/[(\[]([^)\]]*)[)\]]?/u', static function (array $m) use (&$tails): string {
            $tails[] = $m[1];

            return ' ';
        }, $phrase) ?? $phrase;
        // What it is for says nothing of what it is.
        $phrase = preg_replace('/(?<=\S)\s+for\s+[^,;()]*/u', ' ', $phrase) ?? $phrase;
        $parts = preg_split('/\s*(?:[,;:]|\s-\s|\bto\s+(?:serve|taste|finish|decorate|garnish)\b)\s*/u', $phrase) ?: [$phrase];
        $main = '';
        while ($parts !== [] && trim($main) === '') {
            $main = (string) array_shift($parts);
        }

        return [$main, [...array_values(array_filter(array_map(trim(...), $parts), static fn(string $part): bool => $part !== '')), ...array_map(trim(...), $tails)]];
    }

    /**
     * @param list<string> $words
     *
     * @return array{list<string>, array{float, string}|null} the words without the strength (and what it is of), and the strength in % or bloom
     */
    private static function strengthOf(array $words): array
    {
        foreach ($words as $at => $word) {
            if (preg_match('/^(\d{3})(bloom)?$/', $word, $m) === 1 && (isset($m[2]) || ($words[$at + 1] ?? '') === 'bloom')) {
                array_splice($words, $at, isset($m[2]) ? 1 : 2);

                return [$words, [(float) $m[1], 'bloom']];
            }
            if (preg_match('/^(\d+(?:\.\d+)?)%$/', $word, $m) === 1) {
                $of = preg_match('/^(?:cocoa butter|cocoa solid|milk fat|butter fat|cocoa|fat|milkfat|butterfat)(?=\s|$)/', implode(' ', \array_slice($words, $at + 1)), $f) === 1 ? substr_count($f[0], ' ') + 1 : 0;
                array_splice($words, $at, 1 + $of);

                return [$words, [(float) $m[1], '%']];
            }
        }

        return [$words, null];
    }
}
