<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** That what it contains was read, or an answer: chosen, or samples by code. */
#[OA\Schema(
    schema: 'SaySeat',
    type: 'object',
    required: ['secret'],
    properties: [
        new OA\Property(property: 'acknowledged', type: 'boolean'),
        new OA\Property(property: 'answer', description: 'chosen, or samples by code', type: 'object', additionalProperties: true),
        new OA\Property(property: 'secret', type: 'string'),
    ],
)]
final class SaySeat {}
