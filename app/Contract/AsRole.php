<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'AsRole',
    type: 'object',
    required: ['role'],
    properties: [
        new OA\Property(property: 'role', type: 'string', enum: \App\Access\Role::class),
    ],
)]
final class AsRole {}
