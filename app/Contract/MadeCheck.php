<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'MadeCheck',
    type: 'object',
    required: ['ingredient', 'made_of'],
    properties: [
        new OA\Property(property: 'ingredient', ref: '#/components/schemas/ShelfIngredientFacts'),
        new OA\Property(property: 'made_of', type: 'object', additionalProperties: true),
    ],
)]
final class MadeCheck {}
