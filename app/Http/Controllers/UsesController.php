<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\InQuery;
use App\Contract\Operation\Wrong;
use App\Services\Uses;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use Transmuta\Diet\Allergens;

/** Which dishes hold an ingredient or an allergen: what to look at when a packet is called back, or a guest asks. */
final class UsesController extends Controller
{
    #[OA\Get(
        path: '/api/uses',
        summary: 'Which versions hold an ingredient or an allergen',
        operationId: 'Uses',
        parameters: [
            new InQuery('ingredient', 'an id of the shelf', 'string'),
            new InQuery('allergen', 'one of the fourteen', 'string'),
            new InQuery('after', 'goes on after a version'),
        ],
        responses: [new Answered('UseList'), new Wrong()],
    )]
    public function __invoke(Request $request, Uses $uses): JsonResponse
    {
        $request->validate([
            'ingredient' => ['required_without:allergen', 'string', 'max:80'],
            'allergen' => ['required_without:ingredient', 'string', 'in:' . implode(',', Allergens::EU)],
            'after' => ['nullable', 'integer', 'min:0'],
        ], ['ingredient.required_without' => 'Say of which ingredient or allergen.', 'allergen.in' => 'That is none of the fourteen allergens.']);
        $slugs = $request->filled('allergen') ? $uses->withAllergen((string) $request->string('allergen')) : [(string) $request->string('ingredient')];

        return new JsonResponse($uses->of($this->studio(), $slugs, $request->integer('after')));
    }
}
