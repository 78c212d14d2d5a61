<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Models\Version;
use App\Services\StudioShelf;
use App\Services\VersionShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Transmuta\Label\Specification;

/** What a customer is told of a version beside its label. */
final class SpecificationController extends Controller
{
    #[OA\Get(
        path: '/api/versions/{version}/specification',
        summary: 'What each layer reads as, how it is kept, and what nobody has answered',
        operationId: 'Specification',
        parameters: [new InPath('version')],
        responses: [new Answered('Specification'), new Wrong()],
    )]
    public function __invoke(Version $version, VersionShelf $shelves, StudioShelf $shelf): JsonResponse
    {
        Gate::authorize('view', $version);
        $made = Specification::of($shelves->against($version));
        $kitchen = $shelf->kitchen()->words();

        return new JsonResponse([...$made, 'questions' => [...($kitchen === '' ? ['What this kitchen handles has not been said, so nothing is known of cross-contact.'] : []), ...$made['questions']], 'kitchen' => $kitchen]);
    }
}
