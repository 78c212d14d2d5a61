<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\CountProperty;
use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'DishSchools',
    type: 'object',
    required: ['revision', 'dish'],
    properties: [
        new CountProperty(),
        new OA\Property(property: 'dish', type: 'object', additionalProperties: new OA\AdditionalProperties(type: 'string')),
    ],
)]
final class DishSchools {}
