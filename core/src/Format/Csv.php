<?php

declare(strict_types=1);

namespace Transmuta\Format;

/** Tables of text, comma-separated (RFC 4180), that a spreadsheet shows and does not compute. */
final class Csv
{
    /** Begins a cell that a spreadsheet would take for a formula. */
    private const LIVE = "=+-@\t\r";

    /** @param iterable<list<string>> $rows */
    public static function write(iterable $rows): string
    {
        $handle = fopen('php://temp', 'r+');
        \assert($handle !== false);
        foreach ($rows as $row) {
            fputcsv($handle, array_map(self::harmless(...), $row), escape: '');
        }
        rewind($handle);
        $text = (string) stream_get_contents($handle);
        fclose($handle);

        return $text;
    }

    /** A text that is no formula: an apostrophe stands before what would be one, and before what begins with that apostrophe. A plain number stays one. */
    public static function harmless(string $text): string
    {
        return $text !== '' && !is_numeric($text) && (str_contains(self::LIVE, $text[0]) || ($text[0] === "'" && isset($text[1]) && str_contains(self::LIVE . "'", $text[1]))) ? "'" . $text : $text;
    }

    /** The text as it was before {@see harmless}. */
    public static function plain(string $cell): string
    {
        return $cell !== '' && $cell[0] === "'" && isset($cell[1]) && str_contains(self::LIVE . "'", $cell[1]) ? substr($cell, 1) : $cell;
    }
}
