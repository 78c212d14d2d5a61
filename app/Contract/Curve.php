<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'Curve',
    type: 'object',
    required: ['name', 'x', 'y', 'note', 'points'],
    properties: [
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'note', type: 'string'),
        new OA\Property(property: 'points', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number'), minItems: 2, maxItems: 2)),
        new OA\Property(property: 'x', type: 'string'),
        new OA\Property(property: 'y', type: 'string'),
    ],
)]
final class Curve {}
