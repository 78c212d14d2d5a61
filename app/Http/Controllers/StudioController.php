<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class StudioController extends Controller
{
    #[OA\Get(
        path: '/api/studio',
        summary: 'The studio',
        operationId: 'Studio',
        responses: [
            new OA\Response(response: 200, description: 'Answered', content: new OA\JsonContent(ref: '#/components/schemas/Studio')),
            new OA\Response(response: 'default', description: 'What is wrong, where, and the mend', content: new OA\JsonContent(ref: '#/components/schemas/ProblemDetails')),
        ],
    )]
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(['name' => $this->studio()->name]);
    }
}
