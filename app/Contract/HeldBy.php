<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'HeldBy',
    type: 'object',
    required: ['version_id', 'version', 'dish', 'grams', 'in'],
    properties: [
        new OA\Property(property: 'dish', type: 'string'),
        new OA\Property(property: 'grams', type: 'number'),
        new OA\Property(property: 'in', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'version', type: 'string'),
        new OA\Property(property: 'version_id', type: 'number'),
    ],
)]
final class HeldBy {}
