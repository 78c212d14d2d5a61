<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\EventList;
use App\Contract\Piece\RunSchema;
use OpenApi\Attributes as OA;

#[RunSchema('Run', 'A run as it stands: its steps, what is weighed and how near, and what happened.', [
    new EventList(['client_id', 'kind', 'step', 'body', 'at', 'who'], [new OA\Property(property: 'step', type: 'string'), new OA\Property(property: 'who', type: 'string')]),
    new OA\Property(property: 'batches', description: 'How many batches a step takes, by its id, where that is more than one.', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'integer')),
    new OA\Property(property: 'heat', description: 'Of each step that is heated or chilled: what the models expect, what was read, what it says.', type: 'array', items: new OA\Items(type: 'object', required: ['step', 'where', 'expected', 'marks', 'read', 'lethality', 'said'], properties: [
        new OA\Property(property: 'expected', type: 'array', items: new OA\Items(type: 'object', required: ['minute', 'celsius'], properties: [new OA\Property(property: 'celsius', type: 'number'), new OA\Property(property: 'minute', type: 'number')])),
        new OA\Property(property: 'lethality', description: 'Of a pasteurisation of its egg, by what the probe read; a guide, never a proof.', type: 'number', nullable: true),
        new OA\Property(property: 'marks', type: 'array', items: new OA\Items(type: 'object', required: ['what', 'celsius', 'kind'], properties: [new OA\Property(property: 'celsius', type: 'number'), new OA\Property(property: 'kind', type: 'string', enum: ['reach', 'not_over', 'told']), new OA\Property(property: 'what', type: 'string')])),
        new OA\Property(property: 'read', type: 'array', items: new OA\Items(type: 'object', required: ['minute', 'celsius'], properties: [new OA\Property(property: 'celsius', type: 'number'), new OA\Property(property: 'minute', type: 'number')])),
        new OA\Property(property: 'said', type: 'array', items: new OA\Items(type: 'object', required: ['tone', 'text'], properties: [new OA\Property(property: 'text', type: 'string'), new OA\Property(property: 'tone', type: 'string', enum: ['alarm', 'good', 'told'])])),
        new OA\Property(property: 'step', type: 'string'),
        new OA\Property(property: 'where', type: 'string', enum: ['pan', 'oven', 'cold']),
    ])),
    new OA\Property(property: 'layers', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'making', ref: '#/components/schemas/Making'),
    new OA\Property(property: 'mends', description: 'What balances a layer again after something came short or over.', type: 'array', items: new OA\Items(type: 'object', required: ['layer', 'factor', 'text'], properties: [
        new OA\Property(property: 'factor', type: 'number'),
        new OA\Property(property: 'layer', type: 'integer'),
        new OA\Property(property: 'text', type: 'string'),
    ])),
    new OA\Property(property: 'swaps', description: 'What was taken for what, and what that means for whoever eats it.', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'weighing', type: 'array', items: new OA\Items(type: 'object', required: ['layer', 'step', 'ingredient', 'name', 'asked', 'tolerance', 'weighed', 'is_off', 'solution', 'lots'], properties: [
        new OA\Property(property: 'asked', type: 'number'),
        new OA\Property(property: 'ingredient', type: 'string'),
        new OA\Property(property: 'is_off', type: 'boolean'),
        new OA\Property(property: 'layer', type: 'integer'),
        new OA\Property(property: 'lots', description: 'The latest that came in, those called back among them.', type: 'array', items: new OA\Items(type: 'object', required: ['id', 'code', 'is_recalled'], properties: [
            new OA\Property(property: 'code', type: 'string'),
            new OA\Property(property: 'id', type: 'integer'),
            new OA\Property(property: 'is_recalled', type: 'boolean'),
        ])),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'solution', type: 'string', nullable: true),
        new OA\Property(property: 'step', type: 'string'),
        new OA\Property(property: 'tolerance', type: 'number'),
        new OA\Property(property: 'weighed', type: 'number', nullable: true),
    ])),
])]
final class Run {}
