<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * @property int $id
 * @property int $revision counts its changes ({@see Revised})
 * @property int $studio_id
 * @property string $title
 * @property string $family
 * @property array<string, mixed> $schools its own choices, which win over the studio's
 * @property ?array<string, mixed> $summary what a list shows of it: portions, section, what it is made of
 * @property ?\Illuminate\Support\Carbon $away_at when it was put away
 * @property ?\Illuminate\Support\Carbon $deleted_at when it was removed
 * @property \Illuminate\Database\Eloquent\Collection<int, Version> $versions
 * @property \Illuminate\Database\Eloquent\Collection<int, Errand> $errands
 * @property-read ?int $versions_count
 */
final class Dish extends Model
{
    use Revised;
    use SoftDeletes;

    /** What counts as a change of it. */
    private const REVISED = ['title', 'family', 'schools', 'away_at'];

    private const COUNTED = 'revision';

    protected $guarded = [];

    protected $attributes = ['schools' => '{}'];

    protected function casts(): array
    {
        return ['schools' => 'array', 'summary' => 'array', 'away_at' => 'datetime'];
    }

    /** @return HasMany<Version, $this> in lineage order: the original first */
    public function versions(): HasMany
    {
        $versions = $this->hasMany(Version::class);
        $versions->orderBy('id');

        return $versions;
    }

    /** @return HasMany<Errand, $this> what is still to be done, the soonest first */
    public function errands(): HasMany
    {
        $errands = $this->hasMany(Errand::class);
        Errand::open($errands->getQuery());

        return $errands;
    }
}
