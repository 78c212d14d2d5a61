<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'StandAt',
    type: 'object',
    required: ['studio_id'],
    properties: [
        new OA\Property(property: 'studio_id', type: 'number'),
    ],
)]
final class StandAt {}
