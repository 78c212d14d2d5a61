<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'MadeToken',
    type: 'object',
    required: ['id', 'name', 'may', 'used_at', 'expires_at', 'secret'],
    properties: [
        new OA\Property(property: 'expires_at', type: 'string', nullable: true),
        new OA\Property(property: 'id', type: 'number'),
        new OA\Property(property: 'may', type: 'string'),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'secret', description: 'Told once.', type: 'string'),
        new OA\Property(property: 'used_at', type: 'string', nullable: true),
    ],
)]
final class MadeToken {}
