<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Diet\Diet;
use Transmuta\Diet\Standing;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Nonsense;
use Transmuta\Formula\Treatment;
use Transmuta\Formula\TreatmentKind;
use Transmuta\Formula\TreatmentStep;
use Transmuta\Process\MethodWriter;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerModel;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Reader;
use Transmuta\Watch\Severity;
use Transmuta\Watch\Warning;

/** Takes a dish and a brief to routes: banned lines leave, debts are paid by packages, grams are solved, the best come first. */
final readonly class Reformulator
{
    private const MOST_ROUTES = 6;

    /** Routes kept even when another is better in every way, so that there is something to compare. */
    private const LEAST_ROUTES = 3;

    /** What is tried for a brief that no route keeps: factors on sweetness. */
    private const LESS_SWEET = [0.85];

    private Planner $planner;

    /** @param ?Exclusions $exclusions what the brief's own words keep out, beside its diets */
    public function __construct(private Reader $reader, private Catalogue $catalogue, private MethodWriter $method, private Schools $schools = new Schools(), ?Exclusions $exclusions = null)
    {
        $this->planner = new Planner($reader->shelf, $catalogue, $schools, $reader->reference, $exclusions ?? Exclusions::of([], $reader->shelf));
    }

    /** @throws Nonsense if a word of the brief's "without" names nothing known */
    private function without(Brief $brief): self
    {
        return $brief->without === [] ? $this : new self($this->reader, $this->catalogue, $this->method, $this->schools, Exclusions::of($brief->without, $this->reader->shelf));
    }

    /**
     * @return list<Route> those that are met first, by fit; then those that are met but for something, by what is worst; never one that misses the brief
     *
     * @throws Nonsense if a layer has no mass, or a word of "without" names nothing known
     */
    public function routes(Formula $formula, Brief $brief): array
    {
        return $this->answer($formula, $brief)->routes;
    }

    /**
     * Routes, or what stands in the way and the nearest that can be had.
     *
     * @throws Nonsense if a layer has no mass, or a word of "without" names nothing known
     */
    public function answer(Formula $formula, Brief $brief): Answer
    {
        $self = $this->for($formula)->without($brief);
        $original = $self->reader->read($formula, $brief->netCarbLimit(), $brief->protein);
        foreach ($original->layers as $layer) {
            if ($layer->state->mass <= 0.0) {
                throw Nonsense::of('layer "' . $layer->layer->name . '"', '0 g', 'give at least one of its lines an amount, or take the layer out');
            }
        }
        [$routes, $missed] = $self->found($original, $brief);
        if ($routes !== []) {
            return new Answer($routes, [], []);
        }
        $blocked = $missed === [] ? ['Nothing on the shelf takes the place of what the brief bans.'] : Misses::words($missed[0], $original, $brief);
        $proposals = $missed === [] ? [] : $self->proposals($missed[0], $original, $brief);
        foreach ($missed !== [] && $brief->aims->sweetness === 1.0 ? self::LESS_SWEET : [] as $factor) {
            $lessSweet = $brief->aiming(Aims::of($factor, $brief->aims->set, $brief->aims->sharpness, $brief->aims->richness));
            if ($self->found($original, $lessSweet, $missed[0]->id)[0] !== []) {
                array_unshift($proposals, ['words' => \sprintf('%d %% less sweet', round(100 * (1 - $factor))), 'brief' => $lessSweet, 'portions' => null]);
                break;
            }
        }

        return new Answer([], $blocked, $proposals);
    }

    /**
     * The nearest that can be had, tried before it is offered.
     *
     * @return list<array{words: string, brief: ?Brief, portions: ?int}>
     */
    private function proposals(Route $nearest, DishReading $original, Brief $brief): array
    {
        $proposals = [];
        foreach ([1.03, 1.2] as $slack) {
            $proposals = Misses::proposals($nearest, $original, $brief, $slack);
            $accept = $proposals[0]['brief'] ?? null;
            if ($accept === null || $this->found($original, $accept, $nearest->id)[0] !== []) {
                return $proposals;
            }
        }

        return array_values(array_filter($proposals, static fn(array $p): bool => $p['brief'] === null));
    }

    /** The same over the shelf as this formula's kitchen measured it. */
    private function for(Formula $formula): self
    {
        $reader = $this->reader->for($formula);

        return $reader === $this->reader ? $this : new self($reader, $this->catalogue, $this->method, $this->schools, $this->planner->exclusions);
    }

    /**
     * @param ?string $only the one plan to try for the layer that names the route
     *
     * @return array{list<Route>, list<Route>} those that keep the brief, best first, and those that miss one of its numbers, nearest first
     */
    private function found(DishReading $original, Brief $brief, ?string $only = null): array
    {
        if ($brief->asksNothing()) {
            return [[$this->asItIs($original)], []];
        }
        $aims = $this->schools->aims($brief->aims);
        $wants = $this->wants($original, $brief, $aims);
        $principal = $this->principal($original, $brief);
        $solved = [];
        // The other layers first, so that the one that names the route knows what they leave of a limit.
        foreach ([...array_diff(array_keys($original->layers), [$principal]), $principal] as $n) {
            $here = $n === $principal;
            $layer = $original->layers[$n];
            $treatment = $this->schools->treatment($layer, $original->formula->family);
            $plans = $this->planner->plans($layer, $brief, $original->formula->family, ($here ? $wants : $wants->elsewhere())->treated($treatment));
            if ($here && $only !== null) {
                $plans = array_values(array_filter($plans, static fn(LayerPlan $plan): bool => $plan->id === $only)) ?: $plans;
            }
            $limits = $here ? $this->limits($original, $n, $brief, $solved) : null;
            $solved[$n] = array_map(fn(LayerPlan $plan): SolvedLayer => $this->solve($layer, $plan, $original->formula->serveAt, $limits, $aims, $brief, $treatment), $plans);
            usort($solved[$n], static fn(SolvedLayer $a, SolvedLayer $b): int => $b->fit() <=> $a->fit());
        }
        if (array_filter($solved) === []) {
            $isKept = $this->keeps($original, $original, $brief);
            $as = $this->asItIs($original, $isKept);

            return $isKept ? [[$as], []] : [[], [$as]];
        }
        $leading = $solved[$principal] !== [] ? $principal : (int) array_key_first(array_filter($solved));
        $routes = $missed = [];
        foreach ($solved[$leading] as $choice) {
            $route = $this->route($original, $brief, $solved, $leading, $choice);
            if ($route === null || $this->isLike($route, [...$routes, ...$missed])) {
                continue;
            }
            $route->standing === RouteStanding::Missed ? $missed[] = $route : $routes[] = $route;
        }
        $best = static fn(Route $a, Route $b): int => [$b->met, -round($b->settlement->worst(), 1), $b->score] <=> [$a->met, -round($a->settlement->worst(), 1), $a->score];
        usort($routes, $best);
        usort($missed, static fn(Route $a, Route $b): int => Misses::size($a->result, $original, $brief) <=> Misses::size($b->result, $original, $brief));

        $stands = $aims->isSame() && $this->stands($original, $brief) ? [$this->asItIs($original)] : [];

        return [\array_slice(self::undominated([...$stands, ...$routes]), 0, self::MOST_ROUTES), $missed];
    }

    /** Whether the dish keeps the brief as it is: nothing in it is banned, no number missed, and no school wants it heated otherwise. */
    private function stands(DishReading $original, Brief $brief): bool
    {
        foreach ($original->layers as $layer) {
            if ($this->schools->treatment($layer, $original->formula->family) !== null || $this->planner->banned($layer, $brief) !== []) {
                return false;
            }
        }

        return !Misses::any($original, $original, $brief);
    }

    /** Nothing that the brief bans is left, and no number of it is missed: read off the result, whatever led to it. */
    private function keeps(DishReading $result, DishReading $original, Brief $brief): bool
    {
        foreach ($result->layers as $layer) {
            if ($this->planner->banned($layer, $brief) !== []) {
                return false;
            }
        }

        return !Misses::any($result, $original, $brief);
    }

    private function wants(DishReading $original, Brief $brief, Aims $aims): Wants
    {
        $portion = $original->portion;
        $sugars = $brief->sugarLimit($portion['sugars_g'] ?? 0.0);
        $fat = $brief->fatLimit($portion['mass_g']);

        return new Wants(
            sweetener: $brief->asks(Diet::Keto) || ($brief->netCarbs !== null && $portion['net_carbs_g'] > $brief->netCarbs) || ($sugars !== null && $portion['sugars_g'] > $sugars),
            protein: ($brief->asks(Diet::HighProtein) && $original->diets['high-protein']->standing() === Standing::NotMet) || ($brief->protein !== null && $portion['protein_g'] < $brief->protein),
            lean: $fat !== null && $portion['fat_g'] > $fat,
            otherwise: !$aims->isSame() || ($brief->kcal !== null && $portion['kcal'] > $brief->kcal),
        );
    }

    /** The dish as it stands, as a route of its own. */
    private function asItIs(DishReading $original, bool $isKept = true): Route
    {
        $rails = [];
        foreach ($original->layers as $n => $layer) {
            $serveAt = $original->formula->serveAt;
            $rails[$n] = (new Rails($this->reader, Target::of($layer, $this->reader, $serveAt), $serveAt))->of($layer->state);
        }

        return new Route('as-it-is', 'As it is', 'nothing changes', 100.0, Settlement::of($original, $original, $rails, $isKept), $rails, [], $original, [], $this->method->steps($original), 0, 0, [], 0, 100.0);
    }

    /**
     * Routes that another one beats or equals in every way leave, but for the first few.
     *
     * @param list<Route> $routes best first
     *
     * @return list<Route>
     */
    private static function undominated(array $routes): array
    {
        $cost = static fn(Route $r): float => $r->result->portion['cost_minor'];
        // Whole egg or yolks only is a matter of school: neither drives the other out.
        $part = static fn(Route $r): string => preg_match('/\+(egg|egg-yolk)$/', $r->id, $m) === 1 ? $m[1] : '';
        $kept = [];
        foreach ($routes as $route) {
            $beaten = array_filter($kept, static fn(Route $other): bool => $part($other) === $part($route) && $other->fit >= $route->fit && $other->risks <= $route->risks && $cost($other) <= $cost($route) && $other->effortMinutes <= $route->effortMinutes && $other->waitHours <= $route->waitHours);
            if ($beaten === [] || \count($kept) < self::LEAST_ROUTES) {
                $kept[] = $route;
            }
        }

        return $kept;
    }

    /** The layer whose way of being replaced names the route: the filling that loses most, else the base. */
    private function principal(DishReading $dish, Brief $brief): int
    {
        $best = 0;
        $most = -1.0;
        foreach ($dish->layers as $n => $layer) {
            $lost = 0.0;
            foreach ($this->planner->banned($layer, $brief) as $i) {
                $lost += $layer->state->grams[$i];
            }
            $weight = $layer->baseWords === null ? 2.0 * $lost + 0.001 * $layer->state->mass : 0.3 * $lost;
            if ($weight > $most) {
                $most = $weight;
                $best = $n;
            }
        }

        return $best;
    }

    /**
     * What the layer that names the route may hold, or must, once the others have taken their part.
     *
     * @param array<int, list<SolvedLayer>> $solved the other layers, closest first
     */
    private function limits(DishReading $dish, int $principal, Brief $brief, array $solved): ?Limits
    {
        $rest = ['net_carbs_g' => 0.0, 'protein_g' => 0.0, 'kcal' => 0.0, 'sugars_g' => 0.0, 'fat_g' => 0.0];
        foreach ($dish->layers as $n => $layer) {
            $state = isset($solved[$n][0]) ? $solved[$n][0]->state : $layer->state;
            $facts = isset($solved[$n][0]) ? $this->reader->nutrition->per100($state) : $layer->nutrition;
            foreach ($rest as $fact => $value) {
                $rest[$fact] = $value + ($n === $principal ? 0.0 : $facts[$fact] * $state->mass / 100);
            }
        }
        $portions = $dish->formula->portions;
        $left = static fn(?float $perPortion, string $fact): ?float => $perPortion === null ? null : max(0.01, $perPortion * $portions - $rest[$fact]);
        $limits = new Limits(
            $left($brief->netCarbLimit(), 'net_carbs_g'),
            $left($brief->protein, 'protein_g'),
            $left($brief->kcal, 'kcal'),
            $brief->asks(Diet::HighProtein),
            $left($brief->sugarLimit($dish->portion['sugars_g']), 'sugars_g'),
            $left($brief->fatLimit($dish->portion['mass_g']), 'fat_g'),
        );

        return $limits->isNone() ? null : $limits;
    }

    private function solve(LayerReading $layer, LayerPlan $plan, float $serveAt, ?Limits $limits, Aims $aims, Brief $brief, ?Treatment $treatment): SolvedLayer
    {
        $target = Target::of($layer, $this->reader, $serveAt);
        $target = $layer->baseWords === null ? $target->aimed($aims) : ($this->schools->tenderBase ? $target->aimed(Aims::of(richness: 0.75)) : $target);
        $problem = new LayerProblem($this->reader, $this->template($layer, $plan, $brief, $treatment), $plan->unknowns, $target, $serveAt, $limits);
        $solution = $problem->solve();
        $rounded = $problem->layer($solution->x, mb_strtolower($layer->layer->name));
        $state = LayerModel::stateOf($rounded, $this->reader->shelf);

        return new SolvedLayer($plan, $rounded, $state, (new Rails($this->reader, $target, $serveAt))->of($state), static fn(): array => $problem->blocks($solution));
    }

    /** A layer cooked for its egg alone is only blended warm once the egg is gone: what needs a boil gets it apart. A raw one is not heated. */
    private function template(LayerReading $layer, LayerPlan $plan, Brief $brief, ?Treatment $treatment): Layer
    {
        $was = $layer->layer;
        if ($treatment !== null && !$brief->asks(Diet::Raw)) {
            return new Layer($was->name, $was->lines, $treatment, $was->tin, null);
        }
        if ($brief->asks(Diet::Raw)) {
            return new Layer($was->name, $was->lines, $was->treatment->without(TreatmentKind::Cook, TreatmentKind::Boil, TreatmentKind::Bake, TreatmentKind::Melt), $was->tin, null);
        }
        $egg = array_filter($plan->unknowns, fn(Unknown $u): bool => $this->reader->shelf->get($u->ingredient)->comesFrom('egg'));
        if (!$was->treatment->has(TreatmentKind::Cook) || $was->treatment->reaches(95.0) || $egg !== [] || $layer->state->of100('protein.egg') < 0.3) {
            return $was;
        }

        return new Layer($was->name, $was->lines, $was->treatment->heatedBy(TreatmentStep::of(TreatmentKind::Melt)), $was->tin, $was->loss);
    }

    /** @param array<int, list<SolvedLayer>> $solved */
    private function route(DishReading $original, Brief $brief, array $solved, int $leading, SolvedLayer $choice): ?Route
    {
        $layers = $rails = $blocks = $changes = [];
        $effort = $choice->plan->effortMinutes;
        $wait = $choice->plan->waitHours;
        $fits = [];
        foreach ($original->layers as $n => $before) {
            $now = $n === $leading ? $choice : self::companion($solved[$n] ?? [], $choice);
            $layers[] = $now === null ? $before->layer : $now->layer;
            if ($now === null) {
                continue;
            }
            $rails[$n] = $now->rails;
            $fits[] = [$now->fit(), $before->state->mass];
            foreach ($n === $leading ? ($now->blocks)() : [] as $block) {
                $blocks[] = $before->layer->name . ' · ' . $block;
            }
            if ($n !== $leading) {
                $effort += $now->plan->effortMinutes;
                $wait = max($wait, $now->plan->waitHours);
            }
        }
        $result = $this->reader->read($original->formula->with($layers), $brief->netCarbLimit(), $brief->protein, $original);
        foreach ($brief->diets as $diet) {
            // What is banned is never shown; a number that is missed is told, with the nearest that can be had.
            if ($result->diets[$diet->value]->standing() === Standing::NotMet && !\in_array($diet, Misses::BY_NUMBERS, true)) {
                return null;
            }
        }
        foreach ($original->layers as $n => $before) {
            $change = ($solved[$n] ?? []) !== [] ? Changes::between($before, $result->layers[$n]) : null;
            if ($change !== null) {
                $changes[] = $change;
            }
        }
        $settlement = Settlement::of($original, $result, $rails, $this->keeps($result, $original, $brief));
        $fit = min($settlement->cap, array_sum(array_map(static fn(array $f): float => $f[0] * $f[1], $fits)) / max(1e-9, array_sum(array_column($fits, 1))));
        $serious = array_filter($result->watch, static fn(Warning $w): bool => $w->severity !== Severity::Note);
        $allergens = array_values(array_diff($result->contains, $original->contains));
        $dearer = $result->portion['cost_minor'] / max(1.0, $original->portion['cost_minor']) - 1.0;

        return new Route(
            id: $choice->plan->id,
            name: $choice->plan->name,
            mouth: $choice->plan->mouth . Changes::mouth($original->layers[$leading], $result->layers[$leading]),
            fit: round($fit, 1),
            settlement: $settlement,
            rails: $rails,
            blockedBy: $blocks,
            result: $result,
            changes: $changes,
            steps: $this->method->steps($result),
            effortMinutes: $effort,
            waitHours: $wait,
            newAllergens: $allergens,
            risks: \count($serious),
            score: $fit - 2.5 * \count($serious) - 1.5 * \count($allergens) - 4.0 * max(0.0, $dearer) - 0.05 * $effort - 0.2 * $wait
                + ($this->schools->citrusWithGelatin && str_contains($choice->plan->id, 'gelatin') ? 8.0 : 0.0),
        );
    }

    /**
     * How another layer goes with the leading choice: by the same agents where they fit well, else the closest.
     *
     * @param list<SolvedLayer> $solved closest first
     */
    private static function companion(array $solved, SolvedLayer $choice): ?SolvedLayer
    {
        foreach ($solved as $layer) {
            if ($layer->plan->id === $choice->plan->id && $layer->fit() >= 75.0) {
                return $layer;
            }
        }

        return $solved[0] ?? null;
    }

    /**
     * Routes whose grams agree within 10 % are one.
     *
     * @param list<Route> $routes
     */
    private function isLike(Route $route, array $routes): bool
    {
        $grams = static function (Route $r): array {
            $sum = [];
            foreach ($r->result->formula->layers as $layer) {
                foreach ($layer->understood() as $line) {
                    $sum[(string) $line->ingredient] = ($sum[(string) $line->ingredient] ?? 0.0) + $line->grams;
                }
            }

            return $sum;
        };
        $mine = $grams($route);
        foreach ($routes as $other) {
            $theirs = $grams($other);
            $apart = 0.0;
            foreach (array_keys($mine + $theirs) as $id) {
                $apart += abs(($mine[$id] ?? 0.0) - ($theirs[$id] ?? 0.0));
            }
            if ($apart < 0.10 * array_sum($mine) && array_keys($mine) === array_keys($theirs)) {
                return true;
            }
        }

        return false;
    }
}
