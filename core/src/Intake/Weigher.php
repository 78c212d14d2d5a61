<?php

declare(strict_types=1);

namespace Transmuta\Intake;

use Transmuta\Formula\Confidence;
use Transmuta\Formula\Line;
use Transmuta\Quantity\UnitSystem;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Nature;
use Transmuta\Shelf\Natures;
use Transmuta\Shelf\Shelf;

/** Brings an amount and a name together: which of several stated amounts counts, and what it weighs. */
final readonly class Weigher
{
    /** @param string $leaf the grade a leaf of gelatin has in this kitchen where a line does not say */
    public function __construct(private Shelf $shelf, private Matcher $matcher, private Containers $containers, private string $leaf = 'gold') {}

    /** @param list<Quantity> $brackets amounts stated in brackets beside the first */
    public function weigh(string $text, Quantity $quantity, array $brackets, string $phrase, UnitSystem $system, int $number, ?string $estimate = null): Line
    {
        $phrase = trim($phrase, " ,;:-\t");
        // "slaked with a little water": how it is done, without an amount.
        $phrase = preg_replace('/[,(]?\s*\b(?:lightly\s+)?(?:dissolved|mixed|bloomed|soaked|whisked|slaked|blended|softened|diluted|stirred|loosened)\s+(?:in|with|into|together)\b.*$/u', '', $phrase) ?? $phrase;
        $stated = $this->stated($quantity, $brackets);
        if ($stated->kind === 'count' && \in_array($stated->container, ['', 'fruit', 'piece'], true)) {
            $egg = Eggs::part($phrase);
            if ($egg !== null) {
                $size = $stated->size !== '' ? $stated->size : (preg_match('/\b(extra[\s-]large|large|medium|small|jumbo|size\s+[sml])\b/u', $phrase, $m) === 1 ? $m[1] : '');
                $weighed = Eggs::weigh($this->shelf, $egg, $stated->value, $size, $stated->isRange, $system);

                return Line::of($egg, $weighed['grams'], $text, $weighed['trace'], $size === '' ? Confidence::Likely : $weighed['confidence'], Preparation::of($phrase), false, $number);
            }
        }
        $parts = $quantity->kind === 'count' && \in_array($quantity->container, ['', 'fruit'], true) ? FruitParts::of($phrase) : null;
        if ($parts !== null) {
            $line = $this->fruitPart($text, $quantity, $stated, $parts, $system, $number);
            if ($line !== null) {
                return $line;
            }
        }
        $found = $this->named($phrase, $stated, $system);
        if ($found->id === null) {
            return Line::notUnderstood($text, $found->suggestions === [] ? 'No ingredient on the shelf answers to that name.' : \sprintf('What is "%s"? Several things on the shelf may be meant, or none.', self::brief($phrase)), $found->suggestions, $number);
        }
        $isOurLeaf = $found->id === Natures::one(Nature::UnnamedLeaf) && preg_match('/\b(?:gold|200|bloom)\b/u', $phrase) !== 1;
        // The grades of a leaf differ in the last word of their ids.
        $ours = $isOurLeaf ? preg_replace('/-\w+$/', '-' . $this->leaf, $found->id) ?? $found->id : $found->id;
        $in = $this->shelf->find($ours) ?? $this->shelf->get($found->id);
        $weighed = $this->grams($stated, $quantity, $in, $phrase, $system);
        if (\is_string($weighed)) {
            return Line::notUnderstood($text, $weighed, [$in->id], $number);
        }
        [$grams, $trace, $isUsual] = $weighed;
        if ($isOurLeaf) {
            $trace .= \sprintf('; a leaf is %s in this kitchen', $this->leaf);
        }
        $confidence = $found->confidence->atMost($isUsual || ($isOurLeaf && $stated->kind === 'count') || $stated->isRange || $estimate !== null || $stated->isEstimate ? Confidence::Likely : Confidence::Sure);

        return Line::of($in->id, round($grams, 3), $text, $trace . ($stated->isRange ? ', middle of the range' : '') . ($estimate === null ? '' : ', ' . $estimate), $confidence, Preparation::of($phrase), false, $number)
            ->doubting($found->doubt, $found->suggestions);
    }

    /**
     * Of the amount in front and those in brackets, the one that counts: a mass before a volume, a volume before a count. Of a tin or tub
     * a stated content is of each; of things counted it is of all, unless "each" stands by it.
     *
     * @param list<Quantity> $brackets
     */
    private function stated(Quantity $quantity, array $brackets): Quantity
    {
        $best = $quantity;
        foreach ($brackets as $said) {
            $isBetter = ($said->kind === 'mass' && ($best->kind !== 'mass' || ($said->isNet && !$best->isNet))) || ($said->kind === 'volume' && $best->kind === 'count') || ($said->kind === 'volume' && $best->kind === 'volume' && $said->unit === 'millilitre');
            if ($isBetter) {
                $isOfEach = $quantity->kind === 'count' && ($said->isEach || $this->containers->holds($quantity->container));
                $best = ($isOfEach ? $said->times($quantity->value) : $said)->in($quantity->container);
            }
        }

        return $best;
    }

    /** What the phrase names, with what the way of counting says of it. */
    private function named(string $phrase, Quantity $quantity, UnitSystem $system): Found
    {
        [$first, $others] = $this->either($phrase);
        // "8 filo sheets", "2 cinnamon sticks": the container stands last.
        $bare = $quantity->kind === 'count' && $quantity->container === '' && preg_match('/^(.+?)\s+(' . $this->containers->pattern . ')\s*(?:,.*|\(.*)?$/u', $first, $last) === 1 ? $last[1] : null;
        $tries = match ($quantity->container) {
            // A sheet of gelatin is a leaf of it; a tin of pumpkin its purée.
            'leaf', 'sheet' => [$first . ' leaf', $first],
            'squeeze' => [$first, $first . ' juice'],
            'can', 'jar' => ['canned ' . $first, $first, $first . ' puree'],
            'packet' => [$first . ' packet', $first],
            default => $bare === null ? [$first] : [$first, $bare],
        };
        $best = Found::nothing();
        $isAside = false;
        foreach ($tries as $try) {
            $found = $this->matcher->find($try, $system);
            $fits = $found->id !== null && ($quantity->container === '' || $this->unit($this->shelf->get($found->id), $quantity->container, $system) !== null);
            if ($found->id !== null && ($best->id === null || $found->rank() > $best->rank() || ($quantity->container !== '' && $fits && $found->rank() === $best->rank() && $this->unit($this->shelf->get($best->id), $quantity->container, $system) === null))) {
                $best = !$isAside || $found->confidence === Confidence::Guess || \in_array($quantity->container, ['leaf', 'sheet'], true) ? $found : $found->atMost(Confidence::Likely);
            } elseif ($best->id === null && $best->suggestions === []) {
                $best = $found;
            }
            $isAside = $isAside || $try === $first;
        }
        $also = [];
        foreach ($others as $other) {
            $found = $this->matcher->find($other, $system);
            if ($found->id !== null && $found->confidence !== Confidence::Guess) {
                $also[] = $found->id;
            }
            if ($best->id === null && $found->id !== null) {
                $best = $found->atMost(Confidence::Likely);
            }
        }

        return new Found($best->id, $best->confidence, array_values(array_unique([...$also, ...$best->suggestions])), $best->left, $best->doubt);
    }

    /**
     * "butter or margarine", "fresh or frozen raspberries", "biscuits, such as digestives": the first, and what else may stand there.
     *
     * @return array{string, list<string>}
     */
    private function either(string $phrase): array
    {
        $others = [];
        // "(or margarine)", ", or use margarine".
        $phrase = preg_replace_callback('/\s*[,(]\s*(?:or|alternatively|substitute|sub)\s+(?:use\s+|substitute\s+|any\s+(?:other\s+)?)?([^,()]+)\)?/u', static function (array $m) use (&$others): string {
            $others[] = $m[1];

            return '';
        }, $phrase) ?? $phrase;
        if (preg_match('/^(.+?),?\s*\(?\b(?:such as|for example|e\.?g\.?,?|ideally|preferably|i like|like)\s+(?:an?\s+)?([^()]+)\)?$/u', $phrase, $m) === 1) {
            $found = $this->matcher->find($m[1]);
            $example = $this->matcher->find($m[2]);
            // What is named for example says more than "biscuits" does, not than "white chocolate".
            $isKind = $example->rank() === 3 && $found->id !== null && $example->id !== $found->id && $this->shelf->get((string) $example->id)->group === $this->shelf->get($found->id)->group;

            return $example->id !== null && ($example->rank() > $found->rank() || $isKind) ? [$m[2], [$m[1], ...$others]] : [$m[1], [$m[2], ...$others]];
        }
        if (preg_match('/^(.+?)\s+or\s+(.+)$/u', preg_replace('/\s*\/\s*(?=[a-z]{3})/u', ' or ', $phrase) ?? $phrase, $m) !== 1) {
            return [$phrase, $others];
        }
        $words = preg_split('/\s+/u', trim(preg_replace('/[,(].*$/u', '', $m[2]) ?? $m[2])) ?: [];
        $tail = preg_match('/[,(].*$/u', $m[2], $t) === 1 ? $t[0] : '';
        $second = $m[2];
        if (preg_match('/^\d/u', $second) === 1) {
            return [$m[1], [...$others, preg_replace('/^[\d\s\/.,]+\S*\s/u', '', $second) ?? $second]];
        }
        $first = $this->matcher->find($m[1]);
        for ($from = 1; $from < \count($words); ++$from) {
            $lent = $m[1] . ' ' . implode(' ', \array_slice($words, $from));
            if ($this->matcher->find($lent)->rank() > $first->rank()) {
                return [$lent . $tail, [$second, ...$others]];
            }
        }
        if ($first->id === null && $this->matcher->find($second)->id !== null && preg_match('/^(?:\w+\s+)?(?:fresh|frozen|whole|ground|salted|unsalted|light|dark|tinned|canned|dried|low|full|large|medium|small)\b/u', $m[1]) === 1) {
            return [$second, $others];
        }

        return [$m[1] . $tail, [$second, ...$others]];
    }

    /** @param array{part: string, fruit: string} $parts */
    private function fruitPart(string $text, Quantity $quantity, Quantity $stated, array $parts, UnitSystem $system, int $number): ?Line
    {
        if ($parts['fruit'] === '' || Eggs::part($parts['fruit']) !== null) {
            return null;
        }
        $found = $this->matcher->find($parts['fruit'] . ' ' . $parts['part'], $system);
        $in = $found->id === null || $found->confidence === Confidence::Guess ? null : $this->shelf->find($found->id);
        $fruit = $in->units['fruit'] ?? null;
        if ($in === null || ($fruit === null && $stated->kind === 'count')) {
            return Line::notUnderstood($text, \sprintf('How much %s that fruit gives is not on the shelf; weigh it and write grams.', $parts['part']), $found->suggestions, $number);
        }
        if ($stated->kind !== 'count') {
            $density = $stated->kind === 'volume' ? $in->density() : 1.0;
            if ($density !== null) {
                return Line::of($in->id, round($stated->value * $density, 2), $text, \sprintf('%s = %s g', $stated->words, Numbers::words($stated->value * $density)), Confidence::Likely, [], false, $number);
            }
        }
        $grams = $quantity->value * (float) $fruit;

        return Line::of($in->id, round($grams, 2), $text, \sprintf('%s × %s g %s a fruit = %s g', Numbers::words($quantity->value), Numbers::words((float) $fruit), $parts['part'], Numbers::words($grams)), Confidence::Likely, [], false, $number);
    }

    /** @return array{float, string, bool}|string grams, trace and whether a usual weight was taken; or what stands in the way */
    private function grams(Quantity $stated, Quantity $first, Ingredient $in, string $phrase, UnitSystem $system): array|string
    {
        if ($stated->kind === 'mass' && isset($in->units['of-can']) && ($first->container === 'can' || preg_match('/\b(?:can|tin|jar)\b/u', $phrase) === 1)) {
            $grams = $stated->value * $in->units['of-can'];

            return [$grams, \sprintf('%s, of which about %s %% is liquor = %s g', $stated->words, Numbers::words(100 * $in->units['of-can']), Numbers::words($grams)), true];
        }
        if ($stated->kind === 'mass' && isset($in->units['drained']) && $first->container === 'can' && preg_match('/(?<!un)\bdrained\b/u', $phrase) === 1 && preg_match('/\bdrained weight\b/u', $phrase) !== 1) {
            $grams = $stated->value * $in->units['drained'];

            return [$grams, \sprintf('%s, of which about %s %% is left drained = %s g', $stated->words, Numbers::words(100 * $in->units['drained']), Numbers::words($grams)), true];
        }
        if ($stated->kind === 'mass') {
            $edible = !$stated->isNet && $first->kind === 'count' && $stated !== $first && !$this->containers->holds($first->container) && preg_match('/\b(?:flesh|peeled weight|prepared|net|stoned weight|pitted weight|pulp)\b/u', $phrase) !== 1 ? ($in->units['edible'] ?? 1.0) : 1.0;
            $grams = $stated->value * $edible;
            $said = str_contains($stated->words, ' gram') && !str_contains($stated->words, '×') && !str_contains($stated->words, 'stated') ? \sprintf('%s g, weighed', Numbers::words($stated->value)) : \sprintf('%s = %s g', $stated->words, Numbers::words($stated->value));

            return [$grams, $said . ($edible < 1.0 ? \sprintf(' whole, of which %s %% is eaten = %s g', Numbers::words(100 * $edible), Numbers::words($grams)) : ''), $edible < 1.0];
        }
        if ($stated->kind === 'volume') {
            $pinch = $stated->unit === 'pinch' ? ($in->units['pinch'] ?? null) : null;
            $spoon = $stated->unit === null ? null : ($in->units[$stated->unit] ?? null);
            if ($pinch !== null || ($spoon !== null && $stated->unit === 'tablespoon')) {
                $count = (float) $stated->words;
                $each = (float) ($pinch ?? $spoon);

                return [$count * $each, \sprintf('%s × %s g a %s = %s g', Numbers::words($count), Numbers::words($each), $stated->unit, Numbers::words($count * $each)), true];
            }
            $density = $in->density($this->matcher->vocabulary()->form($phrase));
            if ($density === null) {
                return \sprintf('The shelf has no bulk density for %s; weigh it and write grams.', $in->name);
            }
            $grams = $stated->value * $density;

            return [$grams, \sprintf('%s → %s mL × %s g/mL = %s g', $stated->words, Numbers::words($stated->value), rtrim(rtrim(number_format($density, 3, '.', ''), '0'), '.'), Numbers::words($grams)), $stated->unit === 'pinch' || $stated->unit === 'dash'];
        }
        $container = $stated->container;
        if ($container === '' && isset($in->units['leaf']) && preg_match('/\b(?:leaf|leaves|sheets?)\b/u', $phrase) === 1) {
            $container = 'leaf';
        }
        if ($container === '' && preg_match('/\b(' . $this->containers->pattern . ')\s*(?:,.*|\(.*)?$/u', $phrase, $m) === 1) {
            $last = (string) $this->containers->named($m[1]);
            $container = $this->unit($in, $last, $system) !== null ? $last : '';
        }
        $each = $this->unit($in, $container === '' ? 'each' : $container, $system);
        if ($each === null && $container !== '' && ($hand = $this->containers->byHand($container)) !== null) {
            $density = $hand['kind'] === 'volume' ? ($in->density() ?? 1.0) : 1.0;
            $grams = $stated->value * $hand['value'] * $density;

            return [$grams, \sprintf('%s × about %s g = %s g, an estimate: weigh it', Numbers::words($stated->value), Numbers::words($hand['value'] * $density), Numbers::words($grams)), true];
        }
        if ($each === null && preg_match('/^([a-z]+)\s+of\s+/u', $phrase, $m) === 1) {
            return \sprintf('The unit "%s" is not known; use g, ml, cup, tbsp, tsp, oz or a count.', $m[1]);
        }
        if ($each === null) {
            return \sprintf('The shelf does not know what one %s of %s weighs; weigh it and write grams.', $container === '' ? 'piece' : $container, $in->name);
        }
        // "2 large mangoes", "6 medjool dates", "10 mini marshmallows": where the shelf knows that kind's weight.
        if ($container === '') {
            foreach ($in->units as $name => $weight) {
                $kind = str_starts_with($name, 'each:') ? substr($name, 5) : '';
                if ($kind !== '' && \strlen($kind) > 2 && ($kind === $stated->size || preg_match('/\b' . preg_quote($kind, '/') . '\b/u', $phrase) === 1)) {
                    $each = $weight;
                }
            }
        }

        return [$stated->value * $each, \sprintf('%s × %s g each = %s g', Numbers::words($stated->value), Numbers::words($each), Numbers::words($stated->value * $each)), $container === '' || $this->containers->byHand($container) !== null];
    }

    /** g of one, as the country sells it; null where the shelf does not say. */
    private function unit(Ingredient $in, string $container, UnitSystem $system): ?float
    {
        $same = match ($container) {
            'each' => ['each', 'fruit'],
            'sheet' => ['sheet', 'leaf'],
            'leaf' => ['leaf', 'each'],
            // A slice of a thing is never the whole of it.
            'pod', 'stick', 'piece', 'fruit', 'sprig' => [$container, 'each'],
            'packet' => ['packet', 'sachet', 'block', 'box', 'bag'],
            'box', 'bag', 'carton' => [$container, 'packet', 'tub'],
            'tub' => ['tub', 'carton', 'packet'],
            'block', 'bar' => [$container, 'packet'],
            'jar', 'bottle' => [$container],
            default => [$container],
        };
        foreach ($same as $one) {
            $weight = $in->units[$one . ':' . $system->value] ?? $in->units[$one] ?? null;
            if ($weight !== null) {
                return $weight;
            }
        }

        return null;
    }

    private static function brief(string $phrase): string
    {
        return mb_strimwidth(str_replace('_', ' ', $phrase), 0, 60, '…');
    }
}
