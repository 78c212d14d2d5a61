<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\InPath;
use App\Contract\Operation\InQuery;
use App\Contract\Operation\Wrong;
use App\Models\Version;
use App\Services\VersionShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Transmuta\Reformulation\Brief\Brief;
use Transmuta\Reformulation\Payment;

/** What would pay the jobs that nobody pays in a layer of a version. */
final class PaymentController extends Controller
{
    #[OA\Get(
        path: '/api/versions/{version}/payments',
        summary: 'What would pay what nobody pays in a layer',
        operationId: 'Payments',
        parameters: [new InPath('version'), new InQuery('layer', 'its place, from 0')],
        responses: [new Answered('Payments'), new Wrong()],
    )]
    public function __invoke(Request $request, Version $version, VersionShelf $shelves): JsonResponse
    {
        Gate::authorize('view', $version);
        $request->validate(['layer' => ['required', 'integer', 'min:0', 'max:30']]);
        $original = $version->opened()->aim();
        $engine = $shelves->engine($version);
        $was = $shelves->engine($original)->read($original->formula);
        $found = $engine->payments->of($engine->reader->read($version->formula, original: $was), $was, $request->integer('layer'), Brief::from($version->brief), $version->wanted);

        return new JsonResponse((object) array_map(
            static fn(array $offers): array => array_map(static fn(Payment $one): array => [...$one->toArray(), 'name' => $engine->reader->shelf->get($one->ingredient)->name], $offers),
            $found,
        ));
    }
}
