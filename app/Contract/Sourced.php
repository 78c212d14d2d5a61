<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'Sourced',
    type: 'object',
    required: ['mark', 'words', 'source'],
    properties: [
        new OA\Property(property: 'mark', ref: '#/components/schemas/Mark'),
        new OA\Property(property: 'source', type: 'string'),
        new OA\Property(property: 'words', type: 'string'),
    ],
)]
final class Sourced {}
