<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Asked;
use App\Contract\Operation\Wrong;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use Transmuta\Diet\Allergens;
use Transmuta\Diet\Kitchen;
use Transmuta\Process\Words\Measures;

final class StudioController extends Controller
{
    #[OA\Get(
        path: '/api/studio',
        summary: 'The studio',
        operationId: 'Studio',
        responses: [new Answered('Studio'), new Wrong()],
    )]
    public function show(): JsonResponse
    {
        return new JsonResponse(['revision' => $this->studio()->revision, 'name' => $this->studio()->name, 'currency' => $this->studio()->currency, 'kitchen' => Kitchen::from($this->studio()->kitchen ?? [])->toArray(), 'measures' => $this->studio()->ownMeasures()->write()]);
    }

    /** Its name, and what costs are reckoned in; prices stay the figures they are. */
    #[OA\Put(
        path: '/api/studio',
        summary: 'Names the studio and its currency',
        operationId: 'Studio.update',
        requestBody: new Asked('StudioInput'),
        responses: [new Answered('Studio'), new Wrong()],
    )]
    public function update(Request $request): JsonResponse
    {
        $request->validate(['name' => ['required', 'string', 'max:120'], 'currency' => ['bail', 'required', 'string', 'regex:/^[A-Za-z]{3}$/'], 'measures' => ['sometimes', 'array', 'max:12'], 'kitchen' => ['sometimes', 'array:handles,shares'], 'kitchen.handles' => ['array', 'max:14'], 'kitchen.handles.*' => ['string', Rule::in(Allergens::EU)], 'kitchen.shares' => ['array', 'max:10'], 'kitchen.shares.*' => ['string', Rule::in(array_keys(Kitchen::SHARED))]], [
            'name.required' => 'A studio needs a name.', 'currency.regex' => 'Give the three letters of a currency, such as EUR or GBP.',
        ]);
        $measures = $request->has('measures') ? ['measures' => Measures::read($request->array('measures'))->write()] : [];
        DB::transaction(function () use ($request, $measures): void {
            $kitchen = $request->has('kitchen') ? ['kitchen' => Kitchen::from((array) $request->input('kitchen'))->toArray()] : [];
            $this->studio()->asSeen($this->lastSeen($request))->update(['name' => (string) $request->string('name')->squish(), 'currency' => (string) $request->string('currency')->upper(), ...$kitchen, ...$measures]);
            if ($kitchen !== []) {
                // What was read before said nothing of it, or something else.
                $this->studio()->turnShelf();
            }
        });

        return $this->show();
    }
}
