<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'PacketCheck',
    type: 'object',
    required: ['estimates', 'stated_kj', 'computed_kj', 'energy_note', 'ingredient'],
    properties: [
        new OA\Property(property: 'computed_kj', type: 'number'),
        new OA\Property(property: 'energy_note', type: 'string', nullable: true),
        new OA\Property(property: 'estimates', type: 'array', items: new OA\Items(type: 'object', required: ['field', 'words'], properties: [
            new OA\Property(property: 'field', type: 'string'),
            new OA\Property(property: 'words', type: 'string'),
        ])),
        new OA\Property(property: 'ingredient', ref: '#/components/schemas/ShelfIngredientFacts'),
        new OA\Property(property: 'stated_kj', type: 'number', nullable: true),
    ],
)]
final class PacketCheck {}
