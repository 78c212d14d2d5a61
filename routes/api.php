<?php

declare(strict_types=1);

use App\Http\Controllers\CardController;
use App\Http\Controllers\DishController;
use App\Http\Controllers\EvidenceController;
use App\Http\Controllers\PracticeController;
use App\Http\Controllers\PreparationController;
use App\Http\Controllers\ReadingController;
use App\Http\Controllers\ReadingHeadingController;
use App\Http\Controllers\SchoolsController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\ShelfTableController;
use App\Http\Controllers\StudioController;
use App\Http\Controllers\TrialController;
use App\Http\Controllers\VersionController;
use Illuminate\Support\Facades\Route;

Route::apiResource('dishes', DishController::class)->only(['index', 'store', 'show', 'destroy']);
// What an answer costs before anything of ours is computed; bin/bench measures against it.
Route::get('floor', static fn() => response()->json([]));
Route::get('studio', StudioController::class);
Route::get('schools', [SchoolsController::class, 'show']);
Route::put('schools', [SchoolsController::class, 'update']);
Route::put('dishes/{dish}/schools', [SchoolsController::class, 'updateDish']);
Route::post('readings', ReadingController::class);
Route::post('readings/heading', ReadingHeadingController::class);
Route::get('practice', PracticeController::class);
Route::get('shelf', [ShelfController::class, 'index']);
Route::post('shelf', [ShelfController::class, 'store']);
Route::post('shelf/check', [ShelfController::class, 'check']);
Route::post('preparations', [PreparationController::class, 'store']);
Route::post('preparations/check', [PreparationController::class, 'check']);
Route::put('preparations/{slug}', [PreparationController::class, 'update']);
Route::post('versions/{version}/layers/{layer}/preparation', [PreparationController::class, 'fromLayer'])->whereNumber('layer');
Route::get('shelf/own.csv', [ShelfTableController::class, 'export']);
Route::post('shelf/import', [ShelfTableController::class, 'import']);
Route::get('shelf/{slug}', [ShelfController::class, 'show']);
Route::put('shelf/{slug}', [ShelfController::class, 'update']);
Route::delete('shelf/{slug}', [ShelfController::class, 'destroy']);
Route::post('shelf/{slug}/evidence', [EvidenceController::class, 'store']);
Route::delete('evidence/{evidence}', [EvidenceController::class, 'destroy']);
Route::get('trials', [TrialController::class, 'index']);
Route::get('versions/{version}', [VersionController::class, 'show']);
Route::patch('versions/{version}', [VersionController::class, 'update']);
Route::post('versions/{version}/rebalance', [VersionController::class, 'rebalance']);
Route::post('versions/{version}/routes', [VersionController::class, 'routes']);
Route::post('versions/{version}/versions', [VersionController::class, 'store']);
Route::post('versions/{version}/trials', [TrialController::class, 'store']);
Route::get('versions/{version}/card', CardController::class);
Route::post('versions/{version}/retarget', [VersionController::class, 'retarget']);
Route::post('versions/{version}/scale', [VersionController::class, 'scale']);
Route::put('versions/{version}/wanted', [VersionController::class, 'want']);
Route::put('versions/{version}/notes', [VersionController::class, 'note']);
Route::get('versions/{version}/compare/{other}', [VersionController::class, 'compare']);
Route::get('versions/{version}/why', [VersionController::class, 'why']);
Route::get('versions/{version}/refresh', [VersionController::class, 'refreshPreview']);
Route::post('versions/{version}/refresh', [VersionController::class, 'refresh']);
