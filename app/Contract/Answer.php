<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** Routes, or what stands in their way and the nearest that can be had. */
#[OA\Schema(
    schema: 'Answer',
    description: 'Routes, or what stands in their way and the nearest that can be had.',
    type: 'object',
    required: ['brief', 'routes', 'blocked', 'proposals'],
    properties: [
        new OA\Property(property: 'blocked', type: 'array', items: new OA\Items(ref: '#/components/schemas/Blocked')),
        new OA\Property(property: 'brief', ref: '#/components/schemas/Brief'),
        new OA\Property(property: 'proposals', type: 'array', items: new OA\Items(type: 'object', required: ['words', 'brief', 'portions'], properties: [
            new OA\Property(property: 'brief', oneOf: [new OA\Schema(ref: '#/components/schemas/Brief'), new OA\Schema(type: 'null')]),
            new OA\Property(property: 'portions', type: 'number', nullable: true),
            new OA\Property(property: 'words', type: 'string'),
        ])),
        new OA\Property(property: 'routes', type: 'array', items: new OA\Items(ref: '#/components/schemas/Route')),
    ],
)]
final class Answer {}
