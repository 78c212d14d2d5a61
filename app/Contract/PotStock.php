<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A stock for doses too small to be weighed. */
#[OA\Schema(
    schema: 'PotStock',
    type: 'object',
    required: ['strength', 'agent', 'liquid', 'grams'],
    properties: [
        new OA\Property(property: 'agent', type: 'number'),
        new OA\Property(property: 'grams', type: 'number'),
        new OA\Property(property: 'liquid', type: 'number'),
        new OA\Property(property: 'strength', type: 'number'),
    ],
)]
final class PotStock {}
