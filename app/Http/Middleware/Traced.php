<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Str;
use Symfony\Component\HttpFoundation\Response;

/** Every request has an id: on its answer, in every line of the log that it makes, and in what is written down of it. */
final class Traced
{
    private const ID = 'request-id';

    public function handle(Request $request, Closure $next): Response
    {
        $id = (string) Str::ulid();
        $request->attributes->set(self::ID, $id);
        // Its address is not logged, for a link's secret stands in one; the pattern of its route is, once it is found (the service provider).
        Log::withContext(['request' => $id, 'method' => $request->getMethod()]);
        $response = $next($request);
        \assert($response instanceof Response);
        $response->headers->set('X-Request-Id', $id);

        return $response;
    }

    public static function id(Request $request): string
    {
        $id = $request->attributes->get(self::ID);

        return \is_string($id) ? $id : '';
    }
}
