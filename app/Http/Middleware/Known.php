<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Auth;
use Symfony\Component\HttpFoundation\Response;

/** A script that brings a token is known by it; everybody else by their session. */
final class Known
{
    public function handle(Request $request, Closure $next): Response
    {
        Auth::shouldUse($request->bearerToken() !== null ? 'sanctum' : 'web');
        $response = $next($request);
        \assert($response instanceof Response);

        return $response;
    }
}
