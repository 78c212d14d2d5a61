<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'KeptLayer',
    type: 'object',
    required: ['id', 'name', 'grams'],
    properties: [
        new OA\Property(property: 'grams', type: 'number'),
        new OA\Property(property: 'id', type: 'string'),
        new OA\Property(property: 'name', type: 'string'),
    ],
)]
final class KeptLayer {}
