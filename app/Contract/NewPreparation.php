<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'NewPreparation',
    type: 'object',
    required: ['name', 'text'],
    properties: [
        new OA\Property(property: 'also_called', oneOf: [new OA\Schema(type: 'array', items: new OA\Items(type: 'string')), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'beside', type: 'string', nullable: true),
        new OA\Property(property: 'boiled_off', type: 'boolean', nullable: true),
        new OA\Property(property: 'keeps_days', type: 'number', nullable: true),
        new OA\Property(property: 'measures', type: 'string', nullable: true),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'text', type: 'string'),
        new OA\Property(property: 'yield_g', type: 'number', nullable: true),
    ],
)]
final class NewPreparation {}
