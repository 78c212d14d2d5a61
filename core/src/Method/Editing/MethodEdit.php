<?php

declare(strict_types=1);

namespace Transmuta\Method\Editing;

use Transmuta\Formula\Formula;
use Transmuta\Formula\Step;
use Transmuta\Intake\Spelling;
use Transmuta\Method\Act;
use Transmuta\Method\Method;
use Transmuta\Method\Part;
use Transmuta\Method\Reading\LineNouns;
use Transmuta\Method\Sentence;
use Transmuta\Method\SentenceKind;
use Transmuta\Shelf\Shelf;

/**
 * The maker's method after lines were swapped. A step nothing touches stays to the letter. What is replaced is called by its new name where it stands; a step
 * that only served what left goes with it; an agent that comes in brings the step it asks for, put where the layer can meet it.
 */
final class MethodEdit
{
    /** What can be done to an egg, a gelatin or a syrup alone: a stand-in is only mixed in. */
    private const OF_ITS_OWN = ['separate_eggs', 'blanch_yolks', 'whisk_ribbon', 'temper_eggs', 'meringue_french', 'meringue_swiss', 'meringue_italian', 'bloom', 'drain', 'beat_in', 'whip', 'egg_wash'];

    /** What a mass is filled, baked or left by: what joins it last goes before. */
    private const ENDS = ['fill', 'pipe', 'bake', 'bake_water', 'chill', 'freeze', 'spread', 'press_base', 'pour_over', 'churn', 'fold'];

    /** What beats air into something that holds it. */
    private const WHIPS = ['whip', 'meringue_french', 'meringue_swiss', 'meringue_italian', 'whisk_ribbon'];

    /** @var array<int, list<string>> sentences put in before a sentence, by its place */
    private array $before = [];

    /** @var list<string> steps put in at the end */
    private array $end = [];

    /** @var array<int, string> what has become of each act: '' where it is gone */
    private array $acts = [];

    private readonly LineNouns $nouns;

    /**
     * @param array<int, array<string, list<string>>> $standsFor ids that come in for each id that leaves, by the place of the layer
     */
    private function __construct(private readonly Formula $was, private readonly Method $method, private readonly Formula $now, private readonly array $standsFor, private readonly Shelf $shelf, private readonly Spelling $spelling)
    {
        $ingredients = [];
        foreach ($was->layers as $n => $layer) {
            foreach ($layer->understood() as $i => $line) {
                $ingredients["$n.$i"] = $shelf->get((string) $line->ingredient);
            }
        }
        $this->nouns = new LineNouns($was, $ingredients, $spelling);
    }

    /**
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
        foreach (array_keys($this->now->layers) as $layer) {
            $this->bringIn($layer);
        }
        $has = [];
        foreach ($this->method->acts as $n => $act) {
            $isAlive = $this->isAlive($act, $has);
            // Where an act goes, what it was done to goes on without it.
            $has[$n] = $isAlive || array_filter($act->from, static fn(int $from): bool => $has[$from] ?? true) !== [];
            $this->acts[$n] = $isAlive ? $this->renamed($act->words, $act, array_map(static fn(Part $part): string => $part->key(), $act->parts)) : '';
        }
        $steps = [];
        foreach ($this->was->method as $at => $step) {
            $steps[] = $this->edited($at, $step);
        }
        foreach ($this->end as $text) {
            $steps[] = new EditedStep(new Step($text), 'new', '');
        }

        return $steps;
    }

    private function edited(int $at, Step $step): EditedStep
    {
        $told = [];
        $isTouched = false;
        foreach ($this->method->sentences as $n => $sentence) {
            if ($sentence->step !== $at) {
                continue;
            }
            foreach ($this->before[$n] ?? [] as $new) {
                $told[] = $new;
                $isTouched = true;
            }
            $text = $this->sentence($n, $sentence);
            $isTouched = $isTouched || $text !== $sentence->text;
            if ($text !== '') {
                $told[] = $text;
            }
        }

        return match (true) {
            !$isTouched => new EditedStep($step, 'same', $step->text),
            $told === [] => new EditedStep(new Step('', $step->id), 'gone', $step->text),
            default => new EditedStep(new Step(self::numbered($step->text) . implode(' ', $told), $step->id), 'edited', $step->text),
        };
    }

    /** "3. ", where the maker numbered the step. */
    private static function numbered(string $text): string
    {
        return preg_match('~^\s*(?:step\s*)?\d{1,2}\s*[.):]\s+~iu', $text, $m) === 1 ? $m[0] : '';
    }

