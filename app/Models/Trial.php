<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $version_id
 * @property int $revision_id the state of the version that was made
 * @property string $made_on
 * @property int $set_step rung of the ladder found, 0…6
 * @property string $sweetness too little, right, too much
 * @property string $sharpness too little, right, too much
 * @property string $remark
 * @property array<string, mixed> $predicted what the reading said when the trial was noted
 * @property Version $version
 * @property Revision $revision
 * @property \Illuminate\Database\Eloquent\Collection<int, Lot> $lots what it was made of, where that was noted
 */
final class Trial extends Model
{
    protected $guarded = [];

    protected function casts(): array
    {
        return ['predicted' => 'array', 'set_step' => 'integer'];
    }

    /** @return BelongsTo<Version, $this> */
    public function version(): BelongsTo
    {
        return $this->belongsTo(Version::class);
    }

    /** @return BelongsToMany<Lot, $this> */
    public function lots(): BelongsToMany
    {
        return $this->belongsToMany(Lot::class);
    }

    /** @return BelongsTo<Revision, $this> */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(Revision::class);
    }

    /** The step that was foretold of a trial, as the store reads it; no number where none was. */
    public static function foretold(string $table = 'trials'): string
    {
        return "json_value($table.predicted, '$.step_index')";
    }
}
