<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\FormulaCast;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Query\Builder;
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
 * @property array<string, array<string, float>> $wanted single properties set by hand on a rail, by the layer's id
 * @property string $notes
 * @property int $revision grows by one with every change, back and forth too: what a window must have seen to write
 * @property \Illuminate\Support\Carbon $updated_at
 * @property Dish $dish
 * @property \Illuminate\Database\Eloquent\Collection<int, Trial> $trials
 */
final class Version extends Model
{
    protected $guarded = [];

    /** @var ?list<array{id: int, name: string, parent_id: ?int, aims_at: ?int}> */
    private ?array $lineage = null;

    /** @var ?array{number: int, can_undo: bool, can_redo: bool} where it stands in its history */
    private ?array $standing = null;

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
        $rows = self::family($this->dish_id)->join('dishes', 'dishes.id', '=', 'versions.dish_id')->get(['dishes.*', ...self::MEMBER, $tried]);
        $dish = (array) $rows->first();
        $trials = $dish['tried'] ? DB::table('trials')->where('version_id', $this->id)->orderByDesc('id')->get()->all() : [];
        $this->lineage = self::members($rows);
        $this->standing = null;

        return $this->setRelation('dish', (new Dish())->newFromBuilder(array_diff_key($dish, array_flip(['member', 'name', 'parent_id', 'aims_at', 'tried']))))->setRelation('trials', Trial::query()->hydrate($trials));
    }

    private const MEMBER = ['versions.id as member', 'versions.name', 'versions.parent_id', 'aimed.number as aims_at'];

    /** @return list<array{id: int, name: string, parent_id: ?int, aims_at: ?int}> the versions of its dish, the original first, and which revision of it each aims at */
    public function lineage(): array
    {
        return $this->lineage ??= self::members(self::family($this->dish_id)->get(self::MEMBER));
    }

    private static function family(int $dish): Builder
    {
        return DB::table('versions')->leftJoin('aims', 'aims.version_id', '=', 'versions.id')->leftJoin('revisions as aimed', 'aimed.id', '=', 'aims.revision_id')->where('versions.dish_id', $dish)->orderBy('versions.id');
    }

    /**
     * @param Collection<int, \stdClass> $rows
     *
     * @return list<array{id: int, name: string, parent_id: ?int, aims_at: ?int}>
     */
    private static function members(Collection $rows): array
    {
        $number = static fn(mixed $value): ?int => is_numeric($value) ? (int) $value : null;

        return array_values($rows->map(static fn(\stdClass $row): array => ['id' => (int) $row->member, 'name' => (string) $row->name, 'parent_id' => $number($row->parent_id), 'aims_at' => $number($row->aims_at)])->all());
    }

    /** @return array{number: int, can_undo: bool, can_redo: bool} the revision it stands at, and whether there is one before and one after it */
    public function standing(): array
    {
        if ($this->standing === null) {
            $row = DB::table('heads')->join('revisions', 'revisions.id', '=', 'heads.revision_id')->where('heads.version_id', $this->id)
                ->first(['revisions.number', 'revisions.parent_id', DB::raw('exists (select 1 from revisions as later where later.parent_id = revisions.id) as redo')]);
            $this->standing = ['number' => (int) $row?->number, 'can_undo' => $row?->parent_id !== null, 'can_redo' => (bool) $row?->redo];
        }

        return $this->standing;
    }

    /** The same version as it was at one of its revisions; not to be saved. */
    public function as(Revision $then): self
    {
        $version = clone $this;

        return $version->setRawAttributes(array_intersect_key($then->getAttributes(), array_flip(['formula', 'shelf', 'brief', 'wanted'])) + $this->getAttributes());
    }

    /** What it is balanced against: the original as it stood when it was aimed. */
    public function aim(): self
    {
        if ($this->parent_id === null) {
            return $this;
        }
        $row = DB::table('aims')->join('revisions', 'revisions.id', '=', 'aims.revision_id')->join('versions', 'versions.id', '=', 'aims.original_id')->where('aims.version_id', $this->id)
            ->first(['versions.*', 'revisions.formula as formula', 'revisions.shelf as shelf', 'revisions.wanted as wanted']);

        return $row === null ? $this->original() : (new self())->newFromBuilder((array) $row)->setRelation('dish', $this->dish);
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
