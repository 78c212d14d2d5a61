<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A class of fault, and what people say of it. */
#[OA\Schema(
    schema: 'FaultKind',
    type: 'object',
    required: ['fault', 'words', 'causes'],
    properties: [
        new OA\Property(property: 'causes', type: 'integer'),
        new OA\Property(property: 'fault', type: 'string'),
        new OA\Property(property: 'words', type: 'array', items: new OA\Items(type: 'string')),
    ],
)]
final class FaultKind {}
