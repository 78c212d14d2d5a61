<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Access\Here;
use App\Exceptions\Refused;
use Closure;
use Illuminate\Contracts\Cache\LockTimeoutException;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpFoundation\Response;

/**
 * What computes for long is done for one person one after the other. The web server gives these addresses workers of their own (bin/lib.sh), so that
 * however many are asked for, everybody else is served.
 */
final readonly class OneAtATime
{
    /** Addresses that compute for seconds, by method. */
    public const LONG = ['POST api/versions/{version}/routes', 'POST api/versions/{version}/versions', 'POST api/services/{service}/covers', 'POST api/archives', 'GET api/studio/archive'];

    /** s another one waits for the one before. */
    private const WAITS = 25;

    /** Longer than any may take, s. */
    private const HELD = 90;

    public function __construct(private Here $here) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $user = $this->here->user();
        if ($user === null || !\in_array($request->getMethod() . ' ' . $request->route()?->uri(), self::LONG, true)) {
            return $next($request);
        }
        $lock = Cache::lock("long:$user->id", self::HELD);
        try {
            $lock->block(self::WAITS);
        } catch (LockTimeoutException) {
            throw new Refused(503, 'still-finding', 'What you asked for before is still being computed.', 'Wait until it is there, then ask again.');
        }
        try {
            return $next($request);
        } finally {
            $lock->release();
        }
    }
}
