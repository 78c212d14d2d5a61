<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Solving;

use Transmuta\Formula\Layer;
use Transmuta\Property\LayerReading;
use Transmuta\Property\LayerState;
use Transmuta\Property\Reader;
use Transmuta\Reformulation\Deviation\Job;
use Transmuta\Reformulation\Deviation\JobTable;
use Transmuta\Reformulation\Deviation\LayerKind;
use Transmuta\Reformulation\Deviation\Limits;
use Transmuta\Reformulation\Deviation\Rails;
use Transmuta\Reformulation\Deviation\Target;
use Transmuta\Reformulation\Deviation\Weights;
use Transmuta\Reformulation\Substitution\Context;
use Transmuta\Reformulation\Substitution\Draft;
use Transmuta\Reformulation\Substitution\Heating;
use Transmuta\Reformulation\Substitution\MeansBook;
use Transmuta\Reformulation\Substitution\Needs;
use Transmuta\Reformulation\Substitution\Permit;
use Transmuta\Reformulation\Substitution\Place;
use Transmuta\Reformulation\Substitution\Unknown;
use Transmuta\Shelf\Ingredient;

/**
 * Solves one draft of a layer and pays what it still owes, by the least means: what is off after a solve is paid by the first thing that may, and
 * solved again; what turned out not to be worth weighing leaves.
 */
