<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'ShelfEntry',
    type: 'object',
    required: ['id', 'name', 'group', 'names', 'jobs', 'not', 'ask', 'mark', 'source', 'own'],
    properties: [
        new OA\Property(property: 'ask', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'group', type: 'string'),
        new OA\Property(property: 'id', type: 'string'),
        new OA\Property(property: 'jobs', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'mark', ref: '#/components/schemas/Mark'),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'names', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'not', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'own', oneOf: [new OA\Schema(type: 'string', enum: ['own', 'corrected']), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'source', type: 'string'),
    ],
)]
final class ShelfEntry {}
