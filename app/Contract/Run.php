<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\EventList;
use App\Contract\Piece\RunSchema;
use OpenApi\Attributes as OA;

#[RunSchema('Run', 'A run as it stands: its steps, what is weighed and how near, and what happened.', [
    new EventList(['client_id', 'kind', 'step', 'body', 'at', 'who'], [new OA\Property(property: 'step', type: 'string'), new OA\Property(property: 'who', type: 'string')]),
    new OA\Property(property: 'layers', type: 'array', items: new OA\Items(type: 'string')),
    new OA\Property(property: 'making', ref: '#/components/schemas/Making'),
    new OA\Property(property: 'mends', description: 'What balances a layer again after something came short or over.', type: 'array', items: new OA\Items(type: 'object', required: ['layer', 'factor', 'text'], properties: [
        new OA\Property(property: 'factor', type: 'number'),
        new OA\Property(property: 'layer', type: 'integer'),
        new OA\Property(property: 'text', type: 'string'),
    ])),
    new OA\Property(property: 'weighing', type: 'array', items: new OA\Items(type: 'object', required: ['layer', 'step', 'ingredient', 'name', 'asked', 'tolerance', 'weighed', 'is_off', 'solution'], properties: [
        new OA\Property(property: 'asked', type: 'number'),
        new OA\Property(property: 'ingredient', type: 'string'),
        new OA\Property(property: 'is_off', type: 'boolean'),
        new OA\Property(property: 'layer', type: 'integer'),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'solution', type: 'string', nullable: true),
        new OA\Property(property: 'step', type: 'string'),
        new OA\Property(property: 'tolerance', type: 'number'),
        new OA\Property(property: 'weighed', type: 'number', nullable: true),
    ])),
])]
final class Run {}
