<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\AnsweredList;
use App\Contract\Operation\Asked;
use App\Contract\Operation\Done;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Http\Requests\PacketRequest;
use App\Models\Evidence;
use App\Models\OwnIngredient;
use App\Services\OwnShelf;
use App\Services\StudioShelf;
use App\Services\Uses;
use Illuminate\Http\JsonResponse;
use OpenApi\Attributes as OA;
use Transmuta\Engine;
use Transmuta\Format\IngredientJson;
use Transmuta\Shelf\Ingredient;

/** The shelf: what is on it, and what this studio adds to it or sees differently. */
final class ShelfController extends Controller
{
    public function __construct(private readonly StudioShelf $shelf) {}

    #[OA\Get(
        path: '/api/shelf',
        summary: 'The shelf',
        operationId: 'Shelf.index',
        responses: [new AnsweredList('ShelfEntry'), new Wrong()],
    )]
    public function index(Engine $engine): JsonResponse
    {
        $json = new IngredientJson($engine->reader, $this->shelf->evidence());

        return new JsonResponse(array_values(array_map(fn(Ingredient $in): array => [...$json->short($in), 'own' => $this->own($in)], $this->shelf->shelf()->all())));
    }

    #[OA\Get(
        path: '/api/shelf/{slug}',
        summary: 'One ingredient',
        operationId: 'Shelf.show',
        parameters: [new InPath('slug', 'string')],
        responses: [new Answered('ShelfIngredient'), new Wrong()],
    )]
    public function show(string $slug, Engine $engine): JsonResponse
    {
        return new JsonResponse($this->full($slug, $engine));
    }

    /** What a packet would make, without keeping it. */
    #[OA\Post(
        path: '/api/shelf/check',
        summary: 'What a packet would be',
        operationId: 'Shelf.check',
        requestBody: new Asked('Packet'),
        responses: [new Answered('PacketCheck'), new Wrong()],
    )]
    public function check(PacketRequest $request, OwnShelf $own, Engine $engine): JsonResponse
    {
        $made = $own->make($request->packet(), 'own-check');
        $in = \Transmuta\Shelf\IngredientRow::ingredient($made->row);

        return new JsonResponse([
            'estimates' => $made->estimates, 'stated_kj' => $made->statedKj === null ? null : round($made->statedKj), 'computed_kj' => round($made->computedKj), 'energy_note' => $made->energyNote,
            'ingredient' => (new IngredientJson($engine->reader, $this->shelf->evidence()))->full($in),
        ]);
    }

    #[OA\Post(
        path: '/api/shelf',
        summary: 'A packet as an ingredient of the kitchen’s own',
        operationId: 'Shelf.store',
        requestBody: new Asked('Packet'),
        responses: [new Answered('ShelfIngredient', 201), new Wrong()],
    )]
    public function store(PacketRequest $request, OwnShelf $own): JsonResponse
    {
        $kept = $own->keep($this->studio(), $request->packet());

        return new JsonResponse($this->fresh($kept->slug), 201);
    }

    /** Sees a reference row differently, or corrects an ingredient of one's own. */
    #[OA\Put(
        path: '/api/shelf/{slug}',
        summary: 'Corrects an ingredient from a packet',
        operationId: 'Shelf.update',
        parameters: [new InPath('slug', 'string')],
        requestBody: new Asked('Packet'),
        responses: [new Answered('ShelfIngredient'), new Wrong()],
    )]
    public function update(PacketRequest $request, string $slug, OwnShelf $own): JsonResponse
    {
        $this->shelf->shelf()->get($slug);
        $own->keep($this->studio(), ['like' => $slug, ...array_filter($request->packet(), static fn(mixed $v): bool => $v !== null)], $slug, $this->lastSeen($request));

        return new JsonResponse($this->fresh($slug));
    }

    /** Takes away what the studio added; a reference row shows as it is again. */
    #[OA\Delete(
        path: '/api/shelf/{slug}',
        summary: 'Takes an own ingredient or a correction away',
        operationId: 'Shelf.destroy',
        parameters: [new InPath('slug', 'string')],
        responses: [new Done(), new Wrong()],
    )]
    public function destroy(string $slug, OwnShelf $own): JsonResponse
    {
        $this->shelf->shelf()->get($slug);
        if (!$own->forget($this->studio(), $slug)) {
            throw \Transmuta\Fault\Nonsense::of('ingredient', $slug, 'a reference row cannot be taken away; only what this studio added or corrected can');
        }

        return new JsonResponse(null, 204);
    }

    /** @return array<string, mixed> out of the shelf as it stands after a write */
    private function fresh(string $slug): array
    {
        app()->forgetScopedInstances();

        return (new self(new StudioShelf($this->studio()->refresh())))->full($slug, app(Engine::class));
    }

    /** @return array<string, mixed> */
    private function full(string $slug, Engine $engine): array
    {
        $in = $this->shelf->shelf()->get($slug);
        $own = OwnIngredient::query()->where('studio_id', $this->studio()->id)->where('slug', $slug)->first();

        return [
            ...(new IngredientJson($engine->reader, $this->shelf->evidence()))->full($in),
            'own' => $this->own($in),
            'packet' => $own?->packet,
            'revision' => $own->revision ?? 0,
            'preparation' => $in->madeOf === null ? null : [...$in->madeOf, 'beside' => $this->beside($in)],
            'used_in' => $this->usedIn($slug),
            'evidence' => $this->evidence($slug),
        ];
    }

    /**
     * The bought thing a preparation stands beside: what both cost, and which diets each keeps.
     *
     * @return ?array<string, mixed>
     */
    private function beside(Ingredient $made): ?array
    {
        $bought = $made->madeOf === null || $made->madeOf['beside'] === null ? null : $this->shelf->shelf()->find($made->madeOf['beside']);
        if ($bought === null) {
            return null;
        }
        $json = new IngredientJson(app(Engine::class)->reader, $this->shelf->evidence());
        $of = static fn(Ingredient $in): array => ['id' => $in->id, 'name' => $in->name, 'minor_per_kg' => $in->priceMinorPerKg, 'glance' => $in->glance(), 'allergens' => $in->allergens, ...array_intersect_key($json->short($in), ['not' => 1, 'ask' => 1])];

        return ['made' => $of($made), 'bought' => $of($bought)];
    }

    /** @return list<array<string, mixed>> the latest first */
    private function evidence(string $slug): array
    {
        $query = Evidence::query();
        $query->where('studio_id', $this->studio()->id)->where('slug', $slug)->orderByDesc('seen_on')->orderByDesc('id');

        return array_values($query->get()->map(EvidenceController::write(...))->all());
    }

    /** Whether the studio added it (`own`), corrected it (`corrected`), or left it as it came (null). */
    private function own(Ingredient $in): ?string
    {
        return $this->shelf->isOwn($in->id) ? (str_starts_with($in->id, 'own-') ? 'own' : 'corrected') : null;
    }

    /** @return list<array<string, mixed>> */
    private function usedIn(string $slug): array
    {
        return app(Uses::class)->of($this->studio(), [$slug])['uses'];
    }
}
