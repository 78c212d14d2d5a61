<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\AnsweredList;
use App\Contract\Operation\Asked;
use App\Contract\Operation\Done;
use App\Contract\Operation\InPath;
use App\Contract\Operation\InQuery;
use App\Contract\Operation\Wrong;
use App\Http\Requests\FindDishesRequest;
use App\Http\Requests\StoreDishRequest;
use App\Http\Resources\DishResource;
use App\Models\Dish;
use App\Models\Version;
use App\Services\Copies;
use App\Services\DishSearch;
use App\Services\History;
use App\Services\Removal;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use Transmuta\Engine;
use Transmuta\Formula\Family;
use Transmuta\Reformulation\Brief\Brief;

final class DishController extends Controller
{
    #[OA\Get(
        path: '/api/dishes',
        summary: 'Dishes as they are asked for, a page at a time: how many there are in all, and where to go on, stand in the headers X-Total and X-Next',
        operationId: 'Dish.index',
        parameters: [
            new InQuery('q', 'finds by name, by what is in it, by what is next', 'string'), new InQuery('family', 'of one family', 'string'),
            new InQuery('diet', 'a version nothing in breaks these diets, or made for those that are a matter of amounts; commas between', 'string'),
            new InQuery('free', 'a version clear of these of the fourteen allergens, by the shelf; commas between', 'string'),
            new InQuery('state', 'due, waiting, open, unmade, off, foretold, away', 'string'), new InQuery('sort', 'touched, name, due, made', 'string'), new InQuery('cursor', 'goes on where X-Next says', 'string'),
        ],
        responses: [new AnsweredList('DishSummary'), new Wrong()],
    )]
    public function index(FindDishesRequest $request, DishSearch $search): JsonResponse
    {
        $wanted = $request->wanted();
        $fits = $search->fits($wanted);
        $query = $search->of($this->studio(), $wanted, $fits);
        $total = $query->toBase()->getCountForPagination();
        $page = $query->with(['versions:id,dish_id,parent_id,name,open_lines,revision', 'versions.trials', 'errands'])->cursorPaginate(DishSearch::PAGE);
        /** @var list<Dish> $dishes */
        $dishes = $page->items();
        $answers = $search->answers($wanted, $fits, array_map(static fn(Dish $dish): int => $dish->id, $dishes));
        $rows = array_map(static fn(Dish $dish): array => (new DishResource($dish))->answering($answers)->toArray($request), $dishes);

        return new JsonResponse($rows, 200, ['X-Total' => (string) $total, 'X-Next' => (string) $page->nextCursor()?->encode()]);
    }

    #[OA\Post(
        path: '/api/dishes',
        summary: 'A new dish from a text',
        operationId: 'Dish.store',
        requestBody: new Asked('NewDish'),
        responses: [new Answered('DishSummary', 201), new Wrong()],
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
        parameters: [new InPath('dish')],
        responses: [new Answered('DishSummary'), new Wrong()],
    )]
    public function show(Dish $dish): DishResource
    {
        Gate::authorize('view', $dish);

        return new DishResource($dish->load('versions.trials'));
    }

    /** Called otherwise, or of another family: a new revision of its original. Put away, it is only listed where it is asked for. */
    #[OA\Patch(
        path: '/api/dishes/{dish}',
        summary: 'Names a dish, or puts it away',
        operationId: 'Dish.update',
        parameters: [new InPath('dish')],
        requestBody: new Asked('DishNamed'),
        responses: [new Answered('DishSummary'), new Wrong()],
    )]
    public function update(Request $request, Dish $dish, History $history): DishResource
    {
        Gate::authorize('update', $dish);
        $request->validate(['away' => ['sometimes', 'boolean'], 'title' => ['sometimes', 'required', 'string', 'max:160'], 'family' => ['sometimes', 'required', Rule::enum(Family::class)]], ['title.required' => 'A dish needs a name.']);
        DB::transaction(function () use ($request, $dish, $history): void {
            $dish->asSeen($this->lastSeen($request));
            if ($request->has('away')) {
                $dish->forceFill(['away_at' => $request->boolean('away') ? $dish->away_at ?? now() : null]);
            }
            if ($request->hasAny(['title', 'family'])) {
                $family = Family::from((string) $request->string('family', $dish->family));
                $dish->forceFill(['title' => (string) $request->string('title', $dish->title)->squish(), 'family' => $family->value]);
                $original = $dish->versions()->firstOrFail();
                $history->write($original, $original->revision, 'named', static fn(Version $held): array => ['formula' => $held->formula->named($dish->title, $family)]);
            }
            $dish->save();
        });

        return new DishResource($dish->refresh()->load('versions.trials'));
    }

    #[OA\Post(
        path: '/api/dishes/{dish}/copies',
        summary: 'A dish of its own with the same versions, without their trials',
        operationId: 'Dish.copy',
        parameters: [new InPath('dish')],
        responses: [new Answered('DishSummary', 201), new Wrong()],
    )]
    public function copy(Dish $dish, Copies $copies): JsonResponse
    {
        Gate::authorize('update', $dish);

        return (new DishResource($copies->of($dish)->load('versions.trials')))->response()->setStatusCode(201);
    }

    #[OA\Delete(
        path: '/api/dishes/{dish}',
        summary: 'Removes a dish; it can be brought back',
        operationId: 'Dish.destroy',
        parameters: [new InPath('dish')],
        responses: [new Done(), new Wrong()],
    )]
    public function destroy(Dish $dish): JsonResponse
    {
        Gate::authorize('update', $dish);
        Removal::ofDish($dish);

        return new JsonResponse(null, 204);
    }
}
