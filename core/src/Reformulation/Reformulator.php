<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Diet\Diet;
use Transmuta\Diet\Standing;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Layer;
use Transmuta\Formula\Treatment;
use Transmuta\Formula\TreatmentKind;
use Transmuta\Process\MethodWriter;
use Transmuta\Property\DishReading;
use Transmuta\Property\LayerModel;
use Transmuta\Property\LayerReading;
use Transmuta\Property\Reader;
use Transmuta\Quantity\Scale;
use Transmuta\Watch\Severity;
use Transmuta\Watch\Warning;

/** Takes a dish and a brief to routes: banned lines leave, debts are paid by packages, grams are solved, the best come first. */
final readonly class Reformulator
{
    private const MOST_ROUTES = 6;

    private Planner $planner;

    public function __construct(private Reader $reader, private Catalogue $catalogue, private MethodWriter $method)
    {
        $this->planner = new Planner($reader->shelf, $catalogue);
    }

    /** @return list<Route> best first; never one with a banned ingredient. One that misses a number of the brief says so in `met`, last */
    public function routes(Formula $formula, Brief $brief): array
    {
        return $this->for($formula)->found($formula, $brief);
    }

    /** The same over the shelf as this formula's kitchen measured it. */
    private function for(Formula $formula): self
    {
        $reader = $this->reader->for($formula);

        return $reader === $this->reader ? $this : new self($reader, $this->catalogue, $this->method);
    }

    /** @return list<Route> */
    private function found(Formula $formula, Brief $brief): array
    {
        $original = $this->reader->read($formula, $brief->netCarbLimit(), $brief->protein);
        $wantsSweetener = $brief->asks(Diet::Keto) || ($brief->netCarbs !== null && $original->portion['net_carbs_g'] > $brief->netCarbs);
        $wantsProtein = $brief->asks(Diet::HighProtein) || ($brief->protein !== null && $original->portion['protein_g'] < $brief->protein);
        $principal = $this->principal($original, $brief);
        $solved = [];
        foreach ($original->layers as $n => $layer) {
            $here = $n === $principal;
            $plans = $this->planner->plans($layer, $brief, $formula->family, $wantsSweetener && $layer->baseWords === null, $wantsProtein && $here);
            $limits = $here ? $this->limits($original, $n, $brief, $formula->portions) : null;
            $solved[$n] = array_map(fn(LayerPlan $plan): SolvedLayer => $this->solve($layer, $plan, $formula->serveAt, $limits), $plans);
            usort($solved[$n], static fn(SolvedLayer $a, SolvedLayer $b): int => $b->fit() <=> $a->fit());
        }
        if (array_filter($solved) === []) {
            return [];
        }
        $leading = $solved[$principal] !== [] ? $principal : (int) array_key_first(array_filter($solved));
        $routes = [];
        foreach ($solved[$leading] as $choice) {
            $route = $this->route($original, $brief, $solved, $leading, $choice);
            if ($route !== null && !$this->isLike($route, $routes)) {
                $routes[] = $route;
            }
        }
        usort($routes, static fn(Route $a, Route $b): int => $b->score <=> $a->score);

        return \array_slice($routes, 0, self::MOST_ROUTES);
    }

    /**
     * Balances a version again against another: pinned lines stay, the others move to bring every property back.
     */
    public function rebalance(Formula $version, Formula $against): Formula
    {
        $reader = $this->reader->for($against);
        $targets = [];
        foreach ($against->layers as $layer) {
            $targets[$layer->name] = Target::of($reader->layer($layer, $against->serveAt), $reader, $against->serveAt);
        }

        return $this->for($version)->balanced($version, $targets);
    }

    /** @param array<string, Target> $targets by layer name */
    private function balanced(Formula $version, array $targets): Formula
    {
        $layers = [];
        foreach ($version->layers as $layer) {
            $target = $targets[$layer->name] ?? null;
            $layers[] = $target === null || $layer->understood() === [] ? $layer : $this->balance($layer, $target, $version->serveAt);
        }

        return $version->with($layers);
    }

    /**
     * Rails of every layer of a version against the layer of the same name in another.
     *
     * @return array<string, list<Rail>>
     */
    public function rails(DishReading $version, DishReading $against): array
    {
        $rails = [];
        [$reader, $was] = [$this->reader->for($version->formula), $this->reader->for($against->formula)];
        foreach ($version->layers as $layer) {
            foreach ($against->layers as $other) {
                if ($other->layer->name === $layer->layer->name) {
                    $serveAt = $against->formula->serveAt;
                    $rails[$layer->layer->name] = (new Rails($reader, Target::of($other, $was, $serveAt), $serveAt))->of($layer->state);
                }
            }
        }

        return $rails;
    }

    private function balance(Layer $layer, Target $target, float $serveAt): Layer
    {
        $unknowns = [];
        foreach ($layer->understood() as $line) {
            $small = $line->grams < 0.003 * $target->mass;
            $unknowns[] = Unknown::kept((string) $line->ingredient, $line->grams, $line->pinned || $line->has('infused') || $line->grams <= 0.0 || $small, $line->text, $line->prep, 0.6);
        }
        $problem = new LayerProblem($this->reader, $layer, $unknowns, $target, $serveAt);
        $grams = $problem->grams($problem->solve()->x);
        $lines = [];
        $k = 0;
        foreach ($layer->lines as $line) {
            if ($line->ingredient === null) {
                $lines[] = $line;
                continue;
            }
            $unknown = $unknowns[$k];
            $new = $unknown->fixed ? $line->grams : Scale::shown($grams[$k]);
            $lines[] = $line->weighing($new);
            ++$k;
        }

        return $layer->with($lines);
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

    private function limits(DishReading $dish, int $principal, Brief $brief, int $portions): ?Limits
    {
        $rest = ['net_carbs_g' => 0.0, 'protein_g' => 0.0, 'kcal' => 0.0];
        foreach ($dish->layers as $n => $layer) {
            foreach ($rest as $fact => $value) {
                $rest[$fact] = $value + ($n === $principal ? 0.0 : $layer->nutrition[$fact] * $layer->state->mass / 100);
            }
        }
        $left = static fn(?float $perPortion, string $fact): ?float => $perPortion === null ? null : max(0.01, $perPortion * $portions - $rest[$fact]);
        $limits = new Limits($left($brief->netCarbLimit(), 'net_carbs_g'), $left($brief->protein, 'protein_g'), $left($brief->kcal, 'kcal'), $brief->asks(Diet::HighProtein));

        return $limits->netCarbs === null && $limits->protein === null && $limits->kcal === null && !$limits->highProtein ? null : $limits;
    }

    private function solve(LayerReading $layer, LayerPlan $plan, float $serveAt, ?Limits $limits): SolvedLayer
    {
        $target = Target::of($layer, $this->reader, $serveAt);
        $problem = new LayerProblem($this->reader, $this->template($layer, $plan), $plan->unknowns, $target, $serveAt, $limits);
        $solution = $problem->solve();
        $rounded = $problem->layer($solution->x, mb_strtolower($layer->layer->name));
        $state = LayerModel::stateOf($rounded, $this->reader->shelf);

        return new SolvedLayer($plan, $rounded, (new Rails($this->reader, $target, $serveAt))->of($state), $problem->blocks($solution));
    }

    /** A layer cooked for its egg alone is only blended warm once the egg is gone: what needs a boil gets it apart. */
    private function template(LayerReading $layer, LayerPlan $plan): Layer
    {
        $was = $layer->layer;
        $egg = array_filter($plan->unknowns, fn(Unknown $u): bool => $this->reader->shelf->get($u->ingredient)->comesFrom('egg'));
        if ($was->treatment->kind !== TreatmentKind::Cook || $egg !== [] || $layer->state->of100('protein.egg') < 0.3) {
            return $was;
        }

        return new Layer($was->name, $was->lines, Treatment::of(TreatmentKind::Melt), $was->tin, $was->loss);
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
            $rails[$before->layer->name] = $now->rails;
            $fits[] = [$now->fit(), $before->state->mass];
            foreach ($now->blocks as $block) {
                $blocks[] = $before->layer->name . ' · ' . $block;
            }
            if ($n !== $leading) {
                $effort += $now->plan->effortMinutes;
                $wait = max($wait, $now->plan->waitHours);
            }
        }
        $result = $this->reader->read($original->formula->with($layers), $brief->netCarbLimit(), $brief->protein);
        foreach ($brief->diets as $diet) {
            // A sum that lands a hair over a limit is said in `met`; a banned ingredient is never shown as a route.
            if ($result->diets[$diet->value]->standing() === Standing::NotMet && !\in_array($diet, [Diet::Keto, Diet::HighProtein], true)) {
                return null;
            }
        }
        foreach ($original->layers as $n => $before) {
            $change = ($solved[$n] ?? []) !== [] ? Changes::between($before, $result->layers[$n]) : null;
            if ($change !== null) {
                $changes[] = $change;
            }
        }
        $fit = array_sum(array_map(static fn(array $f): float => $f[0] * $f[1], $fits)) / max(1e-9, array_sum(array_column($fits, 1)));
        $serious = array_filter($result->watch, static fn(Warning $w): bool => $w->severity !== Severity::Note);
        $allergens = array_values(array_diff($result->contains, $original->contains));
        $dearer = $result->portion['cost_minor'] / max(1.0, $original->portion['cost_minor']) - 1.0;

        return new Route(
            id: $choice->plan->id,
            name: $choice->plan->name,
            mouth: $choice->plan->mouth . Changes::mouth($original->layers[$leading], $result->layers[$leading]),
            fit: round($fit, 1),
            met: $this->meets($result, $brief),
            rails: $rails,
            blockedBy: $blocks,
            result: $result,
            changes: $changes,
            steps: $this->method->steps($result),
            effortMinutes: $effort,
            waitHours: $wait,
            newAllergens: $allergens,
            risks: \count($serious),
            score: $fit - 2.5 * \count($serious) - 1.5 * \count($allergens) - 4.0 * max(0.0, $dearer) - 0.05 * $effort - 0.2 * $wait - ($this->meets($result, $brief) ? 0.0 : 20.0),
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

    /** Nothing of the brief is missed; what only a packet can prove stays unproven in the result's diets. */
    private function meets(DishReading $result, Brief $brief): bool
    {
        foreach ($brief->diets as $diet) {
            if ($result->diets[$diet->value]->standing() === Standing::NotMet) {
                return false;
            }
        }

        return ($brief->netCarbs === null || $result->portion['net_carbs_g'] <= $brief->netCarbs)
            && ($brief->protein === null || $result->portion['protein_g'] >= $brief->protein)
            && ($brief->kcal === null || $result->portion['kcal'] <= $brief->kcal);
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
