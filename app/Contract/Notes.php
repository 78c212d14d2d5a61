<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'Notes',
    type: 'object',
    required: ['notes'],
    properties: [
        new OA\Property(property: 'notes', type: 'string'),
    ],
)]
final class Notes {}
