<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Exceptions\Conflict;
use App\Http\Requests\BriefRequest;
use App\Http\Requests\SaveVersionRequest;
use App\Models\Version;
use App\Services\BenchView;
use App\Services\RouteFinder;
use App\Services\VersionShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Transmuta\Engine;
use Transmuta\Format\ReadingChanges;
use Transmuta\Formula\Formula;
use Transmuta\Reformulation\Brief;

final class VersionController extends Controller
{
    public function __construct(private readonly VersionShelf $shelves) {}

    public function show(Version $version, BenchView $bench): JsonResponse
    {
        Gate::authorize('view', $version);

        return new JsonResponse($bench->of($version->load(['dish', 'trials'])));
    }

    /** Saves a formula over the version; refused when another window saved first. */
    public function update(SaveVersionRequest $request, Version $version, Engine $engine, BenchView $bench): JsonResponse
    {
        Gate::authorize('update', $version);
        $formula = $request->formula($engine);

        return new JsonResponse($bench->of($this->save($version, $request->integer('revision'), $formula)));
    }

    /** Moves every line that is not pinned so that the version reads as the original again. */
    public function rebalance(SaveVersionRequest $request, Version $version, Engine $engine, BenchView $bench): JsonResponse
    {
        Gate::authorize('update', $version);
        $original = $version->original();
        if ($original->id === $version->id) {
            throw \Transmuta\Formula\Nonsense::of('version', $version->name, 'the original has nothing to be balanced against; take a route first');
        }
        $formula = $this->shelves->engine($version)->reformulator->rebalance($request->formula($engine), $original->formula);

        return new JsonResponse($bench->of($this->save($version, $request->integer('revision'), $formula)));
    }

    public function routes(BriefRequest $request, Version $version, RouteFinder $finder): JsonResponse
    {
        Gate::authorize('view', $version);
        $brief = $request->brief();

        return new JsonResponse(['brief' => $brief->toArray(), 'routes' => $finder->find($version, $brief)]);
    }

    /** Takes a route, or the formula sent along, as a new version under this one. */
    public function store(BriefRequest $request, Version $version, RouteFinder $finder, Engine $engine, BenchView $bench): JsonResponse
    {
        Gate::authorize('update', $version);
        $brief = $request->brief();
        [$formula, $origin] = $request->has('formula')
            ? [$engine->json->read((array) $request->input('formula')), ['kind' => 'kept beside']]
            : $this->taken($finder->find($version, $brief), (string) $request->string('route'), $engine);
        /** @var Version $child */
        $child = DB::transaction(function () use ($version, $brief, $formula, $origin): Version {
            // The dish's rows are held while the name is chosen, so that two windows cannot choose the same.
            /** @var list<string> $names */
            $names = Version::query()->where('dish_id', $version->dish_id)->lockForUpdate()->pluck('name')->all();

            return Version::query()->create([
                'studio_id' => $version->studio_id,
                'dish_id' => $version->dish_id,
                'parent_id' => $version->id,
                'name' => self::name($brief, $names),
                'brief' => $brief->toArray(),
                'formula' => $formula,
                'origin' => $origin,
                'shelf' => $this->shelves->stamp($formula, $version->shelf),
                'revision' => 1,
            ]);
        });

        return new JsonResponse($bench->of($child->load(['dish', 'trials'])), 201);
    }

    /** Why a number of the version's reading is what it is. */
    public function why(Request $request, Version $version): JsonResponse
    {
        Gate::authorize('view', $version);
        $request->validate(['path' => ['required', 'string', 'max:80']]);

        return new JsonResponse($this->shelves->engine($version)->explain($version->formula, (string) $request->string('path'))->toArray());
    }

    /** What would change if the version were read with today's shelf. */
    public function refreshPreview(Version $version, Engine $engine): JsonResponse
    {
        Gate::authorize('view', $version);

        return new JsonResponse(ReadingChanges::between($this->shelves->engine($version)->read($version->formula), $engine->read($version->formula)));
    }

    /** Takes today's shelf for the version. */
    public function refresh(Request $request, Version $version, BenchView $bench): JsonResponse
    {
        Gate::authorize('update', $version);
        $request->validate(['revision' => ['required', 'integer', 'min:1']]);

        return new JsonResponse($bench->of($this->save($version, $request->integer('revision'), $version->formula, true)));
    }

    /** @param bool $afresh whether the version takes today's values for ingredients it had seen before */
    private function save(Version $version, int $revision, Formula $formula, bool $afresh = false): Version
    {
        /** @var Version $saved */
        $saved = DB::transaction(function () use ($version, $revision, $formula, $afresh): Version {
            $query = Version::query()->with(['dish', 'trials']);
            $query->lockForUpdate();
            $locked = $query->findOrFail($version->id);
            if ($locked->revision !== $revision) {
                throw new Conflict($locked);
            }
            $locked->formula = $formula;
            $locked->shelf = $this->shelves->stamp($formula, $afresh ? [] : $locked->shelf);
            $locked->revision = $revision + 1;
            $locked->save();
            if ($locked->parent_id === null && $locked->dish->title !== $formula->title) {
                $locked->dish->update(['title' => $formula->title]);
            }

            return $locked;
        });

        return $saved;
    }

    /**
     * @param list<array<string, mixed>> $routes
     *
     * @return array{0: Formula, 1: array<string, mixed>}
     */
    private function taken(array $routes, string $id, Engine $engine): array
    {
        foreach ($routes as $route) {
            if ($route['id'] === $id) {
                return [$engine->json->read((array) $route['formula']), RouteFinder::origin($route)];
            }
        }

        throw \Transmuta\Formula\Nonsense::of('route', $id, 'choose one of the routes shown for this brief');
    }

    /** @param list<string> $taken */
    private static function name(Brief $brief, array $taken): string
    {
        $stem = $brief->diets === [] ? 'Variant' : ucfirst(implode(' ', array_map(static fn(\Transmuta\Diet\Diet $d): string => $d->value, $brief->diets)));
        for ($n = 1; \in_array("$stem $n", $taken, true); ++$n);

        return "$stem $n";
    }
}
