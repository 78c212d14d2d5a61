<?php

declare(strict_types=1);

namespace Transmuta\Method\Editing;

use Transmuta\Formula\Formula;
use Transmuta\Formula\Step;
use Transmuta\Formula\TreatmentKind;
use Transmuta\Intake\Spelling;
use Transmuta\Method\Act;
use Transmuta\Method\Method;
use Transmuta\Method\Part;
use Transmuta\Method\Reading\Gloss;
use Transmuta\Method\Reading\LineNouns;
use Transmuta\Method\Sentence;
use Transmuta\Method\SentenceKind;
use Transmuta\Shelf\Shelf;

/**
 * The maker's method after lines were swapped. A step nothing touches stays to the letter. What is replaced is called by its new name where it stands; a step
 * that only served what left goes with it; an agent that comes in brings the step it asks for, put where the layer can meet it ({@see Arrivals}, {@see NewSteps}).
 */
final class MethodEdit
{
    private const JOINS = ['combine', 'stream_in', 'fold', 'temper_in'];

    /** What is done to two things or more together: one thing alone is only put in. */
    private const TOGETHER = ['whisk_ribbon', 'blanch_yolks', 'cream_butter', 'beat', 'combine', 'mix_dry', 'emulsify', 'blend'];

    /** Words of putting in that leave out what: it is what was said before. */
    private const PUT_IN = '~^\W*(?:then\s+)?[\p{L}-]+\s+(?:(?:gently|back|well|quickly|lightly|carefully)\s+)?(?:in(?:to)?|through|onto|over|to|with)\b(?!\s+(?:it|them)\b)~iu';

    private const BAKES = ['bake', 'bake_water', 'turn_down'];

    private const COOKS = ['cook_to', 'whisk_over_steam', 'pasteurise'];

    /** Signs that are an egg's. */
    private const SIGNS = '~\s*,?\s*(?:until|till|til)\s+(?:[^,;.:]*?\b(?:pale|thick|ribbons?|fluffy|light|lemon|mousse|tripled?|doubled?|frothy|foamy|creamy)\b[^,;.:]*)~iu';
    /** "Without letting it boil", of what has to boil now. */
    private const NO_BOIL = '~,?\s*\(?(?:\b(?:and\s+)?(?:without\s+(?:letting\s+it\s+|allowing\s+it\s+to\s+)?boil(?:ing)?|(?:do\s+not|don[’\']?t|never)\s+(?:let\s+it\s+|allow\s+it\s+to\s+)?boil|but\s+not\s+boil(?:ing)?|not\s+boiling)\b(?:\s+it)?|\bsin\s+(?:que\s+)?(?:lleg(?:ue|ar)\s+a\s+)?(?:hervir|hierva|ebullición)|\bsans\s+(?:faire\s+|laisser\s+|porter\s+à\s+)?(?:bouillir|ébullition)|\bsenza\s+(?:far(?:l[ao])?\s+)?bollire|\bsem\s+(?:deixar\s+)?ferver|\bohne\s+(?:sie\s+|es\s+)?(?:zu\s+kochen|kochen\s+zu\s+lassen))\)?~iu';
    private const WATER_BATH = '~\b(?:roasting (?:tin|pan|dish)|water[\s-]?bath|bain[\s-]marie|out of the water|hot water|foil)\b~iu';

    /** @var array<int, bool> whether each act is still done */
    private array $alive = [];

    /** @var array<int, string> what has become of each act: '' where it is gone */
    private array $acts = [];

    /** @var array<string, true> names already said in the sentence at hand */
    private array $said = [];

    private readonly LineNouns $nouns;

    private readonly Arrivals $arrivals;

    private readonly Wording $wording;

    private readonly StepWords $words;

    /** @param array<int, array<string, list<string>>> $standsFor ids that come in for each id that leaves, by the place of the layer */
    private function __construct(private readonly Formula $was, private readonly Method $method, private readonly Formula $now, array $standsFor, Shelf $shelf, private readonly Spelling $spelling)
    {
        $this->nouns = new LineNouns($was, LineNouns::ingredients($shelf, $was), $spelling);
        $lang = Gloss::of(array_map(static fn(Step $step): string => $step->text, $was->method))?->lang;
        $this->arrivals = new Arrivals($was, $method, $now, $standsFor, $shelf, $lang);
        $this->wording = new Wording($spelling, $lang);
        $this->words = new StepWords($lang);
    }

