<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Asked;
use App\Contract\Operation\Done;
use App\Contract\Operation\InPath;
use App\Contract\Operation\Wrong;
use App\Http\Requests\EvidenceRequest;
use App\Models\Evidence;
use Illuminate\Http\JsonResponse;
use Illuminate\Support\Facades\DB;
use Illuminate\Support\Facades\Gate;
use OpenApi\Attributes as OA;
use Transmuta\Shelf\Shelf;

/** What packets and certificates proved, and until when. */
final class EvidenceController extends Controller
{
    #[OA\Post(
        path: '/api/shelf/{slug}/evidence',
        summary: 'What a packet proves for a diet',
        operationId: 'Evidence.store',
        parameters: [new InPath('slug', 'string')],
        requestBody: new Asked('NewEvidence'),
        responses: [new Answered('Evidence', 201), new Wrong()],
    )]
    public function store(EvidenceRequest $request, string $slug, Shelf $shelf): JsonResponse
    {
        $in = $shelf->get($slug);
        /** @var Evidence $evidence */
        $evidence = DB::transaction(function () use ($request, $in): Evidence {
            /** @var array<string, mixed> $seen */
            $seen = $request->validated();
            $evidence = Evidence::query()->create([...$seen, 'studio_id' => $this->studio()->id, 'slug' => $in->id]);
            $this->studio()->turnShelf();

            return $evidence;
        });

        return new JsonResponse(self::write($evidence->refresh()), 201);
    }

    #[OA\Delete(
        path: '/api/evidence/{evidence}',
        summary: 'Takes evidence away',
        operationId: 'Evidence.destroy',
        parameters: [new InPath('evidence')],
        responses: [new Done(), new Wrong()],
    )]
    public function destroy(Evidence $evidence): JsonResponse
    {
        Gate::authorize('update', $evidence);
        DB::transaction(function () use ($evidence): void {
            $evidence->delete();
            $this->studio()->turnShelf();
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
