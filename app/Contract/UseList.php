<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** Which versions hold a thing; next is where to go on after, null at the end. */
#[OA\Schema(
    schema: 'UseList',
    description: 'Which versions hold a thing; next is where to go on after, null at the end.',
    type: 'object',
    required: ['uses', 'next'],
    properties: [
        new OA\Property(property: 'next', type: 'number', nullable: true),
        new OA\Property(property: 'uses', type: 'array', items: new OA\Items(ref: '#/components/schemas/HeldBy')),
    ],
)]
final class UseList {}
