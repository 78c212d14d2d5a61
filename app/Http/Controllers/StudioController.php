<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Wrong;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

final class StudioController extends Controller
{
    #[OA\Get(
        path: '/api/studio',
        summary: 'The studio',
        operationId: 'Studio',
        responses: [new Answered('Studio'), new Wrong()],
    )]
    public function __invoke(): JsonResponse
    {
        return new JsonResponse(['name' => $this->studio()->name]);
    }
}
