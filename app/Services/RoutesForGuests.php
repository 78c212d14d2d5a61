<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Version;
use Transmuta\Process\Covers\Guests;
use Transmuta\Reformulation\Brief\Brief;

/** Routes that would serve guests no version serves: one for all of them where there is one, else one for each. */
final readonly class RoutesForGuests
{
    public function __construct(private RouteFinder $finder) {}

    /**
     * @param Version $from what the routes begin at
     * @param list<Guests> $guests
     * @param list<int> $unserved places of those nobody serves
     *
     * @return list<array{guests: list<int>, route: string, name: string, standing: string, fit: float, brief: array<string, mixed>}>
     */
    public function of(Version $from, array $guests, array $unserved): array
    {
        if ($unserved === []) {
            return [];
        }
        $one = $this->best($from, $guests, $unserved);
        if ($one !== null || \count($unserved) === 1) {
            return $one === null ? [] : [$one];
        }

        return array_values(array_filter(array_map(fn(int $group): ?array => $this->best($from, $guests, [$group]), $unserved)));
    }

    /**
     * @param list<Guests> $guests
     * @param list<int> $groups
     *
     * @return ?array{guests: list<int>, route: string, name: string, standing: string, fit: float, brief: array<string, mixed>}
     */
    private function best(Version $from, array $guests, array $groups): ?array
    {
        $diets = $without = [];
        foreach ($groups as $group) {
            foreach ($guests[$group]->diets as $diet) {
                $diets[$diet->value] = $diet;
            }
            array_push($without, ...$guests[$group]->without);
        }
        $brief = Brief::of(array_values($diets), without: array_values(array_unique($without)));
        foreach ($this->finder->find($from, $brief)['routes'] as $route) {
            // What an allergen must be left out for is never served on a promise.
            $contains = \is_array($route['contains']) ? array_filter($route['contains'], is_string(...)) : [];
            if ($route['standing'] !== 'missed' && array_intersect($without, $contains) === [] && \is_string($route['hash']) && \is_string($route['name']) && \is_string($route['standing'])) {
                return ['guests' => $groups, 'route' => $route['hash'], 'name' => $route['name'], 'standing' => $route['standing'], 'fit' => is_numeric($route['fit']) ? (float) $route['fit'] : 0.0, 'brief' => $brief->toArray()];
            }
        }

        return null;
    }
}
