<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A fault as problem details (RFC 9457): the place and the mend. */
#[OA\Schema(
    schema: 'ProblemDetails',
    description: 'A fault as problem details (RFC 9457): the place and the mend.',
    type: 'object',
    required: ['type', 'title', 'status', 'detail', 'field', 'mend'],
    properties: [
        new OA\Property(property: 'detail', type: 'string'),
        new OA\Property(property: 'errors', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'array', items: new OA\Items(type: 'string'))),
        new OA\Property(property: 'field', type: 'string'),
        new OA\Property(property: 'line', type: 'number'),
        new OA\Property(property: 'mend', type: 'string'),
        new OA\Property(property: 'revision', type: 'number'),
        new OA\Property(property: 'status', type: 'number'),
        new OA\Property(property: 'title', type: 'string'),
        new OA\Property(property: 'type', type: 'string'),
        new OA\Property(property: 'version', type: 'number'),
    ],
)]
final class ProblemDetails {}
