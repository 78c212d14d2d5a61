<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\AnsweredList;
use App\Contract\Operation\Asked;
use App\Contract\Operation\Done;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Models\PriceList;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Transmuta\Fault\Nonsense;
use Transmuta\Format\PriceListCsv;
use Transmuta\Process\Shopping\Article;
use Transmuta\Shelf\Shelf;

/** Price lists of the studio's suppliers. */
final class PriceListController extends Controller
{
    /** Invented, with example prices: to try it with, and to see the form of. */
    public const SIMULATED = 'Pier Stores (simulated)';

    #[OA\Get(
        path: '/api/price-lists',
        summary: 'Price lists, the latest first',
        operationId: 'PriceList.index',
        responses: [new AnsweredList('PriceList'), new Wrong()],
    )]
    public function index(): JsonResponse
    {
        $query = PriceList::query();
        $query->where('studio_id', $this->studio()->id)->orderByDesc('dated_on')->orderBy('supplier')->limit(200);

        return new JsonResponse(array_values($query->get()->map(static fn(PriceList $list): array => $list->head())->all()));
    }

    #[OA\Post(
        path: '/api/price-lists',
        summary: 'Reads a supplier’s list in; one of the same day replaces the one before',
        operationId: 'PriceList.store',
        requestBody: new Asked('NewPriceList'),
        responses: [new Answered('PriceList', 201), new Wrong()],
    )]
    public function store(Request $request, Shelf $shelf): JsonResponse
    {
        $request->validate(['supplier' => ['required', 'string', 'max:120'], 'dated_on' => ['required', 'date_format:Y-m-d'], 'text' => ['required', 'string']]);
        $supplier = trim($request->string('supplier')->toString());
        if ($supplier === '') {
            throw Nonsense::of('supplier', '', 'name the supplier');
        }
        $articles = PriceListCsv::read($request->string('text')->toString(), $supplier, $shelf);
        /** @var PriceList $list */
        $list = DB::transaction(fn(): PriceList => PriceList::withTrashed()->updateOrCreate(
            ['studio_id' => $this->studio()->id, 'supplier' => $supplier, 'dated_on' => $request->string('dated_on')->toString()],
            // One of that day that lies in the drawer is this one.
            ['deleted_at' => null, 'articles' => array_map(static fn(Article $one): array => $one->write(), $articles)],
        ));

        return new JsonResponse($list->refresh()->head(), 201);
    }

    #[OA\Delete(
        path: '/api/price-lists/{list}',
        summary: 'Takes a price list away',
        operationId: 'PriceList.destroy',
        parameters: [new InPath('list')],
        responses: [new Done(), new Wrong()],
    )]
    public function destroy(PriceList $list): JsonResponse
    {
        Gate::authorize('update', $list);
        DB::transaction(static fn(): ?bool => $list->delete());

        return new JsonResponse(null, 204);
    }

    #[OA\Get(
        path: '/api/price-lists/simulated.csv',
        summary: 'A supplier that is not there, with example prices: the form of a list',
        operationId: 'PriceList.simulated',
        responses: [
            new OA\Response(response: 200, description: 'A table', content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string'))),
            new Wrong(),
        ],
    )]
    public function simulated(): Response
    {
        return new Response((string) file_get_contents(self::file()), 200, ['Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="simulated-supplier.csv"']);
    }

    public static function file(): string
    {
        return database_path('data/simulated-supplier.csv');
    }
}
