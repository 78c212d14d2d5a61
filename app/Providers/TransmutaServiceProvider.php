<?php

declare(strict_types=1);

namespace App\Providers;

use App\Models\Studio;
use App\Services\Compiled;
use App\Services\FormulaStore;
use App\Services\StudioShelf;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
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
        $this->app->scoped(StudioShelf::class, static function (): StudioShelf {
            $studio = Auth::guard('studio')->user();
            \assert($studio instanceof Studio);

            return new StudioShelf($studio);
        });
        $this->app->scoped(FormulaStore::class);
        $this->app->scoped(Shelf::class, static fn($app): Shelf => self::studio() ? $app->make(StudioShelf::class)->shelf() : IngredientList::shipped());
        $this->app->singleton(Reference::class, Reference::standard(...));
        $this->app->scoped(Engine::class, static fn($app): Engine => Engine::over(
            $app->make(Shelf::class),
            self::studio() ? $app->make(StudioShelf::class)->evidence() : null,
            $app->make(Reference::class),
            self::studio() ? Schools::of($app->make(StudioShelf::class)->schools()) : null,
        ));
    }

    /** Whether somebody is asking: a console command without a store reads the shipped shelf. */
    private static function studio(): bool
    {
        return Auth::guard('studio')->user() instanceof Studio;
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        Table::keptBy(static fn(): array => Compiled::of('tables', hash('xxh32', implode(',', array_map(filemtime(...), Table::files()))), Table::all(...)));
        // Addresses without a host: the page works on whatever name or port it is reached by.
        Vite::createAssetPathsUsing(static fn(string $path): string => '/' . $path);
        JsonResource::withoutWrapping();
        Auth::viaRequest('studio', static fn(Request $request): ?Studio => Studio::query()->where('slug', config('transmuta.studio'))->first());
    }
}
