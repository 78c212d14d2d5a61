<?php

declare(strict_types=1);

use App\Http\Controllers\CardController;
use App\Http\Controllers\DishController;
use App\Http\Controllers\ReadingController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\StudioController;
use App\Http\Controllers\TrialController;
use App\Http\Controllers\VersionController;
use Illuminate\Support\Facades\Route;

Route::apiResource('dishes', DishController::class)->only(['index', 'store', 'show', 'destroy']);
Route::get('studio', StudioController::class);
Route::post('readings', ReadingController::class);
Route::get('shelf', ShelfController::class);
Route::get('trials', [TrialController::class, 'index']);
Route::get('versions/{version}', [VersionController::class, 'show']);
Route::patch('versions/{version}', [VersionController::class, 'update']);
Route::post('versions/{version}/rebalance', [VersionController::class, 'rebalance']);
Route::post('versions/{version}/routes', [VersionController::class, 'routes']);
Route::post('versions/{version}/versions', [VersionController::class, 'store']);
Route::post('versions/{version}/trials', [TrialController::class, 'store']);
Route::get('versions/{version}/card', CardController::class);
