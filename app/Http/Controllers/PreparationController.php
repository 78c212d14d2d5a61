<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Asked;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Http\Requests\PreparationRequest;
use App\Models\Version;
use App\Services\Preparations;
use App\Services\StudioShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Transmuta\Engine;
use Transmuta\Fault\Nonsense;
use Transmuta\Format\FormulaJson;
use Transmuta\Format\FormulaText;
use Transmuta\Format\IngredientJson;
use Transmuta\Shelf\IngredientRow;

/** What a studio makes for itself: looked at before it is kept, kept, changed, and made of a layer of a dish. */
final class PreparationController extends Controller
{
    /** What it would be, without keeping it. */
    #[OA\Post(
        path: '/api/preparations/check',
        summary: 'What a preparation would be',
        operationId: 'Preparation.check',
        requestBody: new Asked('NewPreparation'),
        responses: [new Answered('MadeCheck'), new Wrong()],
    )]
    public function check(PreparationRequest $request, Engine $engine, Preparations $preparations, StudioShelf $shelf): JsonResponse
    {
        $row = $preparations->make($request->preparation($engine), 'own-check');

        return new JsonResponse(['ingredient' => (new IngredientJson($engine->reader, $shelf->evidence()))->full(IngredientRow::ingredient($row)), 'made_of' => $row['made_of']]);
    }

    #[OA\Post(
        path: '/api/preparations',
        summary: 'A new preparation',
        operationId: 'Preparation.store',
        requestBody: new Asked('NewPreparation'),
        responses: [new Answered('NamedId', 201), new Wrong()],
    )]
    public function store(PreparationRequest $request, Engine $engine, Preparations $preparations): JsonResponse
    {
        $kept = $preparations->keep($this->studio(), $request->preparation($engine));

        return new JsonResponse(['id' => $kept->slug, 'name' => $kept->name], 201);
    }

    #[OA\Put(
        path: '/api/preparations/{slug}',
        summary: 'Changes a preparation',
        operationId: 'Preparation.update',
        parameters: [new InPath('slug', 'string')],
        requestBody: new Asked('NewPreparation'),
        responses: [new Answered('NamedId'), new Wrong()],
    )]
    public function update(PreparationRequest $request, string $slug, Engine $engine, Preparations $preparations, StudioShelf $shelf): JsonResponse
    {
        if ($shelf->shelf()->get($slug)->madeOf === null) {
            throw Nonsense::of('ingredient', $slug, 'only what was made here can be changed as a preparation; correct the others from a packet');
        }
        $kept = $preparations->keep($this->studio(), $request->preparation($engine), $slug, $this->lastSeen($request));

        return new JsonResponse(['id' => $kept->slug, 'name' => $kept->name]);
    }

    /** A layer of a version becomes a preparation of its own. */
    #[OA\Post(
        path: '/api/versions/{version}/layers/{layer}/preparation',
        summary: 'Makes a layer a preparation',
        operationId: 'Preparation.fromLayer',
        parameters: [new InPath('version'), new InPath('layer')],
        requestBody: new Asked('NameOf'),
        responses: [new Answered('KeptLayer', 201), new Wrong()],
    )]
    public function fromLayer(Request $request, Version $version, int $layer, Preparations $preparations, StudioShelf $shelf): JsonResponse
    {
        Gate::authorize('update', $version);
        $request->validate(['name' => ['required', 'string', 'max:160']], ['name.required' => 'Give it a name, such as "Hazelnut praline".']);
        $of = $version->formula->layers[$layer] ?? throw Nonsense::of('layer', (string) ($layer + 1), \sprintf('the dish has %d', \count($version->formula->layers)));
        $alone = $version->formula->with([$of], $of->name);
        $kept = $preparations->keep($this->studio(), [
            'name' => trim((string) $request->string('name')),
            'text' => (new FormulaText($shelf->shelf()))->write($alone),
            'measures' => $alone->measures->value,
            'formula' => ['method' => []] + FormulaJson::write($alone),
            'yield_g' => null, 'boiled_off' => true, 'keeps_days' => null, 'beside' => null, 'also_called' => [],
        ]);

        return new JsonResponse(['id' => $kept->slug, 'name' => $kept->name, 'grams' => round(IngredientRow::ingredient($kept->content)->madeOf['yield'] ?? 0.0, 1)], 201);
    }
}
