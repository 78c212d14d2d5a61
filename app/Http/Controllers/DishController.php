<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\StoreDishRequest;
use App\Http\Resources\DishResource;
use App\Models\Dish;
use App\Services\History;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Transmuta\Engine;
use Transmuta\Reformulation\Brief;

final class DishController extends Controller
{
    /** Most dishes one answer lists; the rest are found by name or asked for after the last. */
    private const PAGE = 60;

    /** Dishes in the order they were made, at most a page of them: `q` finds by name, `after` goes on after a dish. */
    #[OA\Get(
        path: '/api/dishes',
        summary: 'Dishes in the order they were made, a page at a time',
        operationId: 'Dish.index',
        parameters: [
            new OA\Parameter(name: 'q', in: 'query', description: 'finds by name', schema: new OA\Schema(type: 'string')),
            new OA\Parameter(name: 'after', in: 'query', description: 'goes on after a dish', schema: new OA\Schema(type: 'integer')),
        ],
        responses: [
            new OA\Response(response: 200, description: 'Answered', content: new OA\JsonContent(type: 'array', items: new OA\Items(ref: '#/components/schemas/DishSummary'))),
            new OA\Response(response: 'default', description: 'What is wrong, where, and the mend', content: new OA\JsonContent(ref: '#/components/schemas/ProblemDetails')),
        ],
    )]
    public function index(Request $request): JsonResponse
    {
        $request->validate(['q' => ['nullable', 'string', 'max:160'], 'after' => ['nullable', 'integer', 'min:0']]);
        $query = Dish::query()->with(['versions:id,dish_id,parent_id,name', 'versions.trials']);
        $query->where('studio_id', $this->studio()->id);
        if ($request->filled('q')) {
            $query->where('title', 'like', '%' . addcslashes((string) $request->string('q'), '%_\\') . '%');
        }
        $total = $query->count();
        if ($request->filled('after')) {
            $query->where('id', '>', $request->integer('after'));
        }
        $query->orderBy('id')->limit(self::PAGE);

        return DishResource::collection($query->get())->response()->header('X-Total', (string) $total);
    }

    #[OA\Post(
        path: '/api/dishes',
        summary: 'A new dish from a text',
        operationId: 'Dish.store',
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewDish')),
        responses: [
            new OA\Response(response: 201, description: 'Answered', content: new OA\JsonContent(ref: '#/components/schemas/DishSummary')),
            new OA\Response(response: 'default', description: 'What is wrong, where, and the mend', content: new OA\JsonContent(ref: '#/components/schemas/ProblemDetails')),
        ],
    )]
    public function store(StoreDishRequest $request, Engine $engine, History $history): JsonResponse
    {
        $formula = $request->formula($engine);
        $dish = DB::transaction(function () use ($formula, $history): Dish {
            $dish = Dish::query()->create(['studio_id' => $this->studio()->id, 'title' => $formula->title, 'family' => $formula->family->value]);
            $history->born([
                'studio_id' => $dish->studio_id,
                'dish_id' => $dish->id,
                'parent_id' => null,
                'name' => 'Original',
                'brief' => Brief::of([])->toArray(),
                'formula' => $formula,
                'origin' => ['kind' => 'typed'],
            ], 'typed', ['Written down']);

            return $dish->load('versions.trials');
        });
        \assert($dish instanceof Dish);
        $dish->refresh();

        return (new DishResource($dish))->response()->setStatusCode(201);
    }

    #[OA\Get(
        path: '/api/dishes/{dish}',
        summary: 'One dish',
        operationId: 'Dish.show',
        parameters: [
            new OA\Parameter(name: 'dish', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
        ],
        responses: [
            new OA\Response(response: 200, description: 'Answered', content: new OA\JsonContent(ref: '#/components/schemas/DishSummary')),
            new OA\Response(response: 'default', description: 'What is wrong, where, and the mend', content: new OA\JsonContent(ref: '#/components/schemas/ProblemDetails')),
        ],
    )]
    public function show(Dish $dish): DishResource
    {
        Gate::authorize('view', $dish);

        return new DishResource($dish->load('versions.trials'));
    }

    #[OA\Delete(
        path: '/api/dishes/{dish}',
        summary: 'Takes a dish away',
        operationId: 'Dish.destroy',
        parameters: [
            new OA\Parameter(name: 'dish', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
        ],
        responses: [
            new OA\Response(response: 204, description: 'Done'),
            new OA\Response(response: 'default', description: 'What is wrong, where, and the mend', content: new OA\JsonContent(ref: '#/components/schemas/ProblemDetails')),
        ],
    )]
    public function destroy(Dish $dish): JsonResponse
    {
        Gate::authorize('update', $dish);
        DB::transaction(static fn(): ?bool => $dish->delete());

        return new JsonResponse(null, 204);
    }
}
