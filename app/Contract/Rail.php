<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'Rail',
    type: 'object',
    required: ['property', 'unit', 'target', 'now', 'tolerance', 'residual', 'met', 'target_word', 'now_word', 'reach', 'low', 'high'],
    properties: [
        new OA\Property(property: 'high', type: 'number', nullable: true),
        new OA\Property(property: 'low', type: 'number', nullable: true),
        new OA\Property(property: 'met', type: 'boolean'),
        new OA\Property(property: 'now', type: 'number'),
        new OA\Property(property: 'now_word', type: 'string'),
        new OA\Property(property: 'property', type: 'string'),
        new OA\Property(property: 'reach', description: 'The target three tolerances lower and three higher, in the rail’s unit: as far as it is drawn by hand in one go.', type: 'array', items: new OA\Items(type: 'number'), minItems: 2, maxItems: 2),
        new OA\Property(property: 'residual', type: 'number'),
        new OA\Property(property: 'target', type: 'number'),
        new OA\Property(property: 'target_word', type: 'string'),
        new OA\Property(property: 'tolerance', type: 'number'),
        new OA\Property(property: 'unit', type: 'string'),
    ],
)]
final class Rail {}
