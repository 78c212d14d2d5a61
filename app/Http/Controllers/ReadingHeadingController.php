<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Asked;
use App\Contract\Operation\Wrong;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use OpenApi\Attributes as OA;
use Transmuta\Engine;
use Transmuta\Intake\Recipe\Tins;
use Transmuta\Quantity\UnitSystem;

/** A typed text with what is done to one of its layers, or its tin, set to something else; keeps nothing. */
final class ReadingHeadingController extends Controller
{
    #[OA\Post(
        path: '/api/readings/heading',
        summary: 'A text with one heading of a layer set',
        operationId: 'ReadingHeading',
        requestBody: new Asked('SetHeading'),
        responses: [new Answered('Text'), new Wrong()],
    )]
    public function __invoke(Request $request, Engine $engine): JsonResponse
    {
        $request->validate([
            'text' => ['required', 'string', 'max:400000'], 'layer' => ['required', 'integer', 'min:0', 'max:1000'],
            'heading' => ['required', 'in:treat,tin,loss,whole'], 'value' => ['present', 'nullable', 'string', 'max:200'],
        ]);
        $heading = match ($request->string('heading')->value()) {
            'tin' => 'tin',
            'loss' => 'loss',
            'whole' => 'whole',
            default => 'treat',
        };

        if ($heading === 'tin' && trim((string) $request->string('value')) !== '') {
            // Asked at its box, before it stands in the text.
            Tins::read((string) $request->string('value'));
        }

        return new JsonResponse(['text' => $engine->headed((string) $request->string('text'), $request->integer('layer'), $heading, (string) $request->string('value'), UnitSystem::tryFrom((string) $request->string('measures')) ?? UnitSystem::Metric)]);
    }
}
