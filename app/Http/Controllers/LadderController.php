<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\AnsweredList;
use App\Contract\Operation\Asked;
use App\Contract\Operation\Done;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Models\PotLadder;
use App\Models\Version;
use App\Services\BenchView;
use App\Services\Ladders;
use App\Services\VersionShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use Transmuta\Fault\Nonsense;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Trial\Pots\Asked as About;
use Transmuta\Trial\Pots\Teaching;

/** Small pots at stepped doses. */
final class LadderController extends Controller
{
    private const LISTED = 100;

    #[OA\Get(
        path: '/api/ladders',
        summary: 'Ladders of pots, the latest first',
        operationId: 'Ladder.index',
        responses: [new AnsweredList('PotLadder'), new Wrong()],
    )]
    public function index(): JsonResponse
    {
        $query = PotLadder::query();
        $query->with(['version.dish', 'revision:id,number'])->where('studio_id', $this->studio()->id)->whereHas('version.dish')->orderByDesc('id')->limit(self::LISTED);

        return new JsonResponse(array_values($query->get()->map(Ladders::write(...))->all()));
    }

    #[OA\Post(
        path: '/api/versions/{version}/ladders',
        summary: 'Designs a ladder of pots for a layer of the version as it stands',
        operationId: 'Ladder.store',
        parameters: [new InPath('version')],
        requestBody: new Asked('NewPotLadder'),
        responses: [new Answered('PotLadder', 201), new Wrong()],
    )]
    public function store(Request $request, Version $version, Ladders $ladders): JsonResponse
    {
        Gate::authorize('update', $version);
        $request->validate([
            'asked' => ['required', Rule::enum(About::class)], 'layer_id' => ['required', 'string', 'max:26'], 'lines' => ['required', 'array', 'min:1', 'max:2'], 'lines.*' => ['string', 'max:26'],
            'wanted' => ['required', 'integer', 'between:0,6'], 'pots' => ['required', 'integer', 'between:1,9'], 'step' => ['required', 'numeric'], 'pot_g' => ['required', 'numeric'], 'seed' => ['sometimes', 'integer', 'between:1,2000000000'],
        ]);
        $ladder = $ladders->begin($version, [
            'asked' => $request->string('asked')->toString(), 'layer_id' => $request->string('layer_id')->toString(), 'lines' => array_map(static fn(mixed $id): string => \is_string($id) ? $id : '', array_values($request->array('lines'))),
            'wanted' => $request->integer('wanted'), 'pots' => $request->integer('pots'), 'step' => $request->float('step'), 'pot_g' => $request->float('pot_g'),
        ], $request->filled('seed') ? $request->integer('seed') : random_int(1, 2_000_000_000));

        return new JsonResponse(Ladders::write($ladder), 201);
    }

    #[OA\Put(
        path: '/api/ladders/{ladder}/found',
        summary: 'What was found of each pot, by its code, and what that says',
        operationId: 'Ladder.judge',
        parameters: [new InPath('ladder')],
        requestBody: new Asked('PotsFound'),
        responses: [new Answered('PotLadder'), new Wrong()],
    )]
    public function judge(Request $request, PotLadder $ladder, Ladders $ladders): JsonResponse
    {
        Gate::authorize('update', $ladder);
        $request->validate(['found' => ['present', 'array', 'max:9']]);

        return new JsonResponse(Ladders::write($ladders->judge($ladder, $request->array('found'), $this->lastSeen($request))));
    }

    #[OA\Post(
        path: '/api/ladders/{ladder}/revision',
        summary: 'Takes the dose that was found over into the version',
        operationId: 'Ladder.take',
        parameters: [new InPath('ladder')],
        requestBody: new Asked('BasedOn'),
        responses: [new Answered('BenchData'), new Wrong()],
    )]
    public function take(Request $request, PotLadder $ladder, Ladders $ladders, BenchView $bench): JsonResponse
    {
        Gate::authorize('update', $ladder);
        $query = Version::query();
        $version = $query->find($ladder->version_id) ?? throw Nonsense::of('ladder', 'its version', 'it was removed; put it back first');

        return $this->shown($bench, $ladders->take($ladder, $version, $this->seen($request)));
    }

    #[OA\Delete(
        path: '/api/ladders/{ladder}',
        summary: 'Takes a ladder away',
        operationId: 'Ladder.destroy',
        parameters: [new InPath('ladder')],
        responses: [new Done(), new Wrong()],
    )]
    public function destroy(PotLadder $ladder): JsonResponse
    {
        Gate::authorize('update', $ladder);
        DB::transaction(static fn(): ?bool => $ladder->delete());

        return new JsonResponse(null, 204);
    }

    #[OA\Get(
        path: '/api/versions/{version}/teaching',
        summary: 'Which ladder would teach most about the routes to the version’s brief',
        operationId: 'Ladder.teaching',
        parameters: [new InPath('version')],
        responses: [new AnsweredList('Teaching'), new Wrong()],
    )]
    public function teaching(Version $version, VersionShelf $shelves): JsonResponse
    {
        Gate::authorize('view', $version);
        $original = $version->aim();
        $engine = $shelves->engine($original);
        $names = $engine->reader->reference->mechanisms;

        return new JsonResponse(array_map(static fn(array $one): array => [...$one, 'name' => $names[$one['mechanism']]['name'] ?? $one['mechanism']], Teaching::of($engine->reformulate($original->formula, Brief::from($version->brief)))));
    }
}
