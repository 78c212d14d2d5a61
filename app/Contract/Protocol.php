<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** One way to measure a set with what a kitchen has. */
#[OA\Schema(
    schema: 'Protocol',
    type: 'object',
    required: ['id', 'name', 'unit', 'low', 'high', 'needs_force', 'how', 'reads', 'unsure', 'mark'],
    properties: [
        new OA\Property(property: 'high', type: 'number'),
        new OA\Property(property: 'how', type: 'string'),
        new OA\Property(property: 'id', type: 'string'),
        new OA\Property(property: 'low', type: 'number'),
        new OA\Property(property: 'mark', type: 'string'),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'needs_force', type: 'boolean'),
        new OA\Property(property: 'reads', type: 'string'),
        new OA\Property(property: 'unit', type: 'string'),
        new OA\Property(property: 'unsure', type: 'string'),
    ],
)]
final class Protocol {}
