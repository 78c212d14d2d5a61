<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Transmuta\Fault\Nonsense;

/**
 * A revision that is made, or was: for how many, by whom, from when to when.
 *
 * @property int $id
 * @property int $studio_id
 * @property int $version_id
 * @property int $revision_id the state of the version that is made
 * @property ?int $service_item_id the dish of a service it is made for
 * @property int $portions
 * @property string $who
 * @property \Illuminate\Support\Carbon $started_at
 * @property ?\Illuminate\Support\Carbon $finished_at
 * @property Version $version removed ones too: what was made stays what was made
 * @property Revision $revision
 * @property \Illuminate\Database\Eloquent\Collection<int, RunEvent> $events
 */
final class Run extends Model
{
    public $timestamps = false;

    protected $guarded = [];

    protected function casts(): array
    {
        return ['started_at' => 'datetime', 'finished_at' => 'datetime'];
    }

    /**
     * A run of a version, with the state that was made.
     *
     * @throws Nonsense if it is none of its runs
     */
    public static function of(Version $version, int $id): self
    {
        $query = self::query();
        $query->with(['revision', 'version'])->where('studio_id', $version->studio_id)->where('version_id', $version->id);

        return $query->find($id) ?? throw Nonsense::of('run_id', (string) $id, 'choose a run of this version');
    }

    /** @return BelongsTo<Version, $this> */
    public function version(): BelongsTo
    {
        $version = $this->belongsTo(Version::class);
        $version->withoutGlobalScope(SoftDeletingScope::class);

        return $version;
    }

    /** @return BelongsTo<Revision, $this> */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(Revision::class);
    }

    /** @return HasMany<RunEvent, $this> */
    public function events(): HasMany
    {
        $events = $this->hasMany(RunEvent::class);
        $events->orderBy('id');

        return $events;
    }
}
