<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Asked;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Http\Requests\BriefRequest;
use App\Http\Requests\ScaleRequest;
use App\Models\Version;
use App\Services\BenchView;
use App\Services\History;
use App\Services\RouteFinder;
use App\Services\VersionShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Transmuta\Engine;
use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Formula;
use Transmuta\Property\DishReading;
use Transmuta\Reformulation\Brief\Aims;
use Transmuta\Reformulation\Brief\Brief;

/** Versions made beside another: a route taken, the same for other aims, for another number or tin. */
final class BesideController extends Controller
{
    public function __construct(private readonly VersionShelf $shelves, private readonly History $history, private readonly BenchView $bench) {}

    /** Takes a route, or the formula sent along, as a new version under this one. */
    #[OA\Post(
        path: '/api/versions/{version}/versions',
        summary: 'Takes a route by its hash, or keeps a formula, as a version beside',
        operationId: 'Version.store',
        parameters: [new InPath('version')],
        requestBody: new Asked('TakeRoute'),
        responses: [new Answered('BenchData', 201), new Answered('BenchData', 200, 'Taken already'), new Wrong()],
    )]
    public function store(BriefRequest $request, Version $version, RouteFinder $finder, Engine $engine): JsonResponse
    {
        Gate::authorize('update', $version);
        $brief = $request->brief();
        [$formula, $origin] = $request->has('formula')
            ? [$engine->json->read((array) $request->input('formula')), ['kind' => 'kept beside']]
            : $this->taken($finder->find($version, $brief)['routes'], (string) $request->string('route'), $engine);

        return $this->born($version, $formula, self::name($brief), $brief->toArray(), $origin);
    }

    /** Softer, sharper, less sweet, richer: the same ingredients weighed for what is wanted, as a version beside. */
    #[OA\Post(
        path: '/api/versions/{version}/retarget',
        summary: 'Weighs the same ingredients for other aims, as a version beside',
        operationId: 'Version.retarget',
        parameters: [new InPath('version')],
        requestBody: new Asked('TakeRoute'),
        responses: [new Answered('BenchData', 201), new Wrong()],
    )]
    public function retarget(BriefRequest $request, Version $version): JsonResponse
    {
        Gate::authorize('update', $version);
        $aims = $request->brief()->aims;
        if ($aims->isSame()) {
            throw Nonsense::of('aims', 'as it is', 'say what is wanted otherwise: sweetness, set, sharpness or richness');
        }
        $formula = $this->shelves->engine($version)->balancer->rebalance($version->formula, $version->formula, $aims);

        return $this->born($version, $formula, self::aimed($aims), $version->brief, ['kind' => 'retargeted', 'aims' => $aims->toArray()]);
    }

    /** For another number of portions, cut otherwise, or in another tin, as a version beside. */
    #[OA\Post(
        path: '/api/versions/{version}/scale',
        summary: 'For another tin or number, as a version beside',
        operationId: 'Version.scale',
        parameters: [new InPath('version')],
        requestBody: new Asked('ScaleVersion'),
        responses: [new Answered('BenchData', 201), new Wrong()],
    )]
    public function scale(ScaleRequest $request, Version $version): JsonResponse
    {
        Gate::authorize('update', $version);
        [$formula, $words] = $request->scaled($version->formula, fn(): DishReading => $this->shelves->engine($version)->read($version->formula));

        return $this->born($version, $formula, $words, $version->brief, ['kind' => 'scaled', 'words' => $words]);
    }

    /**
     * A version under another.
     *
     * @param array<string, mixed> $brief
     * @param array<string, mixed> $origin
     */
    private function born(Version $version, Formula $formula, string $stem, array $brief, array $origin): JsonResponse
    {
        /** @var array{0: Version, 1: bool} $made */
        $made = DB::transaction(function () use ($version, $formula, $stem, $brief, $origin): array {
            // The dish's rows are held while the name is chosen, so that two windows cannot choose the same, and no name is one that may come back.
            /** @var list<string> $names */
            $names = Version::withTrashed()->where('dish_id', $version->dish_id)->lockForUpdate()->pluck('name')->all();
            for ($n = 1; \in_array("$stem $n", $names, true); ++$n);
            $same = self::takenBefore($version, $brief, $origin);
            if ($same !== null) {
                return [$same, false];
            }

            return [$this->history->born([
                'studio_id' => $version->studio_id,
                'dish_id' => $version->dish_id,
                'parent_id' => $version->id,
                'name' => "$stem $n",
                'brief' => $brief,
                'formula' => $formula,
                'origin' => $origin,
            ], \is_string($origin['kind'] ?? null) ? $origin['kind'] : 'taken', ["From $version->name"], $version->shelf), true];
        });
        [$child, $isNew] = $made;

        return $this->shown($this->bench, $child->opened(), $isNew ? 201 : 200);
    }

    /**
     * The version that this route was taken as already, where nobody has changed it since: however often a button is pressed, it takes one.
     *
     * @param array<string, mixed> $brief
     * @param array<string, mixed> $origin
     */
    private static function takenBefore(Version $version, array $brief, array $origin): ?Version
    {
        if (!isset($origin['hash'])) {
            return null;
        }
        foreach (Version::query()->where('parent_id', $version->id)->where('revision', 1)->get() as $child) {
            // The hash is of the grams, and the first revision is as it was taken. What was stored comes back with whole floats as integers, so the brief asked is written the same way.
            if (($child->origin['hash'] ?? null) === $origin['hash'] && $child->brief === json_decode(json_encode($brief, \JSON_THROW_ON_ERROR), true)) {
                return $child;
            }
        }

        return null;
    }

    /**
     * @param list<array<string, mixed>> $routes
     *
     * @return array{0: Formula, 1: array<string, mixed>}
     */
    private function taken(array $routes, string $id, Engine $engine): array
    {
        foreach ($routes as $route) {
            if ($route['hash'] === $id || $route['id'] === $id) {
                return [$engine->json->read((array) $route['formula']), RouteFinder::origin($route)];
            }
        }

        throw Nonsense::of('route', $id, 'choose one of the routes shown for this brief');
    }

    private static function name(Brief $brief): string
    {
        $words = implode(' ', array_map(static fn(\Transmuta\Diet\Diet $d): string => $d->value, $brief->diets));

        return $words === '' ? 'Variant' : mb_substr(ucfirst($words), 0, 70);
    }

    private static function aimed(Aims $aims): string
    {
        $words = array_filter([
            $aims->set < 0.0 ? 'softer' : ($aims->set > 0.0 ? 'firmer' : null),
            $aims->sweetness < 1.0 ? 'less sweet' : ($aims->sweetness > 1.0 ? 'sweeter' : null),
            $aims->sharpness < 1.0 ? 'milder' : ($aims->sharpness > 1.0 ? 'sharper' : null),
            $aims->richness < 1.0 ? 'leaner' : ($aims->richness > 1.0 ? 'richer' : null),
        ]);

        return ucfirst(implode(', ', $words));
    }
}
