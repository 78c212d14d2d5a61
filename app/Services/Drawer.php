<?php

declare(strict_types=1);

namespace App\Services;

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

    private const MOST = 200;

    /** @return list<array{kind: string, id: int, name: string, removed_at: string}> the latest first of each kind */
    public static function others(Studio $studio): array
    {
        $all = [];
        foreach (array_keys(self::KINDS) as $kind) {
            $query = self::of($kind, $studio);
            foreach ($query->orderByDesc('deleted_at')->limit(self::MOST)->get() as $one) {
                $at = $one->getAttribute('deleted_at');
                $all[] = ['kind' => $kind, 'id' => (int) $one->getKey(), 'name' => self::name($one), 'removed_at' => $at instanceof \DateTimeInterface ? $at->format(\DATE_ATOM) : ''];
            }
        }

        return $all;
    }

    /** Brings one back. One that is being removed for good meanwhile is waited for, and is then not there. */
    public static function back(string $kind, int $id, Studio $studio): void
    {
        DB::transaction(static function () use ($kind, $id, $studio): void {
            $one = self::of($kind, $studio)->lockForUpdate()->findOrFail($id);
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
        DB::transaction(static fn(): mixed => self::of($kind, $studio)->lockForUpdate()->findOrFail($id)->forceDelete());
    }

    /** @return Builder<covariant Model> what lies in the drawer of a kind */
    public static function of(string $kind, Studio $studio): Builder
    {
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
