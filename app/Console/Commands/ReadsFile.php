<?php

declare(strict_types=1);

namespace App\Console\Commands;

/** A file or standard input in, one JSON object out, a fault in one line on standard error. */
trait ReadsFile
{
    use Prints;

    /** @return ?string null after the fault was told on standard error */
    private function text(): ?string
    {
        $file = $this->argument('file');
        $text = $file === '-' ? stream_get_contents(\STDIN) : (\is_string($file) && is_file($file) ? file_get_contents($file) : false);
        if ($text === false) {
            $this->fault(\sprintf('%s: cannot be opened. Give a file, or - for standard input.', \is_string($file) ? $file : ''));

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
        if (\strlen($text) > 5_000_000) {
            $this->fault('The file is over 5 MB; one service is far smaller.');

            return null;
        }
        $data = json_decode(str_starts_with($text, "\xEF\xBB\xBF") ? substr($text, 3) : $text, true, 64);
        if (!\is_array($data) || array_is_list($data)) {
            $this->fault(\is_array($data) ? 'The file must hold one JSON object.' : 'The file is no JSON: ' . json_last_error_msg() . '. Give one object.');

            return null;
        }

        return $data;
    }
}
