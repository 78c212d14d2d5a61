<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A thing to foretell; its answer once it was answered. */
#[OA\Schema(
    schema: 'Exercise',
    type: 'object',
    required: ['id', 'answered', 'score', 'said', 'came_to', 'why', 'question', 'answer'],
    properties: [
        new OA\Property(property: 'answer', oneOf: [new OA\Schema(ref: '#/components/schemas/ExerciseAnswer'), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'answered', type: 'boolean'),
        new OA\Property(property: 'came_to', description: 'What grams that were said set to.', type: 'string', nullable: true),
        new OA\Property(property: 'id', type: 'integer'),
        new OA\Property(property: 'question', type: 'object', required: ['skill', 'form', 'prompt', 'given', 'options'], properties: [
            new OA\Property(property: 'form', type: 'string'),
            new OA\Property(property: 'given', type: 'array', items: new OA\Items(type: 'object', required: ['name', 'lines'], properties: [
                new OA\Property(property: 'lines', type: 'array', items: new OA\Items(type: 'string')),
                new OA\Property(property: 'name', type: 'string'),
            ])),
            new OA\Property(property: 'options', type: 'array', items: new OA\Items(type: 'object', required: ['id', 'text', 'lines'], properties: [
                new OA\Property(property: 'id', type: 'string'),
                new OA\Property(property: 'lines', type: 'array', items: new OA\Items(type: 'string')),
                new OA\Property(property: 'text', type: 'string'),
            ])),
            new OA\Property(property: 'prompt', type: 'string'),
            new OA\Property(property: 'skill', type: 'string'),
        ]),
        new OA\Property(property: 'said', description: 'As it was answered.'),
        new OA\Property(property: 'score', type: 'number', nullable: true),
        new OA\Property(property: 'why', type: 'array', items: new OA\Items(type: 'string')),
    ],
)]
final class Exercise {}
