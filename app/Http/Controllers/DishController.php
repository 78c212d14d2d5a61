<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\StoreDishRequest;
use App\Http\Resources\DishResource;
use App\Models\Dish;
use App\Models\Version;
use App\Services\VersionShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Resources\Json\AnonymousResourceCollection;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Transmuta\Engine;
use Transmuta\Reformulation\Brief;

final class DishController extends Controller
{
    public function index(): AnonymousResourceCollection
    {
        return DishResource::collection(Dish::query()->where('studio_id', $this->studio()->id)->with('versions.trials')->orderBy('id')->get());
    }

    public function store(StoreDishRequest $request, Engine $engine, VersionShelf $shelves): JsonResponse
    {
        $formula = $request->formula($engine);
        $dish = DB::transaction(function () use ($formula, $shelves): Dish {
            $dish = Dish::query()->create(['studio_id' => $this->studio()->id, 'title' => $formula->title, 'family' => $formula->family->value]);
            Version::query()->create([
                'studio_id' => $dish->studio_id,
                'dish_id' => $dish->id,
                'parent_id' => null,
                'name' => 'Original',
                'brief' => Brief::of([])->toArray(),
                'formula' => $formula,
                'origin' => ['kind' => 'typed'],
                'shelf' => $shelves->stamp($formula),
                'revision' => 1,
            ]);

            return $dish->load('versions.trials');
        });

        return (new DishResource($dish))->response()->setStatusCode(201);
    }

    public function show(Dish $dish): DishResource
    {
        Gate::authorize('view', $dish);

        return new DishResource($dish->load('versions.trials'));
    }

    public function destroy(Dish $dish): JsonResponse
    {
        Gate::authorize('update', $dish);
        DB::transaction(static fn(): ?bool => $dish->delete());

        return new JsonResponse(null, 204);
    }
}
