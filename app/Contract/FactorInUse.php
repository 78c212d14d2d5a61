<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A factor somebody took over. */
#[OA\Schema(
    schema: 'FactorInUse',
    type: 'object',
    required: ['factor', 'low', 'high', 'n', 'on', 'who'],
    properties: [
        new OA\Property(property: 'factor', type: 'number'),
        new OA\Property(property: 'high', type: 'number'),
        new OA\Property(property: 'low', type: 'number'),
        new OA\Property(property: 'n', type: 'integer'),
        new OA\Property(property: 'on', type: 'string'),
        new OA\Property(property: 'who', type: 'string'),
    ],
)]
final class FactorInUse {}
