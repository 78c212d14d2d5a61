<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\AnsweredList;
use App\Contract\Operation\Asked;
use App\Contract\Operation\Done;
use App\Contract\Operation\InPath;
use App\Contract\Operation\InQuery;
use App\Contract\Operation\Wrong;
use App\Http\Requests\StoreTrialRequest;
use App\Models\Trial;
use App\Models\TrialPhoto;
use App\Models\Version;
use App\Services\Page;
use App\Services\Photos;
use App\Services\TrialBook;
use App\Support\Like;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Transmuta\Trial\Outcome\Protocol;

final class TrialController extends Controller
{
    /** Most trials one answer lists; `before` goes on with the ones made before a trial. */
    private const PAGE = 40;

    #[OA\Get(
        path: '/api/trials',
        summary: 'Every trial, the latest first, a page at a time',
        operationId: 'Trial.index',
        parameters: [new InQuery('before', 'goes on with what was made before this trial'), new InQuery('q', 'finds by dish, version, remark or day', 'string'), new InQuery('found', 'softer, firmer or foretold', 'string')],
        responses: [new Answered('Notebook'), new Wrong()],
    )]
    public function index(Request $request): JsonResponse
    {
        $request->validate(['before' => ['nullable', 'integer', 'min:1'], 'q' => ['nullable', 'string', 'max:160'], 'found' => ['nullable', 'in:softer,firmer,foretold']]);
        $query = Trial::query()->with(['version.dish', ...Trial::SHOWN]);
        $query->whereHas('version');
        $query->where('studio_id', $this->studio()->id)->orderByDesc('made_on')->orderByDesc('id')->limit(self::PAGE + 1);
        if ($request->filled('q')) {
            $like = Like::holding((string) $request->string('q')->squish());
            $query->where(static function (Builder $any) use ($like): void {
                $any->where('remark', 'like', $like)->orWhere('made_on', 'like', $like)->orWhereHas('version', static function (Builder $version) use ($like): void {
                    $version->where('name', 'like', $like)->orWhereHas('dish', static fn(Builder $dish) => $dish->where('title', 'like', $like));
                });
            });
        }
        if ($request->filled('found')) {
            $sign = ['softer' => '<', 'firmer' => '>', 'foretold' => '='][(string) $request->string('found')];
            $query->whereRaw("set_step $sign " . Trial::foretold());
        }
        if ($request->filled('before')) {
            $last = Trial::query()->where('studio_id', $this->studio()->id)->findOrFail($request->integer('before'));
            $query->where(static function ($older) use ($last): void {
                $older->where('made_on', '<', $last->made_on)->orWhere(static fn($same) => $same->where('made_on', $last->made_on)->where('id', '<', $last->id));
            });
        }

        [$trials, $next] = Page::of(array_values($query->get()->all()), self::PAGE, static fn(Trial $trial): int => $trial->id);

        return new JsonResponse(['trials' => array_map(static fn(Trial $trial): array => [
            ...TrialBook::write($trial),
            'dish' => $trial->version->dish->title,
            'version' => $trial->version->name,
        ], $trials), 'next' => $next]);
    }

    #[OA\Post(
        path: '/api/versions/{version}/trials',
        summary: 'Notes a trial of the version as it stands',
        operationId: 'Trial.store',
        parameters: [new InPath('version')],
        requestBody: new Asked('NewTrial'),
        responses: [new Answered('Trial', 201), new Wrong()],
    )]
    public function store(StoreTrialRequest $request, Version $version, TrialBook $book): JsonResponse
    {
        Gate::authorize('update', $version);
        $trial = $book->note($version, $request->said(), (string) $request->string('made_on'), $request->filled('run_id') ? $request->integer('run_id') : null, $request->lots());

        return self::told($trial->refresh(), 201);
    }

    #[OA\Put(
        path: '/api/trials/{trial}',
        summary: 'Corrects a trial; what stood there before stays on record',
        operationId: 'Trial.update',
        parameters: [new InPath('trial')],
        requestBody: new Asked('CorrectTrial'),
        responses: [new Answered('Trial'), new Wrong()],
    )]
    public function update(StoreTrialRequest $request, Trial $trial, TrialBook $book): JsonResponse
    {
        Gate::authorize('update', $trial);

        return self::told($book->correct($trial, $request->said(), (string) $request->string('made_on'), trim((string) $request->string('why')), $this->lastSeen($request)));
    }

    #[OA\Post(
        path: '/api/trials/{trial}/photos',
        summary: 'Adds a picture; it is drawn anew, without where and when it was taken',
        operationId: 'Trial.photo',
        parameters: [new InPath('trial')],
        requestBody: new Asked('NewPhoto'),
        responses: [new Answered('Trial', 201), new Wrong()],
    )]
    public function photo(Request $request, Trial $trial, Photos $photos): JsonResponse
    {
        Gate::authorize('update', $trial);
        $request->validate(['image' => ['required', 'string'], 'words' => ['nullable', 'string', 'max:200']]);
        $photos->add($trial, $request->string('image')->toString(), trim($request->string('words')->toString()));

        return self::told($trial->refresh(), 201);
    }

    #[OA\Get(
        path: '/api/photos/{photo}',
        summary: 'A picture of a trial',
        operationId: 'Photo.show',
        parameters: [new InPath('photo')],
        responses: [new OA\Response(response: 200, description: 'A picture', content: new OA\MediaType(mediaType: 'image/jpeg', schema: new OA\Schema(type: 'string', format: 'binary'))), new Wrong()],
    )]
    public function showPhoto(TrialPhoto $photo): Response
    {
        Gate::authorize('view', $photo);

        return new Response((string) base64_decode($photo->jpeg, true), 200, ['Content-Type' => 'image/jpeg', 'Cache-Control' => 'private, max-age=86400']);
    }

    #[OA\Delete(
        path: '/api/photos/{photo}',
        summary: 'Takes a picture away',
        operationId: 'Photo.destroy',
        parameters: [new InPath('photo')],
        responses: [new Done(), new Wrong()],
    )]
    public function destroyPhoto(TrialPhoto $photo): JsonResponse
    {
        Gate::authorize('update', $photo);
        DB::transaction(static fn(): ?bool => $photo->delete());

        return new JsonResponse(null, 204);
    }

    #[OA\Get(
        path: '/api/protocols',
        summary: 'How a set is measured with what a kitchen has',
        operationId: 'Trial.protocols',
        responses: [new AnsweredList('Protocol'), new Wrong()],
    )]
    public function protocols(): JsonResponse
    {
        return new JsonResponse(array_map(static fn(Protocol $one): array => $one->write(), Protocol::all()));
    }

    private static function told(Trial $trial, int $status = 200): JsonResponse
    {
        return new JsonResponse(TrialBook::write($trial->load(Trial::SHOWN)), $status);
    }
}
