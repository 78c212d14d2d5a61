<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** One step of how a number came about. */
#[OA\Schema(
    schema: 'TraceStep',
    description: 'One step of how a number came about.',
    type: 'object',
    required: ['label', 'value', 'unit', 'words', 'source', 'inputs'],
    properties: [
        new OA\Property(property: 'inputs', type: 'array', items: new OA\Items(ref: '#/components/schemas/TraceStep')),
        new OA\Property(property: 'label', type: 'string'),
        new OA\Property(property: 'source', oneOf: [new OA\Schema(type: 'object', required: ['mark', 'words', 'source'], properties: [
            new OA\Property(property: 'mark', ref: '#/components/schemas/Mark'),
            new OA\Property(property: 'source', type: 'string'),
            new OA\Property(property: 'words', type: 'string'),
        ]), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'unit', type: 'string'),
        new OA\Property(property: 'value', type: 'number', nullable: true),
        new OA\Property(property: 'words', type: 'string'),
    ],
)]
final class TraceStep {}
