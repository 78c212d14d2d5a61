<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'FirstOwner',
    type: 'object',
    required: ['studio', 'name', 'email', 'password'],
    properties: [
        new OA\Property(property: 'email', type: 'string'),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'password', type: 'string'),
        new OA\Property(property: 'studio', type: 'string'),
    ],
)]
final class FirstOwner {}
