<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\AnsweredList;
use App\Contract\Operation\Asked;
use App\Contract\Operation\InPath;
use App\Contract\Operation\InQuery;
use App\Contract\Operation\Wrong;
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
        parameters: [new InPath('version'), new InQuery('before', 'goes on before a number')],
        responses: [new AnsweredList('RevisionEntry'), new Wrong()],
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
        path: '/api/versions/{version}/revisions/{number}/compare/{second}',
        summary: 'Two revisions side by side',
        operationId: 'Revision.compare',
        parameters: [new InPath('version'), new InPath('number'), new InPath('second')],
        responses: [new Answered('RevisionComparison'), new Wrong()],
    )]
    public function compare(Version $version, int $number, int $second, BenchView $bench): JsonResponse
    {
        Gate::authorize('view', $version);

        return new JsonResponse($bench->compareRevisions($version, History::numbered($version, $number), History::numbered($version, $second)));
    }

    /** The state of a revision again, as a new one. */
    #[OA\Post(
        path: '/api/versions/{version}/revisions/{number}/restore',
        summary: 'A revision again, as a new one',
        operationId: 'Revision.restore',
        parameters: [new InPath('version'), new InPath('number')],
        requestBody: new Asked('BasedOn'),
        responses: [new Answered('BenchData'), new Wrong()],
    )]
    public function restore(Request $request, Version $version, int $number, History $history, BenchView $bench): JsonResponse
    {
        Gate::authorize('update', $version);

        return $this->shown($bench, $history->restore($version, $this->seen($request), $number));
    }
}
