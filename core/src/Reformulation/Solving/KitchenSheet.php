<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Solving;

use Transmuta\Property\LayerReading;
use Transmuta\Property\Reader;
use Transmuta\Quantity\KitchenWeights;
use Transmuta\Reformulation\Deviation\Job;
use Transmuta\Reformulation\Deviation\LayerKind;
use Transmuta\Reformulation\Deviation\Weights;
use Transmuta\Reformulation\Substitution\Kin;
use Transmuta\Reformulation\Substitution\Unknown;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Nature;
use Transmuta\Shelf\Tiers;

/**
 * Makes of a solved layer what a hand weighs: things that can be done without leave, lines that need not move stay at the kitchen's own figure, and
 * what is left is weighed in steps a scale and a hand know. Each step is judged by reading the layer anew, and is taken only where nothing that makes or
 * breaks it is off by more than a part of its tolerance, and nothing of the brief is passed: the printed weights are the ones that were judged.
 */
final readonly class KitchenSheet
{
    /** What comes in for the sake of a job; a flavour, a colour, salt and acid are there for themselves. */
    private const WORKERS = ['dairy', 'plant', 'fat', 'protein', 'agent', 'starch', 'sugar', 'sweetener', 'nut', 'fibre'];

    /** And what is no flavour either: water that only fills up, a colour nobody looks for. */
    private const PLAIN = ['water', 'colour'];

    /** What a dough is not mixed without. */
    private const OF_DOUGH = ['dairy', 'plant', 'fat', 'starch', 'egg', 'basic'];

    /** What one thing may be more of instead of a second, and how much more for what left: starches differ in strength. */
    private const TAKEN_OVER = ['starch', 'dairy', 'plant', 'fat'];
    private const MORE = 1.3;

    /** Sweeteners that are enough, and the share of a layer that is next to nothing. */
    private const SWEETENERS = 2;
    private const CRUMB = 0.01;

    /** Share of itself by which a line of the original is not worth moving. */
    private const UNMOVED = 0.02;

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
        if (!$isGentle) {
            $best = $this->onceEach($this->fewer($best, $this->bounds($best, true), $this->newcomers($best)));
            $best = $this->staying($best, $this->bounds($best));
        }
        $best = $this->rounded($best, $isGentle ? $bounds : $this->bounds($best));

        return [$best->problem, $best->grams];
    }

    /**
     * Lines that came in and are no flavour, the smallest first.
     *
     * @return array<string, float> g by ingredient
     */
    private function newcomers(Weighing $best): array
    {
        $candidates = [];
        $isDough = $this->isDough($best);
        foreach ($best->unknowns as $i => $unknown) {
            $in = $this->reader->shelf->get($unknown->ingredient);
            // A dough that was bought and is mixed here now is mixed of all its parts: without its fat or its water it is no dough.
            if ($isDough && \in_array($in->group, self::OF_DOUGH, true)) {
                continue;
            }
            if (!$unknown->kept && $unknown->was === null && !$unknown->names && !$unknown->fixed && (\in_array($in->group, self::WORKERS, true) || \in_array($in->class, self::PLAIN, true)) && !$this->reader->characters->isTasted($in)) {
                $candidates[$unknown->ingredient] = $best->grams[$i];
            }
        }
        asort($candidates);

        return $candidates;
    }

    /** Whether what was bought as a dough is one again: of nuts and seeds it is pressed in, and needs neither water nor so much fat. */
    private function isDough(Weighing $best): bool
    {
        if (array_filter($best->unknowns, fn(Unknown $unknown): bool => $this->reader->shelf->get($unknown->ingredient)->isFlour()) === []) {
            return false;
        }
        foreach ($this->was->state->model->portions as $i => $portion) {
            if ($this->was->state->grams[$i] > 0.0 && $portion->ingredient->is(Nature::RawDough)) {
                return true;
            }
        }

        return false;
    }

    /**
     * A second milk, fat or gum beside another, a third sweetener, an emulsifier and what is next to nothing: left out as far as what makes or breaks
     * the layer still counts as met, for a hand rather weighs one of each.
     */
    private function onceEach(Weighing $best): Weighing
    {
        $all = array_map(fn(Unknown $unknown): Ingredient => $this->reader->shelf->get($unknown->ingredient), $best->unknowns);
        $mass = array_sum($best->grams);
        $beside = array_filter($this->newcomers($best), function (float $grams, string $id) use ($all, $mass): bool {
            $in = $this->reader->shelf->get($id);
            $sweeteners = array_filter($all, static fn(Ingredient $one): bool => $one->group === 'sweetener');
            if (array_filter($all, static fn(Ingredient $one): bool => Kin::are($one, $in)) !== []) {
                return true;
            }

            return ($in->group === 'sweetener' && \count($sweeteners) > self::SWEETENERS) || $in->class === 'emulsifier' || ($grams < self::CRUMB * $mass && !\in_array($in->group, ['agent', 'sweetener'], true));
        }, \ARRAY_FILTER_USE_BOTH);

        // What has to be gone furthest for leaves first, then the least.
        uksort($beside, fn(string $a, string $b): int => [$this->tier($b), $beside[$a]] <=> [$this->tier($a), $beside[$b]]);

        return $this->fewer($best, $this->bounds($best, true), $beside, true);
    }

    private function tier(string $ingredient): int
    {
        return Tiers::of($this->reader->shelf->get($ingredient), '')->value;
    }

    /**
     * The lines without one, whose grams the largest of its kin may take over: more of the same starch, milk or fat instead of a second. A gum and a powder
     * have a most of their own.
     *
     * @return list<Unknown>
     */
    private function without(string $ingredient, Weighing $best, bool $isTakenOver): array
    {
        $in = $this->reader->shelf->get($ingredient);
        $grams = $heir = null;
        foreach ($best->unknowns as $i => $unknown) {
            $other = $this->reader->shelf->get($unknown->ingredient);
            if ($unknown->ingredient === $ingredient && $unknown->was === null) {
                $grams = $best->grams[$i];
            } elseif ($isTakenOver && \in_array($in->group, self::TAKEN_OVER, true) && !$unknown->fixed && Kin::are($other, $in) && ($heir === null || $best->grams[$i] > $best->grams[$heir])) {
                $heir = $i;
            }
        }
        $left = [];
        foreach ($best->unknowns as $i => $unknown) {
            if ($unknown->ingredient !== $ingredient || $unknown->was !== null) {
                $left[] = $i === $heir && $grams !== null ? $unknown->bounded($unknown->least, max($unknown->most, $best->grams[$i] + self::MORE * $grams)) : $unknown;
            }
        }

        return $left;
    }

    /**
     * Takes lines out, in their order, and solves without them: what can be done without is left out.
     *
     * @param array<string, float> $candidates by ingredient
     * @param bool $isTakenOver whether what stays of its kin may take its grams over
     */
    private function fewer(Weighing $best, Bounds $bounds, array $candidates, bool $isTakenOver = false): Weighing
    {
        foreach (array_keys($candidates) as $ingredient) {
            $left = $this->solved($this->without($ingredient, $best, $isTakenOver), $best);
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
        // In wide steps, and if need be further off than it might be, before a hand has to weigh tenths.
        foreach ([[KitchenWeights::ByHand, $bounds], [KitchenWeights::ByHand, $this->bounds($best, true)], [KitchenWeights::Careful, $bounds], [KitchenWeights::ByTheScale, $bounds]] as [$weights, $within]) {
            $grams = $best->grams;
            foreach ($grams as $i => $weighed) {
                if ($this->isRounded($best, $i)) {
                    $was = $best->unknowns[$i]->was;
                    // What would move by a fiftieth stays as the kitchen has it.
                    $near = $was !== null && abs($weighed - $was) < self::UNMOVED * $was ? $was : $weights->nearest($weighed);
                    // Never past the most there may be of it.
                    $grams[$i] = $near > $best->unknowns[$i]->most && $weighed <= $best->unknowns[$i]->most ? $weights->beside($near, -1) : $near;
                }
            }
            $tried = $this->mended(new Weighing($best->problem, $best->unknowns, $grams), $within, $weights);
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
                    if ($other[$i] <= 0.0 || ($way > 0 && $other[$i] > $at->unknowns[$i]->most) || ++$tries > self::TRIES) {
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

    /**
     * How far off everything may be: a part of its tolerance, or as far as the solve left it.
     *
     * @param bool $isWide whether it may go as far as it still counts as met
     */
    private function bounds(Weighing $solved, bool $isWide = false): Bounds
    {
        $kind = LayerKind::of($this->was);
        $may = [];
        foreach ($solved->off($kind) as $property => $off) {
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
            $isCritical = $job !== null && $job->isCritical($kind);
            // What is off anyway, and makes or breaks nothing, may be a tenth further off before a line has to move for it.
            $may[$property] = max(match (true) {
                $isCritical => $isWide ? Weights::of('sheet.critical.wide') : Weights::of('sheet.critical'),
                $this->isWantedOtherwise => Weights::of('sheet.wanted'),
                default => $isWide ? Weights::of('sheet.other.wide') : Weights::of('sheet.other'),
            }, ($isCritical || $this->isWantedOtherwise ? 1.0 : 1.1) * $off + Weights::of('sheet.drift'));
        }

        return new Bounds($may, max(Weights::of('sheet.mass'), $solved->massOff()), $solved->passed() + Weights::of('sheet.drift'), $kind);
    }
}
