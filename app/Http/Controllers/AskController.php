<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Asked;
use App\Contract\Operation\InPath;
use App\Contract\Operation\InQuery;
use App\Contract\Operation\Wrong;
use App\Http\Requests\BriefRequest;
use App\Models\Version;
use App\Services\BenchView;
use App\Services\RouteFinder;
use App\Services\VersionShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** What is asked of a version and changes nothing: its routes, why a number is what it is, how it differs from another. */
final class AskController extends Controller
{
    public function __construct(private readonly VersionShelf $shelves) {}

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
}
