<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Http\Requests\EvidenceRequest;
use App\Models\Evidence;
use App\Services\OwnShelf;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;
use Transmuta\Shelf\Shelf;

/** What packets and certificates proved, and until when. */
final class EvidenceController extends Controller
{
    #[OA\Post(
        path: '/api/shelf/{slug}/evidence',
        summary: 'What a packet proves for a diet',
        operationId: 'Evidence.store',
        parameters: [
            new OA\Parameter(name: 'slug', in: 'path', required: true, schema: new OA\Schema(type: 'string')),
        ],
        requestBody: new OA\RequestBody(required: true, content: new OA\JsonContent(ref: '#/components/schemas/NewEvidence')),
        responses: [
            new OA\Response(response: 201, description: 'Answered', content: new OA\JsonContent(ref: '#/components/schemas/Evidence')),
            new OA\Response(response: 'default', description: 'What is wrong, where, and the mend', content: new OA\JsonContent(ref: '#/components/schemas/ProblemDetails')),
        ],
    )]
    public function store(EvidenceRequest $request, string $slug, Shelf $shelf): JsonResponse
    {
        $in = $shelf->get($slug);
        /** @var Evidence $evidence */
        $evidence = DB::transaction(function () use ($request, $in): Evidence {
            /** @var array<string, mixed> $seen */
            $seen = $request->validated();
            $evidence = Evidence::query()->create([...$seen, 'studio_id' => $this->studio()->id, 'slug' => $in->id]);
            OwnShelf::turn($this->studio());

            return $evidence;
        });

        return new JsonResponse(self::write($evidence->refresh()), 201);
    }

    #[OA\Delete(
        path: '/api/evidence/{evidence}',
        summary: 'Takes evidence away',
        operationId: 'Evidence.destroy',
        parameters: [
            new OA\Parameter(name: 'evidence', in: 'path', required: true, schema: new OA\Schema(type: 'integer')),
        ],
        responses: [
            new OA\Response(response: 204, description: 'Done'),
            new OA\Response(response: 'default', description: 'What is wrong, where, and the mend', content: new OA\JsonContent(ref: '#/components/schemas/ProblemDetails')),
        ],
    )]
    public function destroy(Evidence $evidence): JsonResponse
    {
        abort_unless($evidence->studio_id === $this->studio()->id, 404);
        DB::transaction(function () use ($evidence): void {
            $evidence->delete();
            OwnShelf::turn($this->studio());
        });

        return new JsonResponse(null, 204);
    }

    /** @return array<string, mixed> */
    public static function write(Evidence $e): array
    {
        $today = now()->toDateString();

        return [
            'id' => $e->id, 'diet' => $e->diet, 'meets' => $e->meets, 'note' => $e->note, 'seen_on' => $e->seen_on, 'expires_on' => $e->expires_on, 'who' => $e->who,
            'expired' => $e->expires_on !== null && $e->expires_on < $today,
        ];
    }
}
