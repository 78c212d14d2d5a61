<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** One side of made or bought. */
#[OA\Schema(
    schema: 'Beside',
    description: 'One side of made or bought.',
    type: 'object',
    required: ['id', 'name', 'minor_per_kg', 'glance', 'allergens', 'not', 'ask'],
    properties: [
        new OA\Property(property: 'allergens', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'ask', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'glance', type: 'string'),
        new OA\Property(property: 'id', type: 'string'),
        new OA\Property(property: 'minor_per_kg', type: 'number', nullable: true),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'not', type: 'array', items: new OA\Items(type: 'string')),
    ],
)]
final class Beside {}
