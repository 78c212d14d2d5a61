<?php

declare(strict_types=1);

namespace App\Providers;

use App\Access\Here;
use App\Models\AccessToken;
use App\Models\Dish;
use App\Models\Errand;
use App\Models\Evidence;
use App\Models\Lot;
use App\Models\Membership;
use App\Models\Studio;
use App\Models\Version;
use App\Services\Compiled;
use App\Services\FormulaStore;
use App\Services\StudioShelf;
use App\Support\Store;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Routing\Route as RoutingRoute;
use Illuminate\Support\Facades\Route;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Laravel\Sanctum\Sanctum;
use Transmuta\Engine;
use Transmuta\Reference\Reference;
use Transmuta\Reference\Table;
use Transmuta\Reformulation\Schools;
use Transmuta\Shelf\IngredientList;
use Transmuta\Shelf\Shelf;

final class TransmutaServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->scoped(Here::class);
        $this->app->scoped(StudioShelf::class, static function (Application $app): StudioShelf {
            $here = $app->make(Here::class);
            $studio = $here->studio();
            \assert($studio instanceof Studio);

            return new StudioShelf($studio, $here->signature());
        });
        $this->app->scoped(FormulaStore::class);
        $this->app->scoped(Shelf::class, static fn(Application $app): Shelf => self::isAsked($app) ? $app->make(StudioShelf::class)->shelf() : IngredientList::shipped());
        $this->app->singleton(Reference::class, Reference::standard(...));
        $this->app->scoped(Engine::class, static fn(Application $app): Engine => Engine::over(
            $app->make(Shelf::class),
            self::isAsked($app) ? $app->make(StudioShelf::class)->evidence() : null,
            $app->make(Reference::class),
            self::isAsked($app) ? Schools::of($app->make(StudioShelf::class)->schools()) : null,
        ));
    }

    /** Whether somebody is asking: a console command without a store reads the shipped shelf. */
    private static function isAsked(Application $app): bool
    {
        return !$app->runningInConsole() || $app->runningUnitTests() ? $app->make(Here::class)->studio() instanceof Studio : false;
    }

    public function boot(): void
    {
        Connection::resolverFor('mariadb', static fn(\Closure|\PDO $pdo, string $database, string $prefix, array $config): Store => new Store($pdo, $database, $prefix, $config));
        Model::shouldBeStrict();
        Table::keptBy(static fn(): array => Compiled::of('tables', hash('xxh32', implode(',', array_map(filemtime(...), Table::files()))), Table::all(...)));
        // Addresses without a host: the page works on whatever name or port it is reached by.
        Vite::createAssetPathsUsing(static fn(string $path): string => '/' . $path);
        JsonResource::withoutWrapping();
        Sanctum::usePersonalAccessTokenModel(AccessToken::class);
        // An id is digits and nothing else, wherever it stands in an address.
        foreach (['dish', 'version', 'other', 'lot', 'errand', 'evidence', 'person', 'token', 'id', 'layer', 'number'] as $name) {
            Route::pattern($name, '[1-9][0-9]{0,17}');
        }
        Route::pattern('layer', '[0-9]{1,2}');
        Route::bind('person', static function (string $id): int {
            $query = Membership::query();
            $query->where('studio_id', app(Here::class)->studio()->id ?? 0)->where('user_id', (int) $id);

            return $query->firstOrFail()->user_id;
        });
        Route::bind('token', static function (string $id): int {
            $query = AccessToken::query();
            $query->where('studio_id', app(Here::class)->studio()->id ?? 0)->where('tokenable_id', app(Here::class)->user()->id ?? 0)->whereKey((int) $id);

            return $query->firstOrFail()->id;
        });
        // A record of another studio is looked for among one's own and not found, before anything else is said of the request.
        foreach (['dish' => Dish::class, 'version' => Version::class, 'other' => Version::class, 'lot' => Lot::class, 'errand' => Errand::class, 'evidence' => Evidence::class] as $name => $model) {
            Route::bind($name, static function (string $id, RoutingRoute $route) use ($name, $model): Model|int {
                // Under a version's revisions, the other is a number of one of them.
                if ($name === 'other' && $route->hasParameter('number')) {
                    return (int) $id;
                }
                $query = $model::query();
                $query->where('studio_id', app(Here::class)->studio()->id ?? 0)->whereKey((int) $id);

                return $query->firstOrFail();
            });
        }
    }
}
