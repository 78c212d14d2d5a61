<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Solving;

use Transmuta\Formula\Confidence;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Property\LayerModel;
use Transmuta\Property\LayerState;
use Transmuta\Property\Reader;
use Transmuta\Property\Setting\Smooth;
use Transmuta\Property\Water\Crystals;
use Transmuta\Quantity\Scale;
use Transmuta\Reference\Energy;
use Transmuta\Reference\Figure;
use Transmuta\Reformulation\Deviation\Job;
use Transmuta\Reformulation\Deviation\Limits;
use Transmuta\Reformulation\Deviation\Rail;
use Transmuta\Reformulation\Deviation\Rails;
use Transmuta\Reformulation\Deviation\Target;
use Transmuta\Reformulation\Deviation\Weights;
use Transmuta\Reformulation\Substitution\Unknown;

/** One layer to be weighed anew: unknown masses, a target, and the rows that say how far off a weighing is. */
final readonly class LayerProblem
{
    /** Objective under which no other start is tried, and over which a limit is out of reach from any. */
    private const GOOD = 0.6;
    private const HOPELESS = 60.0;
    /** Two starts that end as near each other as this, as a share of the objective, are not followed by a third. */
    private const ALIKE = 0.003;

    /** Sugar over what stays dissolved that counts as one unit off, g per 100 g water. */
    private const GRAIN = 2.0;
    /** Fat that is still solid in the mouth, g per 100 g, over which it is felt as wax, and by how much more counts as one unit off. */
    private const WAX_UNIT = 0.2;

    private LayerModel $model;
    private Rails $rails;

    /** @var list<int> lines that are solved for */
    private array $free;

    /** @var list<float> g, every line */
    private array $near;

    /**
     * @param list<Unknown> $unknowns every line of the new layer, in order
     * @param list<Job> $slack jobs that the brief itself moves
     * @param ?Caps $caps what several things together may come to
     */
    public function __construct(private Reader $reader, private Layer $layer, private array $unknowns, private Target $target, private float $serveAt, private ?Limits $limits = null, private array $slack = [], private ?Caps $caps = null)
    {
        $this->model = LayerModel::of($layer->with(array_map(
            static fn(Unknown $u): Line => Line::of($u->ingredient, max(0.0, $u->near), $u->text, '', prep: $u->prep),
            $unknowns,
        )), $reader->shelf);
        $this->rails = new Rails($reader, $target, $serveAt);
        $this->near = array_map(static fn(Unknown $u): float => $u->near, $unknowns);
        $this->free = array_keys(array_filter($unknowns, static fn(Unknown $u): bool => !$u->fixed));
    }

    /**
     * The box the free lines move in and where the solve starts, g: what an outside reference needs to solve the same.
     *
     * @return array{lower: list<float>, upper: list<float>, starts: list<list<float>>}
     */
    public function box(): array
    {
        $lower = $upper = [];
        $free = $this->free;
        foreach ($free as $i) {
            $lower[] = $this->unknowns[$i]->least;
            $upper[] = max($this->unknowns[$i]->most, $this->unknowns[$i]->least + 1e-6);
        }

        return ['lower' => $lower, 'upper' => $upper, 'starts' => $free === [] ? [] : $this->starts($free)];
    }

    /**
     * Solves from the typical doses and from two further starts, and returns the best; from one start alone where one is given.
     *
     * @param ?list<float> $from masses of the free lines, g
     * @param bool $rough near enough to see what is owed
     */
    public function solve(?array $from = null, bool $rough = false): Solution
    {
        ['lower' => $lower, 'upper' => $upper, 'starts' => $starts] = $this->box();
        if ($lower === []) {
            return new Solution([], 0.0, 0, 'nothing free', [], []);
        }
        if ($from !== null) {
            return DampedSolver::solve($this->residuals(...), $from, $lower, $upper, $rough);
        }
        $best = null;
        foreach ($starts as $n => $start) {
            $solution = DampedSolver::solve($this->residuals(...), $start, $lower, $upper, $rough);
            $agrees = $best !== null && abs($solution->objective - $best->objective) < self::ALIKE * $best->objective;
            if ($best === null || $solution->objective < $best->objective) {
                $best = $solution;
            }
            if ($agrees || ($n === 0 && ($best->objective < self::GOOD || $best->objective > self::HOPELESS))) {
                break;
            }
        }
        \assert($best !== null);

        return $best;
    }

    /**
     * Masses of all lines for a solution's free ones.
     *
     * @param list<float> $x
     *
     * @return list<float>
     */
    public function grams(array $x): array
    {
        $grams = $this->near;
        foreach ($this->free as $k => $i) {
            $grams[$i] = $x[$k];
        }

        return array_values($grams);
    }

    /**
     * The new layer with masses as a scale shows them: 0.1 g, or 0.01 g where a dose is under 1 g.
     *
     * @param list<float> $grams of every line
     */
    public function layer(array $grams, string $why): Layer
    {
        $lines = [];
        foreach ($grams as $i => $weighed) {
            $unknown = $this->unknowns[$i];
            $rounded = Scale::shown($weighed);
            if ($rounded < ($unknown->near < 1.0 ? 0.01 : 0.1) && (!$unknown->kept || $unknown->least <= 0.0)) {
                continue;
            }
            $in = $this->reader->shelf->get($unknown->ingredient);
            $solution = $unknown->fixed ? null : Scale::solution($rounded, $in->composition->of100('water') > 50.0);
            $trace = $unknown->was !== null
                ? (abs($rounded - $unknown->was) < 0.06 ? 'kept' : \sprintf('kept, was %s g', round($unknown->was, 1)))
                : \sprintf('solved for %s', $why);
            $trace .= $solution === null ? '' : '; ' . $solution;
            // A line of the original stays that line: its id, its words, and its doubt where nobody has answered it.
            $line = $unknown->of?->ingredient === $unknown->ingredient ? $unknown->of : null;
            $lines[] = Line::of($unknown->ingredient, $unknown->fixed ? $unknown->near : $rounded, $unknown->text !== '' ? $unknown->text : $in->name, $trace, $line->confidence ?? Confidence::Sure, $unknown->prep, $unknown->pinned)
                ->doubting($line?->doubt, $line->suggestions ?? [])->identified($line->id ?? '')->noted($line->note ?? '');
        }

        return $this->layer->with($lines);
    }

    /**
     * @param list<float> $x masses of the free lines, g
     *
     * @return list<float>
     */
    public function residuals(array $x): array
    {
        $grams = $this->grams($x);
        $state = LayerState::of($this->model, $grams);
        $rows = $this->rails->residuals($state, $this->slack);
        $rows[] = ($state->mass - $this->target->mass) / (0.002 * $this->target->mass);
        $rows[] = $this->grain($state);
        $rows[] = Smooth::positive($this->wax($state), 0.05) / self::WAX_UNIT;
        if ($this->caps !== null) {
            array_push($rows, ...$this->caps->over($state));
        }
        foreach ($this->limitRows($state, $state->mass) as $row) {
            $rows[] = $row;
        }
        foreach ($this->free as $i) {
            $rows[] = $this->unknowns[$i]->pull($grams[$i]);
        }

        return $rows;
    }

    /** @param list<float> $grams of every line */
    public function state(array $grams): LayerState
    {
        return LayerState::of($this->model, $grams);
    }

    /** @return list<Rail> how a weighing stands to its target */
    public function rails(LayerState $state): array
    {
        return $this->rails->of($state);
    }

    /** How far the mass of a weighing is off its target, as a share of that. */
    public function massOff(LayerState $state): float
    {
        return abs($this->target->massOff($state->mass));
    }

    /** Sugar that comes out of solution, in units off. */
    private function grain(LayerState $state): float
    {
        return Crystals::excess($state, $this->reader->reference) / self::GRAIN;
    }

    /** Fat that is solid in the mouth over what is felt as wax, g per 100 g; less than nothing where there is less. */
    private function wax(LayerState $state): float
    {
        return $this->reader->fat->solid($state, Figure::FatMouth->number()) - Figure::FatWax->number();
    }

    /** By how much a weighing passes what it may not, in the widths of each hinge: grain, wax, sums that are capped, limits of the brief. */
    public function passed(LayerState $state): float
    {
        $over = max(0.0, $this->grain($state)) + max(0.0, $this->wax($state) / self::WAX_UNIT);
        foreach ($this->caps?->over($state) ?? [] as $row) {
            $over += max(0.0, $row - 0.5);
        }
        // A number is aimed at with something to spare, and rounding may use most of that.
        foreach ($this->limitRows($state, $state->mass) as $row) {
            $over += max(0.0, $row - Weights::of('sheet.spare'));
        }

        return $over;
    }

    /**
     * Plain sentences about the bounds that keep a property off its target: solved once more with the bound let go, to say by how much.
     *
     * @return list<string>
     */
    public function blocks(Solution $solution): array
    {
        $grams = $this->grams($solution->x);
        $off = array_filter(
            $this->rails->of(LayerState::of($this->model, $grams)),
            static fn(Rail $rail): bool => abs($rail->residual) > 1.5 && !\in_array($rail->property, ['pH', 'protein'], true),
        );
        if ($off === []) {
            return [];
        }
        $held = array_values(array_filter($this->free, fn(int $i): bool => $this->isHeld($i, $grams[$i])));
        $without = $held === [] ? null : $this->without($held);
        $words = array_map(fn(int $i): ?string => $this->boundWords($i, $grams[$i], $without[$i] ?? null), $held);
        $words = \array_slice(array_filter($words, \is_string(...)), 0, 3);
        $blocks = [];
        foreach ($off as $rail) {
            $blocks[] = \sprintf('%s: %s of %s %s%s', $rail->property, round($rail->now, 2), round($rail->target, 2), $rail->unit, $words === [] ? '' : '; ' . implode(', ', $words));
        }

        return $blocks;
    }

    private function isHeld(int $i, float $grams): bool
    {
        $u = $this->unknowns[$i];
        $slack = 1e-3 * ($u->most - $u->least);

        return $grams >= $u->most - $slack || ($grams <= $u->least + $slack && $u->least > 0.0);
    }

    /** What the limit keeps the line from; null where, once all limits go, it would turn from its own limit. */
    private function boundWords(int $i, float $grams, ?float $free): ?string
    {
        $u = $this->unknowns[$i];
        $name = $this->reader->shelf->get($u->ingredient)->name;
        $isAtMost = $grams >= ($u->most + $u->least) / 2;
        $limit = $isAtMost ? $u->most : $u->least;
        $held = \sprintf('%s may not go %s %s g', $name, $isAtMost ? 'over' : 'under', round($limit, 1));
        if ($free === null) {
            return $held;
        }
        $past = $isAtMost ? $free - $limit : $limit - $free;

        return $past < 0.02 * max(1.0, $limit) ? null : \sprintf('%s (%s g were it free)', $held, round($free, 1));
    }

    /**
     * Masses of all lines once these bounds are let go.
     *
     * @param list<int> $held
     *
     * @return list<float>
     */
    private function without(array $held): array
    {
        $unknowns = $this->unknowns;
        foreach ($held as $i) {
            $unknowns[$i] = $unknowns[$i]->relaxed();
        }
        $relaxed = new self($this->reader, $this->layer, array_values($unknowns), $this->target, $this->serveAt, $this->limits, $this->slack, $this->caps);

        return $relaxed->grams($relaxed->solve()->x);
    }

    /** @return list<float> limits as steep hinges: missed by less than a hundredth */
    private function limitRows(LayerState $state, float $mass): array
    {
        if ($this->limits === null) {
            return [];
        }
        $n = $this->reader->nutrition->per100($state);
        $rows = [];
        if ($this->limits->netCarbs !== null) {
            $rows[] = Smooth::positive($n['net_carbs_g'] * $mass / 100 - Weights::of('aim.net-carbs') * $this->limits->netCarbs, 0.002 * $this->limits->netCarbs + 0.01) / (0.0008 * $this->limits->netCarbs + 0.004);
        }
        if ($this->limits->protein !== null) {
            $rows[] = Smooth::positive(Weights::of('aim.protein') * $this->limits->protein - $n['protein_g'] * $mass / 100, 0.002 * $this->limits->protein + 0.01) / (0.0008 * $this->limits->protein + 0.004);
        }
        if ($this->limits->kcal !== null) {
            $rows[] = Smooth::positive($n['kcal'] * $mass / 100 - Weights::of('aim.energy') * $this->limits->kcal, 0.002 * $this->limits->kcal + 0.1) / (0.0008 * $this->limits->kcal + 0.04);
        }
        foreach (['sugars_g' => $this->limits->sugars, 'fat_g' => $this->limits->fat] as $fact => $most) {
            if ($most !== null) {
                $rows[] = Smooth::positive($n[$fact] * $mass / 100 - Weights::of('aim.sugars-fat') * $most, 0.002 * $most + 0.01) / (0.0008 * $most + 0.004);
            }
        }
        if ($this->limits->deficit !== null) {
            // A little more than a fifth, so that rounding does not undo it; in kJ per 100 g of the layer.
            $owed = (Weights::of('aim.fifth') * $n['kj'] - Energy::kj('protein') * $n['protein_g']) - 100 * $this->limits->deficit / max(1.0, $mass);
            $rows[] = Smooth::positive($owed, 0.5) / 0.8;
        }

        return $rows;
    }

    /**
     * @param list<int> $free
     *
     * @return list<list<float>> three starts, each near the layer's mass
     */
    private function starts(array $free): array
    {
        $starts = [];
        foreach ([1.0, 0.55, 1.5] as $factor) {
            $start = [];
            $fixed = 0.0;
            foreach ($this->unknowns as $u) {
                $fixed += $u->kept ? $u->near : 0.0;
            }
            $typical = 0.0;
            foreach ($free as $i) {
                $typical += $this->unknowns[$i]->kept ? 0.0 : $this->unknowns[$i]->near;
            }
            $scale = $typical > 0.0 ? max(0.05, ($this->target->mass - $fixed) / $typical) : 1.0;
            foreach ($free as $i) {
                $u = $this->unknowns[$i];
                $start[] = max($u->least, min($u->most, $u->kept ? $u->near : $u->near * $scale * $factor));
            }
            $starts[] = $start;
        }

        return $starts;
    }
}
