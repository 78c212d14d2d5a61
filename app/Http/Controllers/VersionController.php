<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Asked;
use App\Contract\Operation\Done;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Http\Requests\SaveVersionRequest;
use App\Http\Requests\WantRequest;
use App\Models\Version;
use App\Services\BenchView;
use App\Services\History;
use App\Services\Removal;
use App\Services\VersionShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Transmuta\Engine;
use Transmuta\Fault\Nonsense;
use Transmuta\Formula\Formula;

/** A version as it stands: read, saved, balanced, named, removed. */
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

        return $this->shown($bench, $version->opened());
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

        return $this->shown($bench, $this->save($version, $request->integer('revision'), 'edited', $formula));
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
            throw Nonsense::of('version', $version->name, 'the original has nothing to be balanced against; take a route first');
        }
        $formula = $this->shelves->engine($version)->balancer->rebalance($request->formula($engine), $version->aim()->formula, wanted: $version->wanted);

        return $this->shown($bench, $this->save($version, $request->integer('revision'), 'balanced', $formula));
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

        return $this->shown($bench, $this->history->write($version, $request->integer('revision'), 'wanted', static fn(Version $held): array => ['wanted' => $request->wanted()]));
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
        DB::transaction(fn(): bool => $version->asSeen($this->lastSeen($request))->update(['notes' => (string) $request->string('notes')]));

        return new JsonResponse(['notes' => $version->notes, 'said' => $version->said]);
    }

    #[OA\Put(
        path: '/api/versions/{version}/name',
        summary: 'Names a version',
        operationId: 'Version.name',
        parameters: [new InPath('version')],
        requestBody: new Asked('Named'),
        responses: [new Answered('Named'), new Wrong()],
    )]
    public function name(Request $request, Version $version): JsonResponse
    {
        Gate::authorize('update', $version);
        $request->validate(['name' => ['required', 'string', 'max:80']], ['name.required' => 'A version needs a name.']);
        $name = (string) $request->string('name')->squish();
        DB::transaction(function () use ($request, $version, $name): void {
            $version->asSeen($this->lastSeen($request));
            $others = Version::query();
            $others->where('dish_id', $version->dish_id)->where('id', '!=', $version->id)->lockForUpdate();
            if (\in_array(mb_strtolower($name), array_map(static fn(Version $other): string => mb_strtolower($other->name), $others->get()->all()), true)) {
                throw Nonsense::of('name', $name, 'another version of this dish is called that');
            }
            $version->update(['name' => $name]);
        });

        return new JsonResponse(['name' => $version->name, 'said' => $version->said]);
    }

    #[OA\Delete(
        path: '/api/versions/{version}',
        summary: 'Removes a version; it can be brought back',
        operationId: 'Version.destroy',
        parameters: [new InPath('version')],
        responses: [new Done(), new Wrong()],
    )]
    public function destroy(Version $version): JsonResponse
    {
        Gate::authorize('update', $version);
        if ($version->parent_id === null) {
            throw Nonsense::of('version', $version->name, 'every other version is held against the original; remove the dish instead');
        }
        Removal::ofVersion($version);

        return new JsonResponse(null, 204);
    }

    private function save(Version $version, int $lock, string $kind, Formula $formula): Version
    {
        return $this->history->write($version, $lock, $kind, function (Version $held) use ($formula): array {
            return ['formula' => $formula, 'shelf' => $this->shelves->stamp($formula, $held->shelf)];
        });
    }
}
