<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Version;
use Illuminate\Support\Facades\Cache;
use Transmuta\Format\FormulaJson;
use Transmuta\Format\ReadingJson;
use Transmuta\Format\RouteJson;
use Transmuta\Method\Editing\EditedStep;
use Transmuta\Property\Look\Section;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Ranking\Route;
use Transmuta\Shelf\Ingredient;

/** Finds the routes of a version for a brief; they are kept for an hour by content, so that taking one gives the grams that were shown. */
final readonly class RouteFinder
{
    private const KEPT_SECONDS = 3600;

    public function __construct(private VersionShelf $shelves, private StudioShelf $shelf) {}

    /** @return array{routes: list<array<string, mixed>>, blocked: list<array<string, mixed>>, proposals: list<array<string, mixed>>} */
    public function find(Version $version, Brief $brief): array
    {
        $key = 'answer:' . $version->studio_id . ':' . hash('xxh128', json_encode([FormulaJson::write($version->formula), $brief->toArray(), $version->shelf, $this->shelf->state(), $this->shelves->schools($version)], JSON_THROW_ON_ERROR));
        /** @var array{routes: list<array<string, mixed>>, blocked: list<array<string, mixed>>, proposals: list<array<string, mixed>>}|null $kept */
        $kept = Cache::get($key);
        if ($kept === null) {
            $answer = $this->shelves->engine($version)->answer($version->formula, $brief);
            $kept = [
                'routes' => array_map(self::write(...), $answer->routes),
                'blocked' => RouteJson::blocked($answer),
                'proposals' => array_map(static fn(array $p): array => [...$p, 'brief' => $p['brief']?->toArray()], $answer->proposals),
            ];
            Cache::put($key, $kept, self::KEPT_SECONDS);
        }

        return $kept;
    }

    /**
     * How a version taken from a route came about, as the version keeps it.
     *
     * @param array<string, mixed> $route as {@see write} gives it
     *
     * @return array<string, mixed>
     */
    public static function origin(array $route): array
    {
        return [
            'kind' => 'route', 'hash' => $route['hash'], 'standing' => $route['standing'], 'words' => $route['words'], 'route' => $route['name'], 'mouth' => $route['mouth'], 'fit' => $route['fit'],
            'changes' => $route['changes'], 'blocked_by' => $route['blocked_by'],
        ];
    }

    /** @return array<string, string> names of the ingredients its debts speak of */
    private static function names(Route $route): array
    {
        return array_map(static fn(Ingredient $in): string => $in->name, [...$route->result->ingredients(), ...$route->result->original?->ingredients() ?? []]);
    }

    /** @return array<string, mixed> */
    public static function write(Route $route): array
    {
        $json = ReadingJson::write($route->result);

        return [
            'id' => $route->id,
            'name' => $route->name,
            'mouth' => $route->mouth,
            'fit' => $route->fit,
            'met' => $route->met,
            'standing' => $route->standing->value,
            'hash' => $route->hash(),
            'chance' => $route->chance(),
            'words' => $route->settlement->words(),
            'near' => $route->settlement->near,
            'guesses' => $route->settlement->guesses,
            'questions' => $route->settlement->questions,
            'packets' => $route->settlement->packets,
            'debts' => array_map(RouteJson::debt(...), $route->settlement->debts),
            'names' => self::names($route),
            'rails' => (object) array_map(static fn(array $rails): array => array_map(BenchView::rail(...), $rails), $route->rails),
            'blocked_by' => $route->blockedBy(),
            'changes' => $route->changes,
            'to_buy' => $route->toBuy,
            'steps' => $route->steps(),
            'method' => array_map(static fn(EditedStep $one): array => $one->toArray(), $route->method()),
            'effort_min' => $route->effortMinutes,
            'wait_h' => $route->waitHours,
            'new_allergens' => $route->newAllergens,
            'risks' => $route->risks,
            'watch' => array_map(BenchView::warning(...), $route->result->watch),
            'cost_minor' => (int) round($route->result->portion['cost_minor']),
            'portion' => $json['portion'],
            'contains' => $route->result->contains,
            'layers' => array_map(static fn(\Transmuta\Property\LayerReading $l): array => ['name' => $l->layer->name, 'set' => $l->baseWords ?? \Transmuta\Property\Setting\Ladder::word($l->set->ge), 'ge' => $l->baseWords === null ? round($l->set->ge, 2) : null, 'se' => round($l->se, 1)], $route->result->layers),
            'diets' => $json['diets'],
            'section' => Section::of($route->result),
            'formula' => FormulaJson::write($route->formula()),
        ];
    }
}
