<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Revision;
use App\Models\Version;
use App\Services\BenchView;
use App\Services\History;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** A version's history: its revisions, any two of them side by side, any of them again. */
final class RevisionController extends Controller
{
    /** Most that one answer lists; `before` goes on before a number. */
    private const PAGE = 100;

    #[OA\Get(
        path: '/api/versions/{version}/revisions',
        summary: 'The version’s history, the latest first',
        operationId: 'Revision.index',
        parameters: [
            new OA\Parameter(name: 'version', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
            new OA\Parameter(name: 'before', in: 'query', description: 'goes on before a number', schema: new OA\Schema(type: 'integer')),
        ],
        responses: [
            new OA\Response(response: 200, description: 'Answered', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/RevisionEntry'))),
            new OA\Response(response: 'default', description: 'What is wrong, where, and the mend', content: new OA\JsonContent(ref: '#/components/schemas/ProblemDetails')),
        ],
    )]
    public function index(Request $request, Version $version): JsonResponse
    {
        Gate::authorize('view', $version);
        $request->validate(['before' => ['nullable', 'integer', 'min:2']]);
        $query = History::revisions($version);
        $query->select(['revisions.id', 'revisions.number', 'revisions.kind', 'revisions.words', 'revisions.author', 'revisions.created_at', 'from.number as from_number'])
            ->selectRaw('(select count(*) from trials where trials.revision_id = revisions.id) as tried')->leftJoin('revisions as from', 'from.id', '=', 'revisions.parent_id');
        if ($request->filled('before')) {
            $query->where('revisions.number', '<', $request->integer('before'));
        }
        $head = $version->standing()['number'];
        $query->orderByDesc('revisions.number')->limit(self::PAGE);

        return new JsonResponse($query->get()->map(static fn(Revision $one): array => [
            'number' => $one->number,
            'from' => $one->getAttribute('from_number'),
            'kind' => $one->kind,
            'words' => $one->words,
            'author' => $one->author,
            'at' => $one->created_at->toIso8601String(),
            'trials' => $one->getAttribute('tried'),
            'is_head' => $one->number === $head,
        ])->all());
    }

    /** Two revisions side by side: both readings, and what was changed between them, in words. */
    #[OA\Get(
        path: '/api/versions/{version}/revisions/{number}/compare/{other}',
        summary: 'Two revisions side by side',
        operationId: 'Revision.compare',
        parameters: [
            new OA\Parameter(name: 'version', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
            new OA\Parameter(name: 'number', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
            new OA\Parameter(name: 'other', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
        ],
        responses: [
            new OA\Response(response: 200, description: 'Answered', content: new OA\JsonContent(ref: '#/components/schemas/RevisionComparison')),
            new OA\Response(response: 'default', description: 'What is wrong, where, and the mend', content: new OA\JsonContent(ref: '#/components/schemas/ProblemDetails')),
        ],
    )]
    public function compare(Version $version, int $number, int $other, BenchView $bench): JsonResponse
    {
        Gate::authorize('view', $version);

        return new JsonResponse($bench->compareRevisions($version, History::numbered($version, $number), History::numbered($version, $other)));
    }

    /** The state of a revision again, as a new one. */
    #[OA\Post(
        path: '/api/versions/{version}/revisions/{number}/restore',
        summary: 'A revision again, as a new one',
        operationId: 'Revision.restore',
        parameters: [
            new OA\Parameter(name: 'version', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
            new OA\Parameter(name: 'number', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
        ],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/BasedOn')),
        responses: [
            new OA\Response(response: 200, description: 'Answered', content: new OA\JsonContent(ref: '#/components/schemas/BenchData')),
            new OA\Response(response: 'default', description: 'What is wrong, where, and the mend', content: new OA\JsonContent(ref: '#/components/schemas/ProblemDetails')),
        ],
    )]
    public function restore(Request $request, Version $version, int $number, History $history, BenchView $bench): JsonResponse
    {
        Gate::authorize('update', $version);
        $request->validate(['revision' => ['required', 'integer', 'min:1']]);

        return JsonResponse::fromJsonString($bench->of($history->restore($version, $request->integer('revision'), $number)));
    }
}
