<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\DietsProperty;
use OpenApi\Attributes as OA;

/** What a customer is told of a dish beside its label: computed, with what nobody has answered. */
#[OA\Schema(
    schema: 'Specification',
    type: 'object',
    required: ['layers', 'storage', 'diets', 'questions', 'kitchen'],
    properties: [
        new DietsProperty(),
        new OA\Property(property: 'kitchen', type: 'string'),
        new OA\Property(property: 'layers', type: 'array', items: new OA\Items(type: 'object', required: ['layer', 'grams', 'percent', 'treated', 'ph', 'water_activity', 'water', 'set'], properties: [
            new OA\Property(property: 'grams', type: 'number'),
            new OA\Property(property: 'layer', type: 'string'),
            new OA\Property(property: 'percent', description: 'Of the finished dish.', type: 'number'),
            new OA\Property(property: 'ph', type: 'number', nullable: true),
            new OA\Property(property: 'set', type: 'string'),
            new OA\Property(property: 'treated', type: 'string'),
            new OA\Property(property: 'water', description: 'g in 100 g.', type: 'number'),
            new OA\Property(property: 'water_activity', type: 'number'),
        ])),
        new OA\Property(property: 'questions', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'storage', type: 'object', required: ['celsius', 'days', 'frozen', 'why'], properties: [
            new OA\Property(property: 'celsius', type: 'number'),
            new OA\Property(property: 'days', type: 'integer'),
            new OA\Property(property: 'frozen', type: 'boolean'),
            new OA\Property(property: 'why', type: 'array', items: new OA\Items(type: 'string')),
        ]),
    ],
)]
final class Specification {}
