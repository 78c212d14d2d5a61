<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Asked;
use App\Contract\Operation\InPath;
use App\Contract\Operation\InQuery;
use App\Contract\Operation\Wrong;
use App\Http\Requests\StoreTrialRequest;
use App\Models\Lot;
use App\Models\Trial;
use App\Models\Version;
use App\Services\BenchView;
use App\Services\History;
use App\Services\Lots;
use App\Services\Page;
use App\Services\VersionShelf;
use App\Support\Like;
use Illuminate\Database\Eloquent\Builder;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Transmuta\Fault\Nonsense;
use Transmuta\Trial\Prediction;

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
        $query = Trial::query()->with(['version.dish', 'revision:id,number', 'lots']);
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
            ...BenchView::trial($trial),
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
    public function store(StoreTrialRequest $request, Version $version, VersionShelf $shelves, Lots $lots): JsonResponse
    {
        Gate::authorize('update', $version);
        /** @var Trial $trial */
        $trial = DB::transaction(function () use ($request, $version, $shelves, $lots): Trial {
            $used = self::used($request, $version, $lots);
            $trial = Trial::query()->create([
                'made_on' => (string) $request->string('made_on'),
                'set_step' => $request->integer('set_step'),
                'sweetness' => (string) $request->string('sweetness'),
                'sharpness' => (string) $request->string('sharpness'),
                'remark' => (string) $request->string('remark'),
                'studio_id' => $version->studio_id,
                'version_id' => $version->id,
                'revision_id' => History::head($version)->id,
                'predicted' => Prediction::of($shelves->engine($version)->read($version->formula))->toArray(),
            ]);
            $trial->lots()->attach(array_fill_keys($used, ['studio_id' => $version->studio_id]));

            return $trial;
        });

        return new JsonResponse(BenchView::trial($trial->refresh()->load(['revision:id,number', 'lots'])), 201);
    }

    /** @return list<int> lots of the studio that are of something in the version, or in what the kitchen made for it */
    private static function used(StoreTrialRequest $request, Version $version, Lots $lots): array
    {
        $asked = $request->lots();
        if ($asked === []) {
            return [];
        }
        $query = Lot::query();
        $query->where('studio_id', $version->studio_id)->whereIn('id', $asked)->whereIn('slug', $lots->within($version->formula));
        $found = array_map(static fn(Lot $lot): int => $lot->id, $query->get(['id'])->all());
        foreach (array_diff($asked, $found) as $stray) {
            throw Nonsense::of('lots', (string) $stray, 'choose a lot of something that is in this version');
        }

        return array_values($found);
    }
}
