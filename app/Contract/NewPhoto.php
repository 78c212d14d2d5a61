<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** A picture as base64 of a JPEG, PNG or WebP. */
#[OA\Schema(
    schema: 'NewPhoto',
    type: 'object',
    required: ['image'],
    properties: [
        new OA\Property(property: 'image', type: 'string'),
        new OA\Property(property: 'words', type: 'string', nullable: true),
    ],
)]
final class NewPhoto {}
