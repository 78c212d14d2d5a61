<?php

declare(strict_types=1);

use App\Exceptions\Problems;
use App\Http\Middleware\Allowed;
use App\Http\Middleware\Audited;
use App\Http\Middleware\Csrf;
use App\Http\Middleware\Edge;
use App\Http\Middleware\Known;
use App\Http\Middleware\Once;
use App\Http\Middleware\OneAtATime;
use App\Http\Middleware\Precondition;
use App\Http\Middleware\Traced;
use Illuminate\Cookie\Middleware\AddQueuedCookiesToResponse;
use Illuminate\Cookie\Middleware\EncryptCookies;
use Illuminate\Foundation\Application;
use Illuminate\Foundation\Configuration\Exceptions;
use Illuminate\Foundation\Configuration\Middleware;
use Illuminate\Foundation\Http\Middleware\ConvertEmptyStringsToNull;
use Illuminate\Foundation\Http\Middleware\TrimStrings;
use Illuminate\Http\Middleware\HandleCors;
use Illuminate\Session\Middleware\StartSession;

return Application::configure(basePath: dirname(__DIR__))
    ->withRouting(
        web: __DIR__ . '/../routes/web.php',
        api: __DIR__ . '/../routes/api.php',
        health: '/up',
    )
    ->withMiddleware(function (Middleware $middleware): void {
        $middleware->prepend([Edge::class, Traced::class]);
        // The page itself asks the store for nothing, so that it stands while the store is away.
        $middleware->group('web', []);
        $middleware->remove([HandleCors::class, TrimStrings::class, ConvertEmptyStringsToNull::class]);
        // Whoever asks is known before what they ask for is looked up, and an address nobody spoke for is closed.
        $middleware->api(prepend: [EncryptCookies::class, AddQueuedCookiesToResponse::class, StartSession::class, Csrf::class, Known::class, Allowed::class], append: [OneAtATime::class, Once::class, Precondition::class, Audited::class]);
    })
    ->withExceptions(function (Exceptions $exceptions): void {
        Problems::register($exceptions);
    })
    ->create();
