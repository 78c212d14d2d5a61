<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\FormulaCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
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
 * @property array<string, array<string, float>> $wanted single properties set by hand on a rail, by layer name
 * @property string $notes
 * @property int $revision grows by one with every save
 * @property \Illuminate\Support\Carbon $updated_at
 * @property Dish $dish
 * @property \Illuminate\Database\Eloquent\Collection<int, Trial> $trials
 */
final class Version extends Model
{
    protected $guarded = [];

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

    /** With its dish and its trials, by plain queries: eager loading costs an opened version as much as all the rest of its answer. */
    public function opened(): self
    {
        $dish = (array) DB::table('dishes')->where('id', $this->dish_id)->first(['*', DB::raw('exists (select 1 from trials where trials.version_id = ' . $this->id . ') as tried')]);
        $trials = $dish['tried'] ? DB::table('trials')->where('version_id', $this->id)->orderByDesc('id')->get()->all() : [];
        unset($dish['tried']);

        return $this->setRelation('dish', (new Dish())->newFromBuilder($dish))->setRelation('trials', Trial::query()->hydrate($trials));
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
