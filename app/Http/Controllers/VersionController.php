<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Asked;
use App\Contract\Operation\InPath;
use App\Contract\Operation\InQuery;
use App\Contract\Operation\Wrong;
use App\Http\Middleware\Precondition;
use App\Http\Requests\BriefRequest;
use App\Http\Requests\SaveVersionRequest;
use App\Http\Requests\ScaleRequest;
use App\Http\Requests\WantRequest;
use App\Models\Version;
use App\Services\BenchView;
use App\Services\History;
use App\Services\RouteFinder;
use App\Services\VersionShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Transmuta\Engine;
use Transmuta\Format\ReadingChanges;
use Transmuta\Formula\Formula;
use Transmuta\Reformulation\Aims;
use Transmuta\Reformulation\Brief;

final class VersionController extends Controller
{
    public function __construct(private readonly VersionShelf $shelves, private readonly History $history) {}

    #[OA\Get(
        path: '/api/versions/{version}',
        summary: 'A version on the Bench',
        operationId: 'Version.show',
        parameters: [new InPath('version')],
        responses: [new Answered('BenchData'), new Wrong()],
    )]
    public function show(Version $version, BenchView $bench): JsonResponse
    {
        Gate::authorize('view', $version);

        return self::shown($bench, $version->opened());
    }

    /** Saves a formula over the version; refused when another window saved first. */
    #[OA\Patch(
        path: '/api/versions/{version}',
        summary: 'Saves a formula',
        operationId: 'Version.update',
        parameters: [new InPath('version')],
        requestBody: new Asked('SaveVersion'),
        responses: [new Answered('BenchData'), new Wrong()],
    )]
    public function update(SaveVersionRequest $request, Version $version, Engine $engine, BenchView $bench): JsonResponse
    {
        Gate::authorize('update', $version);
        $formula = $request->formula($engine);

        return self::shown($bench, $this->save($version, $request->integer('revision'), 'edited', $formula));
    }

    /** Moves every line that is not pinned so that the version reads as the original again. */
    #[OA\Post(
        path: '/api/versions/{version}/rebalance',
        summary: 'Saves a formula with what is not pinned weighed anew',
        operationId: 'Version.rebalance',
        parameters: [new InPath('version')],
        requestBody: new Asked('SaveVersion'),
        responses: [new Answered('BenchData'), new Wrong()],
    )]
    public function rebalance(SaveVersionRequest $request, Version $version, Engine $engine, BenchView $bench): JsonResponse
    {
        Gate::authorize('update', $version);
        if ($version->parent_id === null) {
            throw \Transmuta\Fault\Nonsense::of('version', $version->name, 'the original has nothing to be balanced against; take a route first');
        }
        $formula = $this->shelves->engine($version)->balancer->rebalance($request->formula($engine), $version->aim()->formula, wanted: $version->wanted);

        return self::shown($bench, $this->save($version, $request->integer('revision'), 'balanced', $formula));
    }

    #[OA\Post(
        path: '/api/versions/{version}/routes',
        summary: 'Finds routes for a brief',
        operationId: 'Version.routes',
        parameters: [new InPath('version')],
        requestBody: new Asked('AskRoutes'),
        responses: [new Answered('Answer'), new Wrong()],
    )]
    public function routes(BriefRequest $request, Version $version, RouteFinder $finder): JsonResponse
    {
        Gate::authorize('view', $version);
        $brief = $request->brief();

        return new JsonResponse(['brief' => $brief->toArray(), ...$finder->find($version, $brief)]);
    }

    /** Takes a route, or the formula sent along, as a new version under this one. */
    #[OA\Post(
        path: '/api/versions/{version}/versions',
        summary: 'Takes a route by its hash, or keeps a formula, as a version beside',
        operationId: 'Version.store',
        parameters: [new InPath('version')],
        requestBody: new Asked('TakeRoute'),
        responses: [new Answered('BenchData', 201), new Answered('BenchData', 200, 'Taken already'), new Wrong()],
    )]
    public function store(BriefRequest $request, Version $version, RouteFinder $finder, Engine $engine, BenchView $bench): JsonResponse
    {
        Gate::authorize('update', $version);
        $brief = $request->brief();
        [$formula, $origin] = $request->has('formula')
            ? [$engine->json->read((array) $request->input('formula')), ['kind' => 'kept beside']]
            : $this->taken($finder->find($version, $brief)['routes'], (string) $request->string('route'), $engine);

        return $this->born($version, $formula, self::name($brief), $brief->toArray(), $origin, $bench);
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
    public function retarget(BriefRequest $request, Version $version, BenchView $bench): JsonResponse
    {
        Gate::authorize('update', $version);
        $aims = $request->brief()->aims;
        if ($aims->isSame()) {
            throw \Transmuta\Fault\Nonsense::of('aims', 'as it is', 'say what is wanted otherwise: sweetness, set, sharpness or richness');
        }
        $formula = $this->shelves->engine($version)->balancer->rebalance($version->formula, $version->formula, $aims);

        return $this->born($version, $formula, self::aimed($aims), $version->brief, ['kind' => 'retargeted', 'aims' => $aims->toArray()], $bench);
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
    public function scale(ScaleRequest $request, Version $version, BenchView $bench): JsonResponse
    {
        Gate::authorize('update', $version);
        [$formula, $words] = $request->scaled($version->formula);

        return $this->born($version, $formula, $words, $version->brief, ['kind' => 'scaled', 'words' => $words], $bench);
    }

    /** What a rail was dragged to: single properties wanted of a layer, kept with the version. */
    #[OA\Put(
        path: '/api/versions/{version}/wanted',
        summary: 'Properties wanted of layers by hand',
        operationId: 'Version.want',
        parameters: [new InPath('version')],
        requestBody: new Asked('WantProperties'),
        responses: [new Answered('BenchData'), new Wrong()],
    )]
    public function want(WantRequest $request, Version $version, BenchView $bench): JsonResponse
    {
        Gate::authorize('update', $version);

        return self::shown($bench, $this->history->write($version, $request->integer('revision'), 'wanted', static fn(Version $held): array => ['wanted' => $request->wanted()]));
    }

    #[OA\Put(
        path: '/api/versions/{version}/notes',
        summary: 'The version’s notes',
        operationId: 'Version.note',
        parameters: [new InPath('version')],
        requestBody: new Asked('Notes'),
        responses: [new Answered('Notes'), new Wrong()],
    )]
    public function note(Request $request, Version $version): JsonResponse
    {
        Gate::authorize('update', $version);
        $request->validate(['notes' => ['present', 'string', 'max:8000']]);
        DB::transaction(static fn(): bool => $version->update(['notes' => (string) $request->string('notes')]));

        return new JsonResponse(['notes' => $version->notes]);
    }

    /** One step back in the version's history, or forth again. */
    #[OA\Post(
        path: '/api/versions/{version}/undo',
        summary: 'One step back in its history',
        operationId: 'Version.undo',
        parameters: [new InPath('version')],
        requestBody: new Asked('BasedOn'),
        responses: [new Answered('BenchData'), new Wrong()],
    )]
    public function undo(Request $request, Version $version, BenchView $bench): JsonResponse
    {
        return $this->stepped($request, $version, $bench, true);
    }

    #[OA\Post(
        path: '/api/versions/{version}/redo',
        summary: 'One step forth again',
        operationId: 'Version.redo',
        parameters: [new InPath('version')],
        requestBody: new Asked('BasedOn'),
        responses: [new Answered('BenchData'), new Wrong()],
    )]
    public function redo(Request $request, Version $version, BenchView $bench): JsonResponse
    {
        return $this->stepped($request, $version, $bench, false);
    }

    private function stepped(Request $request, Version $version, BenchView $bench, bool $isBack): JsonResponse
    {
        Gate::authorize('update', $version);
        $request->validate(['revision' => ['required', 'integer', 'min:1']]);

        return self::shown($bench, $this->history->step($version, $request->integer('revision'), $isBack));
    }

    /** Aims the version at the original as it stands now. */
    #[OA\Put(
        path: '/api/versions/{version}/aim',
        summary: 'Holds the version against the original as it is now',
        operationId: 'Version.aim',
        parameters: [new InPath('version')],
        responses: [new Answered('BenchData'), new Wrong()],
    )]
    public function aim(Version $version, BenchView $bench): JsonResponse
    {
        Gate::authorize('update', $version);
        DB::transaction(fn() => $this->history->aim($version));

        return self::shown($bench, $version->opened());
    }

    /** Two versions of one dish side by side: what differs. */
    #[OA\Get(
        path: '/api/versions/{version}/compare/{other}',
        summary: 'Two versions side by side',
        operationId: 'Version.compare',
        parameters: [new InPath('version'), new InPath('other')],
        responses: [new Answered('Comparison'), new Wrong()],
    )]
    public function compare(Version $version, Version $other, BenchView $bench): JsonResponse
    {
        Gate::authorize('view', $version);
        Gate::authorize('view', $other);

        return new JsonResponse($bench->compare($version, $other));
    }

    /** Why a number of the version's reading is what it is. */
    #[OA\Get(
        path: '/api/versions/{version}/why',
        summary: 'Why a number is what it is',
        operationId: 'Version.why',
        parameters: [new InPath('version'), new InQuery('path', 'which number', 'string')],
        responses: [new Answered('TraceStep'), new Wrong()],
    )]
    public function why(Request $request, Version $version): JsonResponse
    {
        Gate::authorize('view', $version);
        $request->validate(['path' => ['required', 'string', 'max:80']]);

        return new JsonResponse($this->shelves->engine($version)->explain($version->formula, (string) $request->string('path'))->toArray());
    }

    /** What would change if the version were read with today's shelf. */
    #[OA\Get(
        path: '/api/versions/{version}/refresh',
        summary: 'What today’s shelf would change',
        operationId: 'Version.refreshPreview',
        parameters: [new InPath('version')],
        responses: [new Answered('ReadingChanges'), new Wrong()],
    )]
    public function refreshPreview(Version $version, Engine $engine): JsonResponse
    {
        Gate::authorize('view', $version);

        return new JsonResponse(ReadingChanges::between($this->shelves->engine($version)->read($version->formula), $engine->read($version->formula)));
    }

    /** Takes today's shelf for the version. */
    #[OA\Post(
        path: '/api/versions/{version}/refresh',
        summary: 'Takes today’s shelf',
        operationId: 'Version.refresh',
        parameters: [new InPath('version')],
        requestBody: new Asked('BasedOn'),
        responses: [new Answered('BenchData'), new Wrong()],
    )]
    public function refresh(Request $request, Version $version, BenchView $bench): JsonResponse
    {
        Gate::authorize('update', $version);
        $request->validate(['revision' => ['required', 'integer', 'min:1']]);

        return self::shown($bench, $this->save($version, $request->integer('revision'), 'shelf renewed', $version->formula, true));
    }

    private static function shown(BenchView $bench, Version $version, int $status = 200): JsonResponse
    {
        $answer = $bench->of($version);

        return JsonResponse::fromJsonString($answer, $status)->setEtag(Precondition::tag($version->revision, $answer));
    }

    /** @param bool $afresh whether the version takes today's values for ingredients it had seen before */
    private function save(Version $version, int $lock, string $kind, Formula $formula, bool $afresh = false): Version
    {
        return $this->history->write($version, $lock, $kind, function (Version $held) use ($formula, $afresh): array {
            return ['formula' => $formula, 'shelf' => $this->shelves->stamp($formula, $afresh ? [] : $held->shelf)];
        });
    }

    /**
     * A version under another.
     *
     * @param array<string, mixed> $brief
     * @param array<string, mixed> $origin
     */
    private function born(Version $version, Formula $formula, string $stem, array $brief, array $origin, BenchView $bench): JsonResponse
    {
        /** @var array{0: Version, 1: bool} $made */
        $made = DB::transaction(function () use ($version, $formula, $stem, $brief, $origin): array {
            // The dish's rows are held while the name is chosen, so that two windows cannot choose the same.
            /** @var list<string> $names */
            $names = Version::query()->where('dish_id', $version->dish_id)->lockForUpdate()->pluck('name')->all();
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

        return self::shown($bench, $child->opened(), $isNew ? 201 : 200);
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

        throw \Transmuta\Fault\Nonsense::of('route', $id, 'choose one of the routes shown for this brief');
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