    /**
     * @param Formula $was as it was read, with what its method does to each line
     * @param array<int, array<string, list<string>>> $standsFor ids that come in for each id that leaves, by the place of the layer
     *
     * @return list<EditedStep> in order, those that are gone where they stood
     */
    public static function of(Formula $was, Method $method, Formula $now, array $standsFor, Shelf $shelf): array
    {
        return (new self($was, $method, $now, $standsFor, $shelf, new Spelling()))->steps();
    }

    /** @return list<EditedStep> */
    private function steps(): array
    {
        foreach ($this->method->acts as $n => $act) {
            $this->alive[$n] = $this->isAlive($act);
        }
        $put = NewSteps::of($this->was, $this->method, $this->alive, $this->arrivals, $this->words);
        foreach ($put->dropped as $n) {
            $this->alive[$n] = false;
        }
        foreach ($this->method->acts as $n => $act) {
            $this->said = [];
            $this->acts[$n] = $this->alive[$n] ? $this->act($act) : '';
        }
        $steps = [];
        foreach ($this->was->method as $at => $step) {
            $steps[] = $this->edited($at, $step, $put);
        }
        foreach ($put->end as $text) {
            $steps[] = new EditedStep(new Step($text), 'new', '');
        }

        return $steps;
    }

    private function edited(int $at, Step $step, NewSteps $put): EditedStep
    {
        $told = [];
        $isTouched = false;
        foreach ($this->method->sentences as $n => $sentence) {
            if ($sentence->step !== $at) {
                continue;
            }
            array_push($told, ...$put->before[$n] ?? []);
            $this->said = [];
            $text = $this->sentence($n, $sentence);
            $text = isset($put->boiled[$n]) ? (string) preg_replace(self::NO_BOIL, '', $text) : $text;
            $isTouched = $isTouched || $text !== $sentence->text || isset($put->before[$n]) || isset($put->after[$n]);
            array_push($told, ...$text === '' ? [] : [$text], ...$put->after[$n] ?? []);
        }

        return match (true) {
            !$isTouched => new EditedStep($step, 'same', $step->text),
            $told === [] => new EditedStep(new Step('', $step->id), 'gone', $step->text),
            default => new EditedStep(new Step(Step::number($step->text) . implode(' ', $told), $step->id), 'edited', $step->text),
        };
    }

    private function sentence(int $n, Sentence $sentence): string
    {
        $acts = array_filter($this->method->acts, static fn(Act $act): bool => $act->sentence === $n);
        if ($sentence->kind !== SentenceKind::Steps || $acts === []) {
            return $sentence->kind === SentenceKind::Note && $this->isOfWhatLeft($sentence->text) ? '' : $this->renamed($sentence->text, []);
        }
        $taken = array_merge(...array_map(static fn(Act $act): array => array_map(static fn(Part $part): string => $part->key(), $act->parts), array_values($acts)));
        $alive = array_filter(array_intersect_key($this->acts, $acts), static fn(string $words): bool => $words !== '');
        if ($alive === []) {
            return '';
        }
        if (\count($alive) === \count($acts) && array_filter($acts, fn(Act $act): bool => $this->isTold($act)) === []) {
            return $this->renamed($sentence->text, $taken, array_values($acts));
        }

        return Wording::sentence(implode(', then ', array_map(static fn(string $words): string => rtrim(trim($words), ' ,.;'), $alive)));
    }

    /** Whether a note speaks of nothing but what left: "or the eggs will scramble". */
    private function isOfWhatLeft(string $text): bool
    {
        $spoken = $this->nouns->in($this->spelling->words($text));
        $left = array_filter($spoken, fn(array $found): bool => array_filter(self::partsOf($found['lines']), fn(Part $part): bool => !$this->arrivals->isGone($part)) === []);

        return $spoken !== [] && \count($left) === \count($spoken);
    }

