<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Access\Here;
use App\Exceptions\Refused;
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

    /**
     * What only somebody who signed in may do: a token makes no stronger one, ends nobody's sessions and changes no password.
     *
     * @throws Refused status 403
     */
    protected function bySession(): void
    {
        if ($this->here()->byToken()) {
            throw new Refused(403, 'not-allowed', 'A token may not do this.', 'Sign in with the password, and do it there.');
        }
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
