<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Access\Here;
use Closure;
use Illuminate\Contracts\Cache\LockTimeoutException;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Cache;
use Symfony\Component\HttpFoundation\Response;

/**
 * A write that brings an Idempotency-Key is done once, however often it is sent: a window whose answer was lost on the way sends it again and
 * gets the answer it should have had, not a conflict with itself.
 */
final readonly class Once
{
    private const KEPT_SECONDS = 900;

    /** Longer than any write takes, s. */
    private const WAITS = 5;

    public function __construct(private Here $here) {}

    public function handle(Request $request, Closure $next): Response
    {
        $sent = $request->headers->get('Idempotency-Key', '') ?? '';
        $user = $this->here->user();
        if ($user === null || $request->isMethod('GET') || preg_match('/^[A-Za-z0-9-]{8,64}$/', $sent) !== 1) {
            return self::done($next($request));
        }
        $key = 'once:' . hash('xxh128', implode("\n", [$user->id, $this->here->studio()->id ?? 0, $request->getMethod(), $request->getPathInfo(), $sent]));
        $lock = Cache::lock("$key:lock", self::WAITS * 2);
        try {
            $lock->block(self::WAITS);
        } catch (LockTimeoutException) {
            // The first is still being done: told to come back, not done twice.
            return new JsonResponse(['type' => 'urn:transmuta:problem:still-doing', 'status' => 503, 'detail' => 'It is still being done.', 'field' => '', 'mend' => 'Wait a moment; it is tried again by itself.'], 503);
        }
        try {
            /** @var array{int, string, ?string}|null $kept */
            $kept = Cache::get($key);
            if ($kept !== null) {
                $again = JsonResponse::fromJsonString($kept[1] === '' ? '{}' : $kept[1], $kept[0]);
                if ($kept[0] === 204) {
                    $again->setContent('');
                }
                if ($kept[2] !== null) {
                    $again->headers->set('ETag', $kept[2]);
                }
                $again->headers->set('Idempotent-Replay', 'true');

                return $again;
            }
            $response = self::done($next($request));
            if ($response->getStatusCode() < 300) {
                Cache::put($key, [$response->getStatusCode(), (string) $response->getContent(), $response->getEtag()], self::KEPT_SECONDS);
            }

            return $response;
        } finally {
            $lock->release();
        }
    }

    private static function done(mixed $response): Response
    {
        \assert($response instanceof Response);

        return $response;
    }
}
