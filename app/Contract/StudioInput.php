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
        new OA\Property(property: 'measures', description: 'Its own: amounts are said in them too, where they say them near enough.', type: 'array', items: new OA\Items(type: 'object', required: ['name', 'ml'], properties: [
            new OA\Property(property: 'ml', type: 'number'),
            new OA\Property(property: 'name', type: 'string'),
        ])),
        new OA\Property(property: 'name', type: 'string'),
    ],
)]
final class StudioInput {}
