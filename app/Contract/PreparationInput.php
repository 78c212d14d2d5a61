<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A preparation as it was typed. */
#[OA\Schema(
    schema: 'PreparationInput',
    description: 'A preparation as it was typed.',
    type: 'object',
    required: ['name', 'text', 'yield_g', 'boiled_off', 'keeps_days', 'beside'],
    properties: [
        new OA\Property(property: 'beside', type: 'string', nullable: true),
        new OA\Property(property: 'boiled_off', type: 'boolean'),
        new OA\Property(property: 'keeps_days', type: 'number', nullable: true),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'text', type: 'string'),
        new OA\Property(property: 'yield_g', type: 'number', nullable: true),
    ],
)]
final class PreparationInput {}
