<?php

declare(strict_types=1);

namespace App\Models;

use App\Casts\FormulaCast;
use Illuminate\Contracts\Database\Query\Expression;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\BelongsTo;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Illuminate\Database\Eloquent\SoftDeletes;
use Illuminate\Database\Query\Builder;
use Illuminate\Support\Collection;
use Illuminate\Support\Facades\DB;
use Transmuta\Formula\Formula;
use Transmuta\Process\Words\OwnStep;

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
 * @property ?int $sells_minor what a portion sells for, tax in it, minor units
 * @property string $notes
 * @property ?list<array<string, mixed>> $method in own words ({@see OwnStep}); null where it is told as the formula asks for it
 * @property int $said counts the changes of its name, its notes and its method ({@see Revised})
 * @property int $open_lines lines nobody understands, and guesses nobody has confirmed
 * @property int $revision grows by one with every change, back and forth too: what a window must have seen to write
 * @property \Illuminate\Support\Carbon $updated_at
 * @property ?\Illuminate\Support\Carbon $deleted_at when it was removed
 * @property Dish $dish
 * @property \Illuminate\Database\Eloquent\Collection<int, Trial> $trials
 *
 * @phpstan-type Member array{id: int, name: string, parent_id: ?int, aims_at: ?int, number: int, can_undo: bool, can_redo: bool}
 */
final class Version extends Model
{
    use Revised;
    use SoftDeletes;

    /** What is said of it, which its history does not hold. */
    private const REVISED = ['name', 'notes', 'method', 'sells_minor'];

    private const COUNTED = 'said';

    protected $guarded = [];

    /** @var ?list<Member> */
    private ?array $lineage = null;

    protected $attributes = ['wanted' => '{}', 'notes' => ''];

    protected static function booted(): void
    {
        self::saving(static function (self $version): void {
            if ($version->isDirty('formula')) {
                $version->open_lines = \count($version->formula->unresolved()) + \count($version->formula->provisional());
            }
        });
    }

    protected function casts(): array
    {
        return ['formula' => FormulaCast::class, 'brief' => 'array', 'origin' => 'array', 'shelf' => 'array', 'wanted' => 'array', 'method' => 'array', 'revision' => 'integer'];
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
        $rows = $this->family()->join('dishes', 'dishes.id', '=', 'versions.dish_id')->get(['dishes.*', ...$this->member(), $tried]);
        $dish = (array) $rows->first();
        $query = Trial::query();
        $query->with(Trial::SHOWN)->where('version_id', $this->id)->orderByDesc('id');
        $trials = $dish['tried'] ? $query->get() : new \Illuminate\Database\Eloquent\Collection();
        $this->lineage = self::members($rows);

        return $this->setRelation('dish', (new Dish())->newFromBuilder(array_diff_key($dish, array_flip(['member', 'name', 'parent_id', 'aims_at', 'number', 'made_from', 'redo', 'tried']))))->setRelation('trials', $trials);
    }

    /** @return list<Member> the versions of its dish, the original first, which revision of it each aims at, and where each stands in its history */
    public function lineage(): array
    {
        return $this->lineage ??= self::members($this->family()->get($this->member()));
    }

    /** @return array{number: int, can_undo: bool, can_redo: bool} the revision it stands at, and whether there is one before and one after it */
    public function standing(): array
    {
        $own = array_column($this->lineage(), null, 'id')[$this->id] ?? null;

        return ['number' => $own['number'] ?? 0, 'can_undo' => $own['can_undo'] ?? false, 'can_redo' => $own['can_redo'] ?? false];
    }

    private function family(): Builder
    {
        return DB::table('versions')->leftJoin('aims', 'aims.version_id', '=', 'versions.id')->leftJoin('revisions as aimed', 'aimed.id', '=', 'aims.revision_id')
            ->leftJoin('heads', 'heads.version_id', '=', 'versions.id')->leftJoin('revisions as head', 'head.id', '=', 'heads.revision_id')
            ->where('versions.dish_id', $this->dish_id)->whereNull('versions.deleted_at')->orderBy('versions.id');
    }

    /** @return list<Expression|string> `redo` is told of this version alone */
    private function member(): array
    {
        $redo = DB::raw('versions.id = ' . $this->id . ' and exists (select 1 from revisions as later where later.parent_id = head.id) as redo');

        return ['versions.id as member', 'versions.name', 'versions.parent_id', 'aimed.number as aims_at', 'head.number', 'head.parent_id as made_from', $redo];
    }

    /**
     * @param Collection<int, \stdClass> $rows
     *
     * @return list<Member>
     */
    private static function members(Collection $rows): array
    {
        $number = static fn(mixed $value): ?int => is_numeric($value) ? (int) $value : null;

        return array_values($rows->map(static fn(\stdClass $row): array => [
            'id' => (int) $row->member, 'name' => (string) $row->name, 'parent_id' => $number($row->parent_id), 'aims_at' => $number($row->aims_at),
            'number' => (int) $row->number, 'can_undo' => $row->made_from !== null, 'can_redo' => (bool) $row->redo,
        ])->all());
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

    /**
     * Writes down what it holds, so that it is found by it; what it held besides stays. How much is told by its formula alone.
     *
     * @param array<string, float> $holds by ingredient, as {@see Formula::holds} tells it
     */
    public function hold(array $holds): void
    {
        if ($holds !== []) {
            DB::table('version_ingredients')->insert(array_map(fn(int|string $slug): array => ['version_id' => $this->id, 'studio_id' => $this->studio_id, 'slug' => (string) $slug], array_keys($holds)));
        }
    }

    /** @return list<OwnStep> */
    public function ownMethod(): array
    {
        return array_map(OwnStep::read(...), $this->method ?? []);
    }

    /** @return HasMany<Trial, $this> */
    public function trials(): HasMany
    {
        $trials = $this->hasMany(Trial::class);
        $trials->orderByDesc('id');

        return $trials;
    }
}
