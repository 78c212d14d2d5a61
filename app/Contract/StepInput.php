<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'StepInput',
    type: 'object',
    required: ['text'],
    properties: [
        new OA\Property(property: 'id', type: 'string'),
        new OA\Property(property: 'text', type: 'string'),
    ],
)]
final class StepInput {}
