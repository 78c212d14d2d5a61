<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A seat as whoever sits there sees it. */
#[OA\Schema(
    schema: 'Seat',
    type: 'object',
    required: ['number', 'codes', 'acknowledged', 'answered'],
    properties: [
        new OA\Property(property: 'acknowledged', type: 'boolean'),
        new OA\Property(property: 'answered', type: 'boolean'),
        new OA\Property(property: 'codes', type: 'array', items: new OA\Items(type: 'integer')),
        new OA\Property(property: 'number', type: 'integer'),
    ],
)]
final class Seat {}
