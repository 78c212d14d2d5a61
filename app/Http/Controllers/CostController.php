<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Asked;
use App\Contract\Operation\InPath;
use App\Contract\Operation\InQuery;
use App\Contract\Operation\Wrong;
use App\Models\Version;
use App\Services\CostView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Transmuta\Process\Costing\Rates;

/** What a version costs, what it sells for, and what the studio reckons with. */
final class CostController extends Controller
{
    #[OA\Get(
        path: '/api/versions/{version}/cost',
        summary: 'What it costs by the prices of a day, and why it was another figure on an earlier one',
        operationId: 'Cost',
        parameters: [new InPath('version'), new InQuery('as_of', 'year-month-day; today where nothing is said', 'string'), new InQuery('since', 'an earlier day to compare with', 'string')],
        responses: [new Answered('Cost'), new Wrong()],
    )]
    public function show(Request $request, Version $version, CostView $view): JsonResponse
    {
        Gate::authorize('view', $version);
        $request->validate(['as_of' => ['nullable', 'date_format:Y-m-d'], 'since' => ['nullable', 'date_format:Y-m-d']]);

        return $this->cost($request, $version, $view);
    }

    #[OA\Put(
        path: '/api/versions/{version}/sells',
        summary: 'What a portion sells for',
        operationId: 'Cost.sells',
        parameters: [new InPath('version')],
        requestBody: new Asked('SellsFor'),
        responses: [new Answered('Cost'), new Wrong()],
    )]
    public function sells(Request $request, Version $version, CostView $view): JsonResponse
    {
        Gate::authorize('update', $version);
        $request->validate(['minor' => ['present', 'nullable', 'integer', 'between:0,100000000']]);
        DB::transaction(fn(): bool => $version->asSeen($this->lastSeen($request))->update(['sells_minor' => $request->input('minor') === null ? null : $request->integer('minor')]));

        return $this->cost($request, $version->refresh(), $view);
    }

    #[OA\Put(
        path: '/api/studio/rates',
        summary: 'What hands, heat and packaging cost, and the tax that is within a price',
        operationId: 'Cost.rates',
        requestBody: new Asked('CostRates'),
        responses: [new Answered('CostRates'), new Wrong()],
    )]
    public function rates(Request $request): JsonResponse
    {
        $rates = Rates::read(array_intersect_key($request->all(), ['labour' => 1, 'energy' => 1, 'packaging' => 1, 'tax_word' => 1, 'tax_percent' => 1]));
        DB::transaction(fn(): bool => $this->studio()->asSeen($this->lastSeen($request))->update(['rates' => $rates->write()]));

        return new JsonResponse($rates->write());
    }

    private function cost(Request $request, Version $version, CostView $view): JsonResponse
    {
        return new JsonResponse($view->of($this->studio(), $version, $request->filled('as_of') ? $request->string('as_of')->toString() : now()->toDateString(), $request->filled('since') ? $request->string('since')->toString() : null));
    }
}
