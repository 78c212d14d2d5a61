<?php

declare(strict_types=1);

namespace App\Support;

/** What the file cache keeps beyond its time: an entry that is never asked for again is deleted by nobody else. */
final class CacheRoom
{
    /** One write of so many sweeps. */
    public const EVERY = 200;

    /** Signs at the start of an entry that say until when it is kept, s since 1970. */
    private const STAMP = 10;

    /**
     * Deletes what is kept beyond its time below a directory of the cache, and the directories that are empty then.
     *
     * @return int entries deleted
     */
    public static function sweep(string $directory, int $now): int
    {
        $swept = 0;
        if (!is_dir($directory)) {
            return 0;
        }
        $all = new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($directory, \FilesystemIterator::SKIP_DOTS), \RecursiveIteratorIterator::CHILD_FIRST);
        foreach ($all as $one) {
            if (!$one instanceof \SplFileInfo) {
                continue;
            }
            if ($one->isDir()) {
                @rmdir($one->getPathname());
                continue;
            }
            $until = (string) @file_get_contents($one->getPathname(), false, null, 0, self::STAMP);
            if (preg_match('/^\d{10}$/', $until) === 1 && (int) $until < $now && @unlink($one->getPathname())) {
                ++$swept;
            }
        }

        return $swept;
    }
}
