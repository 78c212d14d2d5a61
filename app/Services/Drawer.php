<?php

declare(strict_types=1);

namespace App\Services;

use App\Access\Ability;
use App\Models\Dish;
use App\Models\Lot;
use App\Models\PotLadder;
use App\Models\PriceList;
use App\Models\Service;
use App\Models\Studio;
use App\Models\Tasting;
use App\Models\Version;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Support\Facades\DB;

/** What was removed and can be brought back: of every kind that can be removed, by the one table of them. */
final class Drawer
{
    /** Kinds by the word of their address: their model, and what bringing one back needs, which is what making one does. */
    public const KINDS = [
        'dishes' => [Dish::class, Ability::Develop], 'versions' => [Version::class, Ability::Develop], 'services' => [Service::class, Ability::Develop], 'ladders' => [PotLadder::class, Ability::Record],
        'tastings' => [Tasting::class, Ability::Record], 'lots' => [Lot::class, Ability::Record], 'price-lists' => [PriceList::class, Ability::Develop],
    ];

    /** Of each kind. */
    private const MOST = 200;

    /** What bringing back one of a kind needs. */
    public static function needs(string $kind): Ability
    {
        return (self::KINDS[$kind] ?? abort(404))[1];
    }

    /** @return array{dishes: list<array<string, mixed>>, versions: list<array<string, mixed>>, others: list<array<string, mixed>>} the latest first of each kind */
    public static function within(Studio $studio): array
    {
        $dishes = self::latest(self::dishes($studio));
        $dishes->withCount(['versions' => static fn(Builder $with): Builder => $with->withoutGlobalScope(SoftDeletingScope::class)]);
        $versions = self::latest(self::versions($studio));
        $versions->with('dish');
        $others = [];
        foreach (array_keys(array_diff_key(self::KINDS, ['dishes' => 0, 'versions' => 0])) as $kind) {
            foreach (self::latest(self::of($kind, $studio))->get() as $one) {
                $others[] = ['kind' => $kind, 'id' => is_numeric($key = $one->getKey()) ? (int) $key : 0, 'name' => self::name($one), 'removed_at' => self::at($one)];
            }
        }

        return [
            'dishes' => array_values($dishes->get()->map(static fn(Dish $one): array => ['id' => $one->id, 'title' => $one->title, 'versions' => (int) $one->versions_count, 'removed_at' => self::at($one)])->all()),
            'versions' => array_values($versions->get()->map(static fn(Version $one): array => ['id' => $one->id, 'name' => $one->name, 'dish' => $one->dish->title, 'removed_at' => self::at($one)])->all()),
            'others' => $others,
        ];
    }

    /** Brings one back. One that is being removed for good meanwhile is waited for, and is then not there. */
    public static function back(string $kind, int $id, Studio $studio): void
    {
        DB::transaction(static function () use ($kind, $id, $studio): void {
            $one = self::held($kind, $id, $studio);
            match (true) {
                $one instanceof Dish => Removal::back($one),
                $one instanceof Version => Removal::versionBack($one),
                default => $one->forceFill(['deleted_at' => null])->save(),
            };
        });
    }

    /** Removes one for good. One that is brought back meanwhile stays. */
    public static function away(string $kind, int $id, Studio $studio): void
    {
        DB::transaction(static fn(): mixed => self::held($kind, $id, $studio)->forceDelete());
    }

    private static function held(string $kind, int $id, Studio $studio): Model
    {
        $query = self::of($kind, $studio);
        $query->lockForUpdate();

        return $query->findOrFail($id);
    }

    /** @return Builder<Model> what lies in the drawer of a kind */
    private static function of(string $kind, Studio $studio): Builder
    {
        /** @var Builder<Model> $query */
        $query = match ($kind) {
            'dishes' => self::dishes($studio),
            'versions' => self::versions($studio),
            default => (self::KINDS[$kind] ?? abort(404))[0]::onlyTrashed()->where('studio_id', $studio->id),
        };

        return $query;
    }

    /** @return Builder<Dish> */
    private static function dishes(Studio $studio): Builder
    {
        $query = Dish::onlyTrashed();
        $query->where('studio_id', $studio->id);

        return $query;
    }

    /** @return Builder<Version> those of dishes that are there */
    private static function versions(Studio $studio): Builder
    {
        $query = Version::onlyTrashed();
        $query->where('studio_id', $studio->id)->whereHas('dish');

        return $query;
    }

    /**
     * @template T of Model
     *
     * @param Builder<T> $of
     *
     * @return Builder<T>
     */
    private static function latest(Builder $of): Builder
    {
        $of->orderByDesc('deleted_at')->limit(self::MOST);

        return $of;
    }

    private static function at(Model $one): string
    {
        $at = $one->getAttribute('deleted_at');

        return $at instanceof \DateTimeInterface ? $at->format(\DATE_ATOM) : '';
    }

    private static function name(Model $one): string
    {
        return match (true) {
            $one instanceof Service => $one->name,
            $one instanceof Tasting => $one->title,
            $one instanceof Lot => "$one->name, lot $one->code",
            $one instanceof PriceList => "$one->supplier, $one->dated_on",
            $one instanceof PotLadder => self::ladder($one),
            default => '',
        };
    }

    private static function ladder(PotLadder $one): string
    {
        $query = Version::withTrashed()->with(['dish' => static fn($with) => $with->withoutGlobalScope(SoftDeletingScope::class)]);
        $of = $query->find($one->version_id);

        return \sprintf('%d pots of %s', \count($one->design['pots']), $of?->dish->title ?? 'a dish');
    }
}
