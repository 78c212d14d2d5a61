<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Asked;
use App\Contract\Operation\Done;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Http\Requests\ErrandRequest;
use App\Models\Dish;
use App\Models\Errand;
use App\Services\Waiting;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;

/** What is next with a dish, by when, and who is waited for. */
final class ErrandController extends Controller
{
    #[OA\Get(
        path: '/api/waiting',
        summary: 'What is due, and what waits for a decision, over all dishes',
        operationId: 'Waiting',
        responses: [new Answered('Waiting'), new Wrong()],
    )]
    public function index(): JsonResponse
    {
        return new JsonResponse(Waiting::in($this->studio()));
    }

    #[OA\Post(
        path: '/api/dishes/{dish}/errands',
        summary: 'Says what is next with a dish',
        operationId: 'Errand.store',
        parameters: [new InPath('dish')],
        requestBody: new Asked('NewErrand'),
        responses: [new Answered('Errand', 201), new Wrong()],
    )]
    public function store(ErrandRequest $request, Dish $dish): JsonResponse
    {
        Gate::authorize('update', $dish);
        /** @var Errand $errand */
        $errand = DB::transaction(static fn(): Errand => Errand::query()->create([...$request->said(), 'studio_id' => $dish->studio_id, 'dish_id' => $dish->id]));

        return new JsonResponse(Waiting::errand($errand->refresh()), 201);
    }

    #[OA\Put(
        path: '/api/errands/{errand}',
        summary: 'Says it otherwise, or that it is done',
        operationId: 'Errand.update',
        parameters: [new InPath('errand')],
        requestBody: new Asked('NewErrand'),
        responses: [new Answered('Errand'), new Wrong()],
    )]
    public function update(ErrandRequest $request, Errand $errand): JsonResponse
    {
        Gate::authorize('update', $errand);
        DB::transaction(fn(): bool => $errand->asSeen($this->lastSeen($request))->update([...$request->said(), 'done_on' => $request->boolean('done') ? $errand->done_on ?? now()->toDateString() : null]));

        return new JsonResponse(Waiting::errand($errand->refresh()));
    }

    #[OA\Delete(
        path: '/api/errands/{errand}',
        summary: 'Takes away what was said to be next',
        operationId: 'Errand.destroy',
        parameters: [new InPath('errand')],
        responses: [new Done(), new Wrong()],
    )]
    public function destroy(Errand $errand): JsonResponse
    {
        Gate::authorize('update', $errand);
        DB::transaction(static fn(): ?bool => $errand->delete());

        return new JsonResponse(null, 204);
    }
}
