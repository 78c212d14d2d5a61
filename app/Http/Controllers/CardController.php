<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Models\Version;
use App\Services\VersionShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\Gate;
use Transmuta\Process\Card;
use Transmuta\Reformulation\Schools;

final class CardController extends Controller
{
    public function __invoke(Version $version, VersionShelf $shelves): JsonResponse
    {
        Gate::authorize('view', $version);

        return new JsonResponse([
            'title' => $version->dish->title,
            'version' => $version->name,
            'version_id' => $version->id,
            'portions' => $version->formula->portions,
            'serve_at_c' => $version->formula->serveAt,
            'brief' => $version->brief,
            'schools_at_work' => Schools::atWork(...$shelves->schools($version)),
            'tins' => array_values(array_filter(array_map(static fn(\Transmuta\Formula\Layer $l): ?string => $l->tin?->words(), $version->formula->layers))),
            ...(new Card($shelves->engine($version)->method))->of($shelves->engine($version)->read($version->formula)),
        ]);
    }
}
