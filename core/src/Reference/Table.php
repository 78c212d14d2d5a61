<?php

declare(strict_types=1);

namespace Transmuta\Reference;

use Transmuta\Provenance\Mark;

/**
 * Reads one comma-separated reference table. Every row of every table carries `mark` and `source`.
 */
final class Table
{
    /** @var ?\Closure(): array<string, list<array<string, string>>> */
    private static ?\Closure $keeper = null;

    private static ?string $at = null;

    /** @var ?array<string, list<array<string, string>>> rows by file, relative to `core/data` */
    private static ?array $kept = null;

    /**
     * Tables that were read before, for a process that lives one request: {@see all} as some other process got it.
     *
     * @param ?\Closure(): array<string, list<array<string, string>>> $keeper asked once, when the first table is read; null to read the files
     */
    public static function keptBy(?\Closure $keeper): void
    {
        self::$keeper = $keeper;
        self::$kept = null;
        Kept::forget();
    }

    /** @return array<string, string> every table of `core/data` that has columns of its own, its path by its path relative to there */
    public static function files(): array
    {
        $files = [];
        foreach (glob(self::directory() . '*/*.csv') ?: [] as $file) {
            $files[substr($file, \strlen(self::directory()))] = $file;
        }

        return $files;
    }

    /** @return array<string, list<array<string, string>>> all of them, read from their files */
    public static function all(): array
    {
        return array_map(self::read(...), self::files());
    }

    /**
     * A table of the application's own knowledge, read once.
     *
     * @param string $name its place in `core/data` without the ending, such as `reference/water`
     *
     * @return list<array<string, string>> rows by column name
     *
     * @throws BrokenTable if there is none, or a row of it is malformed
     */
    public static function of(string $name): array
    {
        return Kept::once("table $name", static fn(): array => self::rows(self::directory() . "$name.csv"));
    }

    /**
     * @return list<array<string, string>> rows by column name
     *
     * @throws BrokenTable if the file is missing, a row has the wrong number of cells, or its mark is unknown
     */
    public static function rows(string $file): array
    {
        if (self::$keeper !== null) {
            self::$kept ??= (self::$keeper)();
            $short = str_starts_with($file, self::directory()) ? substr($file, \strlen(self::directory())) : $file;
            if (isset(self::$kept[$short])) {
                return self::$kept[$short];
            }
        }

        return self::read($file);
    }

    /**
     * Reads the tables of another folder from now on, such as those of an earlier state to compare with; null for the application's own.
     */
    public static function readFrom(?string $directory): void
    {
        self::$at = $directory === null ? null : rtrim($directory, '/') . '/';
        self::$kept = null;
        Kept::forget();
    }

    private static function directory(): string
    {
        return self::$at ?? \dirname(__DIR__, 2) . '/data/';
    }

    /** @return list<array<string, string>> */
    private static function read(string $file): array
    {
        $handle = is_file($file) ? fopen($file, 'r') : false;
        if ($handle === false) {
            throw BrokenTable::missing($file);
        }
        $head = fgetcsv($handle, escape: '');
        $rows = [];
        for ($number = 2; ($cells = fgetcsv($handle, escape: '')) !== false; ++$number) {
            if ($head === false || \count($cells) !== \count($head)) {
                throw BrokenTable::row($file, $number);
            }
            $row = array_map(strval(...), array_combine(array_map(strval(...), $head), $cells));
            if (isset($row['mark']) && Mark::tryFrom($row['mark']) === null) {
                throw BrokenTable::mark($file, $number, $row['mark']);
            }
            $rows[] = $row;
        }
        fclose($handle);

        return $rows;
    }

    /**
     * Reads "casein:2.6 whey:0.6" as a map.
     *
     * @return array<string, float>
     */
    public static function packed(string $cell): array
    {
        $map = [];
        foreach (preg_split('/\s+/', $cell, -1, \PREG_SPLIT_NO_EMPTY) ?: [] as $pair) {
            [$key, $value] = explode(':', $pair);
            $map[$key] = (float) $value;
        }

        return $map;
    }
}