final readonly class LayerSolver
{
    /** Times that what is owed is looked at again. */
    private const ROUNDS = 4;

    /** Means that one layer takes beside its twins, and beside a kitchen's own way. */
    private const MOST_MEANS = 6;
    private const MOST_BESIDE = 1;

    /** What puts a critical job before any other, in tolerances; sweeteners that are enough, and tolerances from which a layer is plainly less sweet. */
    private const CRITICAL = 10.0;
    private const SWEETENERS = 2;
    private const PLAINLY = 2.0;

    /** A substitute under this share of its typical dose, and of the layer, is not worth weighing. */
    private const POINTLESS = 0.12;
    private const POINTLESS_SHARE = 0.002;

    /** What a line may shrink to when there is too much of its job, share. */
    private const SHRINKS = 0.1;

    public function __construct(private Reader $reader, private Permit $permit, private float $serveAt, private bool $gelatinFirst = false) {}

    /**
     * @param list<Job> $slack jobs that the brief itself moves
     * @param array<string, true> $atHand ids that the dish holds or another layer brings: of two that do a job alike, what is at hand does it
     */
    public function solve(LayerReading $was, Draft $draft, Target $target, ?Limits $limits, array $slack, Needs $needs, array $atHand = []): SolvedLayer
    {
        $place = Place::of($was, $this->serveAt);
        $context = new Context($was, $place, $this->permit, $needs->sweetener || ($needs->protein && $needs->reach > 0));
        $caps = Caps::of($was, $place, $this->reader);
        $unknowns = $draft->unknowns;
        $used = [];
        $start = null;
        for ($round = 0; $round < self::ROUNDS; ++$round) {
            $problem = new LayerProblem($this->reader, $draft->template, $unknowns, $target, $this->serveAt, $limits, $slack, $caps);
            $solution = $problem->solve($start, true);
            $grams = $problem->grams($solution->x);
            $owed = $this->owed($was, LayerState::ofLayer($problem->layer($grams, ''), $this->reader->shelf), $target, $slack);
            // Beside a kitchen's own way only what makes or breaks the mass is paid for.
            $owed = $draft->isPlain ? array_values(array_filter($owed, static fn(array $one): bool => $one['job']->isCritical(LayerKind::of($was)))) : $owed;
            $next = $round === self::ROUNDS - 1 ? null : $this->pay($owed, $unknowns, $used, $context, $draft, $atHand);
            if ($next === null) {
                break;
            }
            $unknowns = $next;
            $start = $this->startOf($unknowns, $grams);
        }
        $worth = $this->worthWeighing($unknowns, $grams, $target->mass);
        if (\count($worth) < \count($unknowns)) {
            $kept = [];
            foreach (array_keys($worth) as $i) {
                $kept[] = $grams[$i];
            }
            $unknowns = array_values($worth);
            $problem = new LayerProblem($this->reader, $draft->template, $unknowns, $target, $this->serveAt, $limits, $slack, $caps);
            $solution = $problem->solve($this->startOf($unknowns, $kept));
        } else {
            $solution = $problem->solve($solution->x);
        }
        $rails = new Rails($this->reader, $target, $this->serveAt);
        $grams = $problem->grams($solution->x);
        $blocks = static fn(): array => $problem->blocks($solution);
        /** @param list<Unknown> $lines */
        $asProblem = fn(array $lines): LayerProblem => new LayerProblem($this->reader, $draft->template, array_values($lines), $target, $this->serveAt, $limits, $slack, $caps);
        $solved = function (LayerProblem $by, array $grams, ?\Closure $sheet = null) use ($was, $draft, $rails, $blocks): SolvedLayer {
            $layer = $by->layer(array_values($grams), mb_strtolower($was->layer->name));
            $state = LayerState::ofLayer($layer, $this->reader->shelf);

            return new SolvedLayer($draft, $layer, $state, $rails->of($state), $blocks, $rails, $sheet);
        };
        // One layer stands in several routes: it is weighed once.
        $made = [];
        $weighed = function (bool $isGentle) use (&$made, $was, $asProblem, $limits, $needs, $unknowns, $grams, $solved): SolvedLayer {
            if (isset($made[(int) $isGentle])) {
                return $made[(int) $isGentle];
            }
            $sheet = new KitchenSheet($this->reader, $was, $asProblem, $limits?->protein !== null || $limits?->deficit !== null, $needs->otherwise);

            return $made[(int) $isGentle] = $solved(...$sheet->of($unknowns, $grams, $isGentle));
        };

        return $solved($problem, $grams, $weighed);
    }

    /**
     * Masses of the free lines to start from.
     *
     * @param list<Unknown> $unknowns
     * @param list<float> $grams of the first of them, as they came out before
     *
     * @return list<float>
     */
    private function startOf(array $unknowns, array $grams): array
    {
        $start = [];
        foreach ($unknowns as $i => $unknown) {
            if (!$unknown->fixed) {
                $start[] = $unknown->within($grams[$i] ?? 0.5 * $unknown->near);
            }
        }

        return $start;
    }

    /**
     * What is off, worst first.
     *
     * @param list<Job> $slack
     *
     * @return list<array{job: Job, way: 'short'|'over', off: float}>
     */
    private function owed(LayerReading $was, LayerState $state, Target $target, array $slack): array
    {
        $kind = LayerKind::of($was);
        $owed = [];
        foreach ((new Rails($this->reader, $target, $this->serveAt))->of($state) as $rail) {
            $job = Job::tryFrom($rail->property);
            if ($job === null || \in_array($job, $slack, true)) {
                continue;
            }
            $off = abs($rail->residual) / JobTable::verdict($rail->property, $kind);
            if ($off > ($job->isCritical($kind) ? Weights::of('pay.critical') : Weights::of('pay.other'))) {
                $owed[] = ['job' => $job, 'way' => $rail->residual < 0.0 || $job === Job::Emulsion ? 'short' : 'over', 'off' => $off + ($job->isCritical($kind) ? self::CRITICAL : 0.0)];
            }
        }
        $mass = $target->massOff($state->mass);
        if (abs($mass) > Weights::of('mass.off')) {
            $owed[] = ['job' => Job::Mass, 'way' => $mass < 0.0 ? 'short' : 'over', 'off' => 12.0];
        }
        usort($owed, static fn(array $a, array $b): int => $b['off'] <=> $a['off']);

        return $owed;
    }

    /**
     * @param list<array{job: Job, way: 'short'|'over', off: float}> $owed
     * @param list<Unknown> $unknowns
     * @param array<string, int> $used how often each job was paid for already
     * @param array<string, true> $atHand
     *
     * @return ?list<Unknown> null where nothing more can be done
     */
    private function pay(array $owed, array $unknowns, array &$used, Context $context, Draft $draft, array $atHand): ?array
    {
        $changed = false;
        foreach (\array_slice($owed, 0, 4) as ['job' => $job, 'way' => $way, 'off' => $off]) {
            // A third sweetener only where two leave it plainly less sweet.
            if ($job === Job::Sweetness && $way === 'short' && $off - self::CRITICAL < self::PLAINLY && $this->sweeteners($unknowns) >= self::SWEETENERS) {
                continue;
            }
            if (array_sum($used) >= ($draft->isPlain ? ($context->place === Place::Base ? 0 : self::MOST_BESIDE) : self::MOST_MEANS)) {
                break;
            }
            if ($way === 'over' && ($used["over $job->value"] ?? 0) === 0) {
                $used["over $job->value"] = 0;
                [$unknowns, $didLoosen] = $this->loosen($job, $unknowns);
                $changed = $changed || $didLoosen;
            }
            $means = $this->means($this->among($job, $way, $atHand), $job, $way, $unknowns, $used, $context, $draft);
            if ($means !== null) {
                [$unknowns, $key] = $means;
                $used[$key] = 1;
                $changed = true;
            }
        }

        return $changed ? array_values($unknowns) : null;
    }

    /**
     * What may pay a job, in the order it is thought of: of fats, sweeteners, sours and emulsifiers what is at hand comes first.
     *
     * @param array<string, true> $atHand
     *
     * @return list<array{id: string, where: string, typical: float, most: float, least: float, when: list<string>}>
     */
    private function among(Job $job, string $way, array $atHand): array
    {
        $all = MeansBook::for($job, $way === 'over' ? 'over' : 'short');
        if (\in_array($job, [Job::Fat, Job::FirmFat, Job::Sweetness, Job::SugarBody, Job::Emulsion, Job::Acid], true)) {
            usort($all, static fn(array $a, array $b): int => isset($atHand[$b['id']]) <=> isset($atHand[$a['id']]));
        }

        return $all;
    }

    /**
     * @param list<array{id: string, where: string, typical: float, most: float, least: float, when: list<string>}> $all
     * @param list<Unknown> $unknowns
     * @param array<string, int> $used
     *
     * @return ?array{list<Unknown>, string} the masses with the next thing that may pay, and its key
     */
    private function means(array $all, Job $job, string $way, array $unknowns, array $used, Context $context, Draft $draft): ?array
    {
        $was = $context->layer;
        $skip = $job === Job::Set && $way === 'short' ? $draft->skip : 0;
        $mass = $was->state->mixed;
        if ($this->gelatinFirst && $job === Job::Set) {
            $isGelatin = fn(array $means): bool => ($this->reader->shelf->find($means['id'])?->does('gelatin-bloom') ?? 0.0) > 0.0;
            usort($all, static fn(array $a, array $b): int => $isGelatin($b) <=> $isGelatin($a));
        }
        foreach ($all as $means) {
            $in = $this->reader->shelf->find($means['id']);
            $key = $job->value . ' ' . $means['id'];
            if ($in === null || isset($used[$key]) || !$context->admits($means) || !$this->permit->allows($in) || $draft->rules?->bars($in) === true) {
                continue;
            }
            if ($skip > 0 && !isset($used["skipped $in->id"])) {
                --$skip;
                continue;
            }
            $pleasant = MeansBook::pleasant($in->id, $in->class, $context->place->value);
            $most = min(min($means['most'], $pleasant ?? $means['most']) / 100 * $mass, $draft->rules?->most($in) ?? \INF);
            foreach ($unknowns as $i => $unknown) {
                if ($unknown->ingredient === $in->id) {
                    if ($unknown->pinned || ($unknown->fixed && $unknown->near < 0.001 * $mass) || $unknown->most >= $most) {
                        continue 2;
                    }
                    $unknowns[$i] = $unknown->kept
                        ? $unknown->grown(0.3 * $means['typical'] / 100 * $mass, 0.0, max($most - (float) $unknown->was, $most))
                        : $unknown->bounded($unknown->least, max($unknown->most, $most));

                    return [array_values($unknowns), $key];
                }
            }
            $unknowns[] = Unknown::substitute($in->id, min($means['typical'] / 100 * $mass, 0.8 * $most), 0.0, $most, false, Heating::prep($in, null, $was), $means['least'] / 100 * $mass);
            if ($in->class === 'foam-liquid' || ($job === Job::Air && $in->does('foam-overrun') > 0.0)) {
                $unknowns[\count($unknowns) - 1] = $unknowns[\count($unknowns) - 1]->prepared(['whipped']);
            }

            return [$unknowns, $key];
        }

        return null;
    }

    /** @param list<Unknown> $unknowns */
    private function sweeteners(array $unknowns): int
    {
        return \count(array_filter($unknowns, fn(Unknown $one): bool => $this->reader->shelf->get($one->ingredient)->group === 'sweetener'));
    }

    /**
     * Too much of a job: the lines that carry it and are no more than its means may shrink.
     *
     * @param list<Unknown> $unknowns
     *
     * @return array{list<Unknown>, bool}
     */
    private function loosen(Job $job, array $unknowns): array
    {
        $carries = match ($job) {
            Job::Sweetness, Job::SugarBody => static fn(Ingredient $in): bool => \in_array($in->group, ['sugar', 'sweetener'], true),
            Job::Fat, Job::FirmFat => static fn(Ingredient $in): bool => $in->composition->family('fat.') >= 60.0 && \in_array($in->group, ['fat', 'dairy', 'plant'], true),
            Job::Set, Job::SetWarm => static fn(Ingredient $in): bool => \in_array($in->class, ['gelatin', 'gel-agent', 'starch', 'thickener', 'custard-powder', 'coconut-fat', 'cocoa-butter'], true),
            Job::Water, Job::Mass => static fn(Ingredient $in): bool => \in_array($in->class, ['water', 'plant-milk', 'milk'], true),
            Job::Acid => static fn(Ingredient $in): bool => $in->class === 'acid',
            default => static fn(Ingredient $in): bool => false,
        };
        $did = false;
        foreach ($unknowns as $i => $unknown) {
            if (!$unknown->fixed && !$unknown->pinned && $unknown->least > self::SHRINKS * $unknown->near && $carries($this->reader->shelf->get($unknown->ingredient))) {
                $unknowns[$i] = $unknown->loosened(self::SHRINKS);
                $did = true;
            }
        }

        return [array_values($unknowns), $did];
    }

    /**
     * @param list<Unknown> $unknowns
     * @param list<float> $grams
     *
     * @return array<int, Unknown> those worth weighing, by their place
     */
    private function worthWeighing(array $unknowns, array $grams, float $mass): array
    {
        return array_filter($unknowns, function (Unknown $u, int $i) use ($grams, $mass): bool {
            if ($u->fixed || $u->pinned || $u->least > 0.0 && $u->kept) {
                return true;
            }
            $in = $this->reader->shelf->get($u->ingredient);
            // A few milligrams of a strong sweetener or a colour are worth their weighing; a gram of water is not.
            $isPotent = $in->composition->family('active.') > 0.0 || $in->class === 'colour';
            $least = $isPotent ? 0.005 : max($u->useful, min(self::POINTLESS * $u->near, self::POINTLESS_SHARE * $mass));

            return ($grams[$i] ?? 0.0) >= $least;
        }, ARRAY_FILTER_USE_BOTH);
    }
}