    /**
     * @param array<string, int> $lines worth by key
     *
     * @return list<Part>
     */
    private static function partsOf(array $lines): array
    {
        return array_map(static fn(int|string $key): Part => Part::at((string) $key), array_keys($lines));
    }

    private function isAlive(Act $act): bool
    {
        $key = $act->operation->key;
        if (($this->isUnbaked($act->layer) || $this->isOnlyWarmed($act->layer)) && (\in_array($key, self::BAKES, true) || ($act->parts === [] && preg_match(self::WATER_BATH, $act->words) === 1 && $key !== 'dip'))) {
            return false;
        }
        if ($act->parts !== []) {
            $gone = array_filter($act->parts, $this->arrivals->isGone(...));
            if ($gone !== [] && \in_array($key, Arrivals::GOES, true)) {
                return false;
            }

            return array_filter($act->parts, fn(Part $part): bool => !$this->arrivals->isGone($part) || $this->arrivals->named($part) !== [] || $this->arrivals->isMadeApart($part) || $this->some($part) !== null) !== [];
        }
        // "Squeeze out the gelatine and stir into the cream", "whip the cream and fold through": what is put in there is what the words before it left of.
        $before = array_filter($act->from, fn(int $from): bool => !($this->alive[$from] ?? true) && $this->method->acts[$from]->sentence === $act->sentence && !$this->isAnythingLeft($from));
        if ($before !== [] && \count($act->from) > 1 && \in_array($key, self::JOINS, true) && preg_match(self::PUT_IN, $act->words) === 1) {
            return false;
        }
        // "Temper the gelatine with some of it, mix in": both were the joining of what left.
        if (\count($act->from) === 1 && !($this->alive[$act->from[0]] ?? true) && \in_array($act->operation->key, self::JOINS, true) && $this->method->acts[$act->from[0]]->sentence === $act->sentence && $this->method->acts[$act->from[0]]->parts === []) {
            return false;
        }
        $eggs = $this->partOfEggs($act);
        if ($eggs !== null) {
            return $eggs;
        }
        $gone = array_filter($act->from, fn(int $from): bool => !$this->isAnythingLeft($from));
        if ($gone === []) {
            return true;
        }
        if (\count($gone) === \count($act->from)) {
            return false;
        }

        // "Stir it into the warm cream", "Temper the gelatine with some of the mass": it is what left.
        return preg_match('~^\W*(?:[\p{L}-]+\s+){1,3}(?:it|them|this)\b~iu', $act->words) !== 1 && !$this->namesWhatLeft($act->words);
    }

    /** Whether what is done to yolks or whites of eggs that were parted is still done: where something stands for that part; null where it is no such step. */
    private function partOfEggs(Act $act): ?bool
    {
        $parted = \count($act->from) === 1 && $this->method->acts[$act->from[0]]->operation->key === 'separate_eggs' ? array_filter($this->method->acts[$act->from[0]]->parts, $this->arrivals->isGone(...)) : [];
        $isWhites = $this->wording->speaksOfWhites($act->words);
        if ($parted === [] || $isWhites === $this->wording->speaksOfYolks($act->words)) {
            return null;
        }
        $whipped = array_merge(...array_map($this->arrivals->whipped(...), array_values($parted)));
        $plain = array_diff(array_merge(...array_map($this->arrivals->named(...), array_values($parted))), $whipped);

        return $isWhites ? $whipped !== [] : $plain !== [];
    }

    /** Whether a layer was baked and is not any more. */
    private function isUnbaked(int $layer): bool
    {
        return isset($this->now->layers[$layer]) && $this->was->layers[$layer]->treatment->has(TreatmentKind::Bake) && !$this->now->layers[$layer]->treatment->has(TreatmentKind::Bake);
    }

