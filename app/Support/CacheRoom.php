<?php

declare(strict_types=1);

namespace App\Support;

/** What the file cache keeps beyond its time: an entry that is never asked for again is deleted by nobody else. */
final class CacheRoom
{
    /** One of so many that put something there sweeps. */
    private const EVERY = 200;

    /** Signs at the start of an entry that say until when it is kept, s since 1970. */
    private const STAMP = 10;

    /** Once in a while, after the answer has gone out. */
    public static function sweepAtTimes(): void
    {
        $directory = config('cache.stores.file.path');
        if (\is_string($directory) && random_int(1, self::EVERY) === 1) {
            defer(static fn(): int => self::sweep($directory, time()));
        }
    }

    /**
     * Deletes what is kept beyond its time below a directory of the cache. Directories stay: somebody may be about to write into one.
     *
     * @return int entries deleted
     */
    public static function sweep(string $directory, int $now): int
    {
        $swept = 0;
        if (!is_dir($directory)) {
            return 0;
        }
        // Files alone: an iterator of leaves steps into directories and tells none of them.
        foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($directory, \FilesystemIterator::SKIP_DOTS)) as $one) {
            $file = $one instanceof \SplFileInfo ? $one->getPathname() : '';
            $until = (string) @file_get_contents($file, false, null, 0, self::STAMP);
            if (preg_match('/^\d{10}$/', $until) === 1 && (int) $until < $now && @unlink($file)) {
                ++$swept;
            }
        }

        return $swept;
    }
}
