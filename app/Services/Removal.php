<?php

declare(strict_types=1);

namespace App\Services;

use App\Models\Dish;
use App\Models\Version;
use Illuminate\Support\Facades\DB;

/** A dish goes with its versions and comes back with those it went with; a version that was removed before stays removed. */
final class Removal
{
    public static function ofDish(Dish $dish): void
    {
        DB::transaction(static function () use ($dish): void {
            $at = now()->startOfSecond();
            $dish->forceFill(['deleted_at' => $at])->save();
            $query = Version::query();
            $query->where('dish_id', $dish->id)->toBase()->update(['deleted_at' => $at]);
        });
    }

    /** When it was last written stays what it was. */
    public static function ofVersion(Version $version): void
    {
        DB::transaction(static fn(): mixed => Version::withoutTimestamps($version->delete(...)));
    }

    public static function versionBack(Version $version): void
    {
        DB::transaction(static fn(): mixed => Version::withoutTimestamps($version->restore(...)));
    }

    public static function back(Dish $dish): void
    {
        DB::transaction(static function () use ($dish): void {
            $query = Version::onlyTrashed();
            $query->where('dish_id', $dish->id)->where('deleted_at', $dish->deleted_at)->toBase()->update(['deleted_at' => null]);
            $dish->restore();
        });
    }
}
