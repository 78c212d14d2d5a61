<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'SetHeading',
    type: 'object',
    required: ['text', 'layer', 'heading', 'value'],
    properties: [
        new OA\Property(property: 'heading', type: 'string', enum: ['treat', 'tin', 'loss', 'whole'], description: 'whole: a list that its method parts stays one layer'),
        new OA\Property(property: 'layer', type: 'number'),
        new OA\Property(property: 'measures', type: 'string', nullable: true),
        new OA\Property(property: 'text', type: 'string'),
        new OA\Property(property: 'value', type: 'string', nullable: true),
    ],
)]
final class SetHeading {}
