<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use Closure;
use Illuminate\Http\Request;
use Symfony\Component\HttpFoundation\Response;

/**
 * If-Match and If-None-Match (RFC 9110 §13). An entity tag of a version begins with the revision a window has seen: `"12-5f3a…"`. A write that
 * carries it is refused with 412 where the version has moved on; a read that carries the whole of it is answered 304 where nothing has changed.
 */
final class Precondition
{
    public function handle(Request $request, Closure $next): Response
    {
        if (!$request->has('revision') && preg_match('/^(?:W\/)?"(\d+)(?:-[0-9a-f]+)?"$/', $request->headers->get('If-Match', '') ?? '', $tag) === 1) {
            $request->merge(['revision' => (int) $tag[1]]);
        }
        $response = $next($request);
        \assert($response instanceof Response);
        if ($response->getEtag() !== null && $request->isMethod('GET')) {
            $response->isNotModified($request);
        }

        return $response;
    }

    /** The tag of a version's answer. */
    public static function tag(int $revision, string $answer): string
    {
        return \sprintf('"%d-%s"', $revision, substr(hash('xxh128', $answer), 0, 16));
    }
}
