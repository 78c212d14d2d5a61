<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Asked;
use App\Contract\Operation\Wrong;
use App\Models\OwnIngredient;
use App\Services\OwnShelf;
use App\Services\Preparations;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Http\Response;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;
use Transmuta\Format\IngredientCsv;
use Transmuta\Shelf\ImpossiblePanel;

/**
 * The packets of the studio's own ingredients as comma-separated text, out and in; in with a dry run first. What is made here has no
 * packet: it is computed from its lines, so it neither goes out nor is it overwritten.
 */
final class ShelfTableController extends Controller
{
    #[OA\Get(
        path: '/api/shelf/own.csv',
        summary: 'The kitchen’s own ingredients as a table',
        operationId: 'ShelfTable.export',
        responses: [
            new OA\Response(response: 200, description: 'A table', content: new OA\MediaType(mediaType: 'text/csv', schema: new OA\Schema(type: 'string'))),
            new Wrong(),
        ],
    )]
    public function export(): Response
    {
        $query = OwnIngredient::query();
        $query->where('studio_id', $this->studio()->id)->orderBy('name');

        return new Response(IngredientCsv::write($query->get()->filter(static fn(OwnIngredient $i): bool => Preparations::made($i) === null)->values()->map(static fn(OwnIngredient $i): array => $i->packet)->all()), 200, [
            'Content-Type' => 'text/csv; charset=utf-8', 'Content-Disposition' => 'attachment; filename="own-ingredients.csv"',
        ]);
    }

    #[OA\Post(
        path: '/api/shelf/import',
        summary: 'Takes a table of ingredients, or tries it',
        operationId: 'ShelfTable.import',
        requestBody: new Asked('ImportTable'),
        responses: [new Answered('ImportedTable'), new Wrong()],
    )]
    public function import(Request $request, OwnShelf $own): JsonResponse
    {
        $request->validate(['csv' => ['required', 'string', 'max:1000000'], 'dry' => ['required', 'boolean'], 'columns' => ['sometimes', 'array', 'max:200'], 'columns.*' => ['nullable', 'string', 'max:60']], ['csv.required' => 'Choose a file, or paste its rows.']);
        $names = OwnIngredient::query()->where('studio_id', $this->studio()->id)->get()->keyBy(static fn(OwnIngredient $i): string => mb_strtolower($i->name));
        $rows = [];
        $keep = [];
        $met = [];
        foreach (IngredientCsv::read((string) $request->string('csv'), array_map(static fn(mixed $ours): string => \is_string($ours) ? $ours : '', $request->array('columns'))) as ['row' => $row, 'packet' => $packet, 'reasons' => $reasons]) {
            $name = \is_string($packet['name'] ?? null) ? $packet['name'] : '';
            $known = $names->get(mb_strtolower($name));
            $estimates = [];
            $action = 'refused';
            if ($packet !== null && isset($met[mb_strtolower($name)])) {
                $reasons = ['name' => \sprintf('Row %d has the same name.', $met[mb_strtolower($name)])];
            } elseif ($packet !== null && $known !== null && Preparations::made($known) !== null) {
                $reasons = ['name' => \sprintf('%s is a preparation, computed from its lines: change those, or give the row another name.', $known->name)];
            } elseif ($packet !== null) {
                try {
                    $made = $own->make($packet, $known->slug ?? 'own-new');
                    $estimates = array_column($made->estimates, 'words');
                    $action = match (true) {
                        $known === null => 'added',
                        $known->hash === OwnIngredient::fingerprint($made->row) => 'as it was',
                        default => 'changed',
                    };
                    $keep[] = [$packet, $known?->slug, $action];
                    $met[mb_strtolower($name)] = $row;
                } catch (ImpossiblePanel $impossible) {
                    $reasons = $impossible->reasons;
                }
            }
            $rows[] = ['row' => $row, 'name' => $name, 'action' => $action, 'reasons' => (object) $reasons, 'estimates' => $estimates];
        }
        $dry = $request->boolean('dry');
        if (!$dry) {
            DB::transaction(function () use ($keep, $own): void {
                foreach ($keep as [$packet, $slug, $action]) {
                    if ($action !== 'as it was') {
                        $own->keep($this->studio(), $packet, $slug);
                    }
                }
            });
        }

        return new JsonResponse(['dry' => $dry, 'rows' => $rows]);
    }
}
