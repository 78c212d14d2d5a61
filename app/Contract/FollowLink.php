<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'FollowLink',
    type: 'object',
    required: [],
    properties: [
        new OA\Property(property: 'email', type: 'string'),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'password', type: 'string'),
    ],
)]
final class FollowLink {}
