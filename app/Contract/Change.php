<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'Change',
    type: 'object',
    required: ['layer', 'out', 'in', 'why'],
    properties: [
        new OA\Property(property: 'in', type: 'array', items: new OA\Items(type: 'object', required: ['ingredient', 'name', 'grams'], properties: [
            new OA\Property(property: 'grams', type: 'number'),
            new OA\Property(property: 'ingredient', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'weigh', type: 'string', nullable: true),
        ])),
        new OA\Property(property: 'layer', type: 'string'),
        new OA\Property(property: 'layer_id', type: 'string'),
        new OA\Property(property: 'out', type: 'array', items: new OA\Items(type: 'object', required: ['ingredient', 'name', 'grams'], properties: [
            new OA\Property(property: 'grams', type: 'number'),
            new OA\Property(property: 'ingredient', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'weigh', type: 'string', nullable: true),
        ])),
        new OA\Property(property: 'why', type: 'string'),
    ],
)]
final class Change {}
