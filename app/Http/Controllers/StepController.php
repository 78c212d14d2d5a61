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
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** Back and forth in a version's history, and what it aims at. */
final class StepController extends Controller
{
    public function __construct(private readonly History $history) {}

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

        return $this->shown($bench, $this->history->step($version, $this->seen($request), $isBack));
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

        return $this->shown($bench, $version->opened());
    }
}
