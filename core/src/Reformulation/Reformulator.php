<?php

declare(strict_types=1);

namespace Transmuta\Reformulation;

use Transmuta\Diet\Diet;
use Transmuta\Diet\Standing;
use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Formula;
use Transmuta\Formula\Layer;
use Transmuta\Process\MethodWriter;
use Transmuta\Property\DishReading;
use Transmuta\Property\Reader;
use Transmuta\Reformulation\Brief\Aims;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Brief\Exclusions;
use Transmuta\Reformulation\Brief\Schools;
use Transmuta\Reformulation\Deviation\Guard;
use Transmuta\Reformulation\Deviation\Job;
use Transmuta\Reformulation\Evaluation\Debt;
use Transmuta\Reformulation\Evaluation\Misses;
use Transmuta\Reformulation\Explanation\Blocked;
use Transmuta\Reformulation\Explanation\Nearest;
use Transmuta\Reformulation\Explanation\Refusals;
use Transmuta\Reformulation\Ranking\Route;
use Transmuta\Reformulation\Ranking\RouteJudge;
use Transmuta\Reformulation\Substitution\Needs;

/**
 * Takes a dish and a brief to routes: banned lines leave, twins stand in, what is still owed is paid by the least means, grams are solved and the
 * whole is settled. What the dish met already is kept; what could only be had by giving that up is offered as a question.
 */
