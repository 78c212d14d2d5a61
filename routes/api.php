<?php

declare(strict_types=1);

use App\Access\Ability;
use App\Http\Controllers\ArchiveController;
use App\Http\Controllers\AskController;
use App\Http\Controllers\AuditController;
use App\Http\Controllers\BesideController;
use App\Http\Controllers\CardController;
use App\Http\Controllers\CostController;
use App\Http\Controllers\DishController;
use App\Http\Controllers\ErrandController;
use App\Http\Controllers\EvidenceController;
use App\Http\Controllers\FaultController;
use App\Http\Controllers\FileController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\InstrumentController;
use App\Http\Controllers\LabelController;
use App\Http\Controllers\LadderController;
use App\Http\Controllers\LearningController;
use App\Http\Controllers\LineageController;
use App\Http\Controllers\LinkController;
use App\Http\Controllers\LotController;
use App\Http\Controllers\MakingController;
use App\Http\Controllers\MenuController;
use App\Http\Controllers\MethodController;
use App\Http\Controllers\PaymentController;
use App\Http\Controllers\PeopleController;
use App\Http\Controllers\PlanController;
use App\Http\Controllers\PracticeController;
use App\Http\Controllers\PreparationController;
use App\Http\Controllers\PriceListController;
use App\Http\Controllers\ReadingController;
use App\Http\Controllers\ReadingHeadingController;
use App\Http\Controllers\RefreshController;
use App\Http\Controllers\RemovedController;
use App\Http\Controllers\RevisionController;
use App\Http\Controllers\RunController;
use App\Http\Controllers\SchoolController;
use App\Http\Controllers\SchoolsController;
use App\Http\Controllers\ServiceController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\ShelfController;
use App\Http\Controllers\ShelfTableController;
use App\Http\Controllers\SpecificationController;
use App\Http\Controllers\StepController;
use App\Http\Controllers\StudioController;
use App\Http\Controllers\TableController;
use App\Http\Controllers\TastingController;
use App\Http\Controllers\TokenController;
use App\Http\Controllers\TrialController;
use App\Http\Controllers\UsesController;
use App\Http\Controllers\VersionController;
use App\Http\Middleware\Allowed;
use App\Services\Drawer;
use Illuminate\Support\Facades\Route;

/*
 * Every address says what it needs (App\Access\Ability). One that says nothing is closed to everybody: App\Http\Middleware\Allowed.
 */

// Open to anybody: who is signed in, signing in, a link.
Route::group(['needs' => Allowed::NOTHING], static function (): void {
    // What an answer costs before anything of ours is computed; bin/bench measures against it.
    Route::get('floor', static fn() => response()->json([]));
    Route::get('session', [SessionController::class, 'show']);
    Route::post('session', [SessionController::class, 'store']);
    Route::post('session/demo', [SessionController::class, 'storeDemo']);
    Route::post('owner', [SessionController::class, 'owner']);
    Route::get('links/{secret}', [LinkController::class, 'show']);
    Route::post('links/{secret}', [LinkController::class, 'follow']);
    // A taster's seat: the code of a tasting opens it and nothing else.
    Route::get('tables/{code}', [TableController::class, 'show'])->where('code', '[a-z0-9]{10}');
    Route::post('tables/{code}/seats', [TableController::class, 'sit'])->where('code', '[a-z0-9]{10}');
    Route::put('tables/{code}/seats/{number}', [TableController::class, 'say'])->where('code', '[a-z0-9]{10}');
});

// Whoever is signed in, about themselves.
Route::group(['needs' => Allowed::ONESELF], static function (): void {
    Route::delete('session', [SessionController::class, 'destroy']);
    Route::put('session/studio', [SessionController::class, 'stand']);
    Route::get('sessions', [SessionController::class, 'index']);
    Route::delete('sessions', [SessionController::class, 'clear']);
    Route::delete('sessions/{session}', [SessionController::class, 'end']);
    Route::put('password', [SessionController::class, 'password']);
});

