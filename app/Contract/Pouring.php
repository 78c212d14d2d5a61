<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What is poured at a seat under which code; 0 is the marked reference. */
#[OA\Schema(
    schema: 'Pouring',
    type: 'object',
    required: ['number', 'pours'],
    properties: [
        new OA\Property(property: 'number', type: 'integer'),
        new OA\Property(property: 'pours', type: 'array', items: new OA\Items(type: 'object', required: ['code', 'letter', 'name'], properties: [
            new OA\Property(property: 'code', type: 'integer'),
            new OA\Property(property: 'letter', type: 'string'),
            new OA\Property(property: 'name', type: 'string'),
        ])),
    ],
)]
final class Pouring {}
