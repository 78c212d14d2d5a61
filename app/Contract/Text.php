<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'Text',
    type: 'object',
    required: ['text'],
    properties: [
        new OA\Property(property: 'text', type: 'string'),
    ],
)]
final class Text {}
