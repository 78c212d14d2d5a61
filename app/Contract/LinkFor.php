<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'LinkFor',
    description: 'What a link is for: to join as something, or for one person to choose another password.',
    type: 'object',
    required: ['studio', 'role', 'name'],
    properties: [
        new OA\Property(property: 'name', type: 'string', nullable: true),
        new OA\Property(property: 'role', type: 'string', nullable: true),
        new OA\Property(property: 'studio', type: 'string'),
    ],
)]
final class LinkFor {}
