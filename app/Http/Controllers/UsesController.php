<?php

declare(strict_types=1);

namespace App\Http\Controllers;

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
            new OA\Parameter(name: 'ingredient', in: 'query', description: 'an id of the shelf', schema: new OA\Schema(type: 'string')),
            new OA\Parameter(name: 'allergen', in: 'query', description: 'one of the fourteen', schema: new OA\Schema(type: 'string')),
            new OA\Parameter(name: 'after', in: 'query', description: 'goes on after a version', schema: new OA\Schema(type: 'integer')),
        ],
        responses: [
            new OA\Response(response: 200, description: 'Answered', content: new OA\JsonContent(ref: '#/components/schemas/UseList')),
            new OA\Response(response: 'default', description: 'What is wrong, where, and the mend', content: new OA\JsonContent(ref: '#/components/schemas/ProblemDetails')),
        ],
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
