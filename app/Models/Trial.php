<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\BelongsToMany;
use Illuminate\Database\Eloquent\Relations\HasMany;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $version_id
 * @property int $revision_id the state of the version that was made
 * @property string $made_on
 * @property ?int $run_id the run it was made in
 * @property ?int $set_step rung of the ladder found of the layer that was foretold first, 0…6; null where nobody judged it
 * @property ?string $sweetness too little, right, too much
 * @property ?string $sharpness too little, right, too much
 * @property array{layers: list<array{layer_id: string, u: float, sd: float, step_index?: float, protocol?: string, value?: float, force_g?: float}>, grain: ?string, ph: ?float, brix: ?float, height_mm: ?float, weep_g: ?float, colour: ?string, cut: ?string, keeps: list<array{day: int, words: string}>} $found what was looked at
 * @property ?string $verdict keep, change, drop
 * @property string $next what to change next
 * @property list<array{at: string, who: string, why: string, was: array<string, mixed>}> $corrections what stood there before, the first first
 * @property int $edition counts its changes ({@see Revised})
 * @property string $who
 * @property \Illuminate\Database\Eloquent\Collection<int, TrialPhoto> $photos
 * @property ?Run $run
 * @property string $remark
 * @property array<string, mixed> $predicted what the reading said when the trial was noted
 * @property Version $version
 * @property Revision $revision
 * @property \Illuminate\Database\Eloquent\Collection<int, Lot> $lots what it was made of, where that was noted
 */
final class Trial extends Model
{
    use Revised;
    /** What is loaded of a trial that is shown. */
    public const SHOWN = ['revision:id,number', 'lots', 'photos:id,trial_id,words,width,height'];

    /** What counts as a change of it. */
    private const REVISED = ['made_on', 'set_step', 'sweetness', 'sharpness', 'remark', 'found', 'verdict', 'next'];

    private const COUNTED = 'edition';

    protected $guarded = [];

    protected $attributes = ['corrections' => '[]'];

    protected function casts(): array
    {
        return ['predicted' => 'array', 'set_step' => 'integer', 'found' => 'array', 'corrections' => 'array'];
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

    /** @return HasMany<TrialPhoto, $this> */
    public function photos(): HasMany
    {
        return $this->hasMany(TrialPhoto::class);
    }

    /** @return BelongsTo<Run, $this> */
    public function run(): BelongsTo
    {
        return $this->belongsTo(Run::class);
    }

    /** @return array<string, non-empty-list<float>> chances of the seven steps that were foretold, by the id of the layer */
    public function foretoldChances(): array
    {
        $by = [];
        foreach (\is_array($this->predicted['layers'] ?? null) ? $this->predicted['layers'] : [] as $one) {
            if (\is_array($one) && \is_string($one['layer_id'] ?? null) && \is_array($one['chances'] ?? null) && \count($one['chances']) === 7) {
                $by[$one['layer_id']] = array_values(array_map(static fn(mixed $chance): float => is_numeric($chance) ? (float) $chance : 0.0, $one['chances']));
            }
        }

        return $by;
    }

    /** The step that was foretold of a trial, as the store reads it; no number where none was. */
    public static function foretold(string $table = 'trials'): string
    {
        return "$table.foretold_step";
    }
}
