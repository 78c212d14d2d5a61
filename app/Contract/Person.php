<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\CountProperty;
use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'Person',
    type: 'object',
    required: ['revision', 'id', 'name', 'email', 'role', 'is_you'],
    properties: [
        new CountProperty(),
        new OA\Property(property: 'email', type: 'string'),
        new OA\Property(property: 'id', type: 'number'),
        new OA\Property(property: 'is_you', type: 'boolean'),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'role', type: 'string', enum: \App\Access\Role::class),
    ],
)]
final class Person {}
