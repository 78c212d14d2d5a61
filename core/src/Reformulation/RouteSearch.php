<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Diet\Diet;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Line;
use Transmuta\Kind\Kind;
use Transmuta\Method\Editing\EditedStep;
use Transmuta\Method\Editing\MethodEdit;
use Transmuta\Process\MethodWriter;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerReading;
use Transmuta\Property\LayerState;
use Transmuta\Property\Portion;
use Transmuta\Property\Reader;
use Transmuta\Property\Severity;
use Transmuta\Property\Warning;
use Transmuta\Property\Water\Crystals;
use Transmuta\Reference\Figure;
use Transmuta\Reference\Table;
use Transmuta\Reformulation\Brief\Aims;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Brief\Exclusions;
use Transmuta\Reformulation\Brief\Schools;
use Transmuta\Reformulation\Deviation\Guard;
use Transmuta\Reformulation\Deviation\Job;
use Transmuta\Reformulation\Deviation\LayerKind;
use Transmuta\Reformulation\Deviation\Limits;
use Transmuta\Reformulation\Deviation\Rails;
use Transmuta\Reformulation\Deviation\Target;
use Transmuta\Reformulation\Deviation\Totals;
use Transmuta\Reformulation\Deviation\Weights;
use Transmuta\Reformulation\Evaluation\Keeping;
use Transmuta\Reformulation\Evaluation\NameGivers;
use Transmuta\Reformulation\Evaluation\RouteStanding;
use Transmuta\Reformulation\Evaluation\Settlement;
use Transmuta\Reformulation\Evaluation\Trials;
use Transmuta\Reformulation\Explanation\Changes;
use Transmuta\Reformulation\Explanation\RouteNames;
use Transmuta\Reformulation\Ranking\NewThings;
use Transmuta\Reformulation\Ranking\Route;
use Transmuta\Reformulation\Solving\LayerSolver;
use Transmuta\Reformulation\Solving\SolvedLayer;
use Transmuta\Reformulation\Substitution\Draft;
use Transmuta\Reformulation\Substitution\LayerPlanner;
use Transmuta\Reformulation\Substitution\MeansBook;
use Transmuta\Reformulation\Substitution\Needs;
use Transmuta\Reformulation\Substitution\Permit;
use Transmuta\Reformulation\Substitution\Substitutes;
use Transmuta\Reformulation\Substitution\Substitution;
use Transmuta\Reformulation\Substitution\SubstitutionTable;
use Transmuta\Reformulation\Substitution\Unknown;
use Transmuta\Shelf\Ingredient;

