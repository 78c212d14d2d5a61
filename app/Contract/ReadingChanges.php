<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;
use Transmuta\Diet\Diet;

#[OA\Schema(
    schema: 'ReadingChanges',
    type: 'object',
    required: ['portion', 'layers', 'diets', 'allergens'],
    properties: [
        new OA\Property(property: 'allergens', type: 'object', required: ['in', 'out'], properties: [
            new OA\Property(property: 'in', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'out', type: 'array', items: new OA\Items(type: 'string')),
        ]),
        new OA\Property(property: 'diets', type: 'array', items: new OA\Items(type: 'object', required: ['diet', 'was', 'now'], properties: [
            new OA\Property(property: 'diet', type: 'string', enum: Diet::class),
            new OA\Property(property: 'now', type: 'string'),
            new OA\Property(property: 'was', type: 'string'),
        ])),
        new OA\Property(property: 'layers', type: 'array', items: new OA\Items(type: 'object', required: ['layer', 'what', 'was', 'now'], properties: [
            new OA\Property(property: 'layer', type: 'string'),
            new OA\Property(property: 'now', type: 'string'),
            new OA\Property(property: 'was', type: 'string'),
            new OA\Property(property: 'what', type: 'string'),
        ])),
        new OA\Property(property: 'portion', type: 'array', items: new OA\Items(type: 'object', required: ['what', 'unit', 'was', 'now'], properties: [
            new OA\Property(property: 'now', type: 'number'),
            new OA\Property(property: 'unit', type: 'string'),
            new OA\Property(property: 'was', type: 'number'),
            new OA\Property(property: 'what', type: 'string'),
        ])),
    ],
)]
final class ReadingChanges {}