// Look at what the kitchen works with; asking for routes or a reading changes nothing.
Route::group(['needs' => Ability::Read->value], static function (): void {
    Route::get('tokens', [TokenController::class, 'index']);
    Route::post('tokens', [TokenController::class, 'store']);
    Route::delete('tokens/{token}', [TokenController::class, 'destroy']);
    Route::get('dishes', [DishController::class, 'index']);
    Route::get('dishes/{dish}', [DishController::class, 'show']);
    Route::get('waiting', [ErrandController::class, 'index']);
    Route::get('removed', [RemovedController::class, 'index']);
    Route::get('studio', [StudioController::class, 'show']);
    Route::get('schools', [SchoolsController::class, 'show']);
    Route::post('readings', ReadingController::class);
    Route::post('readings/heading', ReadingHeadingController::class);
    Route::get('practice', PracticeController::class);
    Route::get('shelf', [ShelfController::class, 'index']);
    Route::post('shelf/check', [ShelfController::class, 'check']);
    Route::post('preparations/check', [PreparationController::class, 'check']);
    Route::get('shelf/own.csv', [ShelfTableController::class, 'export']);
    Route::get('shelf/{slug}', [ShelfController::class, 'show']);
    Route::get('shelf/{slug}/lots', [LotController::class, 'index']);
    Route::get('lots/{lot}/trials', [LotController::class, 'trials']);
    Route::get('versions/{version}/lots', [LotController::class, 'within']);
    Route::get('uses', UsesController::class);
    Route::get('trials', [TrialController::class, 'index']);
    Route::get('dishes/{dish}/lineage', [LineageController::class, 'show']);
    Route::get('dishes/{dish}/compare/{id}/{second}', [LineageController::class, 'compare']);
    Route::get('tastings', [TastingController::class, 'index']);
    Route::get('tastings/{tasting}', [TastingController::class, 'show']);
    Route::get('school', [SchoolController::class, 'show']);
    Route::post('exercises', [SchoolController::class, 'ask']);
    Route::post('exercises/{exercise}/answer', [SchoolController::class, 'answer']);
    Route::get('photos/{photo}', [TrialController::class, 'showPhoto']);
    Route::get('protocols', [TrialController::class, 'protocols']);
    Route::get('learning', [LearningController::class, 'show']);
    Route::get('ladders', [LadderController::class, 'index']);
    Route::get('versions/{version}/teaching', [LadderController::class, 'teaching']);
    Route::get('faults', [FaultController::class, 'index']);
    Route::post('versions/{version}/faults', [FaultController::class, 'find']);
    Route::get('versions/{version}', [VersionController::class, 'show']);
    Route::get('versions/{version}/revisions', [RevisionController::class, 'index']);
    Route::get('versions/{version}/revisions/{number}/compare/{second}', [RevisionController::class, 'compare']);
    Route::post('versions/{version}/routes', [AskController::class, 'routes']);
    Route::get('versions/{version}/card', CardController::class);
    Route::get('versions/{version}/label', LabelController::class);
    Route::get('menu', MenuController::class);
    Route::get('versions/{version}/cost', [CostController::class, 'show']);
    Route::get('versions/{version}/specification', SpecificationController::class);
    Route::get('versions/{version}/files', [FileController::class, 'index']);
    Route::get('versions/{version}/files/{form}', [FileController::class, 'show'])->where('form', '[a-z]{3,12}');
    Route::get('versions/{version}/making', MakingController::class);
    Route::get('versions/{version}/compare/{other}', [AskController::class, 'compare']);
    Route::get('versions/{version}/why', [AskController::class, 'why']);
    Route::get('versions/{version}/payments', PaymentController::class);
    Route::get('versions/{version}/method', [MethodController::class, 'show']);
    Route::get('runs', [RunController::class, 'index']);
    Route::get('runs/{run}', [RunController::class, 'show']);
    Route::get('runs/{run}/record.csv', [RunController::class, 'record']);
    Route::get('runs/{run}/instruments', [InstrumentController::class, 'show']);
    Route::get('services', [ServiceController::class, 'index']);
    Route::get('services/{service}', [ServiceController::class, 'show']);
    Route::get('services/{service}/plan', [PlanController::class, 'show']);
    Route::get('services/{service}/pull', [PlanController::class, 'pull']);
    Route::get('services/{service}/shopping', [PlanController::class, 'shopping']);
    Route::get('services/{service}/shopping.csv', [PlanController::class, 'shoppingTable']);
    Route::get('price-lists', [PriceListController::class, 'index']);
    Route::get('price-lists/simulated.csv', [PriceListController::class, 'simulated']);
    Route::get('services/{service}/plan.ics', [PlanController::class, 'calendar']);
    Route::post('services/{service}/covers', [PlanController::class, 'covers']);
    Route::get('versions/{version}/refresh', [RefreshController::class, 'refreshPreview']);
});

// Write down what was made and found.
Route::group(['needs' => Ability::Record->value], static function (): void {
    Route::post('dishes/{dish}/errands', [ErrandController::class, 'store']);
    Route::put('errands/{errand}', [ErrandController::class, 'update']);
    Route::delete('errands/{errand}', [ErrandController::class, 'destroy']);
    Route::post('shelf/{slug}/lots', [LotController::class, 'store']);
    Route::put('lots/{lot}/recall', [LotController::class, 'recall']);
    Route::delete('lots/{lot}', [LotController::class, 'destroy']);
    Route::post('versions/{version}/trials', [TrialController::class, 'store']);
    Route::post('tastings', [TastingController::class, 'store']);
    Route::post('tastings/{tasting}/key', [TastingController::class, 'key']);
    Route::post('tastings/{tasting}/close', [TastingController::class, 'close']);
    Route::delete('tastings/{tasting}/seats/{number}', [TastingController::class, 'free']);
    Route::delete('tastings/{tasting}', [TastingController::class, 'destroy']);
    Route::put('trials/{trial}', [TrialController::class, 'update']);
    Route::post('trials/{trial}/photos', [TrialController::class, 'photo']);
    Route::delete('photos/{photo}', [TrialController::class, 'destroyPhoto']);
    Route::post('versions/{version}/ladders', [LadderController::class, 'store']);
    Route::put('ladders/{ladder}/found', [LadderController::class, 'judge']);
    Route::delete('ladders/{ladder}', [LadderController::class, 'destroy']);
    Route::post('versions/{version}/runs', [RunController::class, 'store']);
    Route::post('runs/{run}/events', [RunController::class, 'say']);
    Route::post('runs/{run}/instruments', [InstrumentController::class, 'act']);
    Route::post('services', [ServiceController::class, 'store']);
    Route::patch('services/{service}', [ServiceController::class, 'update']);
    // Who may take it away may bring it back.
    Route::put('removed/{kind}/{id}', [RemovedController::class, 'restore'])->whereIn('kind', array_keys(Drawer::KINDS));
    Route::put('services/{service}/steps', [PlanController::class, 'say']);
});

