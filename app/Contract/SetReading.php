<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'SetReading',
    type: 'object',
    required: ['ge', 'low', 'high', 'step', 'step_index', 'kind', 'mechanisms'],
    properties: [
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
