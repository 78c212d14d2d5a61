<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'MadeLink',
    type: 'object',
    required: ['path', 'role', 'expires_at'],
    properties: [
        new OA\Property(property: 'expires_at', type: 'string'),
        new OA\Property(property: 'path', description: 'Told once: where the link leads.', type: 'string'),
        new OA\Property(property: 'role', type: 'string', nullable: true),
    ],
)]
final class MadeLink {}