    private function sentence(int $n, Sentence $sentence): string
    {
        $acts = array_filter($this->method->acts, static fn(Act $act): bool => $act->sentence === $n);
        if ($sentence->kind !== SentenceKind::Steps || $acts === []) {
            return $this->renamed($sentence->text, null, []);
        }
        $taken = array_merge(...array_map(static fn(Act $act): array => array_map(static fn(Part $part): string => $part->key(), $act->parts), array_values($acts)));
        $alive = array_filter(array_intersect_key($this->acts, $acts), static fn(string $words): bool => $words !== '');
        if ($alive === []) {
            return '';
        }
        if (\count($alive) === \count($acts)) {
            $isPlain = array_filter($acts, fn(Act $act): bool => $this->isRewritten($act)) === [];
            if ($isPlain) {
                return $this->renamed($sentence->text, null, $taken);
            }
        }

        return self::asSentence(implode(', then ', array_map(static fn(string $words): string => rtrim(trim($words), ' ,.;'), $alive)));
    }

    private static function asSentence(string $words): string
    {
        $words = (string) preg_replace('~^(?:then|and)\s+~iu', '', $words);

        return mb_strtoupper(mb_substr($words, 0, 1)) . mb_substr($words, 1) . '.';
    }

    /**
     * @param array<int, bool> $before whether there is anything of each act before it
     */
    private function isAlive(Act $act, array $before): bool
    {
        if ($act->parts !== []) {
            $left = array_filter($act->parts, fn(Part $part): bool => !$this->isGone($part) || $this->plain($part) !== []);

            return $left !== [];
        }
        $gone = array_filter($act->from, static fn(int $from): bool => !($before[$from] ?? true));
        if ($gone === []) {
            return true;
        }

        // "Stir it into the warm cream": it is what left.
        return \count($gone) < \count($act->from) && preg_match('~^\W*[\p{L}-]+\s+(?:it|them|this)\b~iu', $act->words) !== 1;
    }

    /** Whether what is done was of the one that left, and is told anew for its stand-in. */
    private function isRewritten(Act $act): bool
    {
        $gone = array_filter($act->parts, $this->isGone(...));
        if (!\in_array($act->operation->key, self::OF_ITS_OWN, true) || $gone === []) {
            return false;
        }

        // What holds air as well is whipped in its place.
        return !\in_array($act->operation->key, self::WHIPS, true) || array_filter($gone, fn(Part $part): bool => $this->whipped($part) === []) !== [];
    }

    private function isGone(Part $part): bool
    {
        $id = $this->idOf($part);

        return !$this->holds($this->now, $part->layer, $id);
    }

    private function idOf(Part $part): string
    {
        return (string) $this->was->layers[$part->layer]->understood()[$part->line]->ingredient;
    }

    private function holds(Formula $formula, int $layer, string $id): bool
    {
        foreach (($formula->layers[$layer] ?? null)?->understood() ?? [] as $line) {
            if ($line->ingredient === $id && $line->grams > 0.0) {
                return true;
            }
        }

        return false;
    }

    /** @return list<string> ids of what stands in for a line and is there */
    private function stands(Part $part): array
    {
        return array_values(array_filter($this->standsFor[$part->layer][$this->idOf($part)] ?? [], fn(string $id): bool => $this->holds($this->now, $part->layer, $id)));
    }

    /** @return list<string> names of what stands in for a line and is only mixed in */
    private function plain(Part $part): array
    {
        return array_values(array_unique(array_map($this->name(...), array_values(array_filter($this->stands($part), fn(string $id): bool => Agents::of($id) === null || $this->isWhippedFor($part, $id))))));
    }

    /** @return list<string> ids of what stands in for a line and holds air as it does */
    private function whipped(Part $part): array
    {
        return array_values(array_filter($this->stands($part), fn(string $id): bool => $this->shelf->get($id)->does('foam-overrun') > 0.0));
    }

    /** Whether what stands in is whipped where the line it stands for was. */
    private function isWhippedFor(Part $part, string $id): bool
    {
        return $this->shelf->get($id)->does('foam-overrun') > 0.0 && array_filter($this->method->acts, static fn(Act $act): bool => \in_array($act->operation->key, self::WHIPS, true) && array_filter($act->parts, static fn(Part $of): bool => $of->key() === $part->key()) !== []) !== [];
    }

