<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Here;
use App\Http\Middleware\Precondition;
use App\Models\Studio;
use App\Models\Version;
use App\Services\BenchView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;

abstract class Controller
{
    /** Who asks, and at which studio; asked of each request, since a controller may outlive one. */
    protected function here(): Here
    {
        return app(Here::class);
    }

    protected function studio(): Studio
    {
        $studio = $this->here()->studio();
        \assert($studio instanceof Studio);

        return $studio;
    }

    /** A version on the Bench, with the tag a window writes back. */
    protected function shown(BenchView $bench, Version $version, int $status = 200): JsonResponse
    {
        $answer = $bench->of($version);

        return JsonResponse::fromJsonString($answer, $status)->setEtag(Precondition::tag($version->revision, $answer));
    }

    /** The revision a window has seen of what it writes, where it says so (If-Match). */
    protected function lastSeen(Request $request): ?int
    {
        return $request->filled('revision') ? $request->integer('revision') : null;
    }

    /** The revision a window has seen of what it writes. */
    protected function seen(Request $request): int
    {
        $request->validate(['revision' => ['required', 'integer', 'min:1']]);

        return $request->integer('revision');
    }
}
