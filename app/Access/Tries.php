<?php

declare(strict_types=1);

namespace App\Access;

use Illuminate\Cache\RateLimiter;
use Illuminate\Contracts\Cache\LockTimeoutException;
use Illuminate\Support\Facades\Cache;
use Illuminate\Validation\ValidationException;

/**
 * Tries at signing in, counted by person and by place before anything is compared: so many of one person from one place, so many from one place whoever it
 * is, each further one waiting twice as long. Counted in a place of its own, which no start of the servers empties; a success clears what was counted of
 * that person there, never what was counted of the place.
 */
final class Tries
{
    /** Tries of one person from one place before it has to wait. */
    private const OF_ONE = 5;

    /** Of anybody from one place. */
    private const OF_ALL = 50;

    /** Longest wait, s. */
    private const LONGEST = 900;

    /** s that another try of the same is waited for while one is counted. */
    private const WAITS = 3;

    /**
     * An address as the limit counts it: whatever marks, widths and unseen signs it is dressed in, it is one.
     */
    public static function folded(string $address): string
    {
        $plain = (string) \Normalizer::normalize(mb_strtolower(trim($address)), \Normalizer::FORM_KD);

        return (string) preg_replace('/[\p{M}\p{C}\s]+/u', '', $plain);
    }

    /**
     * Counts one more, and lets it through or not.
     *
     * @throws ValidationException with how long to wait, status 429
     */
    public static function count(string $address, string $place): void
    {
        $limiter = self::limiter();
        $most = array_combine(self::keys($address, $place), [self::OF_ONE, self::OF_ALL]);
        try {
            Cache::lock('tries:' . hash('sha256', $place), self::WAITS)->block(self::WAITS, static function () use ($limiter, $most): void {
                foreach ($most as $key => $allowed) {
                    if ($limiter->tooManyAttempts($key, $allowed)) {
                        throw self::wait($limiter->availableIn($key));
                    }
                }
                foreach ($most as $key => $allowed) {
                    $tried = $limiter->attempts($key);
                    $over = max(0, (is_numeric($tried) ? (int) $tried : 0) + 1 - $allowed);
                    $limiter->hit($key, min(self::LONGEST, 60 * 2 ** min(8, $over)));
                }
            });
        } catch (LockTimeoutException) {
            // So many at once from one place that not even the counting comes to an end.
            throw self::wait(self::WAITS);
        }
    }

    private static function wait(int $seconds): ValidationException
    {
        return ValidationException::withMessages(['email' => \sprintf('Too many tries. Wait %d s, then try again.', $seconds)])->status(429);
    }

    /** Whoever signed in is let off what was counted of them here; the place goes on being counted. */
    public static function clear(string $address, string $place): void
    {
        self::limiter()->clear(self::keys($address, $place)[0]);
    }

    /** @return array{string, string} of the person at the place, and of the place */
    private static function keys(string $address, string $place): array
    {
        return ['sign-in:' . hash('sha256', self::folded($address) . '|' . $place), 'sign-in:' . hash('sha256', $place)];
    }

    private static function limiter(): RateLimiter
    {
        $told = config('transmuta.doors');

        return new RateLimiter(\is_string($told) && $told !== '' ? Cache::build(['driver' => 'file', 'path' => $told]) : Cache::store());
    }
}
