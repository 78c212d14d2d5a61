<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Log;
use Symfony\Component\HttpFoundation\Response;

/** Every request has an id: on its answer, in every line of the log that it makes, and in what is written down of it. */
final class Traced
{
    public function handle(Request $request, Closure $next): Response
    {
        $id = Audited::request($request);
        Log::withContext(['request' => $id, 'method' => $request->getMethod(), 'route' => $request->route()?->uri() ?? $request->path()]);
        $response = $next($request);
        \assert($response instanceof Response);
        $response->headers->set('X-Request-Id', $id);

        return $response;
    }
}
