<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use Illuminate\Http\JsonResponse;
use Transmuta\Shelf\Ingredient;
use Transmuta\Shelf\Shelf;

/** The names of the shelf, for suggestions while typing. */
final class ShelfController extends Controller
{
    public function __invoke(Shelf $shelf): JsonResponse
    {
        return new JsonResponse(array_values(array_map(static fn(Ingredient $in): array => [
            'id' => $in->id,
            'name' => $in->name,
            'group' => $in->group,
            'mark' => $in->provenance->mark->value,
            'source' => $in->provenance->source,
        ], $shelf->all())));
    }
}
