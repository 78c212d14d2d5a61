<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What was found of each pot, by its code. */
#[OA\Schema(
    schema: 'PotsFound',
    type: 'object',
    required: ['found'],
    properties: [
        new OA\Property(property: 'found', type: 'object', additionalProperties: true),
        new OA\Property(property: 'revision', type: 'integer'),
    ],
)]
final class PotsFound {}
