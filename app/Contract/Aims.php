<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'Aims',
    type: 'object',
    required: ['sweetness', 'set', 'sharpness', 'richness'],
    properties: [
        new OA\Property(property: 'richness', type: 'number'),
        new OA\Property(property: 'set', type: 'number'),
        new OA\Property(property: 'sharpness', type: 'number'),
        new OA\Property(property: 'sweetness', type: 'number'),
    ],
)]
final class Aims {}