    private function name(string $id): string
    {
        $in = $this->shelf->get($id);
        $name = mb_strtolower(trim((string) preg_replace('~\s*(?:[,(].*|\b(?:de\s+)?\d+\s*%?.*)$~iu', '', $in->name)));

        return str_contains($name, ' or ') || $name === '' ? ($in->called()[0] ?? $name) : $name;
    }

    /**
     * The words with what left called by what stands in for it; what nothing stands in for is taken out of its list.
     *
     * @param list<string> $taken keys of lines that go in here; the others are only spoken of
     */
    private function renamed(string $words, ?Act $act, array $taken): string
    {
        if ($act !== null && $this->isRewritten($act)) {
            $names = array_merge(...array_map(fn(Part $part): array => $this->isGone($part) ? $this->plain($part) : [$part->named], $act->parts));

            return $names === [] ? '' : 'mix in ' . self::listed(array_map(static fn(string $name): string => "the $name", array_values(array_unique($names))));
        }
        // "For the crème pâtissière: …" names a layer, and no cream.
        if (preg_match('~^(\W*(?:for|to make) the [^,:]{1,40}[,:])(.+)$~isu', $words, $m) === 1) {
            return $m[1] . $this->renamed($m[2], $act, $taken);
        }
        foreach (preg_split('~[,+&;:/()]|\band\b|\bwith\b~iu', $words) ?: [] as $piece) {
            foreach ($this->nouns->in($this->spelling->words($piece)) as $found) {
                $keys = array_map(strval(...), array_keys($found['lines']));
                $parts = array_map(static fn(string $key): Part => new Part((int) $key, (int) substr((string) strstr($key, '.'), 1), 1.0, ''), $keys);
                if ($parts === [] || array_filter($parts, fn(Part $part): bool => !$this->isGone($part)) !== []) {
                    continue;
                }
                $isSpokenOf = array_intersect($keys, $taken) === [];
                $names = array_values(array_unique(array_merge(...array_map(fn(Part $part): array => $isSpokenOf ? array_map($this->name(...), $this->stands($part)) : $this->plain($part), $parts))));
                if (array_filter($parts, fn(Part $part): bool => $this->nouns->ingredients[$part->key()]->group === 'egg') !== []) {
                    $words = (string) preg_replace('~,?\s+one\s+(?:at\s+a\s+time|by\s+one|after\s+(?:the\s+other|another))\b~iu', '', $words);
                }
                $words = $names === [] ? $this->without($words, $found['phrase']) : $this->exchanged($words, $found['phrase'], self::listed($names));
            }
        }

        return $this->partsOfEggs($words);
    }

    /** "The yolks" of eggs that stood as one line: called by what stands in for the egg, whites by what is whipped in their place. */
    private function partsOfEggs(string $words): string
    {
        if (preg_match('~\b(?:egg\s+)?(yolks?|whites?)\b~iu', $words) !== 1) {
            return $words;
        }
        foreach ($this->nouns->ingredients as $key => $in) {
            $part = new Part((int) $key, (int) substr((string) strstr((string) $key, '.'), 1), 1.0, '');
            if ($in->class !== 'whole-egg' || !$this->isGone($part)) {
                continue;
            }
            $whipped = array_map($this->name(...), $this->whipped($part));
            $plain = array_values(array_diff(array_map($this->name(...), $this->stands($part)), $whipped)) ?: $whipped;
            foreach (['yolks?' => $plain, 'whites?' => $whipped === [] ? $plain : $whipped] as $word => $names) {
                if ($names !== []) {
                    $words = self::asBegun($words, (string) preg_replace("~\\b(?:egg\\s+)?(?:$word)\\b~iu", self::listed($names), $words));
                }
            }
        }

        return $words;
    }

    /** @param list<string> $names */
    private static function listed(array $names): string
    {
        $last = array_pop($names);

        return $names === [] ? (string) $last : implode(', ', $names) . " and $last";
    }

    /** A phrase as it stands in the words: "sponge fingers" for what is spelt ladyfinger; null where it is not there any more. */
    private function standing(string $words, string $phrase): ?string
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

    private function exchanged(string $words, string $phrase, string $by): string
    {
        $said = $this->standing($words, $phrase);
        if ($said === null || mb_strtolower($said) === $by) {
            return $words;
        }

        $now = (string) preg_replace('~(?<![\p{L}-])' . preg_quote($said, '~') . '(?![\p{L}-])~u', $by, $words);

        // "Sponge finger fingers": what the name ends with is not said twice.
        return self::asBegun($words, (string) preg_replace('~\b(\p{L}{3,})\s+\1(?:e?s)?\b~iu', '$1', $now));
    }

