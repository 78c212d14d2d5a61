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
    /** Kinds beside dishes and versions, by the word of their address, with their model. */
    public const KINDS = ['services' => Service::class, 'ladders' => PotLadder::class, 'tastings' => Tasting::class, 'lots' => Lot::class, 'price-lists' => PriceList::class];

    /** What somebody may have to do to bring one of a kind back: what they may to make one. */
    private const NEEDS = ['dishes' => Ability::Develop, 'versions' => Ability::Develop, 'services' => Ability::Develop, 'price-lists' => Ability::Develop, 'ladders' => Ability::Record, 'tastings' => Ability::Record, 'lots' => Ability::Record];

    private const MOST = 200;

    /** What bringing back one of a kind needs. */
    public static function needs(string $kind): Ability
    {
        return self::NEEDS[$kind] ?? abort(404);
    }

    /** @return list<array{kind: string, id: int, name: string, removed_at: string}> the latest first of each kind */
    public static function others(Studio $studio): array
    {
        $all = [];
        foreach (array_keys(self::KINDS) as $kind) {
            $query = self::of($kind, $studio);
            $query->orderByDesc('deleted_at')->limit(self::MOST);
            foreach ($query->get() as $one) {
                $at = $one->getAttribute('deleted_at');
                $all[] = ['kind' => $kind, 'id' => is_numeric($key = $one->getKey()) ? (int) $key : 0, 'name' => self::name($one), 'removed_at' => $at instanceof \DateTimeInterface ? $at->format(\DATE_ATOM) : ''];
            }
        }

        return $all;
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
    public static function of(string $kind, Studio $studio): Builder
    {
        /** @var Builder<Model> $query */
        $query = match ($kind) {
            'dishes' => Dish::onlyTrashed(),
            'versions' => Version::onlyTrashed()->whereHas('dish'),
            default => (self::KINDS[$kind] ?? abort(404))::onlyTrashed(),
        };
        $query->where('studio_id', $studio->id);

        return $query;
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
