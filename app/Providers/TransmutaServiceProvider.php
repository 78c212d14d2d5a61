<?php

declare(strict_types=1);

namespace App\Providers;

use App\Access\Addresses;
use App\Access\Here;
use App\Access\Sessions;
use App\Instruments\Instruments;
use App\Instruments\LineInstruments;
use App\Models\AccessToken;
use App\Models\Studio;
use App\Services\Compiled;
use App\Services\FormulaStore;
use App\Services\StudioShelf;
use App\Support\Store;
use App\Support\StoreConnector;
use Illuminate\Contracts\Foundation\Application;
use Illuminate\Database\Connection;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Routing\Events\RouteMatched;
use Illuminate\Support\Facades\Config;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Event;
use Illuminate\Support\Facades\Log;
use Illuminate\Support\Facades\Session;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Laravel\Sanctum\Sanctum;
use Transmuta\Engine;
use Transmuta\Process\Making\Making;
use Transmuta\Process\Making\ProcessBook;
use Transmuta\Process\Plan\Planner;
use Transmuta\Process\Plan\Tasks;
use Transmuta\Reference\Reference;
use Transmuta\Reference\Table;
use Transmuta\Reformulation\Brief\Schools;
use Transmuta\Shelf\IngredientList;
use Transmuta\Shelf\Shelf;

final class TransmutaServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->bind('db.connector.mariadb', StoreConnector::class);
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
        $this->app->singleton(Making::class, static fn(Application $app): Making => new Making(ProcessBook::standard(), $app->make(Reference::class)));
        $this->app->bind(ProcessBook::class, ProcessBook::standard(...));
        $this->app->bind(Instruments::class, static fn(): Instruments => new LineInstruments(config()->string('instruments.socket')));
        $this->app->singleton(Planner::class, static fn(Application $app): Planner => new Planner(new Tasks($app->make(Making::class), ProcessBook::standard()), ProcessBook::standard()));
        $this->app->scoped(Engine::class, static fn(Application $app): Engine => Engine::over(
            $app->make(Shelf::class),
            self::isAsked($app) ? $app->make(StudioShelf::class)->evidence() : null,
            $app->make(Reference::class),
            self::isAsked($app) ? Schools::of($app->make(StudioShelf::class)->schools()) : null,
            self::isAsked($app) ? $app->make(StudioShelf::class)->strengths($app->make(Reference::class)) : null,
        ));
    }

    /** Whether somebody is asking: a console command without a store reads the shipped shelf. */
    private static function isAsked(Application $app): bool
    {
        return (!$app->runningInConsole() || $app->runningUnitTests()) && $app->make(Here::class)->studio() instanceof Studio;
    }

    public function boot(): void
    {
        Connection::resolverFor('mariadb', static fn(\Closure|\PDO $pdo, string $database, string $prefix, array $config): Store => new Store($pdo, $database, $prefix, $config));
        Session::extend('database', static fn(Application $app): Sessions => new Sessions(DB::connection(), Config::string('session.table'), Config::integer('session.lifetime'), $app));
        Model::shouldBeStrict();
        Table::keptBy(static fn(): array => Compiled::ofFiles('tables', static fn(): array => array_values(Table::files()), Table::all(...)));
        // Addresses without a host: the page works on whatever name or port it is reached by.
        Vite::createAssetPathsUsing(static fn(string $path): string => '/' . $path);
        JsonResource::withoutWrapping();
        Sanctum::usePersonalAccessTokenModel(AccessToken::class);
        Addresses::register();
        Event::listen(static fn(RouteMatched $matched): mixed => Log::withContext(['route' => $matched->route->uri()]));
    }
}
