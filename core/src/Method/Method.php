<?php

declare(strict_types=1);

namespace Transmuta\Method;

/** The maker's method, understood: what is done in which order to what, and what of the words is no step. */
final readonly class Method
{
    /** Operations that beat air into something that holds it. */
    public const WHIPS = ['whip', 'meringue_french', 'meringue_swiss', 'meringue_italian', 'whisk_ribbon'];

    /**
     * @param list<Sentence> $sentences all of them, in order
     * @param list<Act> $acts in an order in which they may be done
     * @param list<Part> $unsaid lines that no sentence names: they go in where their layer begins
     */
    public function __construct(public array $sentences, public array $acts, public array $unsaid) {}

    /** @return list<int> places of an act and of all whose products have gone into it */
    public function into(int $act): array
    {
        $open = [$act];
        for ($in = []; $open !== [];) {
            $n = array_pop($open);
            if (!isset($in[$n])) {
                $in[$n] = true;
                array_push($open, ...$this->acts[$n]->from);
            }
        }

        return array_keys($in);
    }

    /** Whether a line is whipped by itself, in a step or as it is spoken of where it goes in: "fold in the whipped cream". */
    public function isWhipped(string $line): bool
    {
        foreach ($this->acts as $act) {
            $of = array_values(array_filter($act->parts, static fn(Part $part): bool => $part->key() === $line));
            if ($of !== [] && (\in_array($act->operation->key, self::WHIPS, true) || ($of[0]->named !== '' && preg_match('~\b(?:whipped|whisked)\s+(?:\w+\s+)?' . preg_quote($of[0]->named, '~') . '|' . preg_quote($of[0]->named, '~') . '\w*,?\s+(?:\w+\s+)?(?:whipped|whisked)\b~iu', $act->words) === 1))) {
                return true;
            }
        }

        return false;
    }

    /** @return list<int> places of an act and of all that is done to its product */
    public function after(int $act): array
    {
        $in = [$act => true];
        foreach ($this->acts as $n => $later) {
            if ($n > $act && array_intersect_key(array_fill_keys($later->from, true), $in) !== []) {
                $in[$n] = true;
            }
        }

        return array_keys($in);
    }

    /** The act in which a line, or what became of it, was put to the rest; null where no step says. */
    public function joining(string $line): ?int
    {
        $in = [];
        foreach ($this->acts as $n => $act) {
            if (array_filter($act->parts, static fn(Part $part): bool => $part->key() === $line) !== []) {
                $in[$n] = true;
            } elseif (array_intersect($act->from, array_keys($in)) !== []) {
                if (array_diff($act->from, array_keys($in)) !== [] || $act->parts !== []) {
                    return $n;
                }
                $in[$n] = true;
            }
        }

        return null;
    }

    /** @return list<Part> lines in what an act works on, with those that go in at it */
    public function partsIn(Act $act): array
    {
        return array_merge(...array_map(fn(int $n): array => $this->acts[$n]->parts, $this->into((int) array_search($act, $this->acts, true))));
    }

    /**
     * The same steps of a first list that stands in layers: a step is of the layer of what goes in at it, else of the mass at hand, of several of the heaviest.
     *
     * @param list<list<array{int, int}>> $places by layer: layer and line of each line of it
     * @param list<list<float>> $grams of each
     */
    public function placed(array $places, array $grams): self
    {
        $move = static fn(Part $part): Part => new Part($places[$part->layer][$part->line][0], $places[$part->layer][$part->line][1], $part->share, $part->named, $part->isDrafted);
        $acts = [];
        foreach ($this->acts as $act) {
            $mass = [];
            foreach ($act->parts === [] ? $this->partsIn($act) : $act->parts as $part) {
                $at = $places[$part->layer][$part->line][0];
                $mass[$at] = ($mass[$at] ?? 0.0) + $part->share * $grams[$part->layer][$part->line];
            }
            arsort($mass);
            // A step of a layer with a heading of its own stays of that.
            $acts[] = $act->of($act->layer > 0 ? $places[$act->layer][0][0] ?? 0 : (array_key_first($mass) ?? 0), array_map($move, $act->parts));
        }

        return new self($this->sentences, $acts, array_map($move, $this->unsaid));
    }

    /** @return list<Sentence> that nobody understands */
    public function unread(): array
    {
        return array_values(array_filter($this->sentences, static fn(Sentence $one): bool => $one->kind === SentenceKind::Unread));
    }
}
