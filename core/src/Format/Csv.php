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

    /**
     * The rows of a table that a person or a spreadsheet wrote, the names of its columns first and in small letters; what is empty is passed over, and an
     * apostrophe of {@see harmless} is taken off.
     *
     * @param bool $eitherMark semicolons between, where the first row has more of them than commas
     *
     * @return \Generator<int, list<string>> by number of row, the first is 1
     */
    public static function read(string $text, bool $eitherMark = false): \Generator
    {
        $text = (string) preg_replace('/^\x{FEFF}/u', '', $text);
        $first = (string) strtok($text, "\r\n");
        $mark = $eitherMark && substr_count($first, ';') > substr_count($first, ',') ? ';' : ',';
        $handle = fopen('php://temp', 'r+');
        \assert($handle !== false);
        fwrite($handle, $text);
        rewind($handle);
        $isHead = true;
        for ($n = 1; ($cells = fgetcsv($handle, null, $mark, '"', '')) !== false; ++$n) {
            $cells = array_map(static fn(?string $cell): string => self::plain(trim((string) $cell)), $cells);
            if ($cells === ['']) {
                continue;
            }
            yield $n => $isHead ? array_map(mb_strtolower(...), $cells) : $cells;
            $isHead = false;
        }
        fclose($handle);
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
