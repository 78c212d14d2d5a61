<?php

declare(strict_types=1);

namespace App\Http\Controllers;

use App\Contract\Operation\Answered;
use App\Contract\Operation\Asked;
use App\Contract\Operation\Wrong;
use Illuminate\Http\JsonResponse;
use Illuminate\Http\Request;
use Illuminate\Support\Facades\DB;
use OpenApi\Attributes as OA;

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
        return new JsonResponse(['name' => $this->studio()->name, 'currency' => $this->studio()->currency]);
    }

    /** Its name, and what costs are reckoned in; prices stay the figures they are. */
    #[OA\Put(
        path: '/api/studio',
        summary: 'Names the studio and its currency',
        operationId: 'Studio.update',
        requestBody: new Asked('Studio'),
        responses: [new Answered('Studio'), new Wrong()],
    )]
    public function update(Request $request): JsonResponse
    {
        $request->merge(['currency' => mb_strtoupper((string) $request->string('currency'))]);
        $request->validate(['name' => ['required', 'string', 'max:120'], 'currency' => ['required', 'regex:/^[A-Z]{3}$/']], [
            'name.required' => 'A studio needs a name.', 'currency.regex' => 'Give the three letters of a currency, such as EUR or GBP.',
        ]);
        DB::transaction(fn(): bool => $this->studio()->update(['name' => (string) $request->string('name')->squish(), 'currency' => (string) $request->string('currency')]));

        return $this->show();
    }
}
