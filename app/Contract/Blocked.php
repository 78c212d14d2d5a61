<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What stands between a dish and its brief. */
#[OA\Schema(
    schema: 'Blocked',
    description: 'What stands between a dish and its brief.',
    type: 'object',
    required: ['what', 'number', 'unit', 'reason', 'nearest', 'because'],
    properties: [
        new OA\Property(property: 'because', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'nearest', type: 'string'),
        new OA\Property(property: 'number', type: 'number'),
        new OA\Property(property: 'reason', type: 'string'),
        new OA\Property(property: 'unit', type: 'string'),
        new OA\Property(property: 'what', type: 'string'),
    ],
)]
final class Blocked {}
