<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;
use Transmuta\Formula\Family;
use Transmuta\Quantity\UnitSystem;

#[OA\Schema(
    schema: 'Formula',
    type: 'object',
    required: ['title', 'family', 'measures', 'portions', 'serve_at_c', 'layers', 'method'],
    properties: [
        new OA\Property(property: 'family', type: 'string', enum: Family::class),
        new OA\Property(property: 'layers', type: 'array', items: new OA\Items(ref: '#/components/schemas/FormulaLayer')),
        new OA\Property(property: 'measured', type: 'array', items: new OA\Items(type: 'object', required: ['ingredient', 'brix', 'acid'], properties: [
            new OA\Property(property: 'acid', type: 'number', nullable: true),
            new OA\Property(property: 'brix', type: 'number', nullable: true),
            new OA\Property(property: 'ingredient', type: 'string'),
        ])),
        new OA\Property(property: 'measures', type: 'string', enum: UnitSystem::class),
        new OA\Property(property: 'method', type: 'array', items: new OA\Items(type: 'object', required: ['text'], properties: [
            new OA\Property(property: 'id', type: 'string'),
            new OA\Property(property: 'text', type: 'string'),
        ])),
        new OA\Property(property: 'portions', type: 'number'),
        new OA\Property(property: 'serve_at_c', type: 'number'),
        new OA\Property(property: 'title', type: 'string'),
    ],
)]
final class Formula {}
