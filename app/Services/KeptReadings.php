<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Version;
use Illuminate\Support\Facades\Cache;

/**
 * The last reading of each version, kept while nothing it was read from has changed: its formula and its original's, the states of their
 * ingredients, the shelf's evidence on this day, the schools. One entry a version; a start of the servers forgets them all.
 */
final readonly class KeptReadings
{
    public function __construct(private StudioShelf $shelf, private VersionShelf $shelves) {}

    /** @param callable(): string $read writes the reading as JSON */
    public function of(Version $version, Version $original, callable $read): string
    {
        $state = hash('xxh128', json_encode([
            array_map(static fn(Version $v): array => [$v->id, $v->name, $v->getRawOriginal('formula'), $v->getRawOriginal('shelf'), $v->getRawOriginal('wanted')], [$version, $original]),
            $this->shelf->state(),
            $this->shelves->schools($version),
            now()->toDateString(),
        ], JSON_THROW_ON_ERROR));
        $key = "reading:{$version->studio_id}:{$version->id}";
        /** @var array{string, string}|null $kept */
        $kept = Cache::get($key);
        if ($kept !== null && $kept[0] === $state) {
            return $kept[1];
        }
        $made = $read();
        // Written once the answer is on its way.
        defer(static fn() => Cache::forever($key, [$state, $made]));

        return $made;
    }
}
