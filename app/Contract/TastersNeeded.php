<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** Smallest number that reaches a power, and from which all larger do. */
#[OA\Schema(
    schema: 'TastersNeeded',
    type: 'object',
    required: ['first', 'safe'],
    properties: [
        new OA\Property(property: 'first', type: 'integer'),
        new OA\Property(property: 'safe', type: 'integer'),
    ],
)]
final class TastersNeeded {}
