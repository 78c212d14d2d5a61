<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\AnsweredList;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Models\Dish;
use App\Models\Revision;
use App\Models\Version;
use App\Services\BenchView;
use App\Services\Lineage;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** A dish as a tree, and any two of its revisions beside each other. */
final class LineageController extends Controller
{
    #[OA\Get(
        path: '/api/dishes/{dish}/lineage',
        summary: 'Versions, revisions, runs, trials, ladders and tastings of a dish as one tree',
        operationId: 'Lineage.show',
        parameters: [new InPath('dish')],
        responses: [new AnsweredList('LineageNode'), new Wrong()],
    )]
    public function show(Dish $dish): JsonResponse
    {
        Gate::authorize('view', $dish);

        return new JsonResponse(Lineage::of($dish));
    }

    #[OA\Get(
        path: '/api/dishes/{dish}/compare/{id}/{second}',
        summary: 'Two revisions of a dish, of whichever versions, beside each other',
        operationId: 'Lineage.compare',
        parameters: [new InPath('dish'), new InPath('id'), new InPath('second')],
        responses: [new Answered('RevisionComparison'), new Wrong()],
    )]
    public function compare(Dish $dish, int $id, int $second, BenchView $bench): JsonResponse
    {
        Gate::authorize('view', $dish);

        return new JsonResponse($bench->compareAny(self::revision($dish, $id), self::revision($dish, $second)));
    }

    /** @return array{Version, Revision} */
    private static function revision(Dish $dish, int $id): array
    {
        $query = Revision::query();
        $revision = $query->where('studio_id', $dish->studio_id)->findOrFail($id);
        $of = Version::query();

        return [$of->where('dish_id', $dish->id)->findOrFail($revision->version_id), $revision];
    }
}