    /** Whether anything is left of what an act made. */
    private function isAnythingLeft(int $act): bool
    {
        if ($this->alive[$act] ?? true) {
            return true;
        }
        // Eggs that nobody parts any more: what stands for them goes on.
        if (array_filter($this->method->acts[$act]->parts, fn(Part $part): bool => $this->method->acts[$act]->operation->key === 'separate_eggs' && $this->arrivals->named($part) !== []) !== []) {
            return true;
        }
        foreach ($this->method->acts[$act]->from as $from) {
            if ($this->isAnythingLeft($from)) {
                return true;
            }
        }

        return false;
    }

    private function namesWhatLeft(string $words): bool
    {
        foreach ($this->nouns->in($this->spelling->words($words)) as $found) {
            $parts = self::partsOf($found['lines']);
            if ($parts !== [] && array_filter($parts, fn(Part $part): bool => !$this->arrivals->isGone($part) || $this->arrivals->named($part) !== []) === []) {
                return true;
            }
        }

        return false;
    }

    /** Whether an act is told otherwise than by other names. */
    private function isTold(Act $act): bool
    {
        return $this->isCookedForEgg($act) || ($act->parts !== [] && $this->leavesAir($act)) || $this->speaksOfNothing($act) || $this->alone($act) !== null;
    }

    /** Whether a foam's line left and what stands for it holds no air. */
    private function leavesAir(Act $act): bool
    {
        return \in_array($act->operation->key, Method::WHIPS, true) && array_filter($act->parts, fn(Part $part): bool => $this->arrivals->isGone($part) && $this->arrivals->ingredient($this->arrivals->idOf($part))->does('foam-overrun') > 0.0 && $this->arrivals->whipped($part) === []) !== [];
    }

    /** The one thing left of what was worked together, the rest gone with nothing in its place: "whisk the yolks with the sugar" leaves the sugar. */
    private function alone(Act $act): ?Part
    {
        $left = array_values(array_filter($act->parts, fn(Part $part): bool => !$this->arrivals->isGone($part) || $this->names($part) !== []));

        // Yolks that nothing stands for leave what they were whisked with.
        $isOfEggs = $act->parts !== [] && $this->partOfEggs($act) === false;

        return ($isOfEggs || ($act->from === [] && \count($act->parts) > 1)) && \count($left) === 1 && !$this->arrivals->isGone($left[0]) && $this->arrivals->beside($left[0]) === [] && \in_array($act->operation->key, self::TOGETHER, true) ? $left[0] : null;
    }

    /** "Add it to the hot custard with the butter": what it was is not there, the butter is. */
    private function speaksOfNothing(Act $act): bool
    {
        return $act->parts !== [] && preg_match('~^\W*(?:after\s+\S+\s+\S+\s+)?[\p{L}-]+\s+(?:it|them)\b~iu', $act->words) === 1 && array_filter($act->from, fn(int $from): bool => !$this->isAnythingLeft($from)) !== [];
    }

    /** Whether an act cooks for an egg that left. */
    private function isCookedForEgg(Act $act): bool
    {
        return \in_array($act->operation->key, self::COOKS, true) && $this->isOnlyWarmed($act->layer);
    }

    /** Whether a layer was cooked for its egg, which left: it is only warmed now. */
    private function isOnlyWarmed(int $layer): bool
    {
        return isset($this->now->layers[$layer]) && $this->was->layers[$layer]->treatment->has(TreatmentKind::Cook) && !$this->now->layers[$layer]->treatment->isHot();
    }

    private function act(Act $act): string
    {
        $taken = array_map(static fn(Part $part): string => $part->key(), $act->parts);
        if ($this->isCookedForEgg($act)) {
            return 'warm it, stirring, until smooth';
        }
        $alone = $this->alone($act);
        if ($alone !== null) {
            return "put the $alone->named in the bowl or pan";
        }
        if ($this->leavesAir($act) || $this->speaksOfNothing($act)) {
            $names = array_values(array_unique(array_merge(...array_map(fn(Part $part): array => $this->arrivals->isGone($part) ? array_map($this->arrivals->name(...), $this->arrivals->named($part)) : [$part->named], $act->parts))));

            return $names === [] ? '' : 'stir in ' . Wording::listed(array_map(static fn(string $name): string => "the $name", $names));
        }

        return $this->renamed($act->words, $taken, [$act]);
    }

