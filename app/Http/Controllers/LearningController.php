<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Asked;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Services\Learning;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** What the kitchen's own trials say, and what of it is put to use. */
final class LearningController extends Controller
{
    #[OA\Get(
        path: '/api/learning',
        summary: 'What the trials say: factors, whether chances came true, how far each mechanism was off',
        operationId: 'Learning.show',
        responses: [new Answered('Learning'), new Wrong()],
    )]
    public function show(Learning $learning): JsonResponse
    {
        return new JsonResponse($learning->of($this->studio()));
    }

    #[OA\Put(
        path: '/api/factors/{mechanism}',
        summary: 'Takes what is proposed of a mechanism over, or lets it go',
        operationId: 'Learning.use',
        parameters: [new InPath('mechanism', 'string')],
        requestBody: new Asked('UseFactor'),
        responses: [new Answered('Learning'), new Wrong()],
    )]
    public function use(Request $request, string $mechanism, Learning $learning): JsonResponse
    {
        $request->validate(['use' => ['required', 'boolean']]);
        $learning->put($this->studio(), $mechanism, $request->boolean('use'), $this->lastSeen($request));

        return new JsonResponse($learning->of($this->studio()->refresh()));
    }
}
