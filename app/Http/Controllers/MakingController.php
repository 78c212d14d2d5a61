<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Models\Version;
use App\Services\MakingView;
use App\Services\VersionShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** How a version is made, step by step, beside how the original is. */
final class MakingController extends Controller
{
    #[OA\Get(
        path: '/api/versions/{version}/making',
        summary: 'The making as steps, with what the original has no step like',
        operationId: 'Making',
        parameters: [new InPath('version')],
        responses: [new Answered('Making'), new Wrong()],
    )]
    public function __invoke(Version $version, VersionShelf $shelves, MakingView $making): JsonResponse
    {
        Gate::authorize('view', $version);
        return new JsonResponse($making->of($version, $shelves->engine($version)->read($version->formula), $shelves->original($version)));
    }
}
