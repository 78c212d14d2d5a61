<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\AnsweredList;
use App\Contract\Operation\Asked;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Models\Version;
use App\Services\BenchView;
use App\Services\FaultView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** What went wrong, and why. */
final class FaultController extends Controller
{
    #[OA\Get(
        path: '/api/faults',
        summary: 'Everything that can go wrong, in the words people use',
        operationId: 'Fault.index',
        responses: [new AnsweredList('FaultKind'), new Wrong()],
    )]
    public function index(): JsonResponse
    {
        return new JsonResponse(FaultView::all());
    }

    #[OA\Post(
        path: '/api/versions/{version}/faults',
        summary: 'Causes of a fault, likeliest first, by the version’s numbers, a run’s and the trials before',
        operationId: 'Fault.find',
        parameters: [new InPath('version')],
        requestBody: new Asked('AskFault'),
        responses: [new Answered('FaultAnswer'), new Wrong()],
    )]
    public function find(Request $request, Version $version, FaultView $view): JsonResponse
    {
        Gate::authorize('view', $version);
        $request->validate(['fault' => ['required', 'string', 'max:120'], 'layer_id' => ['nullable', 'string', 'max:26'], 'run_id' => ['nullable', 'integer'], 'facts' => ['array', 'max:40']]);

        return new JsonResponse($view->of(
            $this->studio(),
            $version,
            $request->string('fault')->toString(),
            $request->filled('layer_id') ? $request->string('layer_id')->toString() : null,
            $request->filled('run_id') ? $request->integer('run_id') : null,
            $request->array('facts'),
        ));
    }

    #[OA\Post(
        path: '/api/versions/{version}/faults/revision',
        summary: 'Changes the version so that a cause does not come again',
        operationId: 'Fault.change',
        parameters: [new InPath('version')],
        requestBody: new Asked('CureNextTime'),
        responses: [new Answered('BenchData'), new Wrong()],
    )]
    public function change(Request $request, Version $version, FaultView $view, BenchView $bench): JsonResponse
    {
        Gate::authorize('update', $version);
        $request->validate(['fault' => ['required', 'string', 'max:60'], 'row' => ['required', 'integer', 'between:1,20'], 'layer_id' => ['required', 'string', 'max:26']]);

        return $this->shown($bench, $view->change($version, $request->string('fault')->toString(), $request->integer('row'), $request->string('layer_id')->toString(), $this->seen($request)));
    }
}
