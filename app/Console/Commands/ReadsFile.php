<?php

declare(strict_types=1);

namespace App\Console\Commands;

/** A file or standard input in, one JSON object out, a fault in one line on standard error. */
trait ReadsFile
{
    use Prints;

    /** Far larger than any dish, service or shelf. */
    private const LARGEST = 5_000_000;

    /** How packed files and papers begin. */
    private const PACKED = ["PK\x03\x04", "PK\x05\x06", "\x1f\x8b", 'BZh', "\xfd7zXZ", "7z\xbc\xaf", 'Rar!', "\x28\xb5\x2f\xfd", '%PDF'];

    /** @return ?string null after the fault was told on standard error */
    private function text(): ?string
    {
        $file = $this->argument('file');
        $text = $file === '-' ? stream_get_contents(\STDIN) : (\is_string($file) && is_file($file) ? file_get_contents($file) : false);
        if ($text === false) {
            $this->fault(\sprintf('%s: cannot be opened. Give a file, or - for standard input.', \is_string($file) ? $file : ''));

            return null;
        }
        $why = self::refused($text);
        if ($why !== null) {
            $this->fault($why);

            return null;
        }

        return $text;
    }

    /**
     * What a file of JSON holds.
     *
     * @return ?array<array-key, mixed> null after the fault was told on standard error
     */
    private function data(): ?array
    {
        $text = $this->text();
        if ($text === null) {
            return null;
        }
        $data = self::decoded($text);
        if (!\is_array($data) || array_is_list($data)) {
            $this->fault(\is_array($data) ? 'The file must hold one JSON object.' : 'The file is no JSON: ' . json_last_error_msg() . '. Give one object.');

            return null;
        }

        return $data;
    }

    /** What a text says as JSON, with or without a byte order mark; null where it is none. */
    private static function decoded(string $text): mixed
    {
        return json_decode(str_starts_with($text, "\xEF\xBB\xBF") ? substr($text, 3) : $text, true, 64);
    }

    /** Why a file is not read at all; null where it may be. */
    private static function refused(string $text): ?string
    {
        if (\strlen($text) > self::LARGEST) {
            return 'The file is over 5 MB; give one recipe or service at a time.';
        }
        foreach (self::PACKED as $begin) {
            if (str_starts_with($text, $begin)) {
                return 'The file is packed or a paper, not text: unpack it, or save it as text, and try again.';
            }
        }

        return str_contains($text, "\0") ? 'The file holds bytes that are no text: save it as UTF-8 text and try again.' : null;
    }
}
