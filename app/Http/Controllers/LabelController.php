<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\InPath;
use App\Contract\Operation\InQuery;
use App\Contract\Operation\Wrong;
use App\Models\Version;
use App\Services\StudioShelf;
use App\Services\VersionShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use Transmuta\Label\Label;
use Transmuta\Label\Market;
use Transmuta\Label\Particulars;

/** What a label of a version says in a market. */
final class LabelController extends Controller
{
    #[OA\Get(
        path: '/api/versions/{version}/label',
        summary: 'The label by the rules of a market, as recalled',
        operationId: 'Label',
        parameters: [new InPath('version'), new InQuery('regime', 'eu, uk, us, ca, anz or in', 'string')],
        responses: [new Answered('Label'), new Wrong()],
    )]
    public function __invoke(Request $request, Version $version, VersionShelf $shelves, StudioShelf $shelf): JsonResponse
    {
        Gate::authorize('view', $version);
        $request->validate(['regime' => ['required', Rule::enum(Market::class)]]);
        $market = Market::from($request->string('regime')->toString());

        $dish = $shelves->against($version);

        return new JsonResponse([...Label::of($dish, $market)->write(), 'particulars' => Particulars::of($dish, $market), 'version' => $version->name, 'revision' => $version->standing()['number'], 'kitchen' => $shelf->kitchen()->words(), 'corrected_since' => array_column($shelves->named($version), 'name')]);
    }
}
