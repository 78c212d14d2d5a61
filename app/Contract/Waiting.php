<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'Waiting',
    description: 'What waits over all dishes: the first of each list, and how many there are in all.',
    type: 'object',
    required: ['errands', 'errands_in_all', 'people', 'decisions', 'in_all'],
    properties: [
        new OA\Property(property: 'decisions', type: 'array', items: new OA\Items(type: 'object', required: ['kind', 'version_id', 'dish', 'version', 'open_lines', 'found', 'is_softer'], properties: [
            new OA\Property(property: 'dish', type: 'string'),
            new OA\Property(property: 'found', description: 'The step of the ladder the latest trial found.', type: 'string', nullable: true),
            new OA\Property(property: 'is_softer', type: 'boolean', nullable: true),
            new OA\Property(property: 'kind', type: 'string', enum: ['off', 'open', 'unmade']),
            new OA\Property(property: 'open_lines', type: 'number'),
            new OA\Property(property: 'version', type: 'string'),
            new OA\Property(property: 'version_id', type: 'number'),
        ])),
        new OA\Property(property: 'errands', type: 'array', items: new OA\Items(ref: '#/components/schemas/Errand')),
        new OA\Property(property: 'errands_in_all', type: 'number'),
        new OA\Property(property: 'in_all', type: 'object', required: ['off', 'open', 'unmade'], properties: [
            new OA\Property(property: 'off', type: 'number'),
            new OA\Property(property: 'open', type: 'number'),
            new OA\Property(property: 'unmade', type: 'number'),
        ]),
        new OA\Property(property: 'people', description: 'Who and what is waited for.', type: 'array', items: new OA\Items(type: 'string')),
    ],
)]
final class Waiting {}