/** Looks for the routes of one dish to one brief, under what it may not lose: each layer drafted and solved, the layers put together, the whole settled. */
final readonly class RouteSearch
{
    /** Drafts of a layer that does not name the route which are tried until one pays all it must. */
    private const TRIED = 3;

    /**
     * What a layer that does not name the route may go on owing of the protein it owes, by how far the route goes; the leading one pays the rest.
     * A base seldom reaches a fifth of its energy alone, nor does a caramel (common practice).
     */
    private const OWES = ['owes.first', 'owes.second', 'owes.last'];

    /** Points that a tolerance costs by which what makes or breaks a layer is off: more than any plainness is worth. */
    private const BREAKS = 25.0;

    /** What grain and bitterness are looked past: what rounding brings. */
    private const GRAIN = 0.005;

    /** What asks of a mass that it stands by itself, and what it is spooned from. */
    private const STANDS_ALONE = ['unmould', 'cut', 'cut_out', 'pipe', 'press_base', 'line_pastry', 'roll_up', 'layer'];
    private const GLASSES = '~\b(?:glass(?:es)?|pots?|ramekins?|bowls?|cups?|jars?|verrines?|coupes?|cazuelitas?|vasos?|copas?|verres?|bicchier\w+|coppett\w+|ta[cç]as?|copos?|gläser\w*|schälchen)\b~iu';

    /** Key of the route that is the dish as it stands. */
    public const AS_IT_IS = 'as-it-is';

    /** Drafts of the layer that names the route where something is asked for beside its bans, and where an allergen is. */
    private const FURTHER = 4;

    private Permit $permit;
    private LayerPlanner $planner;
    private LayerSolver $solver;
    private Aims $aims;

    /** @var list<Kind> what each layer is */
    private array $kinds;

    /** @param Guard $asking what may not come in without a question; the guard itself unless something is asked for */
    public function __construct(
        private Reader $reader,
        private MethodWriter $method,
        private Schools $schools,
        private DishReading $original,
        private Brief $brief,
        Exclusions $exclusions,
        private Guard $guard,
        Guard $asking,
    ) {
        $this->permit = new Permit($brief, $exclusions, $schools->market, $asking);
        $this->planner = new LayerPlanner($reader->shelf, $this->permit, new Substitutes($reader->shelf, $this->permit, SubstitutionTable::standard()), $schools, $reader->reference, $this->spared());
        $this->solver = new LayerSolver($reader, $this->permit, $original->formula->serveAt, $schools->citrusWithGelatin);
        $this->aims = $schools->aims($brief->aims);
        $this->kinds = $method->kinds($original);
    }

    /** Whether the dish keeps the brief as it is: nothing in it is banned, no number missed, and no school wants it heated otherwise. */
    public function stands(): bool
    {
        foreach ($this->original->layers as $layer) {
            if ($this->schools->treatment($layer, $this->original->formula->family) !== null) {
                return false;
            }
        }

        return $this->aims->isSame() && Keeping::of($this->original, $this->original, $this->brief, $this->permit)->isKept();
    }

    /** The dish as it stands, as a route of its own. */
    public function asItIs(): Route
    {
        $rails = [];
        foreach ($this->original->layers as $n => $layer) {
            $serveAt = $this->original->formula->serveAt;
            $rails[$n] = (new Rails($this->reader, Target::of($layer, $this->reader, $serveAt), $serveAt))->of($layer->state);
        }
        $settlement = Settlement::of($this->original, $this->original, $rails, $this->reader, Keeping::of($this->original, $this->original, $this->brief, $this->permit));

        return new Route(self::AS_IT_IS, 'As it is', 'nothing changes', 100.0, $settlement, $rails, static fn(): array => [], $this->original, [], fn(): array => $this->method->steps($this->original), 0, 0, [], 0, 100.0);
    }

    /**
     * @param ?string $only the one draft to try for the layer that names the route
     * @param bool $isFurther whether this is a second look, for which the first few drafts are enough
     *
     * @return array{list<Route>, list<Route>} those that keep the brief, and those that miss one of its numbers
     */
    public function routes(Needs $needs, ?string $only = null, bool $isFurther = false): array
    {
        $drafts = [];
        $kinds = $this->kinds;
        foreach ($this->original->layers as $n => $layer) {
            $drafts[$n] = $this->planner->drafts($layer, $this->original->formula->family, $this->original->formula->serveAt, $needs, $this->schools->treatment($layer, $this->original->formula->family), $kinds[$n]->key);
        }
        $drafts = array_filter($drafts, fn(array $list, int $n): bool => $list !== [] && !$this->isLeftAlone($n, $needs, $kinds[$n]), \ARRAY_FILTER_USE_BOTH);
        if ($drafts === []) {
            $as = $this->asItIs();

            return $as->standing === RouteStanding::Missed ? [[], [$as]] : [[$as], []];
        }
        $leading = $this->principal($drafts);
        if ($only !== null) {
            $drafts[$leading] = array_values(array_filter($drafts[$leading], static fn(Draft $d): bool => $d->id === $only)) ?: $drafts[$leading];
        }
        $others = $this->others($drafts, $leading, $needs);
        $limits = $this->left($leading, $others);
        $routes = $missed = $seen = [];
        foreach (\array_slice($drafts[$leading], 0, $isFurther ? self::FURTHER : null) as $draft) {
            $solved = $this->solve($leading, $draft, $limits, $needs, $this->atHand($leading, $others));
            $grams = self::grams($solved->layer);
            if (isset($seen[$grams])) {
                continue; // another way to the same weighing
            }
            $seen[$grams] = true;
            $route = $this->route([$leading => $solved] + $others, $leading);
            $route->standing === RouteStanding::Missed ? $missed[] = $route : $routes[] = $route;
        }

        return [$routes, $missed];
    }

    /**
     * A scattering of nuts or a spoon of sauce is not where a number of the brief is won, nor is a base or a syrup where protein is; they are touched in
     * the last look only, or where something in them is banned.
     */
    private function isLeftAlone(int $n, Needs $needs, Kind $kind): bool
    {
        $layer = $this->original->layers[$n];
        $isSmall = $layer->state->mass < Figure::LayerSmall->number() * $this->original->mass();
        $carriesNone = $needs->protein && !$needs->sweetener && array_filter(Table::of('substitution/left-alone'), static fn(array $row): bool => $row['kind'] === $kind->key && $row['diet'] === Diet::HighProtein->value) !== [];

        return !$needs->nothing() && !$needs->otherwise && $needs->reach < 2 && ($isSmall || $carriesNone) && $this->planner->banned($layer->layer) === []
            && $this->schools->treatment($layer, $this->original->formula->family) === null;
    }

    /** Of a fruit or a flavour that a neighbour stands in for: what it is of now, so that it is not sold under its old name. */
    private function renamed(LayerReading $was, LayerReading $now): string
    {
        $characters = $this->reader->characters;
        foreach (array_keys($characters->of($was->state)) as $character) {
            $carriers = static fn(LayerReading $layer): array => array_filter(array_map(static fn(Portion $p): Ingredient => $p->ingredient, $layer->state->model->portions), static fn(Ingredient $in): bool => $characters->carries($in, $character));
            $isFlavour = array_filter($carriers($was), static fn(Ingredient $in): bool => \in_array($in->group, ['fruit', 'flavour'], true)) !== [];
            $stands = $carriers($now);
            if ($isFlavour && $stands !== [] && array_filter($stands, static fn(Ingredient $in): bool => $characters->isOf($in, $character)) === []) {
                return \sprintf('tastes of %s now, so it is no longer called %s; ', implode(' and ', array_unique(array_map(RouteNames::plain(...), $stands))), $character);
            }
        }

        return '';
    }

    private static function grams(Layer $layer): string
    {
        $grams = array_map(static fn(Line $line): string => $line->ingredient . ' ' . round($line->grams, 1), $layer->understood());
        sort($grams);

        return implode("\n", $grams);
    }

    /**
     * The best draft of every layer that does not name the route, within its own share of what the brief limits.
     *
     * @param array<int, list<Draft>> $drafts
     *
     * @return array<int, SolvedLayer>
     */
    private function others(array $drafts, int $leading, Needs $needs): array
    {
        $solved = [];
        foreach ($drafts as $n => $list) {
            if ($n === $leading) {
                continue;
            }
            $kind = LayerKind::of($this->original->layers[$n]);
            $best = null;
            $limits = $this->share($n, $needs->reach);
            foreach (\array_slice($list, 0, self::TRIED) as $draft) {
                $one = $this->solve($n, $draft, $limits, $needs, $this->atHand($n, $solved));
                if ($best === null || $this->points($n, $one, $kind, $needs, $limits) > $this->points($n, $best, $kind, $needs, $limits)) {
                    $best = $one;
                }
                if ($best->worst($kind) <= 0.0 && $this->spoils($n, $best) === 0) {
                    break;
                }
            }
            \assert($best !== null);
            $solved[$n] = $best;
        }

        return $solved;
    }

    /**
     * What a layer that does not name the route is worth: its likeness, less what is worst, less how far it is from the plain way and how much has to be weighed for it.
     */
    private function points(int $n, SolvedLayer $one, LayerKind $kind, Needs $needs, ?Limits $limits): float
    {
        // What it takes of a number beyond its share the leading layer would have to save.
        $over = $limits?->netCarbs === null ? 0.0 : max(0.0, $this->totals($one->state)->netCarbs / max(0.01, $limits->netCarbs) - 1.0);
        $comes = array_filter($one->draft->unknowns, fn(Unknown $unknown): bool => !$unknown->kept && $unknown->was === null && $this->reader->shelf->get($unknown->ingredient)->group !== 'basic');

        return $one->fit() - self::BREAKS * ($one->worst($kind) + $this->spoils($n, $one)) - Weights::of('score.preference') * $one->draft->rank - ($needs->protein ? 0.0 : Weights::of('others.thing')) * \count($comes) - Weights::of('others.over') * $over;
    }

    /** @return array<string, true> ids of fruit that only a number keeps out, and that names the dish or takes a small part of the number */
    private function spared(): array
    {
        $spared = [];
        $givers = NameGivers::of($this->original->formula, $this->reader->shelf);
        foreach ($this->original->ingredients() as $in) {
            if (!$this->permit->bansByAmount($in)) {
                continue;
            }
            $grams = 0.0;
            foreach ($this->original->formula->layers as $layer) {
                foreach ($layer->understood() as $line) {
                    $grams += $line->ingredient === $in->id ? $line->grams : 0.0;
                }
            }
            $net = ($in->composition->family('sugar.') + $in->composition->of100('starch')) / 100 * $grams / $this->original->formula->portions;
            if (isset($givers[$in->id]) || $net <= Figure::PlannerSparedShare->number() * ($this->brief->netCarbLimit() ?? Figure::KetoNetCarbs->number())) {
                $spared[$in->id] = true;
            }
        }

        return $spared;
    }

    /**
     * What other layers hold, as they are solved by now.
     *
     * @param array<int, SolvedLayer> $solved
     *
     * @return array<string, true> by id
     */
    private function atHand(int $but, array $solved): array
    {
        $ids = [];
        foreach ($this->original->layers as $n => $layer) {
            foreach ($n === $but ? [] : (isset($solved[$n]) ? $solved[$n]->layer : $layer->layer)->understood() as $line) {
                $ids[(string) $line->ingredient] = true;
            }
        }

        return $ids;
    }

    /** Whether a layer is eaten from what it was filled into, by the maker's own steps: it is turned out, cut, piped or put on a base nowhere. */
    private function isSpooned(int $n): bool
    {
        $method = $this->method->methodOf($this->original);
        $isFilled = false;
        foreach ($method->acts ?? [] as $act) {
            if (\in_array($act->operation->key, self::STANDS_ALONE, true)) {
                return false;
            }
            $isFilled = $isFilled || ($act->layer === $n && preg_match(self::GLASSES, $act->words) === 1);
        }

        return $isFilled;
    }

    /** What would turn grainy or bitter in a layer that was neither: 0, 1 or 2. */
    private function spoils(int $n, SolvedLayer $one): int
    {
        $was = $this->original->layers[$n];
        $isGrainy = $was->baseWords === null && Crystals::excess($one->state, $this->reader->reference) > max(0.0, Crystals::excess($was->state, $this->reader->reference)) + self::GRAIN;
        $isBitter = $this->reader->sweetness->aboveCeilings($one->state) > $this->reader->sweetness->aboveCeilings($was->state) + self::GRAIN;

        return ($isGrainy ? 1 : 0) + ($isBitter ? 1 : 0);
    }

    /** @param array<string, true> $atHand ids of what other layers hold */
    private function solve(int $n, Draft $draft, ?Limits $limits, Needs $needs, array $atHand): SolvedLayer
    {
        $layer = $this->original->layers[$n];
        $target = Target::of($layer, $this->reader, $this->original->formula->serveAt);
        $target = $layer->baseWords === null ? $target->aimed($this->aims) : ($this->schools->tenderBase ? $target->aimed(Aims::of(richness: Weights::of('tender-base'))) : $target);
        // A crust of seeds or nuts with one sweetener is what is made under a keto filling; it is less sweet than the biscuits were.
        $target = $target->dry !== null && $target->dry >= Weights::of('base.stands') && $layer->baseWords !== null && $needs->sweetener ? $target->sparing(Weights::of('base.sweet')) : $target;
        $target = $this->isSpooned($n) ? $target->spooned(Weights::of('spooned.set')) : $target;
        // Cream that nobody sweetened may be as sweet as the drink it is made of now.
        $target = $target->se < Figure::Unsweet->number() ? $target->sparing(Weights::of('unsweet.sweet')) : $target;
        // What is sugar first is as sweet as the body that stands for it.
        foreach ($needs->sweetener ? Table::of('substitution/less-sweet') : [] as $row) {
            $target = $row['kind'] === $this->kinds[$n]->key ? $target->sparing((float) $row['times']) : $target;
        }
        $slack = match (true) {
            $needs->protein => [Job::Protein, Job::Fat, Job::FirmFat, Job::Water, Job::SugarBody, Job::SetWarm, Job::Acid],
            $needs->lean => [Job::Fat, Job::FirmFat, Job::Water, Job::Protein, Job::SetWarm],
            default => [],
        };

        return $this->solver->solve($layer, $draft, $target, $limits, $slack, $needs, $atHand);
    }

    /** What the whole layer holds of everything that a brief can limit. */
    private function totals(LayerState $state): Totals
    {
        return Totals::of($this->reader->nutrition->per100($state), $state->mass);
    }

    /** What a layer that does not name the route may hold: its share by mass, a base's counted more, for it is flour and sugar. */
    private function share(int $n, int $reach): ?Limits
    {
        $weight = static fn(LayerReading $l): float => $l->state->mass * ($l->baseWords === null ? 1.0 : Weights::of('base.weighs'));
        $layer = $this->original->layers[$n];
        $share = $weight($layer) / max(1e-9, array_sum(array_map($weight, $this->original->layers)));
        $owed = $this->totals($layer->state)->deficit;

        return $this->budget(new Totals(0.0, 0.0, 0.0, 0.0, 0.0, 0.0), $share, $owed > 0.0 ? Weights::of(self::OWES[$reach]) * $owed : $owed);
    }

    /**
     * What the layer that names the route may hold once the others have taken their part.
     *
     * @param array<int, SolvedLayer> $others
     */
    private function left(int $leading, array $others): ?Limits
    {
        $taken = new Totals(0.0, 0.0, 0.0, 0.0, 0.0, 0.0);
        foreach ($this->original->layers as $n => $layer) {
            if ($n !== $leading) {
                $taken = $taken->plus($this->totals(isset($others[$n]) ? $others[$n]->state : $layer->state));
            }
        }

        return $this->budget($taken, 1.0, -$taken->deficit);
    }

    private function budget(Totals $taken, float $share, float $deficit): ?Limits
    {
        $portions = $this->original->formula->portions;
        $left = static fn(?float $perPortion, float $has): ?float => $perPortion === null ? null : max(0.01, $share * $perPortion * $portions - $has);
        $limits = new Limits(
            $left($this->brief->netCarbLimit(), $taken->netCarbs),
            $left($this->brief->protein, $taken->protein),
            $left($this->brief->kcal, $taken->kcal),
            $this->brief->asksProteinShare() ? $deficit : null,
            $left($this->brief->sugarLimit($this->original->portion['sugars_g']), $taken->sugars),
            $left($this->brief->fatLimit($this->original->portion['mass_g']), $taken->fat),
        );

        return $limits->isNone() ? null : $limits;
    }

    /**
     * The layer whose way of being replaced names the route: the filling that loses most, else the base.
     *
     * @param array<int, list<Draft>> $drafts
     */
    private function principal(array $drafts): int
    {
        $best = (int) array_key_first($drafts);
        $most = -1.0;
        foreach (array_keys($drafts) as $n) {
            $layer = $this->original->layers[$n];
            $lost = 0.0;
            foreach ($this->planner->banned($layer->layer) as $i) {
                $lost += $layer->state->grams[$i];
            }
            $weight = $layer->baseWords === null ? Weights::of('leads.lost') * $lost + Weights::of('leads.mass') * $layer->state->mass : Weights::of('leads.base') * $lost;
            if ($weight > $most) {
                [$most, $best] = [$weight, $n];
            }
        }

        return $best;
    }

    /**
     * @param array<int, SolvedLayer> $solved
     * @param bool $isWeighed whether they are what is offered, and are judged by the method they are made by
     */
    private function route(array $solved, int $leading, bool $isWeighed = false): Route
    {
        $original = $this->original;
        $layers = $rails = $changes = $fits = [];
        foreach ($original->layers as $n => $before) {
            $now = $solved[$n] ?? null;
            $layers[] = $now === null ? $before->layer : $now->layer;
            if ($now === null) {
                continue;
            }
            $rails[$n] = $now->rails;
        }
        $formula = $original->formula->with($layers);
        $edits = $isWeighed ? $this->edits($formula, $solved) : null;
        // What is weighed is judged as its own method makes it: what that never heats stays raw, and an agent it never boils sets nothing.
        $result = $this->reader->read($edits === null || $edits === [] ? $formula : $formula->withMethod(EditedStep::told($edits)), $this->brief->netCarbLimit(), $this->brief->protein, $original);
        foreach ($solved as $n => $now) {
            // The solve took every layer as it was treated; a method may do less to it, or undo it.
            $rails[$n] = $edits === null || $edits === [] ? $now->rails : $now->judged($result->layers[$n]->state);
            $fits[] = [Rails::fit($rails[$n]), $original->layers[$n]->state->mass];
        }
        $settlement = Settlement::of($original, $result, $rails, $this->reader, Keeping::of($result, $original, $this->brief, $this->permit), $this->guard->broken($result), array_map(static fn(SolvedLayer $s): Draft => $s->draft, $solved))
            ->afterTrial([...NameGivers::lost($original->formula, $formula, $this->reader->shelf, $this->reader->characters), ...Trials::of($original, $result, $this->kinds)]);
        foreach (array_keys($solved) as $n) {
            $change = Changes::between($original->layers[$n], $result->layers[$n]);
            if ($change !== null) {
                $changes[] = $change;
            }
        }
        $fit = min($settlement->cap, array_sum(array_map(static fn(array $f): float => $f[0] * $f[1], $fits)) / max(1e-9, array_sum(array_column($fits, 1))));
        $serious = array_filter($result->watch, static fn(Warning $w): bool => $w->severity !== Severity::Note);
        $allergens = array_values(array_diff($result->contains, $original->contains));
        [$effort, $wait] = $this->handling($result);
        $names = RouteNames::of($original, $result, $leading, array_map(static fn(SolvedLayer $s): Draft => $s->draft, $solved));

        $new = NewThings::of($original, $result, $this->schools->market->value);

        return new Route(
            id: $solved[$leading]->draft->id,
            name: $names->name,
            mouth: $this->renamed($original->layers[$leading], $result->layers[$leading]) . $names->mouth . Changes::mouth($original->layers[$leading], $result->layers[$leading]),
            fit: round($fit, 1),
            settlement: $settlement,
            rails: $rails,
            blocks: static fn(): array => array_map(static fn(string $block): string => $original->layers[$leading]->layer->name . ' · ' . $block, ($solved[$leading]->blocks)()),
            result: $result,
            changes: $changes,
            steps: fn(): array => $this->method->steps($result),
            effortMinutes: $effort,
            waitHours: $wait,
            newAllergens: $allergens,
            risks: \count($serious),
            score: $fit - $this->costs($solved[$leading]->draft, $result, \count($serious), \count($allergens), $effort, $wait, $new) - Weights::of('score.unsure') * (1.0 - (Route::likely($rails, $result) ?? 1.0)),
            part: $solved[$leading]->draft->part,
            otherNames: $names->others,
            edits: fn(): array => $edits ?? $this->edits($result->formula, $solved),
            toBuy: $new->toBuy(),
            sheet: $isWeighed ? null : fn(?bool $isGentle): Route => $this->route($isGentle === null ? $solved : array_map(static fn(SolvedLayer $one): SolvedLayer => $one->weighed($isGentle), $solved), $leading, true),
        );
    }

    /**
     * The maker's own method as a route changes it.
     *
     * @param array<int, SolvedLayer> $solved
     *
     * @return list<EditedStep> none where nobody wrote one
     */
    private function edits(Formula $now, array $solved): array
    {
        $method = $this->method->methodOf($this->original);
        if ($method === null) {
            return [];
        }
        $standsFor = array_map(static fn(SolvedLayer $layer): array => array_map(static fn(Substitution $one): array => array_map(strval(...), array_keys($one->mix)), $layer->draft->twins), $solved);

        return MethodEdit::of($this->original->formula, $method, $now, $standsFor, $this->reader->shelf);
    }

    /** Points of fit that a route costs: what is to be minded, what it brings, money, hands, waiting, and how far it is from like for like. */
    private function costs(Draft $draft, DishReading $result, int $risks, int $allergens, int $effort, int $wait, NewThings $new): float
    {
        $dearer = max(0.0, $result->portion['cost_minor'] / max(1.0, $this->original->portion['cost_minor']) - 1.0);
        $leads = $this->schools->citrusWithGelatin && array_filter($result->layers, static fn(LayerReading $l): bool => ($l->set->mechanisms['gelatin'] ?? 0.0) > 0.1) !== [];

        return Weights::of('score.risk') * $risks + Weights::of('score.allergen') * $allergens + Weights::of('score.dearer') * $dearer
            + $new->cost()
            + Weights::of('score.minute') * $effort + Weights::of('score.hour') * $wait + Weights::of('score.preference') * $draft->rank - ($leads ? Weights::of('score.school') : 0.0);
    }

    /** @return array{int, int} minutes at hand and hours of waiting that what comes in brings */
    private function handling(DishReading $result): array
    {
        $effort = 5;
        $wait = 0;
        $had = [];
        foreach ($this->original->formula->layers as $layer) {
            foreach ($layer->understood() as $line) {
                $had[(string) $line->ingredient] = true;
            }
        }
        foreach ($result->formula->layers as $layer) {
            foreach ($layer->understood() as $line) {
                $id = (string) $line->ingredient;
                if (!isset($had[$id])) {
                    $had[$id] = true;
                    $handling = MeansBook::handling($id, $this->reader->shelf->get($id)->class);
                    $effort += $handling['effort'];
                    $wait = max($wait, $handling['wait']);
                }
            }
        }

        return [$effort, $wait];
    }
}
