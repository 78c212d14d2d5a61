<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Transmuta\Process\Costing\Rates;
use Transmuta\Process\Words\Measures;

/**
 * @property int $id
 * @property int $revision counts its changes ({@see Revised})
 * @property string $slug
 * @property string $name
 * @property ?array<string, mixed> $schools what it has chosen where practitioners disagree
 * @property string $currency what costs are reckoned in, ISO 4217
 * @property ?array<string, mixed> $kitchen what it handles and shares; null until somebody has said it
 * @property ?array<string, mixed> $rates what hands, heat and packaging cost, and the tax it names
 * @property ?list<array{name: string, ml: float}> $measures its own, which amounts are said in as well
 * @property ?array<string, array{factor: float, low: float, high: float, n: int, on: string, who: string}> $factors what its trials say of the set and somebody took over, by mechanism
 * @property int $shelf_revision grows with every write to its shelf
 * @property \Illuminate\Support\Carbon $created_at
 */
final class Studio extends Model
{
    use Revised;

    /** What counts as a change of it. */
    private const REVISED = ['name', 'currency', 'schools', 'kitchen', 'measures', 'factors', 'rates'];

    private const COUNTED = 'revision';

    protected $guarded = [];

    protected function casts(): array
    {
        return ['schools' => 'array', 'kitchen' => 'array', 'measures' => 'array', 'factors' => 'array', 'rates' => 'array'];
    }

    /**
     * Only those that somebody comes into: not the demo's own where the demo is off.
     *
     * @param Builder<Studio> $of
     *
     * @return Builder<Studio>
     */
    public static function open(Builder $of): Builder
    {
        return config('transmuta.demo') === true ? $of : $of->whereDoesntHave('memberships.user', static fn(Builder $user): Builder => $user->where('is_demo', true));
    }

    /** @return HasMany<Membership, $this> */
    public function memberships(): HasMany
    {
        return $this->hasMany(Membership::class);
    }

    public function rates(): Rates
    {
        return Rates::read($this->rates ?? []);
    }

    public function ownMeasures(): Measures
    {
        return Measures::read($this->measures ?? []);
    }

    /** @return HasMany<Dish, $this> */
    public function dishes(): HasMany
    {
        return $this->hasMany(Dish::class);
    }

    /** Every write to the shelf turns its page, so that nothing compiled or cached before is taken for it. */
    public function turnShelf(): void
    {
        self::query()->whereKey($this->id)->increment('shelf_revision');
        $this->refresh();
    }
}
