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
        $query = Lot::query();
        $query->where('studio_id', $this->studio()->id)->where('slug', $shelf->get($slug)->id)->withCount('trials')->orderByDesc('id')->limit(200);

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

        return new JsonResponse(Lots::counted($lot->refresh()->loadCount('trials')), 201);
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

        return new JsonResponse(Lots::counted($lot->refresh()->loadCount('trials')));
    }

    #[OA\Get(
        path: '/api/lots/{lot}/trials',
        summary: 'What was made of a lot',
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

        return new JsonResponse(array_map(static fn(Trial $trial): array => [
            'trial_id' => $trial->id, 'version_id' => $trial->version_id, 'dish' => $trial->version->dish->title, 'version' => $trial->version->name, 'revision' => $trial->revision->number,
            'made_on' => $trial->made_on, 'grams' => round($trial->revision->formula->holds()[$lot->slug] ?? 0.0, 2),
        ], array_values($query->get()->all())));
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
        $query = Lot::query();
        $query->withCount('trials');
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
            if ($query->findOrFail($lot->id)->trials()->exists()) {
                throw Nonsense::of('lot', $lot->code, 'something was made of it, so it stays on record');
            }
            $lot->delete();
        });

        return new JsonResponse(null, 204);
    }
}
