<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A dose, g in 100 g of the layer, with its 95 % interval. */
#[OA\Schema(
    schema: 'DoseFound',
    type: 'object',
    required: ['value', 'low', 'high'],
    properties: [
        new OA\Property(property: 'high', type: 'number', nullable: true),
        new OA\Property(property: 'low', type: 'number', nullable: true),
        new OA\Property(property: 'value', type: 'number'),
    ],
)]
final class DoseFound {}
