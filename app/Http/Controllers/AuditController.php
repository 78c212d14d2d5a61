<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\InQuery;
use App\Contract\Operation\Wrong;
use App\Models\Audit;
use App\Services\AuditTable;
use App\Services\Page;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use OpenApi\Attributes as OA;

/** Who did what, when, from which revision to which. */
final class AuditController extends Controller
{
    private const PAGE = 100;

    private const MOST = 50_000;

    #[OA\Get(
        path: '/api/audit',
        summary: 'Who did what, the latest first, a page at a time',
        operationId: 'Audit.index',
        parameters: [new InQuery('before', 'goes on before this entry')],
        responses: [new Answered('AuditPage'), new Wrong()],
    )]
    public function index(Request $request): JsonResponse
    {
        $request->validate(['before' => ['nullable', 'integer', 'min:1']]);
        $query = Audit::query();
        $query->where('studio_id', $this->studio()->id)->orderByDesc('id')->limit(self::PAGE + 1);
        if ($request->filled('before')) {
            $query->where('id', '<', $request->integer('before'));
        }
        [$entries, $next] = Page::of(array_values($query->get()->all()), self::PAGE, static fn(Audit $one): int => $one->id);

        return new JsonResponse(['entries' => array_map(self::entry(...), $entries), 'next' => $next]);
    }

    #[OA\Get(
        path: '/api/audit.csv',
        summary: 'All of it as a table',
        operationId: 'Audit.export',
        responses: [new OA\Response(response: 200, description: 'A table', content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string'))), new Wrong()],
    )]
    public function export(): Response
    {
        return new Response(AuditTable::csv($this->studio(), self::MOST), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="who-did-what.csv"']);
    }

    /** @return array{id: int, at: string, who: string, what: string, subject: string, from_revision: ?int, to_revision: ?int, request: string} */
    private static function entry(Audit $one): array
    {
        return ['id' => $one->id, 'at' => $one->at->toIso8601ZuluString(), 'who' => $one->who, 'what' => $one->what, 'subject' => $one->subject, 'from_revision' => $one->from_revision, 'to_revision' => $one->to_revision, 'request' => $one->request];
    }
}