final readonly class Reformulator
{
    /** Routes under which there is little to choose from. */
    private const CHOICE = 3;

    /** g of a layer over which a line of a route may come to more than a line can be. */
    private const MOST_LAYER = 50_000.0;

    /** Lines of a dish that routes are found for: each is tried against each other, so twice as many take four times as long. */
    public const MOST_LINES = 80;

    /** How far past the nearest route a limit is let go, until what keeps it is a recipe still. */
    private const SLACKS = [1.03, 1.1, 1.2, 1.5, 2.0, 3.0, 4.5];

    /** What is tried for a brief that no route keeps: factors on sweetness. */
    private const LESS_SWEET = [0.85];

    public function __construct(private Reader $reader, private MethodWriter $method, private Schools $schools = new Schools()) {}

    /**
     * @return list<Route> those that are met first, by fit; then those that are met if packets say so; then those that are met but for something, by what is worst; never one that misses the brief
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
     * @throws Nonsense if a layer has no mass, the dish has more than {@see MOST_LINES} lines, or a word of "without" names nothing known
     */
    public function answer(Formula $formula, Brief $brief): Answer
    {
        $lines = array_sum(array_map(static fn(Layer $layer): int => \count($layer->lines), $formula->layers));
        if ($lines > self::MOST_LINES && !$brief->asksNothing()) {
            throw Nonsense::of('formula', "$lines lines", \sprintf('routes are found for a dish of up to %d lines: ask for its parts as dishes of their own', self::MOST_LINES));
        }
        $reader = $this->reader->for($formula);
        $brief = $this->schools->briefed($brief);
        $original = $reader->read($formula, $brief->netCarbLimit(), $brief->protein);
        foreach ($original->layers as $layer) {
            if ($layer->state->mass <= 0.0) {
                throw Nonsense::of('layer "' . $layer->layer->name . '"', '0 g', 'give at least one of its lines an amount, or take the layer out');
            }
        }
        foreach ($original->layers as $layer) {
            if ($layer->state->mixed > self::MOST_LAYER) {
                throw Nonsense::of('layer "' . $layer->layer->name . '"', \sprintf('%.0f kg', $layer->state->mixed / 1000), \sprintf('a route may need more of one thing than a line holds: ask it of at most %.0f kg a layer, fewer portions, and scale the version it makes', self::MOST_LAYER / 1000));
            }
        }
        $refused = Refusals::of($original, $this->method->kinds($original), $brief);
        if ($refused !== null) {
            return new Answer([], [$refused], []);
        }
        $exclusions = Exclusions::of($brief->without, $reader->shelf);
        [$routes, $missed] = $this->found($reader, $original, $brief, $exclusions);
        if ($routes !== []) {
            // What is offered is what is weighed; which comes first is judged by that.
            $firstStands = $routes[0]->id === RouteSearch::AS_IT_IS;

            $weighed = RouteJudge::best(array_map(static fn(Route $one): Route => $one->weighed(), $routes), $firstStands);
            $worth = array_values(array_filter($weighed, Nearest::isWorthOffering(...)));
            if ($worth !== []) {
                return new Answer($worth, [], []);
            }
            // The no is told by the one with the shortest list.
            usort($weighed, static fn(Route $a, Route $b): int => \count($a->toBuy) <=> \count($b->toBuy));

            return $this->refusal($reader, $weighed[0], $original, $brief, $exclusions);
        }
        \assert($missed !== []);
        $proposals = $this->proposals($reader, $missed[0], $original, $brief, $exclusions);
        foreach ($brief->aims->sweetness === 1.0 && Misses::areAboutSugar($missed[0]->result, $original, $brief) ? self::LESS_SWEET : [] as $factor) {
            $lessSweet = $brief->aiming(Aims::of($factor, $brief->aims->set, $brief->aims->sharpness, $brief->aims->richness));
            if ($this->isOffered($reader, $original, $lessSweet, $exclusions, $missed[0]->id)) {
                array_unshift($proposals, ['words' => \sprintf('%d %% less sweet', round(100 * (1 - $factor))), 'brief' => $lessSweet, 'portions' => null]);
                break;
            }
        }

        $nearest = $proposals[0]['words'] ?? 'the dish as it is, without this brief';

        return new Answer([], array_map(static fn(Blocked $b): Blocked => $b->nearest($nearest), Nearest::blocked($missed[0], $original, $brief)), $proposals);
    }

    /**
     * Where what keeps the brief is hardly the dish any more: an honest no with its number and reason, and what else would be one, tried before it is said.
     */
    private function refusal(Reader $reader, Route $nearest, DishReading $original, Brief $brief, Exclusions $exclusions): Answer
    {
        $proposals = [];
        foreach (Nearest::otherBriefs($brief, $original) as $other) {
            if ($this->isOffered($reader, $original, $other['brief'], $exclusions)) {
                $proposals[] = [...$other, 'portions' => null];
            }
        }

        return new Answer([], [Nearest::refused($nearest)->nearest($proposals[0]['words'] ?? 'the dish as it is, without this brief')], $proposals);
    }

    /**
     * The nearest that can be had, tried before it is offered.
     *
     * @return list<array{words: string, brief: ?Brief, portions: ?int}>
     */
    private function proposals(Reader $reader, Route $nearest, DishReading $original, Brief $brief, Exclusions $exclusions): array
    {
        $proposals = [];
        foreach (self::SLACKS as $slack) {
            $proposals = Nearest::proposals($nearest, $original, $brief, $slack);
            $accept = $proposals[0]['brief'] ?? null;
            if ($accept === null) {
                return [];
            }
            if ($this->isOffered($reader, $original, $accept, $exclusions, $nearest->id)) {
                return $proposals;
            }
        }

        return [];
    }

    /** Whether a brief has a route that is a recipe of the dish still. */
    private function isOffered(Reader $reader, DishReading $original, Brief $brief, Exclusions $exclusions, ?string $only = null): bool
    {
        foreach ($this->found($reader, $original, $brief, $exclusions, $only)[0] as $route) {
            if (Nearest::isWorthOffering($route->weighed())) {
                return true;
            }
        }

        return false;
    }

    /**
     * @param ?string $only the one draft to try for the layer that names the route
     *
     * @return array{list<Route>, list<Route>} those that keep the brief, best first, and those that miss one of its numbers, nearest first
     */
    private function found(Reader $reader, DishReading $original, Brief $brief, Exclusions $exclusions, ?string $only = null): array
    {
        $guard = Guard::of($original);
        $search = fn(Guard $asking): RouteSearch => new RouteSearch($reader, $this->method, $this->schools, $original, $brief, $exclusions, $guard, $asking);
        $strict = $search($guard);
        if ($brief->asksNothing()) {
            return [[$strict->asItIs()], []];
        }
        $stands = $brief->aims->isSame() && $strict->stands() ? [$strict->asItIs()] : [];
        $needs = $this->needs($original, $brief);
        $routes = $missed = [];
        for ($reach = 0; $reach < ($needs->nothing() ? 1 : 3); ++$reach) {
            [$met, $notMet] = $strict->routes($needs->reaching($reach), $only, $reach > 0);
            [$routes, $missed] = [[...$routes, ...$met], [...$missed, ...$notMet]];
            if (array_filter($met, static fn(Route $r): bool => $r->settlement->near === []) !== []) {
                break; // its numbers are kept: nothing further would be for the better
            }
        }
        // An allergen is asked for where nothing else pays, or where there is little to choose from: behind what needs no question. What nothing
        // stands in for is no better served by one.
        $isPoor = !self::anyMet($routes) || \count(RouteJudge::best([...$stands, ...$routes], $stands !== [])) < self::CHOICE;
        if ($only === null && $isPoor && !self::isAboutCharacter($routes)) {
            [$met, $notMet] = $search($guard->asking(Guard::QUESTIONS))->routes($needs->reaching(self::anyMet($routes) ? 0 : 2), null, true);
            [$routes, $missed] = [[...$routes, ...$met], [...$missed, ...$notMet]];
        }
        usort($missed, static fn(Route $a, Route $b): int => Misses::size($a->result, $original, $brief) <=> Misses::size($b->result, $original, $brief));

        return [RouteJudge::best([...$stands, ...$routes], $stands !== []), $missed];
    }

    /** @param list<Route> $routes */
    private static function anyMet(array $routes): bool
    {
        return array_filter($routes, static fn(Route $r): bool => $r->standing->holds()) !== [];
    }

    /**
     * Whether there are routes, and all that keeps each of them from being met is what it can no longer be about.
     *
     * @param list<Route> $routes
     */
    private static function isAboutCharacter(array $routes): bool
    {
        foreach ($routes as $route) {
            $critical = array_filter($route->settlement->open(), static fn(Debt $d): bool => $d->critical);
            if ($critical === [] || $route->settlement->near !== [] || array_filter($critical, static fn(Debt $d): bool => $d->job !== Job::Character) !== []) {
                return false;
            }
        }

        return $routes !== [];
    }

    private function needs(DishReading $original, Brief $brief): Needs
    {
        $portion = $original->portion;
        $sugars = $brief->sugarLimit($portion['sugars_g'] ?? 0.0);
        $fat = $brief->fatLimit($portion['mass_g']);
        $kcal = $brief->kcal !== null && $portion['kcal'] > $brief->kcal;

        return new Needs(
            sweetener: $brief->asks(Diet::Keto) || ($brief->netCarbs !== null && $portion['net_carbs_g'] > $brief->netCarbs) || ($sugars !== null && $portion['sugars_g'] > $sugars),
            protein: ($brief->asksProteinShare() && $original->diets['high-protein']->standing() === Standing::NotMet) || ($brief->protein !== null && $portion['protein_g'] < $brief->protein),
            lean: $kcal || ($fat !== null && $portion['fat_g'] > $fat),
            otherwise: !$this->schools->aims($brief->aims)->isSame() || $kcal,
        );
    }
}
