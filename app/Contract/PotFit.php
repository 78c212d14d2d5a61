<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What judged pots say. */
#[OA\Schema(
    schema: 'PotFit',
    type: 'object',
    required: ['dose', 'chances'],
    properties: [
        new OA\Property(property: 'bracket', type: 'array', items: new OA\Items(type: 'number', nullable: true)),
        new OA\Property(property: 'chances', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'number'))),
        new OA\Property(property: 'dose', oneOf: [new OA\Schema(ref: '#/components/schemas/DoseFound'), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'factor', type: 'object', required: ['value', 'low', 'high'], properties: [
            new OA\Property(property: 'high', type: 'number', nullable: true),
            new OA\Property(property: 'low', type: 'number', nullable: true),
            new OA\Property(property: 'value', type: 'number'),
        ]),
        new OA\Property(property: 'means', type: 'array', items: new OA\Items(type: 'number')),
        new OA\Property(property: 'sigma', type: 'number'),
        new OA\Property(property: 'sure', type: 'number', nullable: true),
        new OA\Property(property: 'wanted_word', type: 'string'),
    ],
)]
final class PotFit {}
