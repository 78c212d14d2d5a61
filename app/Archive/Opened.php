<?php

declare(strict_types=1);

namespace App\Archive;

use Transmuta\Fault\Nonsense;

/** An archive of a studio, opened: read in pieces and never unpacked to the disk; nothing it says of itself is believed, each of its files is held to its manifest. */
final readonly class Opened
{
    /** Largest it may be when unpacked, bytes: a small file can hold a very large one. */
    public const MOST_BYTES = 800_000_000;

    /** The same for one that is sent by the web, where somebody waits for it. */
    public const MOST_SENT = 200_000_000;

    /** Largest table of contents, bytes. */
    private const MOST_MANIFEST = 4_000_000;

    private const PIECE = 262_144;

    private const MOST_FILES = 200_000;

    private const MOST_LINE = 4_000_000;

    /** @param int $most bytes it may come to */
    private function __construct(private \ZipArchive $zip, private int $most) {}

    /** @throws Nonsense if it is no ZIP file */
    public static function of(string $file, int $most): self
    {
        $zip = new \ZipArchive();
        if ($zip->open($file, \ZipArchive::RDONLY) !== true) {
            throw Nonsense::of('archive', 'this file', 'give a ZIP file that was exported from a studio');
        }

        return new self($zip, $most);
    }

    public function close(): void
    {
        $this->zip->close();
    }

    /**
     * Whether each file is the one the manifest speaks of, before anything of it is believed.
     *
     * @return array<string, int> rows by file
     */
    public function checked(): array
    {
        if ($this->zip->numFiles > self::MOST_FILES) {
            throw Nonsense::of('archive', "{$this->zip->numFiles} files", 'no studio has so many; export it again');
        }
        // What the file says of its own size is not believed: what comes out of it is counted while it comes.
        $left = $this->most;
        $manifest = json_decode($this->sum(Contents::MANIFEST, min($left, self::MOST_MANIFEST), true)[1], true, 8);
        if (!\is_array($manifest) || ($manifest['format'] ?? null) !== Contents::FORMAT) {
            throw Nonsense::of(Contents::MANIFEST, 'the archive', 'give a file that was exported from a studio');
        }
        if (($manifest['version'] ?? null) !== Contents::VERSION) {
            throw Nonsense::of(Contents::MANIFEST, \sprintf('version %s', json_encode($manifest['version'] ?? null)), \sprintf('this program reads version %d', Contents::VERSION));
        }
        $sums = \is_array($manifest['sha256'] ?? null) ? $manifest['sha256'] : [];
        $needed = ['studio.jsonl', 'states.jsonl', ...array_map(Contents::place(...), array_keys(Contents::TABLES))];
        foreach ($needed as $name) {
            if (!isset($sums[$name])) {
                throw Nonsense::of(Contents::MANIFEST, $name, 'it is not spoken of; export the studio again');
            }
        }
        foreach ($sums as $name => $sum) {
            [$is, , $bytes] = $this->sum((string) $name, $left);
            $left -= $bytes;
            if (!\is_string($sum) || !hash_equals($sum, $is)) {
                throw Nonsense::of((string) $name, 'what it holds', 'it is not the file that was exported; export the studio again');
            }
        }
        $counts = \is_array($manifest['rows'] ?? null) ? $manifest['rows'] : [];

        return array_filter($counts, is_int(...));
    }

    /**
     * A file of it read to its end, in pieces.
     *
     * @param int $most bytes it may come to
     *
     * @return array{string, string, int} its SHA-256, its content where that is kept, and its bytes
     */
    private function sum(string $name, int $most, bool $keeps = false): array
    {
        $hash = hash_init('sha256');
        $from = $this->stream($name);
        $content = '';
        $bytes = 0;
        while (!feof($from)) {
            $piece = (string) fread($from, self::PIECE);
            $bytes += \strlen($piece);
            if ($bytes > $most) {
                fclose($from);
                throw Nonsense::of('archive', $name, \sprintf('unpacked it comes to more than %.0f MB: bring it in from the console, if it is a studio of yours (php artisan studio:import)', $most / 1e6));
            }
            hash_update($hash, $piece);
            $content .= $keeps ? $piece : '';
        }
        fclose($from);

        return [hash_final($hash), $content, $bytes];
    }

    /** @return iterable<int, array<string, mixed>> by its row, from 1 */
    public function rows(string $name): iterable
    {
        $from = $this->stream($name);
        for ($at = 1; ($line = fgets($from, self::MOST_LINE)) !== false; ++$at) {
            $row = json_decode($line, false, Contents::DEPTH);
            if (!$row instanceof \stdClass) {
                throw Nonsense::of("$name, row $at", mb_strcut(trim($line), 0, 40), 'it is no JSON object');
            }
            yield $at => get_object_vars($row);
        }
        fclose($from);
    }

    /** @return resource */
    private function stream(string $name)
    {
        $stream = $this->zip->getStream($name);
        if ($stream === false) {
            throw Nonsense::of('archive', $name, 'it is not in the file, or cannot be read');
        }

        return $stream;
    }
}
