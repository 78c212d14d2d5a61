<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Dish;
use App\Services\OwnShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use Transmuta\Reformulation\Schools;

/** What the studio, and a dish for itself, chooses where good practitioners disagree. */
final class SchoolsController extends Controller
{
    public function show(): JsonResponse
    {
        return new JsonResponse(['questions' => Schools::questions(), 'studio' => (object) ($this->studio()->schools ?? [])]);
    }

    public function update(Request $request): JsonResponse
    {
        $chosen = $this->chosen($request);
        DB::transaction(function () use ($chosen): void {
            $this->studio()->update(['schools' => $chosen]);
            OwnShelf::turn($this->studio());
        });

        return $this->show();
    }

    public function updateDish(Request $request, Dish $dish): JsonResponse
    {
        Gate::authorize('update', $dish);
        $chosen = $this->chosen($request);
        DB::transaction(static fn(): bool => $dish->update(['schools' => $chosen]));

        return new JsonResponse(['dish' => (object) $chosen]);
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
