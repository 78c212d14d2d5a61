<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'SectionShape',
    type: 'object',
    required: ['width_mm', 'cut', 'height_mm', 'fill', 'shape', 'layers'],
    properties: [
        new OA\Property(property: 'cut', type: 'boolean'),
        new OA\Property(property: 'fill', type: 'number', nullable: true),
        new OA\Property(property: 'height_mm', type: 'number', nullable: true),
        new OA\Property(property: 'layers', type: 'array', items: new OA\Items(type: 'object', required: ['name', 'height_mm', 'kind'], properties: [
            new OA\Property(property: 'height_mm', type: 'number'),
            new OA\Property(property: 'kind', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
        ])),
        new OA\Property(property: 'shape', type: 'string'),
        new OA\Property(property: 'width_mm', type: 'number'),
    ],
)]
final class SectionShape {}
