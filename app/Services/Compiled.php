<?php

declare(strict_types=1);

namespace App\Services;

/** Plain data kept as a PHP file, which the opcode cache holds in memory between requests. Without a writable store it is made anew each time. */
final class Compiled
{
    /** For how long what data is made of is taken as it was, s: as the opcode cache takes code. */
    private const TAKEN = 2;

    /** After how long what nobody has made anew is nobody's, s. */
    private const FORGOTTEN = 14 * 86400;

    /**
     * As {@see of}, for data made of files: whether they have changed is looked at every other second, not with every request.
     *
     * @template T of array
     *
     * @param callable(): list<string> $files
     * @param callable(): T $make
     *
     * @return T
     */
    public static function ofFiles(string $family, callable $files, callable $make): array
    {
        return self::of($family, self::stamped($family, static fn(): array => array_map(filemtime(...), $files())), $make);
    }

    /**
     * @template T of array
     *
     * @param string $name changes with what the data is made of
     * @param string $family files of the same family under other names are old, and leave
     * @param callable(): T $make
     * @param bool $isKept whether what is made is kept for the next who asks
     *
     * @return T
     */
    public static function of(string $family, string $name, callable $make, bool $isKept = true): array
    {
        $directory = storage_path('framework/cache');
        $file = self::file($family, $name);
        // One that somebody else made for themselves, as a console of root's does, is made anew.
        if (is_readable($file)) {
            /** @var T $kept */
            $kept = require $file;

            return $kept;
        }
        $made = $make();
        if (!$isKept) {
            return $made;
        }
        foreach (is_writable($directory) ? glob("$directory/*-*.php") ?: [] : [] as $old) {
            // And what nobody has made anew for weeks: a store that is there no more, or one that makes it again.
            if (str_starts_with(basename($old), "$family-") || @filemtime($old) < time() - self::FORGOTTEN) {
                @unlink($old);
            }
        }
        self::put($file, '<?php return ' . var_export($made, true) . ';');

        return $made;
    }

    /** Where it is kept. The code that makes and reads it is part of the name: after a deploy nobody reads the shape of yesterday. */
    public static function file(string $family, string $name): string
    {
        return storage_path("framework/cache/$family-$name-" . self::code() . '.php');
    }

    /**
     * A short name of a state that is looked at every other second, as the opcode cache does, and not with every request.
     *
     * @param callable(): array<int|string|false> $state
     */
    private static function stamped(string $of, callable $state): string
    {
        $stamp = storage_path("framework/cache/$of.stamp");
        $name = @filemtime($stamp) >= time() - self::TAKEN ? (string) @file_get_contents($stamp) : '';
        if ($name === '') {
            self::put($stamp, $name = hash('xxh32', implode(',', $state())));
        }

        return $name;
    }

    /** The state of the code, looked at every other second as the opcode cache does. */
    private static function code(): string
    {
        return self::stamped('code', static function (): array {
            $made = [];
            foreach ([app_path(), base_path('core/src')] as $tree) {
                foreach (new \RecursiveIteratorIterator(new \RecursiveDirectoryIterator($tree, \FilesystemIterator::SKIP_DOTS | \FilesystemIterator::CURRENT_AS_PATHNAME)) as $path) {
                    \assert(\is_string($path));
                    $made[] = $path . filemtime($path);
                }
            }
            sort($made);

            return $made;
        });
    }

    /** Written aside and renamed, so that nobody reads half of it; not at all where nothing can be written. */
    private static function put(string $file, string $content): void
    {
        $fresh = is_writable(\dirname($file)) ? tempnam(\dirname($file), 'made') : false;
        if ($fresh !== false) {
            file_put_contents($fresh, $content);
            rename($fresh, $file);
        }
    }
}
