<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * One base in small pots at stepped doses: as it was designed, what was found of each, what that says.
 *
 * @property int $id
 * @property int $edition counts its changes ({@see Revised})
 * @property int $studio_id
 * @property int $version_id
 * @property int $revision_id
 * @property string $layer_id
 * @property array{asked: string, lines: list<string>, wanted: int, pots: int, step: float, pot_g: float, seed: int} $asked lines by id
 * @property array{layer: string, agents: list<array{ingredient: string, name: string, share: float}>, pots: list<array{code: int, dose: float}>, curve?: ?array{mechanism: string, dose: float, doses: list<float>, parts: list<array<string, float>>}} $design more, as {@see \Transmuta\Trial\Pots\PotLadder::write} gives it
 * @property array<array-key, list<float|string>> $found steps, or how it tastes, by code
 * @property ?array{dose: ?array{value: float, low: ?float, high: ?float}} $fit more, as the fit writes it
 * @property string $made_on
 * @property string $who
 * @property Version $version
 * @property Revision $revision
 * @property ?\Illuminate\Support\Carbon $deleted_at when it went to the drawer
 */
final class PotLadder extends Model
{
    use Revised;
    use SoftDeletes;

    /** What counts as a change of it. */
    private const REVISED = ['found'];

    private const COUNTED = 'edition';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['asked' => 'array', 'design' => 'array', 'found' => 'array', 'fit' => 'array'];
    }

    /** @return BelongsTo<Version, $this> */
    public function version(): BelongsTo
    {
        return $this->belongsTo(Version::class);
    }

    /** @return BelongsTo<Revision, $this> */
    public function revision(): BelongsTo
    {
        return $this->belongsTo(Revision::class);
    }
}
