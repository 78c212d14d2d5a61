<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Asked;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Models\Dish;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Transmuta\Reformulation\Brief\Schools;

/** What the studio, and a dish for itself, chooses where good practitioners disagree. */
final class SchoolsController extends Controller
{
    #[OA\Get(
        path: '/api/schools',
        summary: 'The questions practitioners answer differently, and the studio’s answers',
        operationId: 'Schools.show',
        responses: [new Answered('SchoolChoices'), new Wrong()],
    )]
    public function show(): JsonResponse
    {
        return new JsonResponse(['revision' => $this->studio()->revision, 'questions' => Schools::questions(), 'studio' => (object) ($this->studio()->schools ?? [])]);
    }

    #[OA\Put(
        path: '/api/schools',
        summary: 'The studio’s choices',
        operationId: 'Schools.update',
        requestBody: new Asked('ChooseSchools'),
        responses: [new Answered('SchoolChoices'), new Wrong()],
    )]
    public function update(Request $request): JsonResponse
    {
        $chosen = $this->chosen($request);
        DB::transaction(function () use ($request, $chosen): void {
            $this->studio()->asSeen($this->lastSeen($request))->update(['schools' => $chosen]);
            $this->studio()->turnShelf();
        });

        return $this->show();
    }

    #[OA\Put(
        path: '/api/dishes/{dish}/schools',
        summary: 'A dish’s own choices',
        operationId: 'Schools.updateDish',
        parameters: [new InPath('dish')],
        requestBody: new Asked('ChooseSchools'),
        responses: [new Answered('DishSchools'), new Wrong()],
    )]
    public function updateDish(Request $request, Dish $dish): JsonResponse
    {
        Gate::authorize('update', $dish);
        $chosen = $this->chosen($request);
        DB::transaction(fn(): bool => $dish->asSeen($this->lastSeen($request))->update(['schools' => $chosen]));

        return new JsonResponse(['dish' => (object) $chosen, 'revision' => $dish->revision]);
    }

    /** @return array<string, mixed> */
    private function chosen(Request $request): array
    {
        $request->validate(['schools' => ['present', 'array', 'max:20']]);
        /** @var array<string, mixed> $chosen */
        $chosen = array_intersect_key(array_filter((array) $request->input('schools'), static fn(mixed $v): bool => $v !== null && $v !== ''), Schools::questions());
        Schools::of($chosen);

        return $chosen;
    }
}
