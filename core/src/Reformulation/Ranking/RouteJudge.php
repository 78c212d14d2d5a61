<?php

declare(strict_types=1);

namespace Transmuta\Reformulation\Ranking;

use Transmuta\Reformulation\Deviation\Weights;
use Transmuta\Reformulation\Evaluation\RouteStanding;

/** Puts routes in order, and leaves out those that another beats in every way or that are another one over again. */
final class RouteJudge
{
    private const MOST_ROUTES = 6;

    /** Routes kept even when another is better in every way, so that there is something to compare. */
    private const LEAST_ROUTES = 3;

    /** Fit under which a route that is not met is not shown beside one that is, points. */
    private const WORTH_SHOWING = 40.0;

    /** New things that a sheet is still weighed with: so many, and so many more for each layer it changes. */
    private const THINGS = 3;
    private const THINGS_A_LAYER = 2;

    /** Tolerances by which the worst may be off in what a cook rather weighs than a long list that is right to the letter. */
    private const NEARLY = 2.0;

    /** Grams apart, as a share of the dish, under which two routes are one. */
    private const ALIKE = 0.10;

    /**
     * What holds first, met or met if packets say so, and is no longer a list than a cook weighs; then what nearly holds and is short; then the rest. Each by score, which counts what is worst, what has to be asked of packets, and what has to be bought and weighed besides.
     *
     * @param list<Route> $routes
     * @param bool $firstStands whether the first is the dish as it is, which stays first
     *
     * @return list<Route>
     */
    public static function best(array $routes, bool $firstStands): array
    {
        $first = $firstStands ? array_splice($routes, 0, 1) : [];
        usort($routes, self::order(...));
        if ($first !== [] || array_filter($routes, static fn(Route $r): bool => $r->standing->holds()) !== []) {
            $routes = array_filter($routes, static fn(Route $r): bool => $r->standing->holds() || $r->fit >= self::WORTH_SHOWING);
        }
        $kept = [];
        foreach ($routes as $route) {
            if (!self::isLike($route, [...$first, ...$kept])) {
                $kept[] = $route;
            }
        }

        return self::named(\array_slice(self::undominated([...$first, ...$kept]), 0, self::MOST_ROUTES));
    }

    private static function order(Route $a, Route $b): int
    {
        return [self::group($b), self::score($b), $b->standing->rank(), $a->id] <=> [self::group($a), self::score($a), $a->standing->rank(), $b->id];
    }

    /** 3 where it holds and is weighed, 2 where it is weighed and nearly holds, 1 where it holds and nobody would weigh it, else 0. */
    private static function group(Route $route): int
    {
        $isShort = \count($route->toBuy) <= self::THINGS + self::THINGS_A_LAYER * \count($route->changes);

        return match (true) {
            $route->standing->holds() => $isShort ? 3 : 1,
            default => $isShort && $route->standing === RouteStanding::MetBut && $route->settlement->worst() <= self::NEARLY ? 2 : 0,
        };
    }

    /** Points among routes that stand alike. */
    private static function score(Route $route): float
    {
        return $route->score - Weights::of('score.packet') * \count($route->settlement->packets) - Weights::of('score.worst') * $route->settlement->worst();
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
        $kept = [];
        foreach ($routes as $route) {
            $beaten = array_filter($kept, static fn(Route $other): bool => $other->part === $route->part && $other->fit >= $route->fit && $other->risks <= $route->risks && $cost($other) <= $cost($route) && $other->effortMinutes <= $route->effortMinutes && $other->waitHours <= $route->waitHours);
            if ($beaten === [] || \count($kept) < self::LEAST_ROUTES) {
                $kept[] = $route;
            }
        }

        return $kept;
    }

    /**
     * Routes whose grams agree within 10 % are one.
     *
     * @param list<Route> $routes
     */
    private static function isLike(Route $route, array $routes): bool
    {
        $grams = static function (Route $r): array {
            $sum = [];
            foreach ($r->result->formula->layers as $n => $layer) {
                foreach ($layer->understood() as $line) {
                    $sum["$n $line->ingredient"] = ($sum["$n $line->ingredient"] ?? 0.0) + $line->grams;
                }
            }
            ksort($sum);

            return $sum;
        };
        $mine = $grams($route);
        foreach ($routes as $other) {
            $theirs = $grams($other);
            $apart = 0.0;
            foreach (array_keys($mine + $theirs) as $id) {
                $apart += abs(($mine[$id] ?? 0.0) - ($theirs[$id] ?? 0.0));
            }
            if ($apart < self::ALIKE * array_sum($mine) && array_keys($mine) === array_keys($theirs)) {
                return true;
            }
        }

        return false;
    }

    /** What one route has more or less of than another, most first: "180 g rice flour". */
    private static function differs(Route $route, Route $other, int $k): string
    {
        [$mine, $theirs] = [$route->result->formula->holds(), $other->result->formula->holds()];
        $apart = [];
        foreach (array_keys($mine) as $id) {
            $apart[$id] = abs($mine[$id] - ($theirs[$id] ?? 0.0));
        }
        arsort($apart);
        $id = (string) (array_keys($apart)[$k % max(1, \count($apart))] ?? '');
        $name = ($route->result->ingredients()[$id] ?? null)->name ?? $id;

        return \sprintf('%g g %s', round($mine[$id] ?? 0.0, 1), mb_strtolower(explode(',', $name)[0])) . ($k >= \count($apart) ? \sprintf(' (%d)', $k) : '');
    }

    /**
     * Two routes of one name are told apart by what else differs.
     *
     * @param list<Route> $routes
     *
     * @return list<Route>
     */
    private static function named(array $routes): array
    {
        $seen = [];
        foreach ($routes as $n => $route) {
            $name = $route->name;
            foreach ($route->otherNames as $other) {
                if (!isset($seen[$name])) {
                    break;
                }
                $name = $route->name . ', ' . $other;
            }
            // Of the same things in other amounts: told apart by the line that differs most.
            for ($k = 0; isset($seen[$name]); ++$k) {
                $name = $route->name . ', ' . self::differs($route, $routes[$seen[$route->name]] ?? $route, $k);
            }
            $seen[$name] = $n;
            $routes[$n] = $route->called($name);
        }

        return $routes;
    }
}
