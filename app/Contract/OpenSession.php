<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'OpenSession',
    type: 'object',
    required: ['id', 'is_this', 'browser', 'seen_at'],
    properties: [
        new OA\Property(property: 'browser', type: 'string'),
        new OA\Property(property: 'id', type: 'string'),
        new OA\Property(property: 'is_this', type: 'boolean'),
        new OA\Property(property: 'seen_at', type: 'string'),
    ],
)]
final class OpenSession {}
