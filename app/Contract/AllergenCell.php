<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What is said of one allergen in one version, and why. */
#[OA\Schema(
    schema: 'AllergenCell',
    type: 'object',
    required: ['allergen', 'state', 'because'],
    properties: [
        new OA\Property(property: 'allergen', type: 'string'),
        new OA\Property(property: 'because', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'state', type: 'string', enum: ['contains', 'may', 'unknown', 'kitchen', 'none']),
    ],
)]
final class AllergenCell {}