    /** Names of what is there already and gets more, where a line left and nothing else stands there: "some of the milk"; null where there is no liquid of it. */
    private function some(Part $part): ?string
    {
        foreach ($this->now->layers[$part->layer]->understood() as $line) {
            $id = (string) $line->ingredient;
            if ($this->arrivals->isLiquid($id) && $line->grams > 1.02 * Arrivals::grams($this->was, $part->layer, $id) && Arrivals::holds($this->was, $part->layer, $id)) {
                return 'some of the ' . $this->arrivals->name($id);
            }
        }

        return null;
    }

    /** @return list<string> names of what goes in where a line went in */
    private function names(Part $part): array
    {
        $names = array_map($this->arrivals->name(...), $this->arrivals->named($part));
        // What stands for it has gone in elsewhere, by a step of its own.
        $some = $names === [] && $this->arrivals->all($part) === [] ? $this->some($part) : null;

        return $some === null ? $names : [$some];
    }

    /**
     * The words with what left called by what stands in for it; what nothing stands in for is taken out of its list.
     *
     * @param list<string> $taken keys of lines that go in here; the others are only spoken of
     * @param ?list<Act> $reach what is done here: words speak of nothing but what is in it; null where it is no step
     */
    private function renamed(string $words, array $taken, ?array $reach = null): string
    {
        // "For the crème pâtissière: …" names a layer, and no cream.
        if (preg_match('~^(\W*(?:for|to make) the [^,:]{1,40}[,:])(.+)$~isu', $words, $m) === 1) {
            return $m[1] . $this->renamed($m[2], $taken, $reach);
        }
        $was = $words;
        $isEgg = false;
        foreach (preg_split('~[,+&;:/()]|\band\b|\bwith\b~iu', $words) ?: [] as $piece) {
            foreach ($this->nouns->in($this->spelling->words($piece)) as $found) {
                $parts = self::partsOf($found['lines']);
                // "Sugar" is in two layers: here it is that of this step.
                $here = array_values(array_filter($parts, static fn(Part $part): bool => \in_array($part->key(), $taken, true)));
                $parts = $here === [] ? $parts : $here;
                if ($parts === [] || array_filter($parts, fn(Part $part): bool => $this->arrivals->isMadeApart($part)) !== []) {
                    continue;
                }
                if (\count($parts) === 1) {
                    $words = $this->wording->measured($words, $found['phrase'], $this->arrivals->factor($parts[0]));
                }
                if (array_filter($parts, fn(Part $part): bool => !$this->arrivals->isGone($part)) !== []) {
                    $words = $here === [] ? $words : $this->beside($words, $found['phrase'], $parts);
                    continue;
                }
                $isEgg = $isEgg || array_filter($parts, fn(Part $part): bool => $this->nouns->ingredients[$part->key()]->group === 'egg' && array_intersect($this->arrivals->whipped($part), $this->arrivals->named($part)) === []) !== [];
                if ($here !== []) {
                    $words = $this->exchanged($words, $found['phrase'], $parts);
                } elseif (max([0, ...array_values($found['lines'])]) < LineNouns::HEAD) {
                    // "Pale golden" is no golden sugar.
                    continue;
                } elseif ($reach === null || $this->isReached($words, $found['phrase'], $parts, $reach)) {
                    $words = $this->spokenOf($words, $found['phrase'], $parts);
                }
            }
        }
        if ($isEgg && $words !== $was) {
            $words = (string) preg_replace('~,?\s+one\s+(?:at\s+a\s+time|by\s+one|after\s+(?:the\s+other|another))\b~iu', '', $words);
            $words = (string) preg_replace(self::SIGNS, ' until smooth', $words, 1);
        }

        return $this->partsOfEggs($words);
    }

