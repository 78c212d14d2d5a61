<?php

declare(strict_types=1);

namespace App\Http\Middleware;

use App\Access\Here;
use App\Exceptions\Refused;
use App\Support\CacheRoom;
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

    /** s a second one waits for the first. */
    private const WAITS = 5;

    /** Longer than any write can take (the web server gives up before), s: while the first is being done no second one begins. */
    private const HELD = 120;

    /** Addresses whose answer holds a secret that is told once: of these it is kept that they were done, and nothing they said. */
    private const SECRET = ['api/tokens', 'api/people/links', 'api/people/{person}/links'];

    public function __construct(private Here $here) {}

    /** @param Closure(Request): Response $next */
    public function handle(Request $request, Closure $next): Response
    {
        $sent = $request->headers->get('Idempotency-Key', '') ?? '';
        $user = $this->here->user();
        if ($user === null || $request->isMethod('GET') || preg_match('/^[A-Za-z0-9-]{8,64}$/', $sent) !== 1) {
            return $next($request);
        }
        $key = 'once:' . hash('xxh128', implode("\n", [$user->id, $this->here->studio()->id ?? 0, $request->getMethod(), $request->getPathInfo(), $sent]));
        $body = self::sum($request);
        $lock = Cache::lock("$key:lock", self::HELD);
        try {
            $lock->block(self::WAITS);
        } catch (LockTimeoutException) {
            // The first is still being done: told to come back, not done twice.
            throw new Refused(503, 'still-doing', 'It is still being done.', 'Wait a moment; it is tried again by itself.');
        }
        try {
            /** @var array{body: string, status: int, content: ?string, etag: ?string}|null $kept */
            $kept = Cache::get($key);
            if ($kept !== null) {
                return self::again($kept, $body);
            }
            $response = $next($request);
            if ($response->getStatusCode() < 300) {
                $isSecret = \in_array($request->route()?->uri(), self::SECRET, true);
                Cache::put($key, ['body' => $body, 'status' => $response->getStatusCode(), 'content' => $isSecret ? null : (string) $response->getContent(), 'etag' => $response->getEtag()], self::KEPT_SECONDS);
                CacheRoom::sweepAtTimes();
            }

            return $response;
        } finally {
            $lock->release();
        }
    }

    /**
     * The answer of the first, to the same asked again.
     *
     * @param array{body: string, status: int, content: ?string, etag: ?string} $kept
     *
     * @throws Refused where something else was asked under the same key (422), or what was answered is told once only (409)
     */
    private static function again(array $kept, string $body): JsonResponse
    {
        if (!hash_equals($kept['body'], $body)) {
            throw new Refused(422, 'other-under-the-key', 'Under this key something else was sent before.', 'Give each thing that is to be done a key of its own.');
        }
        if ($kept['content'] === null) {
            throw new Refused(409, 'told-once', 'It was made, and its secret was told once.', 'If the answer never came, take this one back and make another.');
        }
        $again = JsonResponse::fromJsonString($kept['content'] === '' ? '{}' : $kept['content'], $kept['status']);
        if ($kept['status'] === 204) {
            $again->setContent('');
        }
        if ($kept['etag'] !== null) {
            $again->headers->set('ETag', $kept['etag']);
        }
        $again->headers->set('Idempotent-Replay', 'true');

        return $again;
    }

    private static function sum(Request $request): string
    {
        return hash('sha256', $request->getContent() . "\n" . $request->getQueryString() . "\n" . $request->headers->get('If-Match', ''));
    }
}
