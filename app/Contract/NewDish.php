<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'NewDish',
    type: 'object',
    required: ['text'],
    properties: [
        new OA\Property(property: 'measures', type: 'string', nullable: true),
        new OA\Property(property: 'text', type: 'string'),
    ],
)]
final class NewDish {}
