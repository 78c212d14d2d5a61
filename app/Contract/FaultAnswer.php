<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** Causes of a fault, likeliest first. */
#[OA\Schema(
    schema: 'FaultAnswer',
    type: 'object',
    required: ['fault', 'layer', 'layer_id', 'stops', 'cautions', 'facts', 'causes'],
    properties: [
        new OA\Property(property: 'causes', type: 'array', items: new OA\Items(type: 'object', required: ['fault', 'row', 'cause', 'chance', 'word', 'for', 'against', 'asks', 'now', 'next', 'change'], properties: [
            new OA\Property(property: 'against', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'asks', type: 'string', nullable: true),
            new OA\Property(property: 'cause', type: 'string'),
            new OA\Property(property: 'chance', type: 'number'),
            new OA\Property(property: 'change', description: 'What of the formula would be changed for next time, and how the layer is foretold to set before and after; null where only the words help.', oneOf: [new OA\Schema(type: 'object', required: ['words', 'before', 'after'], properties: [
                new OA\Property(property: 'after', type: 'string'),
                new OA\Property(property: 'before', type: 'string'),
                new OA\Property(property: 'words', type: 'array', items: new OA\Items(type: 'string')),
            ]), new OA\Schema(type: 'null')]),
            new OA\Property(property: 'fault', type: 'string'),
            new OA\Property(property: 'for', type: 'array', items: new OA\Items(type: 'string')),
            new OA\Property(property: 'next', type: 'array', items: new OA\Items(type: 'object', required: ['text'], properties: [
                new OA\Property(property: 'grams', type: 'number'),
                new OA\Property(property: 'ingredient', type: 'string'),
                new OA\Property(property: 'temperature_c', type: 'number'),
                new OA\Property(property: 'text', type: 'string'),
            ])),
            new OA\Property(property: 'now', type: 'array', items: new OA\Items(type: 'object', required: ['text'], properties: [
                new OA\Property(property: 'grams', type: 'number'),
                new OA\Property(property: 'ingredient', type: 'string'),
                new OA\Property(property: 'temperature_c', type: 'number'),
                new OA\Property(property: 'text', type: 'string'),
            ])),
            new OA\Property(property: 'row', type: 'integer'),
            new OA\Property(property: 'word', type: 'string'),
        ])),
        new OA\Property(property: 'cautions', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'facts', description: 'What the run itself says.', type: 'object', additionalProperties: true),
        new OA\Property(property: 'fault', type: 'string'),
        new OA\Property(property: 'layer', type: 'string'),
        new OA\Property(property: 'layer_id', type: 'string'),
        new OA\Property(property: 'stops', type: 'array', items: new OA\Items(type: 'string')),
    ],
)]
final class FaultAnswer {}
