<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Support\Carbon;

/**
 * A tasting: what is asked of whom, fixed before it begins, and its seats. Its key is read by nobody until it is closed.
 *
 * @property int $id
 * @property int $edition counts its changes ({@see Revised})
 * @property int $studio_id
 * @property string $title
 * @property string $method
 * @property array{question: string, alpha: float, power: float, pd: float, sided: string, tasters: int, seed: int, expects: ?string, attributes: list<string>} $plan
 * @property list<array{letter: string, name: string, version_id: ?int, revision_id: ?int, contains: list<string>, may_contain: list<string>, unknown: list<string>, cautions: list<string>}> $samples
 * @property string $code what opens its table
 * @property string $who
 * @property ?Carbon $closed_at
 * @property Carbon $created_at
 * @property \Illuminate\Database\Eloquent\Collection<int, TastingSeat> $seats
 * @property ?\Illuminate\Support\Carbon $deleted_at when it went to the drawer
 */
final class Tasting extends Model
{
    use Revised;
    use SoftDeletes;

    /** What counts as a change of it. */
    private const REVISED = ['closed_at'];

    private const COUNTED = 'edition';

    protected $guarded = [];

    protected $hidden = ['code'];

    protected function casts(): array
    {
        return ['plan' => 'array', 'samples' => 'array', 'closed_at' => 'datetime'];
    }

    /** @return HasMany<TastingSeat, $this> */
    public function seats(): HasMany
    {
        return $this->hasMany(TastingSeat::class);
    }
}
