<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'DishSchools',
    type: 'object',
    required: ['dish'],
    properties: [
        new OA\Property(property: 'dish', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
    ],
)]
final class DishSchools {}
