<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** One pot: g of each thing in it. */
#[OA\Schema(
    schema: 'Pot',
    type: 'object',
    required: ['code', 'dose', 'agent', 'base', 'stock', 'liquid', 'foretold', 'foretold_word', 'unsure'],
    properties: [
        new OA\Property(property: 'agent', type: 'number'),
        new OA\Property(property: 'base', type: 'number'),
        new OA\Property(property: 'code', type: 'integer'),
        new OA\Property(property: 'dose', type: 'number'),
        new OA\Property(property: 'foretold', type: 'number', nullable: true),
        new OA\Property(property: 'foretold_word', type: 'string', nullable: true),
        new OA\Property(property: 'liquid', type: 'number', nullable: true),
        new OA\Property(property: 'stock', type: 'number', nullable: true),
        new OA\Property(property: 'unsure', type: 'number'),
    ],
)]
final class Pot {}
