<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Substitution;

use Transmuta\Formula\Line;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Shelf;

/** Weighs the plain ways of a kind of mass out for one layer: its lines leave together, and what comes in is dosed by what they were. */
final readonly class PlainWays
{
    /** Classes of what is dosed by what it does, and moves further from its dose than what stands in weight for weight. */
    private const AGENTS = ['gel-agent', 'gelatin', 'starch', 'thickener', 'emulsifier', 'acid', 'bulk-sweetener', 'intense-sweetener', 'mineral', 'water'];

    /** How far a dose may go down and up: of an agent, of what fills the mass up, of anything else. */
    private const AGENT = [0.6, 1.6];
    private const REST = [0.4, 1.6];
    private const BODY = [0.75, 1.3];

    /** Share of the layer under which what is left to fill up is nothing. */
    private const NO_REST = 0.01;

    public function __construct(private Shelf $shelf, private Permit $permit) {}

    /**
     * @param string $kind of the layer's mass
     * @param array<int, Line> $lines of the layer
     * @param list<int> $banned those that must leave
     * @param float $mass of the layer before losses, g
     *
     * @return list<PlainWay> the plainest first; none where the kind has none, or a thing that may not come in
     */
    public function of(string $kind, array $lines, array $banned, float $mass): array
    {
        if ($banned === []) {
            return [];
        }
        $found = [];
        foreach (KindWays::of($kind, $this->permit->asked()) as $way) {
            $leaves = array_filter($lines, fn(Line $line): bool => $line->grams > 0.0 && !$line->pinned && \in_array($this->in($line)->class, $way->out, true));
            if (array_intersect(array_keys($leaves), $banned) === []) {
                continue;
            }
            $one = $this->weighed($way, $leaves, array_diff_key($lines, $leaves), $mass);
            if ($one !== null) {
                $found[] = $one;
            }
        }

        return $found;
    }

    /**
     * @param array<int, Line> $leaves
     * @param array<int, Line> $stays
     */
    private function weighed(KindWay $way, array $leaves, array $stays, float $mass): ?PlainWay
    {
        $sum = static fn(array $of): float => array_sum(array_map(static fn(Line $line): float => $line->grams, $of));
        $grams = $agents = $for = [];
        $rest = null;
        foreach ($way->in as $item) {
            $of = $item->of === [] ? [] : array_filter($leaves, fn(Line $line): bool => \in_array($this->in($line)->class, $item->of, true));
            if ($item->of !== [] && $of === []) {
                continue;
            }
            $id = $this->first($item);
            if ($id === null) {
                return null;
            }
            $of = $of === [] ? $leaves : $of;
            uasort($of, static fn(Line $a, Line $b): int => $b->grams <=> $a->grams);
            $for[$id] ??= (int) array_key_first($of);
            if ($item->factor === null) {
                $rest = $id;
                continue;
            }
            $grams[$id] = ($grams[$id] ?? 0.0) + $item->factor * ($item->of === [] ? $mass : $sum($of));
        }
        if ($rest !== null) {
            $left = $sum($leaves) - array_sum($grams);
            if ($left > self::NO_REST * $mass) {
                $grams[$rest] = ($grams[$rest] ?? 0.0) + $left;
            }
        }
        $most = $grams === [] ? '' : (string) array_search(max($grams), $grams, true);
        $comes = [];
        foreach ($grams as $id => $typical) {
            [$low, $high] = $id === $rest ? self::REST : (\in_array($this->shelf->get((string) $id)->class, self::AGENTS, true) ? self::AGENT : self::BODY);
            $comes[(string) $id] = ['dose' => new Dose($typical, $low * $typical, $high * $typical, (string) $id === $most), 'for' => $for[$id]];
        }
        $stands = [];
        foreach (array_keys($leaves) as $i) {
            $mix = array_map(static fn(array $one): float => $one['dose']->typical, array_filter($comes, static fn(array $one): bool => $one['for'] === $i));
            $stands[$i] = $mix === [] ? null : $this->substitution($mix, $leaves[$i]->grams);
        }

        return array_filter($stands) === [] && $comes !== [] ? null : new PlainWay($stands, $comes);
    }

    /** The first of what an item may be that may come in. */
    private function first(WayItem $item): ?string
    {
        foreach ($item->things as $id) {
            $in = $this->shelf->find($id);
            if ($in !== null && $this->permit->allows($in)) {
                return $id;
            }
        }

        return null;
    }

    /** @param non-empty-array<string, float> $mix g */
    private function substitution(array $mix, float $replaced): Substitution
    {
        $sum = array_sum($mix);

        return new Substitution('way.' . implode('.', array_keys($mix)), [], 'any', array_map(static fn(float $grams): float => $grams / $sum, $mix), $sum / max(1e-9, $replaced), [], 0.0, false, '', '', 'trade');
    }

    private function in(Line $line): Ingredient
    {
        return $this->shelf->get((string) $line->ingredient);
    }
}
