<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A ladder that would teach something about the routes that wait. */
#[OA\Schema(
    schema: 'Teaching',
    type: 'object',
    required: ['mechanism', 'name', 'gain', 'first', 'instead', 'chance', 'would_be'],
    properties: [
        new OA\Property(property: 'chance', type: 'number'),
        new OA\Property(property: 'first', type: 'string'),
        new OA\Property(property: 'gain', type: 'number'),
        new OA\Property(property: 'instead', type: 'string', nullable: true),
        new OA\Property(property: 'mechanism', type: 'string'),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'would_be', type: 'number'),
    ],
)]
final class Teaching {}
