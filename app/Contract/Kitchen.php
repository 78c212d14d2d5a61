<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'Kitchen',
    description: 'Allergens a kitchen handles, and what it shares.',
    type: 'object',
    required: ['handles', 'shares'],
    properties: [
        new OA\Property(property: 'handles', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'shares', type: 'array', items: new OA\Items(type: 'string')),
    ],
)]
final class Kitchen {}
