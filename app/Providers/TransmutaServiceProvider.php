<?php

declare(strict_types=1);

namespace App\Providers;

use App\Models\Studio;
use App\Services\StudioShelf;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Http\Request;
use Illuminate\Http\Resources\Json\JsonResource;
use Illuminate\Support\Facades\Auth;
use Illuminate\Support\Facades\Vite;
use Illuminate\Support\ServiceProvider;
use Transmuta\Engine;
use Transmuta\Shelf\IngredientList;
use Transmuta\Shelf\Shelf;

final class TransmutaServiceProvider extends ServiceProvider
{
    public function register(): void
    {
        $this->app->scoped(Shelf::class, static function (): Shelf {
            $studio = Auth::guard('studio')->user();

            return $studio instanceof Studio ? StudioShelf::of($studio) : IngredientList::shipped();
        });
        $this->app->scoped(Engine::class, static fn($app): Engine => Engine::over($app->make(Shelf::class)));
    }

    public function boot(): void
    {
        Model::shouldBeStrict();
        // Addresses without a host: the page works on whatever name or port it is reached by.
        Vite::createAssetPathsUsing(static fn(string $path): string => '/' . $path);
        JsonResource::withoutWrapping();
        Auth::viaRequest('studio', static fn(Request $request): ?Studio => Studio::query()->where('slug', config('transmuta.studio'))->first());
    }
}
