<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Illuminate\Foundation\Http\Middleware\ValidateCsrfToken;

/** A write by a session carries the token of that session; one by a token of a script has no session to be ridden on. */
final class Csrf extends ValidateCsrfToken
{
    /** @param \Illuminate\Http\Request $request */
    protected function inExceptArray($request): bool
    {
        return $request->bearerToken() !== null || parent::inExceptArray($request);
    }
}
