<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $studio_id
 * @property string $title
 * @property string $family
 * @property \Illuminate\Database\Eloquent\Collection<int, Version> $versions
 */
final class Dish extends Model
{
    protected $guarded = [];

    /** @return HasMany<Version, $this> in lineage order: the original first */
    public function versions(): HasMany
    {
        $versions = $this->hasMany(Version::class);
        $versions->orderBy('id');

        return $versions;
    }
}