    /**
     * Whether a phrase speaks of what is in one of the acts it stands in the words of: the cream éclairs are filled with is not that of the glaze.
     *
     * @param list<Part> $parts
     * @param list<Act> $acts
     */
    private function isReached(string $words, string $phrase, array $parts, array $acts): bool
    {
        $said = $this->wording->standing($words, $phrase) ?? $phrase;
        foreach ($acts as $act) {
            $in = mb_stripos($act->words, $said) === false ? [] : array_map(static fn(Part $part): string => $part->key(), $this->method->partsIn($act));
            if (array_filter($parts, static fn(Part $part): bool => \in_array($part->key(), $in, true)) !== []) {
                return true;
            }
        }

        return false;
    }

    /**
     * What comes in beside a line that stays, named with it.
     *
     * @param non-empty-list<Part> $parts
     */
    private function beside(string $words, string $phrase, array $parts): string
    {
        $said = $this->wording->standing($words, $phrase);
        $names = array_values(array_unique(array_merge(...array_map(fn(Part $part): array => array_map($this->arrivals->name(...), $this->arrivals->beside($part)), $parts))));
        $names = array_values(array_filter($names, fn(string $name): bool => !isset($this->said[$name])));
        foreach ($names as $name) {
            $this->said[$name] = true;
        }

        return $said === null || $names === [] ? $words : $this->wording->exchanged($words, $phrase, [$said, ...$names]);
    }

    /** @param non-empty-list<Part> $parts */
    private function exchanged(string $words, string $phrase, array $parts): string
    {
        $names = array_values(array_unique(array_merge(...array_map($this->names(...), $parts))));
        // Eggs and yolks in one list are replaced by the same once.
        $names = array_values(array_filter($names, fn(string $name): bool => !isset($this->said[$name])));
        foreach ($names as $name) {
            $this->said[$name] = true;
        }

        return $names === [] ? $this->wording->without($words, $phrase) : $this->wording->exchanged($words, $phrase, $names);
    }

    /**
     * What is only spoken of: by the name of what stands for it, or as the mixture it is in.
     *
     * @param non-empty-list<Part> $parts
     */
    private function spokenOf(string $words, string $phrase, array $parts): string
    {
        $said = $this->wording->standing($words, $phrase);
        // "Spoon over the creams": what is served, and no cream.
        if ($said !== null && preg_match('~(?:creams|custards)$~iu', $said) === 1) {
            return $words;
        }
        if ($said !== null && preg_match('~\b' . preg_quote($said, '~') . '\s+(?:mix(?:ture)?|batter|base|foam)\b~iu', $words) === 1) {
            return (string) preg_replace('~\b' . preg_quote($said, '~') . '\s+(?=(?:mix(?:ture)?|batter|base|foam)\b)~iu', '', $words);
        }
        // What was boiled in a pot of its own is stirred in with that.
        $called = fn(string $id): string => $this->words->isEnglish() && Agents::of($id)?->stirredAbove !== null ? "hot {$this->arrivals->name($id)} mixture" : $this->arrivals->name($id);
        $names = array_values(array_unique(array_merge(...array_map(fn(Part $part): array => array_map($called, $this->arrivals->all($part)), $parts))));

        return match (true) {
            $names === [] => $this->wording->without($words, $phrase),
            \count($names) > 2 => \count($parts) === 1 && $this->nouns->ingredients[$parts[0]->key()]->group === 'sugar' ? $words : $this->wording->exchanged($words, $phrase, 'mixture'),
            default => $this->wording->exchanged($words, $phrase, $names),
        };
    }

    /** "The yolks" of eggs that stood as one line: called by what stands in for the egg, whites by what is whipped in their place. */
    private function partsOfEggs(string $words): string
    {
        if (!$this->wording->speaksOfYolks($words) && !$this->wording->speaksOfWhites($words)) {
            return $words;
        }
        foreach ($this->nouns->ingredients as $key => $in) {
            $part = Part::at((string) $key);
            if ($in->class !== 'whole-egg' || !$this->arrivals->isGone($part)) {
                continue;
            }
            $whipped = array_map($this->arrivals->name(...), $this->arrivals->whipped($part));
            $plain = array_values(array_diff(array_map($this->arrivals->name(...), $this->arrivals->named($part)), $whipped)) ?: $whipped;
            $words = $this->wording->eggsAs($words, $plain, $whipped === [] ? $plain : $whipped);
        }

        return $words;
    }
}
