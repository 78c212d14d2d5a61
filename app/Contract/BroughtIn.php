<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A studio that came out of an archive, and how much of it. */
#[OA\Schema(
    schema: 'BroughtIn',
    required: ['id', 'name', 'dishes', 'versions', 'trials'],
    properties: [
        new OA\Property(property: 'id', type: 'integer'),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'dishes', type: 'integer'),
        new OA\Property(property: 'versions', type: 'integer'),
        new OA\Property(property: 'trials', type: 'integer'),
    ],
    additionalProperties: false,
)]
final class BroughtIn {}
