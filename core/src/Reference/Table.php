<?php

declare(strict_types=1);

namespace Transmuta\Reference;

use Transmuta\Provenance\Mark;

/**
 * Reads one comma-separated reference table. Every row of every table carries `mark` and `source`.
 */
final class Table
{
    /**
     * @return list<array<string, string>> rows by column name
     *
     * @throws BrokenTable if the file is missing, a row has the wrong number of cells, or its mark is unknown
     */
    public static function rows(string $file): array
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
