<?php

declare(strict_types=1);

use Illuminate\Support\Facades\Route;

// The interface is one page; its own router takes every address that is not the API's.
Route::view('/{any?}', 'app')->where('any', '^(?!api/|build/|up$).*');