// Change dishes, versions and ingredients.
Route::group(['needs' => Ability::Develop->value], static function (): void {
    Route::post('dishes', [DishController::class, 'store']);
    Route::delete('dishes/{dish}', [DishController::class, 'destroy']);
    Route::patch('dishes/{dish}', [DishController::class, 'update']);
    Route::post('dishes/{dish}/copies', [DishController::class, 'copy']);
    Route::put('dishes/{dish}/schools', [SchoolsController::class, 'updateDish']);
    Route::post('shelf', [ShelfController::class, 'store']);
    Route::post('preparations', [PreparationController::class, 'store']);
    Route::put('preparations/{slug}', [PreparationController::class, 'update']);
    Route::post('versions/{version}/layers/{layer}/preparation', [PreparationController::class, 'fromLayer']);
    Route::put('versions/{version}/sells', [CostController::class, 'sells']);
    Route::post('versions/{version}/faults/revision', [FaultController::class, 'change']);
    Route::post('ladders/{ladder}/revision', [LadderController::class, 'take']);
    Route::put('factors/{mechanism}', [LearningController::class, 'use'])->where('mechanism', '[a-z-]{2,30}');
    Route::delete('services/{service}', [ServiceController::class, 'destroy']);
    Route::post('price-lists', [PriceListController::class, 'store']);
    Route::delete('price-lists/{list}', [PriceListController::class, 'destroy']);
    Route::post('shelf/import', [ShelfTableController::class, 'import']);
    Route::put('shelf/{slug}', [ShelfController::class, 'update']);
    Route::delete('shelf/{slug}', [ShelfController::class, 'destroy']);
    Route::post('shelf/{slug}/evidence', [EvidenceController::class, 'store']);
    Route::delete('evidence/{evidence}', [EvidenceController::class, 'destroy']);
    Route::patch('versions/{version}', [VersionController::class, 'update']);
    Route::delete('versions/{version}', [VersionController::class, 'destroy']);
    Route::put('versions/{version}/name', [VersionController::class, 'name']);
    Route::post('versions/{version}/undo', [StepController::class, 'undo']);
    Route::post('versions/{version}/redo', [StepController::class, 'redo']);
    Route::put('versions/{version}/aim', [StepController::class, 'aim']);
    Route::post('versions/{version}/revisions/{number}/restore', [RevisionController::class, 'restore']);
    Route::post('versions/{version}/rebalance', [VersionController::class, 'rebalance']);
    Route::post('versions/{version}/versions', [BesideController::class, 'store']);
    Route::post('versions/{version}/retarget', [BesideController::class, 'retarget']);
    Route::post('versions/{version}/scale', [BesideController::class, 'scale']);
    Route::put('versions/{version}/wanted', [VersionController::class, 'want']);
    Route::put('versions/{version}/notes', [VersionController::class, 'note']);
    Route::put('versions/{version}/method', [MethodController::class, 'update']);
    Route::post('versions/{version}/refresh', [RefreshController::class, 'refresh']);
});

// Decide about the studio and its people.
Route::group(['needs' => Ability::Govern->value], static function (): void {
    Route::get('people', [PeopleController::class, 'index']);
    Route::get('people/links', [PeopleController::class, 'links']);
    Route::delete('people/links/{link}', [PeopleController::class, 'withdraw']);
    Route::put('people/{person}', [PeopleController::class, 'update']);
    Route::delete('people/{person}', [PeopleController::class, 'destroy']);
    Route::post('people/links', [PeopleController::class, 'invite']);
    Route::post('people/{person}/links', [PeopleController::class, 'reset']);
    Route::get('audit', [AuditController::class, 'index']);
    Route::get('health', HealthController::class);
    Route::get('audit.csv', [AuditController::class, 'export']);
    Route::delete('removed/{kind}/{id}', [RemovedController::class, 'destroy'])->whereIn('kind', array_keys(Drawer::KINDS));
    Route::put('studio/rates', [CostController::class, 'rates']);
    Route::put('studio', [StudioController::class, 'update']);
    Route::get('studio/archive', [ArchiveController::class, 'export']);
    Route::post('archives', [ArchiveController::class, 'import']);
    Route::put('schools', [SchoolsController::class, 'update']);
});
