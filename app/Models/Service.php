<?php

declare(strict_types=1);

namespace App\Models;

use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;

/**
 * A service: when, in what kitchen, who comes, and which versions for how many.
 *
 * @property int $id
 * @property int $revision counts its changes ({@see Revised})
 * @property int $studio_id
 * @property string $name
 * @property string $serve_at by the clock on the kitchen's wall: year-month-dayThour:minute
 * @property array<string, mixed> $kitchen as `service:plan` reads it
 * @property list<array{count: int, diets: list<string>, without: list<string>}> $guests
 * @property float $margin under 1 a share of the portions, from 1 on portions of each version
 * @property string $items_are fingerprint of its items
 * @property \Illuminate\Database\Eloquent\Collection<int, ServiceItem> $items
 * @property ?\Illuminate\Support\Carbon $deleted_at when it went to the drawer
 */
final class Service extends Model
{
    use Revised;
    use SoftDeletes;

    /** What counts as a change of it. */
    private const REVISED = ['name', 'serve_at', 'kitchen', 'guests', 'margin', 'items_are'];

    private const COUNTED = 'revision';

    protected $guarded = [];

    protected $attributes = ['guests' => '[]', 'margin' => 0, 'items_are' => ''];

    protected function casts(): array
    {
        return ['kitchen' => 'array', 'guests' => 'array', 'margin' => 'float'];
    }

    /** @return HasMany<ServiceItem, $this> */
    public function items(): HasMany
    {
        $items = $this->hasMany(ServiceItem::class);
        $items->orderBy('position')->orderBy('id');

        return $items;
    }
}
