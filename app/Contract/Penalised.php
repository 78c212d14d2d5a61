<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What those who find too little or too much of something like it less. */
#[OA\Schema(
    schema: 'Penalised',
    type: 'object',
    required: ['attribute', 'n', 'shares', 'balance', 'sides'],
    properties: [
        new OA\Property(property: 'attribute', type: 'string'),
        new OA\Property(property: 'balance', type: 'number', nullable: true),
        new OA\Property(property: 'n', type: 'integer'),
        new OA\Property(property: 'shares', type: 'object', required: ['low', 'right', 'high'], properties: [
            new OA\Property(property: 'high', type: 'number'),
            new OA\Property(property: 'low', type: 'number'),
            new OA\Property(property: 'right', type: 'number'),
        ]),
        new OA\Property(property: 'sides', type: 'array', items: new OA\Items(type: 'object', required: ['side', 'n', 'share', 'drop', 'weighted', 't', 'p', 'interval', 'acts', 'judged'], properties: [
            new OA\Property(property: 'acts', type: 'boolean'),
            new OA\Property(property: 'drop', type: 'number', nullable: true),
            new OA\Property(property: 'interval', description: '95 %; none of too few', oneOf: [new OA\Schema(type: 'array', items: new OA\Items(type: 'number')), new OA\Schema(type: 'null')]),
            new OA\Property(property: 'judged', type: 'boolean'),
            new OA\Property(property: 'n', type: 'integer'),
            new OA\Property(property: 'p', type: 'number', nullable: true),
            new OA\Property(property: 'share', type: 'number'),
            new OA\Property(property: 'side', type: 'string'),
            new OA\Property(property: 't', type: 'number', nullable: true),
            new OA\Property(property: 'weighted', type: 'number', nullable: true),
        ])),
    ],
)]
final class Penalised {}
