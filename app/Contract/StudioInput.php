<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** The studio as it is to be; what is not sent of its kitchen stays. */
#[OA\Schema(
    schema: 'StudioInput',
    type: 'object',
    required: ['name', 'currency'],
    properties: [
        new OA\Property(property: 'currency', type: 'string'),
        new OA\Property(property: 'kitchen', ref: '#/components/schemas/Kitchen'),
        new OA\Property(property: 'name', type: 'string'),
    ],
)]
final class StudioInput {}
