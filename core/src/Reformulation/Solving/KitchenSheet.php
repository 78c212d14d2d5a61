<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Solving;

use Transmuta\Property\LayerReading;
use Transmuta\Property\Reader;
use Transmuta\Quantity\KitchenWeights;
use Transmuta\Reformulation\Deviation\Job;
use Transmuta\Reformulation\Deviation\LayerKind;
use Transmuta\Reformulation\Deviation\Weights;
use Transmuta\Reformulation\Substitution\Unknown;

/**
 * Makes of a solved layer what a hand weighs: things that can be done without leave, lines that need not move stay at the kitchen's own figure, and
 * what is left is weighed in steps a scale and a hand know. Each step is judged by reading the layer anew, and is taken only where nothing that makes or
 * breaks it is off by more than a part of its tolerance, and nothing of the brief is passed: the printed weights are the ones that were judged.
 */
final readonly class KitchenSheet
{
    /** What comes in for the sake of a job; a flavour, a colour, salt and acid are there for themselves. */
    private const WORKERS = ['dairy', 'plant', 'fat', 'protein', 'agent', 'starch', 'sugar', 'sweetener', 'nut', 'fibre'];

    /** Passes over the lines that stay, each letting go of those that must move after all. */
    private const PASSES = 3;

    /** Weighings tried to bring a rounded sheet back within its tolerances. */
    private const TRIES = 40;

    /**
     * @param \Closure(list<Unknown>): LayerProblem $problem the same layer with other lines to be weighed
     * @param bool $asksProtein whether the brief asks for protein: else nobody misses what only brought it
     * @param bool $isWantedOtherwise whether something is wanted otherwise than it was: then nothing slides back towards it within its tolerance
     */
    public function __construct(private Reader $reader, private LayerReading $was, private \Closure $problem, private bool $asksProtein, private bool $isWantedOtherwise) {}

    /**
     * @param list<Unknown> $unknowns every line of the solved layer
     * @param list<float> $grams
     *
     * @param bool $isGentle whether nothing is left out or held, and only the weights are rounded
     *
     * @return array{LayerProblem, list<float>} the layer as it is weighed
     */
    public function of(array $unknowns, array $grams, bool $isGentle = false): array
    {
        $best = new Weighing(($this->problem)($unknowns), $unknowns, $grams);
        $bounds = $this->bounds($best);
        $best = $isGentle ? $best : $this->staying($this->fewer($best, $bounds), $bounds);
        $best = $this->rounded($best, $bounds);

        return [$best->problem, $best->grams];
    }

    /** Takes each line that came in out again, the smallest first, and solves without it: what can be done without is left out. */
    private function fewer(Weighing $best, Bounds $bounds): Weighing
    {
        $candidates = [];
        foreach ($best->unknowns as $i => $unknown) {
            $in = $this->reader->shelf->get($unknown->ingredient);
            if (!$unknown->kept && $unknown->was === null && !$unknown->names && !$unknown->fixed && \in_array($in->group, self::WORKERS, true) && !$this->reader->characters->isTasted($in)) {
                $candidates[$unknown->ingredient] = $best->grams[$i];
            }
        }
        asort($candidates);
        foreach (array_keys($candidates) as $ingredient) {
            $left = $this->solved(array_values(array_filter($best->unknowns, static fn(Unknown $u): bool => $u->ingredient !== $ingredient || $u->was !== null)), $best);
            $best = $left !== null && $bounds->hold($left) ? $left : $best;
        }

        return $best;
    }

    /** Holds the lines of the original at their own figure, all of them if it can be, else those that need not move. */
    private function staying(Weighing $best, Bounds $bounds): Weighing
    {
        $moved = [];
        foreach ($best->unknowns as $i => $unknown) {
            if ($unknown->kept && !$unknown->fixed && $unknown->was !== null && $unknown->was > 0.0 && $unknown->near === $unknown->was) {
                $moved[$i] = abs($best->grams[$i] - $unknown->was) / $unknown->was;
            }
        }
        asort($moved);
        for ($pass = 0; $pass < self::PASSES && $moved !== []; ++$pass) {
            $held = array_map(static fn(Unknown $u, int $i): Unknown => isset($moved[$i]) ? $u->held() : $u, $best->unknowns, array_keys($best->unknowns));
            $tried = $this->solved($held, $best);
            if ($tried !== null && $bounds->hold($tried)) {
                return $tried;
            }
            // Half of them, those that would move furthest, are let go.
            $moved = \array_slice($moved, 0, intdiv(\count($moved), 2), true);
        }

        return $best;
    }

    /** Weighs what is no line as it was written in the widest steps that hold. */
    private function rounded(Weighing $best, Bounds $bounds): Weighing
    {
        foreach (KitchenWeights::cases() as $weights) {
            $grams = $best->grams;
            foreach ($grams as $i => $weighed) {
                if ($this->isRounded($best, $i)) {
                    $grams[$i] = $weights->nearest($weighed);
                }
            }
            $tried = $this->mended(new Weighing($best->problem, $best->unknowns, $grams), $bounds, $weights);
            if ($tried !== null) {
                return $tried;
            }
        }

        return $best;
    }

    /** A rounded weighing, a step up or down of one line at a time until it holds; null where it comes to nothing. */
    private function mended(Weighing $at, Bounds $bounds, KitchenWeights $weights): ?Weighing
    {
        $tries = 0;
        $excess = $bounds->excess($at);
        while ($excess > 0.0) {
            $next = null;
            $least = $excess;
            foreach (array_keys($at->unknowns) as $i) {
                if (!$this->isRounded($at, $i)) {
                    continue;
                }
                foreach ([-1, 1] as $way) {
                    $other = $at->grams;
                    $other[$i] = $weights->beside($at->grams[$i], $way);
                    if ($other[$i] <= 0.0 || ++$tries > self::TRIES) {
                        continue;
                    }
                    $tried = new Weighing($at->problem, $at->unknowns, array_values($other));
                    $over = $bounds->excess($tried);
                    if ($over < $least) {
                        [$next, $least] = [$tried, $over];
                    }
                }
            }
            if ($next === null) {
                return null;
            }
            [$at, $excess] = [$next, $least];
        }

        return $at;
    }

    /** Whether a line is weighed in steps: none that is held, and none that stands as it was written. */
    private function isRounded(Weighing $at, int $i): bool
    {
        $unknown = $at->unknowns[$i];

        return !$unknown->fixed && ($unknown->was === null || abs($at->grams[$i] - $unknown->was) >= 1e-9);
    }

    /** @param list<Unknown> $unknowns from where it stood; near enough to see whether it holds, for it is weighed in steps anyway */
    private function solved(array $unknowns, Weighing $from): ?Weighing
    {
        if ($unknowns === []) {
            return null;
        }
        $had = [];
        foreach ($from->unknowns as $i => $unknown) {
            $had[$unknown->ingredient . ' ' . ($unknown->was ?? '')] = $from->grams[$i];
        }
        $start = [];
        foreach ($unknowns as $unknown) {
            if (!$unknown->fixed) {
                $start[] = $unknown->within($had[$unknown->ingredient . ' ' . ($unknown->was ?? '')] ?? $unknown->near);
            }
        }
        $problem = ($this->problem)($unknowns);

        return new Weighing($problem, $unknowns, $problem->grams($start === [] ? [] : $problem->solve($start, true)->x));
    }

    /** How far off everything may be: a part of its tolerance, or as far as the solve left it. */
    private function bounds(Weighing $solved): Bounds
    {
        $kind = LayerKind::of($this->was);
        $may = [];
        foreach ($solved->off() as $property => $off) {
            $job = Job::tryFrom($property);
            if ($job === Job::Protein && !$this->asksProtein) {
                $may[$property] = \INF;
                continue;
            }
            // Fat that nothing holds splits by the last gram of it.
            if ($job === Job::Emulsion) {
                $may[$property] = $off + Weights::of('sheet.drift');
                continue;
            }
            $may[$property] = max($job !== null && $job->isCritical($kind) ? Weights::of('sheet.critical') : ($this->isWantedOtherwise ? Weights::of('sheet.wanted') : Weights::of('sheet.other')), $off + Weights::of('sheet.drift'));
        }

        return new Bounds($may, max(Weights::of('sheet.mass'), $solved->massOff()), $solved->passed() + Weights::of('sheet.drift'));
    }
}
