<?php

declare(strict_types=1);

namespace App\Archive;

use App\Models\Studio;
use App\Models\Version;
use App\Services\AuditTable;
use App\Services\StudioShelf;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\File;
use Illuminate\Support\Str;
use Transmuta\Format\FormulaText;

/**
 * Writes a studio to one archive of open formats: a ZIP of JSON lines (each table whole, as all stood at one moment), of every version as the
 * text a kitchen types, and of who did what as a table; with a manifest that gives the SHA-256 of each file. {@see Unpacker} brings it back.
 */
final class Packer
{
    /** Rows held in memory at once. */
    private const CHUNK = 500;

    /**
     * @param string $file where it is written; only its owner may read it
     *
     * @return array<string, int> rows by table
     */
    public function pack(Studio $studio, string $file): array
    {
        $work = "$file.parts";
        File::ensureDirectoryExists($work, 0700);
        try {
            /** @var array<string, int> $counts one moment of the store, however long it takes: each read sees what the first saw */
            $counts = DB::transaction(static fn(): array => self::write($studio, $work));
            self::close($studio, $work, $counts, $file);
        } finally {
            File::deleteDirectory($work);
        }

        return $counts;
    }

    /** @return array<string, int> */
    private static function write(Studio $studio, string $work): array
    {
        $row = self::opened((array) DB::table('studios')->where('id', $studio->id)->first(Contents::STUDIO), ['schools', 'kitchen', 'measures', 'factors', 'rates']);
        $counts = ['studio.jsonl' => self::lines("$work/studio.jsonl", [$row])];
        foreach (array_keys(Contents::TABLES) as $table) {
            $counts[Contents::place($table)] = self::lines("$work/" . Contents::place($table), self::rows($studio, $table));
        }
        $counts['states.jsonl'] = self::lines("$work/states.jsonl", self::states($studio));
        self::texts($studio, $work);
        File::put("$work/audit.csv", AuditTable::csv($studio));

        return $counts;
    }

    /** @param array<string, int> $counts */
    private static function close(Studio $studio, string $work, array $counts, string $file): void
    {
        $zip = new \ZipArchive();
        if ($zip->open($file, \ZipArchive::CREATE | \ZipArchive::OVERWRITE) !== true) {
            throw new \RuntimeException("$file cannot be written");
        }
        $sums = [];
        foreach (File::allFiles($work) as $part) {
            $name = str_replace('\\', '/', $part->getRelativePathname());
            $zip->addFile($part->getPathname(), $name);
            $sums[$name] = (string) hash_file('sha256', $part->getPathname());
        }
        ksort($sums);
        $zip->addFromString(Contents::MANIFEST, json_encode(
            ['format' => Contents::FORMAT, 'version' => Contents::VERSION, 'studio' => $studio->name, 'written' => now()->toIso8601ZuluString(), 'rows' => $counts, 'sha256' => $sums],
            Contents::AS_JSON | \JSON_PRETTY_PRINT,
        ));
        if (!$zip->close() || !chmod($file, 0600)) {
            throw new \RuntimeException("$file cannot be written");
        }
    }

    /** @return iterable<array<string, mixed>> */
    private static function rows(Studio $studio, string $table): iterable
    {
        $query = DB::table($table);
        \in_array($table, Contents::BY_VERSION, true)
            ? $query->whereIn('version_id', static fn(Builder $own) => $own->from('versions')->select('id')->where('studio_id', $studio->id))
            : $query->where('studio_id', $studio->id);
        foreach (Contents::ORDER[$table] ?? ['id'] as $column) {
            $query->orderBy($column);
        }
        $left = array_flip(['studio_id', ...Contents::MADE_ANEW[$table] ?? []]);
        foreach ($query->lazy(self::CHUNK) as $row) {
            yield self::opened(array_diff_key((array) $row, $left), Contents::JSON[$table] ?? []);
        }
    }

    /** @return iterable<array<string, mixed>> the states of ingredients that versions and revisions of the studio were computed with */
    private static function states(Studio $studio): iterable
    {
        $hashes = [];
        foreach (['versions', 'revisions'] as $table) {
            foreach (DB::table($table)->where('studio_id', $studio->id)->distinct()->pluck('shelf') as $shelf) {
                /** @var array<string, string> $stamp */
                $stamp = \is_string($shelf) ? json_decode($shelf, true, 8, \JSON_THROW_ON_ERROR) : [];
                $hashes += array_flip(array_values($stamp));
            }
        }
        foreach (array_chunk(array_map(strval(...), array_keys($hashes)), self::CHUNK) as $some) {
            foreach (DB::table('ingredient_states')->whereIn('hash', $some)->orderBy('hash')->get(['hash', 'slug', 'content']) as $row) {
                yield self::opened((array) $row, ['content']);
            }
        }
    }

    /** Every version as the text a kitchen types, in a folder of its dish. */
    private static function texts(Studio $studio, string $work): void
    {
        $text = new FormulaText((new StudioShelf($studio))->shelf());
        $titles = DB::table('dishes')->where('studio_id', $studio->id)->pluck('title', 'id');
        foreach (Version::withTrashed()->where('studio_id', $studio->id)->lazyById(self::CHUNK) as $version) {
            $title = $titles[$version->dish_id] ?? '';
            $folder = \sprintf('%s/recipes/%05d-%s', $work, $version->dish_id, Str::limit(Str::slug(\is_string($title) ? $title : '') ?: 'dish', 60, ''));
            File::ensureDirectoryExists($folder);
            File::put(\sprintf('%s/%05d-%s.txt', $folder, $version->id, Str::limit(Str::slug($version->name) ?: 'version', 40, '')), $text->write($version->formula));
        }
    }

    /** @param iterable<array<string, mixed>> $rows */
    private static function lines(string $file, iterable $rows): int
    {
        File::ensureDirectoryExists(\dirname($file));
        $to = fopen($file, 'w');
        if ($to === false) {
            throw new \RuntimeException("$file cannot be written");
        }
        $n = 0;
        foreach ($rows as $row) {
            $line = json_encode($row, Contents::AS_JSON) . "\n";
            if (fwrite($to, $line) !== \strlen($line)) {
                throw new \RuntimeException("$file cannot be written whole");
            }
            ++$n;
        }
        fclose($to);

        return $n;
    }

    /**
     * @param array<string, mixed> $row
     * @param list<string> $json columns that hold it
     *
     * @return array<string, mixed>
     */
    private static function opened(array $row, array $json): array
    {
        foreach ($json as $column) {
            // As objects, so that an empty one stays one.
            $row[$column] = \is_string($row[$column] ?? null) ? json_decode($row[$column], false, Contents::DEPTH, \JSON_THROW_ON_ERROR) : null;
        }

        return $row;
    }
}
