<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A link that is still good, without its secret. */
#[OA\Schema(
    schema: 'OpenLink',
    type: 'object',
    required: ['id', 'role', 'name', 'expires_at'],
    properties: [
        new OA\Property(property: 'expires_at', type: 'string'),
        new OA\Property(property: 'id', type: 'integer'),
        new OA\Property(property: 'name', description: 'Whose password it resets; null where it asks somebody in.', type: 'string', nullable: true),
        new OA\Property(property: 'role', description: 'As what it asks somebody in.', type: 'string', nullable: true),
    ],
)]
final class OpenLink {}
