<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Done;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Exceptions\Refused;
use App\Services\Drawer;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;

/** What was removed and can be brought back, until it is removed for good. */
final class RemovedController extends Controller
{
    #[OA\Get(
        path: '/api/removed',
        summary: 'What was removed, the latest first of each kind',
        operationId: 'Removed.index',
        responses: [new Answered('Removed'), new Wrong()],
    )]
    public function index(): JsonResponse
    {
        return new JsonResponse(Drawer::within($this->studio()));
    }

    #[OA\Put(
        path: '/api/removed/{kind}/{id}',
        summary: 'Brings back what was removed',
        operationId: 'Removed.restore',
        parameters: [new InPath('kind', 'string'), new InPath('id')],
        responses: [new Done(), new Wrong()],
    )]
    public function restore(string $kind, int $id): JsonResponse
    {
        if (!$this->here()->may(Drawer::needs($kind))) {
            throw new Refused(403, 'not-allowed', 'What developed the dish brings it back, not what records.', 'Ask whoever develops here.');
        }
        Drawer::back($kind, $id, $this->studio());

        return new JsonResponse(null, 204);
    }

    #[OA\Delete(
        path: '/api/removed/{kind}/{id}',
        summary: 'Removes something for good, with what hangs on it',
        operationId: 'Removed.destroy',
        parameters: [new InPath('kind', 'string'), new InPath('id')],
        responses: [new Done(), new Wrong()],
    )]
    public function destroy(string $kind, int $id): JsonResponse
    {
        Drawer::away($kind, $id, $this->studio());

        return new JsonResponse(null, 204);
    }
}
