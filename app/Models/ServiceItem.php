<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletingScope;

/**
 * A version that is made for a service.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $service_id
 * @property int $version_id
 * @property int $position
 * @property int $portions
 * @property list<string> $diets what this version must be free for: {@see \Transmuta\Diet\Diet}
 * @property Version $version removed ones too: what was made stays what was made
 * @property \Illuminate\Database\Eloquent\Collection<int, ServiceStep> $steps
 */
final class ServiceItem extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    /** @var array<string, mixed> */
    protected $attributes = ['diets' => '[]'];

    /** @return array<string, string> */
    protected function casts(): array
    {
        return ['diets' => 'array'];
    }

    /** @return BelongsTo<Version, $this> */
    public function version(): BelongsTo
    {
        $version = $this->belongsTo(Version::class);
        $version->withoutGlobalScope(SoftDeletingScope::class);

        return $version;
    }

    /** @return HasMany<ServiceStep, $this> */
    public function steps(): HasMany
    {
        return $this->hasMany(ServiceStep::class);
    }
}
