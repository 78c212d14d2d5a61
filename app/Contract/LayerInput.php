<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'LayerInput',
    type: 'object',
    required: ['lines'],
    properties: [
        new OA\Property(property: 'air', type: 'number', nullable: true),
        new OA\Property(property: 'id', type: 'string'),
        new OA\Property(property: 'lines', type: 'array', items: new OA\Items(oneOf: [new OA\Schema(ref: '#/components/schemas/LineInput'), new OA\Schema(type: 'string')])),
        new OA\Property(property: 'loss', type: 'string', nullable: true),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'tin', type: 'string', nullable: true),
        new OA\Property(property: 'treat', type: 'string'),
    ],
)]
final class LayerInput {}
