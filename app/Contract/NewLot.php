<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'NewLot',
    type: 'object',
    required: ['code'],
    properties: [
        new OA\Property(property: 'best_before', type: 'string', nullable: true),
        new OA\Property(property: 'came_on', type: 'string', nullable: true),
        new OA\Property(property: 'code', type: 'string'),
    ],
)]
final class NewLot {}
