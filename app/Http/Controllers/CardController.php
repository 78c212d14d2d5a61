<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\InPath;
use App\Contract\Operation\InQuery;
use App\Contract\Operation\Wrong;
use App\Models\Version;
use App\Services\History;
use App\Services\StudioShelf;
use App\Services\VersionFiles;
use App\Services\VersionShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Transmuta\Diet\Diet;
use Transmuta\Process\Card;
use Transmuta\Process\MethodWriter;
use Transmuta\Process\Words\OwnMethod;
use Transmuta\Process\Words\ToldStep;
use Transmuta\Property\DishReading;
use Transmuta\Reformulation\Brief\Schools;

final class CardController extends Controller
{
    /** The card of the version as it stands, or as it was at one of its revisions. */
    #[OA\Get(
        path: '/api/versions/{version}/card',
        summary: 'The card, as it stands or as it was at a revision',
        operationId: 'Card',
        parameters: [new InPath('version'), new InQuery('revision', 'number of the revision')],
        responses: [new Answered('Card'), new Wrong()],
    )]
    public function __invoke(Request $request, Version $version, VersionShelf $shelves, StudioShelf $shelf, OwnMethod $method, VersionFiles $files): JsonResponse
    {
        Gate::authorize('view', $version);
        $request->validate(['revision' => ['nullable', 'integer', 'min:1']]);
        $revision = History::numbered($version, $request->filled('revision') ? $request->integer('revision') : $version->standing()['number']);
        if ($request->filled('revision')) {
            $version = $version->as($revision);
        }

        $dish = $shelves->engine($version)->read($version->formula);
        $told = $version->method === null ? [] : $method->told($version->ownMethod(), $dish);
        $card = (new Card($shelves->engine($version)->method))->of($dish, array_values(array_filter(array_map(Diet::tryFrom(...), $version->brief['diets']))));

        return new JsonResponse([
            'title' => $version->dish->title,
            'version' => $version->name,
            'version_id' => $version->id,
            'revision' => $revision->number,
            'revised_at' => $revision->created_at->toIso8601ZuluString(),
            'qr' => $files->code($version, $dish),
            'portions' => $version->formula->portions,
            'serve_at_c' => $version->formula->serveAt,
            'brief' => $version->brief,
            'schools_at_work' => Schools::atWork(...$shelves->schools($version)),
            'tins' => array_values(array_filter(array_map(static fn(\Transmuta\Formula\Layer $l): ?string => $l->tin?->words(), $version->formula->layers))),
            ...$card,
            ...($told === [] ? [] : ['steps' => array_column($told, 'text')]),
            'is_own_words' => $told !== [],
            'changed_steps' => $told === [] ? self::changed($shelves->engine($version)->method, $dish, $shelves->original($version)) : [],
            'quarrels' => array_values(array_map(static fn(ToldStep $one): string => "“{$one->text}” {$one->why}", array_filter($told, static fn(ToldStep $one): bool => $one->quarrel !== null))),
            'kitchen' => $shelf->kitchen()->beside($card['contains']),
        ]);
    }

    /**
     * Places of the steps that the maker's method of the original has not.
     *
     * @return list<int> none where either is drafted by the formula
     */
    private static function changed(MethodWriter $method, DishReading $dish, ?DishReading $original): array
    {
        if ($original === null || $dish->formula->method === [] || $original->formula->method === []) {
            return [];
        }

        return array_keys(array_diff($method->steps($dish), $method->steps($original)));
    }
}
