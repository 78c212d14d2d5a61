<?php

declare(strict_types=1);

namespace App\Exceptions;

use Illuminate\Http\JsonResponse;

/** One fault as problem details (RFC 9457): what is wrong, the place, and the mend. */
final class Problem
{
    /** @param array<string, mixed> $more */
    public static function answer(int $status, string $code, string $detail, string $field, string $mend, array $more = []): JsonResponse
    {
        return new JsonResponse([
            'type' => 'urn:transmuta:problem:' . $code,
            'title' => str_replace('-', ' ', ucfirst($code)),
            'status' => $status,
            'detail' => $detail,
            'field' => $field,
            'mend' => $mend,
            ...$more,
        ], $status, ['Content-Type' => 'application/problem+json']);
    }
}
