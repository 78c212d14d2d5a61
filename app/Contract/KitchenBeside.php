<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'KitchenBeside',
    description: 'Allergens that are not in a dish and may be carried into it here.',
    type: 'object',
    required: ['may_carry', 'words'],
    properties: [
        new OA\Property(property: 'may_carry', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'words', type: 'string'),
    ],
)]
final class KitchenBeside {}
