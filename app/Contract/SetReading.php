<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'SetReading',
    type: 'object',
    required: ['ge', 'low', 'high', 'step', 'step_index', 'kind', 'mechanisms', 'chances'],
    properties: [
        new OA\Property(property: 'chances', description: 'How likely each of the seven steps is, pours to hard; none for a base.', oneOf: [new OA\Schema(type: 'array', items: new OA\Items(type: 'number')), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'factors', description: 'What this kitchen’s own trials say, by mechanism, where it was taken over.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number')),
        new OA\Property(property: 'ge', type: 'number', nullable: true),
        new OA\Property(property: 'high', type: 'number', nullable: true),
        new OA\Property(property: 'kind', type: 'string'),
        new OA\Property(property: 'low', type: 'number', nullable: true),
        new OA\Property(property: 'mechanisms', type: 'array', items: new OA\Items(type: 'object', required: ['name', 'ge', 'share'], properties: [
            new OA\Property(property: 'ge', type: 'number'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'share', type: 'number'),
        ])),
        new OA\Property(property: 'step', type: 'string'),
        new OA\Property(property: 'step_index', type: 'number', nullable: true),
    ],
)]
final class SetReading {}
