<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'NewToken',
    type: 'object',
    required: ['name', 'may', 'days'],
    properties: [
        new OA\Property(property: 'days', type: 'number'),
        new OA\Property(property: 'may', type: 'string', enum: \App\Access\Ability::class),
        new OA\Property(property: 'name', type: 'string'),
    ],
)]
final class NewToken {}
