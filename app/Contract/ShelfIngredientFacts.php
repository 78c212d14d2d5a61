<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'ShelfIngredientFacts',
    type: 'object',
    required: ['id', 'name', 'parts', 'note', 'allergens'],
    properties: [
        new OA\Property(property: 'id', type: 'string'),
        new OA\Property(property: 'name', type: 'string'),
        new OA\Property(property: 'parts', type: 'array', items: new OA\Items(type: 'object', required: ['part', 'grams'], properties: [new OA\Property(property: 'part', type: 'string'), new OA\Property(property: 'grams', type: 'number')], additionalProperties: true)),
        new OA\Property(property: 'note', type: 'string', nullable: true),
        new OA\Property(property: 'allergens', type: 'object', additionalProperties: true),
    ],
    additionalProperties: true,
)]
final class ShelfIngredientFacts {}
