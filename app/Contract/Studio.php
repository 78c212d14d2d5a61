<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\CountProperty;
use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'Studio',
    type: 'object',
    required: ['revision', 'name', 'currency', 'kitchen', 'measures'],
    properties: [
        new CountProperty(),
        new OA\Property(property: 'currency', description: 'ISO 4217, three letters.', type: 'string'),
        new OA\Property(property: 'kitchen', ref: '#/components/schemas/Kitchen'),
        new OA\Property(property: 'measures', description: 'Its own: amounts are said in them too, where they say them near enough.', type: 'array', items: new OA\Items(type: 'object', required: ['name', 'ml'], properties: [
            new OA\Property(property: 'ml', type: 'number'),
            new OA\Property(property: 'name', type: 'string'),
        ])),
        new OA\Property(property: 'name', type: 'string'),
    ],
)]
final class Studio {}
