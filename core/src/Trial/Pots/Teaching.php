<?php

declare(strict_types=1);

namespace Transmuta\Trial\Pots;

use Transmuta\Property\Setting\Chances;
use Transmuta\Property\Setting\Ladder;
use Transmuta\Reformulation\Deviation\Weights;
use Transmuta\Reformulation\Ranking\Route;

/**
 * Which ladder would teach most about the routes that wait: how much surer the best of them would be if this kitchen knew its factor of a mechanism, and
 * whether another would come first. A route whose dose can still be corrected loses nothing by a factor that is known.
 */
final class Teaching
{
    /** Gains under which nothing is learnt worth a batch, points of the order of routes. */
    private const LEAST = 0.3;

    /**
     * @param list<Route> $routes
     *
     * @return list<array{mechanism: string, gain: float, first: string, instead: ?string, chance: float, would_be: float}> the most first
     */
    public static function of(array $routes): array
    {
        if ($routes === []) {
            return [];
        }
        $mechanisms = [];
        foreach ($routes as $route) {
            foreach (Route::aimed($route->rails, $route->result) as [$set]) {
                foreach ($set->mechanisms as $name => $ge) {
                    if ($ge * Ladder::slope($set->ge) >= 0.3) {
                        $mechanisms[$name] = true;
                    }
                }
            }
        }
        $now = array_map(static fn(Route $r): float => $r->score, $routes);
        $first = self::best($now);
        $found = [];
        foreach (array_map(strval(...), array_keys($mechanisms)) as $mechanism) {
            $chances = array_map(static fn(Route $r): float => self::likely($r, $mechanism), $routes);
            $then = array_map(static fn(Route $r, float $chance): float => $r->score + Weights::of('score.unsure') * ($chance - ($r->chance() ?? 1.0)), $routes, $chances);
            $best = self::best($then);
            $gain = $then[$best] - $now[$first];
            if ($gain >= self::LEAST) {
                $found[] = [
                    'mechanism' => $mechanism, 'gain' => $gain, 'first' => $routes[$first]->name, 'instead' => $best === $first ? null : $routes[$best]->name,
                    'chance' => $routes[$best]->chance() ?? 1.0, 'would_be' => $chances[$best],
                ];
            }
        }
        usort($found, static fn(array $a, array $b): int => [$b['instead'] !== null, $b['gain']] <=> [$a['instead'] !== null, $a['gain']]);

        return $found;
    }

    private static function likely(Route $route, string $known): float
    {
        $least = 1.0;
        foreach (Route::aimed($route->rails, $route->result) as [$set, $target]) {
            // What is known adds nothing to how unsure the set is.
            $sd = sqrt(max(1e-9, Chances::spread($set) ** 2 - ($set->strengths->spread($known) * Ladder::slope($set->ge) * ($set->mechanisms[$known] ?? 0.0)) ** 2));
            $least = min($least, Chances::within(Ladder::coordinate($target) - Ladder::coordinate($set->ge), $sd));
        }

        return $least;
    }

    /** @param non-empty-list<float> $scores */
    private static function best(array $scores): int
    {
        return (int) array_search(max($scores), $scores, true);
    }
}
