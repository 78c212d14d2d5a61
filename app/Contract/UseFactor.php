<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** Takes a factor over, or lets it go. */
#[OA\Schema(
    schema: 'UseFactor',
    type: 'object',
    required: ['use'],
    properties: [
        new OA\Property(property: 'revision', type: 'integer'),
        new OA\Property(property: 'use', type: 'boolean'),
    ],
)]
final class UseFactor {}
