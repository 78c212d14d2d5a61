<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\AnsweredList;
use App\Contract\Operation\Asked;
use App\Contract\Operation\Done;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Http\Requests\LotRequest;
use App\Models\Lot;
use App\Models\Run;
use App\Models\Trial;
use App\Models\Version;
use App\Services\Lots;
use Illuminate\Database\Eloquent\Relations\Relation;
use Illuminate\Database\Eloquent\SoftDeletingScope;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Transmuta\Fault\Nonsense;
use Transmuta\Shelf\Shelf;

/** Lots of ingredients: which came, which were called back, and what was made of them. */
final class LotController extends Controller
{
    #[OA\Get(
        path: '/api/shelf/{slug}/lots',
        summary: 'Lots of an ingredient, the latest first',
        operationId: 'Lot.index',
        parameters: [new InPath('slug', 'string')],
        responses: [new AnsweredList('Lot'), new Wrong()],
    )]
    public function index(string $slug, Shelf $shelf): JsonResponse
    {
        $query = Lot::withMade();
        $query->where('studio_id', $this->studio()->id)->where('slug', $shelf->get($slug)->id)->orderByDesc('id')->limit(200);

        return new JsonResponse(array_map(Lots::counted(...), array_values($query->get()->all())));
    }

    #[OA\Post(
        path: '/api/shelf/{slug}/lots',
        summary: 'Notes a lot that came in',
        operationId: 'Lot.store',
        parameters: [new InPath('slug', 'string')],
        requestBody: new Asked('NewLot'),
        responses: [new Answered('Lot', 201), new Wrong()],
    )]
    public function store(LotRequest $request, string $slug, Shelf $shelf): JsonResponse
    {
        $in = $shelf->get($slug);
        /** @var Lot $lot */
        $lot = DB::transaction(function () use ($request, $in): Lot {
            // One that lies in the drawer makes way: nothing was ever made of it.
            Lot::onlyTrashed()->where('studio_id', $this->studio()->id)->where('slug', $in->id)->where('code', $request->code())->forceDelete();
            $known = Lot::query();
            $known->where('studio_id', $this->studio()->id)->where('slug', $in->id)->where('code', $request->code());
            if ($known->exists()) {
                throw Nonsense::of('code', $request->code(), 'this lot is noted already');
            }

            return Lot::query()->create([
                'studio_id' => $this->studio()->id, 'slug' => $in->id, 'name' => $in->name, 'code' => $request->code(),
                'came_on' => $request->input('came_on'), 'best_before' => $request->input('best_before'),
            ]);
        });

        return new JsonResponse(Lots::counted(self::counted($lot)), 201);
    }

    /** Calls a lot back, or takes that back. */
    #[OA\Put(
        path: '/api/lots/{lot}/recall',
        summary: 'Calls a lot back, or takes that back',
        operationId: 'Lot.recall',
        parameters: [new InPath('lot')],
        requestBody: new Asked('RecallLot'),
        responses: [new Answered('Lot'), new Wrong()],
    )]
    public function recall(Request $request, Lot $lot): JsonResponse
    {
        Gate::authorize('update', $lot);
        $request->validate(['recalled' => ['required', 'boolean'], 'reason' => ['nullable', 'string', 'max:400']]);
        DB::transaction(fn(): bool => $lot->asSeen($this->lastSeen($request))->update([
            'recalled_on' => $request->boolean('recalled') ? $lot->recalled_on ?? now()->toDateString() : null,
            'recall_reason' => $request->boolean('recalled') ? (string) $request->string('reason') : '',
        ]));

        return new JsonResponse(Lots::counted(self::counted($lot)));
    }

    #[OA\Get(
        path: '/api/lots/{lot}/trials',
        summary: 'What was made of a lot, at the stove and as a trial',
        operationId: 'Lot.trials',
        parameters: [new InPath('lot')],
        responses: [new AnsweredList('MadeOfLot'), new Wrong()],
    )]
    public function trials(Lot $lot): JsonResponse
    {
        Gate::authorize('view', $lot);
        $query = $lot->trials();
        // What was made of a lot was made, whether its version is still there or not.
        $all = static function (Relation $with): void {
            $with->withoutGlobalScope(SoftDeletingScope::class);
        };
        $query->with(['version' => $all, 'version.dish' => $all, 'revision'])->orderByDesc('made_on')->orderByDesc('trials.id');

        $runs = Run::query();
        $runs->whereHas('events', static function ($events) use ($lot): void {
            $events->where('lot_id', $lot->id);
        });
        $runs->with(['version' => $all, 'version.dish' => $all, 'revision', 'events' => static function ($events) use ($lot): void {
            $events->where('lot_id', $lot->id);
        }])->orderByDesc('started_at');
        $made = array_map(static fn(Run $run): array => [
            'trial_id' => null, 'run_id' => $run->id, 'version_id' => $run->version_id, 'dish' => $run->version->dish->title, 'version' => $run->version->name, 'revision' => $run->revision->number,
            'made_on' => $run->started_at->toDateString(), 'grams' => self::weighed($run),
        ], array_values($runs->get()->all()));

        return new JsonResponse([...$made, ...array_map(static fn(Trial $trial): array => [
            'trial_id' => $trial->id, 'run_id' => null, 'version_id' => $trial->version_id, 'dish' => $trial->version->dish->title, 'version' => $trial->version->name, 'revision' => $trial->revision->number,
            'made_on' => $trial->made_on, 'grams' => round($trial->revision->formula->holds()[$lot->slug] ?? 0.0, 2),
        ], array_values($query->get()->all()))]);
    }

    #[OA\Get(
        path: '/api/versions/{version}/lots',
        summary: 'Lots a trial of the version can have been made of',
        operationId: 'Lot.within',
        parameters: [new InPath('version')],
        responses: [new AnsweredList('Lot'), new Wrong()],
    )]
    public function within(Version $version, Lots $lots): JsonResponse
    {
        Gate::authorize('view', $version);
        $query = Lot::withMade();
        $query->where('studio_id', $version->studio_id)->whereIn('slug', $lots->within($version->formula))->orderBy('name')->orderByDesc('id')->limit(300);

        return new JsonResponse(array_map(Lots::counted(...), array_values($query->get()->all())));
    }

    #[OA\Delete(
        path: '/api/lots/{lot}',
        summary: 'Takes a lot away that nothing was made of',
        operationId: 'Lot.destroy',
        parameters: [new InPath('lot')],
        responses: [new Done(), new Wrong()],
    )]
    public function destroy(Lot $lot): JsonResponse
    {
        Gate::authorize('update', $lot);
        DB::transaction(static function () use ($lot): void {
            $query = Lot::query();
            $query->lockForUpdate();
            $held = $query->findOrFail($lot->id);
            if ($held->trials()->exists() || $held->weighings()->exists()) {
                throw Nonsense::of('lot', $lot->code, 'something was made of it, so it stays on record');
            }
            $lot->delete();
        });

        return new JsonResponse(null, 204);
    }

    private static function counted(Lot $lot): Lot
    {
        return Lot::withMade()->findOrFail($lot->id);
    }

    /** g of the lot as weighed last in each step, summed. */
    private static function weighed(Run $run): float
    {
        $last = [];
        foreach ($run->events as $event) {
            $grams = $event->body['grams'] ?? null;
            $last[$event->step] = is_numeric($grams) ? (float) $grams : 0.0;
        }

        return round(array_sum($last), 2);
    }
}
