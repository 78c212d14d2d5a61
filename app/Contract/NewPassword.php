<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'NewPassword',
    type: 'object',
    required: ['current', 'password'],
    properties: [
        new OA\Property(property: 'current', type: 'string'),
        new OA\Property(property: 'password', type: 'string'),
    ],
)]
final class NewPassword {}
