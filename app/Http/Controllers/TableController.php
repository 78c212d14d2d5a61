<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Asked;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Services\TastingTable;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;

/** A taster's seat: opened by the code of a tasting and nothing else. Nobody is asked who they are. */
final class TableController extends Controller
{
    #[OA\Get(
        path: '/api/tables/{code}',
        summary: 'What is tasted, what it contains and what is asked',
        operationId: 'Table.show',
        parameters: [new InPath('code', 'string')],
        responses: [new Answered('TastingTable'), new Wrong()],
    )]
    public function show(string $code): JsonResponse
    {
        return new JsonResponse(TastingTable::write(TastingTable::opened($code)));
    }

    #[OA\Post(
        path: '/api/tables/{code}/seats',
        summary: 'Sits down at a seat nobody sits at',
        operationId: 'Table.sit',
        parameters: [new InPath('code', 'string')],
        responses: [new Answered('SeatTaken', 201), new Wrong()],
    )]
    public function sit(Request $request, string $code): JsonResponse
    {
        $place = (string) $request->ip();

        return new JsonResponse(TastingTable::sit(TastingTable::opened($code), $request->hasSession() ? $request->session()->getId() : $place, $place), 201);
    }

    #[OA\Put(
        path: '/api/tables/{code}/seats/{number}',
        summary: 'Says that what it contains was read, or answers',
        operationId: 'Table.say',
        parameters: [new InPath('code', 'string'), new InPath('number')],
        requestBody: new Asked('SaySeat'),
        responses: [new Answered('Seat'), new Wrong()],
    )]
    public function say(Request $request, string $code, int $number): JsonResponse
    {
        $request->validate(['secret' => ['required', 'string', 'max:64'], 'acknowledged' => ['sometimes', 'boolean'], 'answer' => ['sometimes', 'nullable', 'array', 'max:8']]);
        $tasting = TastingTable::opened($code);
        $seat = TastingTable::seated($tasting, $number, $request->string('secret')->toString());

        return new JsonResponse(TastingTable::seat(TastingTable::say($tasting, $seat, $request->boolean('acknowledged'), $request->filled('answer') ? $request->array('answer') : null)));
    }
}
