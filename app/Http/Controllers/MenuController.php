<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\InQuery;
use App\Contract\Operation\Wrong;
use App\Models\Dish;
use App\Models\Service;
use App\Services\MenuView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** What each guest may have: the versions of a dish, of a service, or of everything that is on the counter. */
final class MenuController extends Controller
{
    #[OA\Get(
        path: '/api/menu',
        summary: 'Allergens, diets and a portion of every version, as they stand today',
        operationId: 'Menu',
        parameters: [new InQuery('dish', 'the versions of one dish'), new InQuery('service', 'what one service serves'), new InQuery('after', 'go on after this version')],
        responses: [new Answered('Menu'), new Wrong()],
    )]
    public function __invoke(Request $request, MenuView $menu): JsonResponse
    {
        $request->validate(['dish' => ['nullable', 'integer'], 'service' => ['nullable', 'integer'], 'after' => ['nullable', 'integer', 'min:0']]);
        if ($request->filled('dish')) {
            $query = Dish::query();
            $dish = $query->findOrFail($request->integer('dish'));
            Gate::authorize('view', $dish);

            return new JsonResponse($menu->ofDish($dish));
        }
        if ($request->filled('service')) {
            $query = Service::query();
            $service = $query->findOrFail($request->integer('service'));
            Gate::authorize('view', $service);

            return new JsonResponse($menu->ofService($service));
        }

        return new JsonResponse($menu->ofStudio($this->studio(), $request->integer('after')));
    }
}
