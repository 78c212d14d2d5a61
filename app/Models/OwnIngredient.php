<?php

declare(strict_types=1);

namespace App\Models;

use App\Exceptions\Conflict;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Str;

/**
 * An ingredient a studio added, or a reference row it sees differently (then under that row's own slug).
 *
 * @property int $id
 * @property int $studio_id
 * @property string $slug
 * @property string $name
 * @property string $hash
 * @property array<string, mixed> $packet as it was typed
 * @property array<string, mixed> $content as the core's shelf reads it
 * @property int $revision grows by one with every save
 */
final class OwnIngredient extends Model
{
    protected $guarded = [];

    /**
     * Keeps a row under a slug, one revision on; within the transaction of its caller.
     *
     * @param array<string, mixed> $row as the core's shelf reads it
     * @param array<string, mixed> $packet as it was typed
     * @param ?int $seen the revision a window has seen of it, 0 where there was none; null where it does not say
     *
     * @throws Conflict where it was changed since
     */
    public static function put(Studio $studio, string $slug, array $row, array $packet, ?int $seen = null): self
    {
        $query = self::query();
        $query->where('studio_id', $studio->id)->where('slug', $slug)->lockForUpdate();
        $own = $query->first() ?? new self(['studio_id' => $studio->id, 'slug' => $slug, 'revision' => 0]);
        if ($seen !== null && $seen !== $own->revision) {
            throw new Conflict($own->revision);
        }
        $own->fill(['name' => $row['name'], 'hash' => self::fingerprint($row), 'packet' => $packet, 'content' => $row, 'revision' => $own->revision + 1])->save();

        return $own;
    }

    /** A slug no other of the studio has, made of the name, or of the word where the name gives none. */
    public static function newSlug(Studio $studio, string $name, string $word): string
    {
        $stem = 'own-' . (Str::limit(Str::slug($name), 60, '') ?: $word);
        $taken = self::query()->where('studio_id', $studio->id)->lockForUpdate()->pluck('slug')->all();
        for ($n = 1, $slug = $stem; \in_array($slug, $taken, true); ++$n) {
            $slug = "$stem-" . ($n + 1);
        }

        return $slug;
    }

    protected function casts(): array
    {
        return ['packet' => 'array', 'content' => 'array', 'revision' => 'integer'];
    }

    /** @param array<string, mixed> $row */
    public static function fingerprint(array $row): string
    {
        ksort($row);

        return hash('xxh128', json_encode($row, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE));
    }
}
