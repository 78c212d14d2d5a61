<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Asked;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Models\Version;
use App\Services\BenchView;
use App\Services\History;
use App\Services\VersionShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Transmuta\Engine;
use Transmuta\Format\ReadingChanges;

/** A version with the values it was computed with, or with those of today's shelf. */
final class RefreshController extends Controller
{
    public function __construct(private readonly VersionShelf $shelves, private readonly History $history) {}

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

        return $this->shown($bench, $this->history->write($version, $this->seen($request), 'shelf renewed', fn(Version $held): array => ['formula' => $held->formula, 'shelf' => $this->shelves->stamp($held->formula)]));
    }
}
