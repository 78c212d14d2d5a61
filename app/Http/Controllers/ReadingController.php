<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Asked;
use App\Contract\Operation\Wrong;
use App\Services\BenchView;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Validation\Rule;
use OpenApi\Attributes as OA;
use Transmuta\Engine;
use Transmuta\Intake\Recipe\Inference;
use Transmuta\Intake\TreatmentGrammar;
use Transmuta\Quantity\UnitSystem;

/** Reads a text as it is typed; keeps nothing. */
final class ReadingController extends Controller
{
    #[OA\Post(
        path: '/api/readings',
        summary: 'Reads a text without keeping it',
        operationId: 'Reading',
        requestBody: new Asked('ReadText'),
        responses: [new Answered('TextReading'), new Wrong()],
    )]
    public function __invoke(Request $request, Engine $engine, BenchView $bench): JsonResponse
    {
        $request->validate(['text' => ['required', 'string', 'max:400000'], 'measures' => ['nullable', 'string', Rule::enum(UnitSystem::class)], 'recipe' => ['sometimes', 'integer', 'between:1,999']]);
        $recipe = $engine->recipe((string) $request->string('text'), UnitSystem::tryFrom((string) $request->string('measures')), $request->filled('recipe') ? $request->integer('recipe') : 1, guessPortions: true);
        $formula = $recipe->formula;
        $reading = $engine->read($formula);

        return new JsonResponse([
            'treatments' => TreatmentGrammar::choices(),
            'inferred' => array_map(static fn(Inference $one): array => $one->toArray(), $recipe->inferred),
            'aside' => $recipe->aside,
            'others' => $recipe->others,
            'text' => $recipe->text,
            ...$bench->side($formula, $reading),
            'watch' => array_map(BenchView::warning(...), $reading->watch),
        ]);
    }
}
