<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'Health',
    type: 'object',
    required: ['is_well', 'checks'],
    properties: [
        new OA\Property(property: 'checks', type: 'array', items: new OA\Items(type: 'object', required: ['what', 'is_well', 'says'], properties: [
            new OA\Property(property: 'is_well', type: 'boolean'),
            new OA\Property(property: 'says', type: 'string'),
            new OA\Property(property: 'what', type: 'string'),
        ])),
        new OA\Property(property: 'is_well', type: 'boolean'),
    ],
)]
final class Health {}
