<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\AnsweredList;
use App\Contract\Operation\Asked;
use App\Contract\Operation\Done;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Models\Tasting;
use App\Services\Tastings;
use App\Services\TastingTable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Transmuta\Sensory\Design;

/** Tastings of the studio. */
final class TastingController extends Controller
{
    private const LISTED = 100;

    #[OA\Get(
        path: '/api/tastings',
        summary: 'Tastings, the latest first',
        operationId: 'Tasting.index',
        responses: [new AnsweredList('TastingHead'), new Wrong()],
    )]
    public function index(): JsonResponse
    {
        $query = Tasting::query();
        $query->with('seats')->where('studio_id', $this->studio()->id)->orderByDesc('id')->limit(self::LISTED);

        return new JsonResponse(array_values($query->get()->map(static fn(Tasting $one): array => Tastings::head($one))->all()));
    }

    #[OA\Post(
        path: '/api/tastings',
        summary: 'Lays a tasting out: what is asked, of how many, what is served to whom',
        operationId: 'Tasting.store',
        requestBody: new Asked('NewTasting'),
        responses: [new Answered('Tasting', 201), new Wrong()],
    )]
    public function store(Request $request, Tastings $tastings): JsonResponse
    {
        $request->validate([
            'title' => ['required', 'string', 'max:160'], 'method' => ['required', 'in:' . Tastings::METHODS], 'question' => ['nullable', 'string', 'max:200'], 'sided' => ['required', 'in:one,two'],
            'tasters' => ['required', 'integer', 'between:1,240'], 'alpha' => ['required', 'numeric', 'gt:0', 'lt:1'], 'power' => ['required', 'numeric', 'gt:0', 'lt:1'], 'pd' => ['required', 'numeric', 'gt:0', 'max:1'],
            'expects' => ['nullable', 'in:A,B'], 'attributes' => ['array', 'max:6'], 'attributes.*' => ['string', 'max:30', 'distinct'], 'samples' => ['required', 'array', 'min:1', 'max:6'], 'samples.*.version_id' => ['required', 'integer'], 'samples.*.name' => ['nullable', 'string', 'max:120'], 'seed' => ['sometimes', 'integer', 'between:1,2000000000'],
        ]);
        $method = $request->string('method')->toString();
        $sided = $method === 'paired' ? $request->string('sided')->toString() : 'one';
        $tasting = $tastings->lay($this->studio(), [
            'title' => $request->string('title')->squish()->toString(), 'method' => $method, 'question' => $request->string('question')->squish()->toString(), 'sided' => $sided, 'tasters' => $request->integer('tasters'),
            'alpha' => $request->float('alpha'), 'power' => $request->float('power'), 'pd' => $request->float('pd'), 'expects' => $request->filled('expects') ? $request->string('expects')->toString() : null,
            'attributes' => $method === Design::JUST_RIGHT ? self::words($request->array('attributes')) : [],
        ], array_map(static fn(mixed $one): array => ['version_id' => \is_array($one) && is_numeric($one['version_id'] ?? null) ? (int) $one['version_id'] : null, 'name' => \is_array($one) && \is_string($one['name'] ?? null) ? trim($one['name']) : ''], array_values($request->array('samples'))), $request->filled('seed') ? $request->integer('seed') : random_int(1, 2_000_000_000));

        return new JsonResponse($tastings->write($tasting), 201);
    }

    #[OA\Get(
        path: '/api/tastings/{tasting}',
        summary: 'A tasting as it stands; its key and its count are sealed until it is closed',
        operationId: 'Tasting.show',
        parameters: [new InPath('tasting')],
        responses: [new Answered('Tasting'), new Wrong()],
    )]
    public function show(Tasting $tasting, Tastings $tastings): JsonResponse
    {
        Gate::authorize('view', $tasting);

        return new JsonResponse($tastings->write($tasting));
    }

    #[OA\Post(
        path: '/api/tastings/{tasting}/key',
        summary: 'What is poured under which code: for whoever pours, who does not taste. It is written down who asked',
        operationId: 'Tasting.key',
        parameters: [new InPath('tasting')],
        responses: [new AnsweredList('Pouring'), new Wrong()],
    )]
    public function key(Tasting $tasting): JsonResponse
    {
        Gate::authorize('update', $tasting);

        return new JsonResponse(Tastings::key($tasting));
    }

    #[OA\Post(
        path: '/api/tastings/{tasting}/close',
        summary: 'Closes a tasting and counts it',
        operationId: 'Tasting.close',
        parameters: [new InPath('tasting')],
        requestBody: new Asked('BasedOn'),
        responses: [new Answered('Tasting'), new Wrong()],
    )]
    public function close(Request $request, Tasting $tasting, Tastings $tastings): JsonResponse
    {
        Gate::authorize('update', $tasting);

        return new JsonResponse($tastings->write($tastings->close($tasting, $this->lastSeen($request))));
    }

    #[OA\Delete(
        path: '/api/tastings/{tasting}/seats/{number}',
        summary: 'Frees a seat of an open tasting, with what was said there',
        operationId: 'Tasting.free',
        parameters: [new InPath('tasting'), new InPath('number')],
        responses: [new Answered('Tasting'), new Wrong()],
    )]
    public function free(Tasting $tasting, int $number, Tastings $tastings): JsonResponse
    {
        Gate::authorize('update', $tasting);
        TastingTable::free($tasting, $number);

        return new JsonResponse($tastings->write($tasting));
    }

    #[OA\Delete(
        path: '/api/tastings/{tasting}',
        summary: 'Takes a tasting away',
        operationId: 'Tasting.destroy',
        parameters: [new InPath('tasting')],
        responses: [new Done(), new Wrong()],
    )]
    public function destroy(Tasting $tasting): JsonResponse
    {
        Gate::authorize('update', $tasting);
        DB::transaction(static fn(): ?bool => $tasting->delete());

        return new JsonResponse(null, 204);
    }

    /**
     * @param array<array-key, mixed> $of
     *
     * @return list<string>
     */
    private static function words(array $of): array
    {
        return array_values(array_filter(array_map(static fn(mixed $one): string => \is_string($one) ? trim($one) : '', $of), static fn(string $one): bool => $one !== ''));
    }
}
