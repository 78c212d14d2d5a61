<?php

declare(strict_types=1);

namespace App\Access;

use App\Models\AccessToken;
use App\Models\Dish;
use App\Models\Errand;
use App\Models\Evidence;
use App\Models\Exercise;
use App\Models\Lot;
use App\Models\Membership;
use App\Models\PotLadder;
use App\Models\PriceList;
use App\Models\Run;
use App\Models\Service;
use App\Models\Tasting;
use App\Models\Trial;
use App\Models\TrialPhoto;
use App\Models\Version;
use App\Policies\RecordPolicy;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Facades\Gate;
use Illuminate\Support\Facades\Route;

/**
 * What stands in an address, and whose it is. An id is digits and nothing else; a record is looked for among those of the studio one stands at, so
 * that one of another is not found before anything else is said of the request.
 */
final class Addresses
{
    /** Records of a studio, by what they are called in an address. */
    private const RECORDS = ['dish' => Dish::class, 'version' => Version::class, 'other' => Version::class, 'lot' => Lot::class, 'errand' => Errand::class, 'evidence' => Evidence::class, 'service' => Service::class, 'run' => Run::class, 'list' => PriceList::class, 'trial' => Trial::class, 'photo' => TrialPhoto::class, 'ladder' => PotLadder::class, 'tasting' => Tasting::class, 'exercise' => Exercise::class];

    private const NUMBERS = ['person', 'token', 'link', 'id', 'number', 'second'];

    public static function register(): void
    {
        foreach ([...array_keys(self::RECORDS), ...self::NUMBERS] as $name) {
            Route::pattern($name, '[1-9][0-9]{0,17}');
        }
        Route::pattern('layer', '[0-9]{1,2}');
        foreach (self::RECORDS as $name => $model) {
            Gate::policy($model, RecordPolicy::class);
            Route::bind($name, static fn(string $id): Model => self::here($model)->whereKey((int) $id)->firstOrFail());
        }
        Route::bind('person', static fn(string $id): mixed => self::here(Membership::class)->where('user_id', (int) $id)->valueOrFail('user_id'));
        Route::bind('token', static fn(string $id): mixed => self::here(AccessToken::class)->where('tokenable_id', app(Here::class)->user()->id ?? 0)->whereKey((int) $id)->valueOrFail('id'));
    }

    /**
     * @template T of Model
     *
     * @param class-string<T> $model
     *
     * @return Builder<T> those of the studio one stands at
     */
    private static function here(string $model): Builder
    {
        $query = $model::query();
        $query->where('studio_id', app(Here::class)->studio()->id ?? 0);

        return $query;
    }
}