    /** With a capital where it had one. */
    private static function asBegun(string $was, string $now): string
    {
        return mb_substr($was, 0, 1) !== mb_strtolower(mb_substr($was, 0, 1)) ? mb_strtoupper(mb_substr($now, 0, 1)) . mb_substr($now, 1) : $now;
    }

    private function without(string $words, string $phrase): string
    {
        $said = $this->standing($words, $phrase);
        if ($said === null) {
            return $words;
        }
        $is = '(?:the\s+|your\s+|half\s+(?:of\s+)?the\s+|rest\s+of\s+the\s+|remaining\s+)?(?:(?!and\b|with\b|the\b)[\p{L}-]+\s+)?' . preg_quote($said, '~') . '(?![\p{L}-])';
        foreach (['~\s*,\s*' . $is . '(?=\s*(?:,|and\b|$|\.))~iu', '~\s*,?\s+(?:and|with|\+)\s+' . $is . '~iu', '~(?<![\p{L}-])' . $is . '\s*(?:,|and|\+)\s+~iu'] as $way) {
            $left = (string) preg_replace($way, '', $words, 1, $count);
            if ($count === 1) {
                return self::asBegun($words, $left);
            }
        }

        return $words;
    }

    /** What comes into a layer and is named nowhere gets its step. */
    private function bringIn(int $layer): void
    {
        $stands = array_merge(...array_values($this->standsFor[$layer] ?? []), ...[[]]);
        foreach ($this->now->layers[$layer]->understood() as $line) {
            $id = (string) $line->ingredient;
            if ($line->grams <= 0.0 || $this->holds($this->was, $layer, $id)) {
                continue;
            }
            $agent = Agents::of($id);
            // What stands in for a line and is only mixed in, or whipped as it was, is named where that line was.
            if (\in_array($id, $stands, true) && $this->isNamedSomewhere($layer, $id, $agent === null)) {
                continue;
            }
            $text = str_replace('{name}', 'the ' . $this->name($id), $agent['step'] ?? 'Mix in {name}.');
            $at = $this->place($layer, $agent['goes_in'] ?? 'after');
            if ($at === null) {
                $this->end[] = $text;
            } else {
                $this->before[$at][] = $text;
            }
        }
    }

    /** Whether a line it stands in for goes in at a step that stays. */
    private function isNamedSomewhere(int $layer, string $id, bool $isPlain): bool
    {
        foreach ($this->method->acts as $act) {
            foreach ($act->parts as $part) {
                if ($part->layer === $layer && \in_array($id, $this->standsFor[$layer][$this->idOf($part)] ?? [], true) && ($isPlain || $this->isWhippedFor($part, $id))) {
                    return true;
                }
            }
        }

        return false;
    }

    /** The sentence before which something goes in; null where the layer has none. */
    private function place(int $layer, string $goesIn): ?int
    {
        $of = array_values(array_filter($this->method->acts, static fn(Act $act): bool => $act->layer === $layer && $act->sentence >= 0 && !$act->operation->isBare() && !\in_array($act->operation->key, ['prepare_tin', 'line_acetate', 'chill_tools'], true)));
        if ($of === []) {
            return null;
        }
        $first = $of[0]->sentence;
        $hot = array_values(array_filter($of, static fn(Act $act): bool => $act->operation->isHot() && $act->operation->heats !== 'oven'));
        $ends = array_values(array_filter($of, static fn(Act $act): bool => \in_array($act->operation->key, self::ENDS, true)));

        return match ($goesIn) {
            'boil' => $hot[0]->sentence ?? $ends[0]->sentence ?? $first,
            'warm' => $hot === [] ? ($ends[0]->sentence ?? $first) : $this->after(end($hot), $ends[0] ?? null),
            'last', 'after' => $ends[0]->sentence ?? $first,
            'whip' => array_values(array_filter($of, static fn(Act $act): bool => $act->operation->key === 'fold'))[0]->sentence ?? $ends[0]->sentence ?? $first,
            default => $first,
        };
    }

    /** The sentence that follows an act, no later than where the mass is filled. */
    private function after(Act $act, ?Act $end): int
    {
        $next = min($act->sentence + 1, \count($this->method->sentences) - 1);

        return $end === null || $end->sentence < $act->sentence ? $next : min($next, max($end->sentence, $act->sentence));
    }
}
