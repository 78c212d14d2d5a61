<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\FormulaCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Transmuta\Formula\Formula;

/**
 * @property int $id
 * @property int $studio_id
 * @property int $dish_id
 * @property ?int $parent_id
 * @property string $name
 * @property Formula $formula
 * @property array{diets: list<string>, net_carbs_g: ?float, protein_g: ?float, kcal: ?float} $brief
 * @property array<string, mixed> $origin how it came about: the route it was taken from, its fit and its changes
 * @property array<string, string> $shelf fingerprint of the state of each ingredient it was computed with, by slug
 * @property array<string, array<string, float>> $wanted single properties set by hand on a rail, by the layer's key ({@see \Transmuta\Formula\LayerKeys})
 * @property string $notes
 * @property int $revision grows by one with every save
 * @property \Illuminate\Support\Carbon $updated_at
 * @property Dish $dish
 * @property \Illuminate\Database\Eloquent\Collection<int, Trial> $trials
 */
final class Version extends Model
{
    protected $guarded = [];

    /** @var ?list<array{id: int, name: string, parent_id: ?int}> */
    private ?array $lineage = null;

    protected $attributes = ['wanted' => '{}', 'notes' => ''];

    protected function casts(): array
    {
        return ['formula' => FormulaCast::class, 'brief' => 'array', 'origin' => 'array', 'shelf' => 'array', 'wanted' => 'array', 'revision' => 'integer'];
    }

    /** @return BelongsTo<Dish, $this> */
    public function dish(): BelongsTo
    {
        return $this->belongsTo(Dish::class);
    }

    /** With its dish, lineage and trials, by plain queries: eager loading costs an opened version as much as all the rest of its answer. */
    public function opened(): self
    {
        $tried = DB::raw('exists (select 1 from trials where trials.version_id = ' . $this->id . ') as tried');
        $rows = DB::table('versions')->join('dishes', 'dishes.id', '=', 'versions.dish_id')->where('versions.dish_id', $this->dish_id)->orderBy('versions.id')
            ->get(['dishes.*', 'versions.id as member', 'versions.name', 'versions.parent_id', $tried]);
        $dish = (array) $rows->first();
        $trials = $dish['tried'] ? DB::table('trials')->where('version_id', $this->id)->orderByDesc('id')->get()->all() : [];
        $this->lineage = self::members($rows);

        return $this->setRelation('dish', (new Dish())->newFromBuilder(array_diff_key($dish, array_flip(['member', 'name', 'parent_id', 'tried']))))->setRelation('trials', Trial::query()->hydrate($trials));
    }

    /** @return list<array{id: int, name: string, parent_id: ?int}> the versions of its dish, the original first */
    public function lineage(): array
    {
        return $this->lineage ??= self::members(DB::table('versions')->where('dish_id', $this->dish_id)->orderBy('id')->get(['id as member', 'name', 'parent_id']));
    }

    /**
     * @param Collection<int, \stdClass> $rows
     *
     * @return list<array{id: int, name: string, parent_id: ?int}>
     */
    private static function members(Collection $rows): array
    {
        return array_values($rows->map(static fn(\stdClass $row): array => ['id' => (int) $row->member, 'name' => (string) $row->name, 'parent_id' => $row->parent_id === null ? null : (int) $row->parent_id])->all());
    }

    /** The version the dish began with; itself where it is that one. */
    public function original(): self
    {
        if ($this->parent_id === null) {
            return $this;
        }
        $query = self::query();
        $query->where('dish_id', $this->dish_id)->orderBy('id');

        return $query->first() ?? $this;
    }

    /** @return HasMany<Trial, $this> */
    public function trials(): HasMany
    {
        $trials = $this->hasMany(Trial::class);
        $trials->orderByDesc('id');

        return $trials;
    }
}
