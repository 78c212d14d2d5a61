<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'LineReading',
    type: 'object',
    required: ['text', 'ingredient', 'grams', 'trace', 'confidence', 'jobs', 'doubt', 'set_by'],
    properties: [
        new OA\Property(property: 'confidence', type: 'string'),
        new OA\Property(property: 'doubt', type: 'string', nullable: true),
        new OA\Property(property: 'grams', type: 'number', nullable: true),
        new OA\Property(property: 'ingredient', type: 'string', nullable: true),
        new OA\Property(property: 'jobs', type: 'object', required: ['set', 'sweet', 'fat', 'acid', 'air', 'protein', 'firm', 'water', 'brown', 'colour'], properties: [
            new OA\Property(property: 'acid', type: 'number'),
            new OA\Property(property: 'air', type: 'number'),
            new OA\Property(property: 'brown', type: 'number'),
            new OA\Property(property: 'colour', type: 'number'),
            new OA\Property(property: 'fat', type: 'number'),
            new OA\Property(property: 'firm', type: 'number'),
            new OA\Property(property: 'protein', type: 'number'),
            new OA\Property(property: 'set', type: 'number'),
            new OA\Property(property: 'sweet', type: 'number'),
            new OA\Property(property: 'water', type: 'number'),
        ]),
        new OA\Property(property: 'set_by', description: 'Share of the layer\'s set that goes with the line, by mechanism.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'number')),
        new OA\Property(property: 'text', type: 'string'),
        new OA\Property(property: 'trace', type: 'string'),
    ],
)]
final class LineReading {}
