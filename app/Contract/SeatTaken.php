<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A seat and what proves that one sits there. */
#[OA\Schema(
    schema: 'SeatTaken',
    type: 'object',
    required: ['seat', 'secret'],
    properties: [
        new OA\Property(property: 'seat', ref: '#/components/schemas/Seat'),
        new OA\Property(property: 'secret', type: 'string'),
    ],
)]
final class SeatTaken {}
