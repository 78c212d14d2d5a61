<?php

declare(strict_types=1);

namespace App\Contract;

use App\Contract\Piece\CountProperty;
use OpenApi\Attributes as OA;

#[OA\Schema(
    schema: 'DishSummary',
    type: 'object',
    required: ['revision', 'id', 'title', 'family', 'portions', 'portion_g', 'unresolved', 'section', 'made_of', 'is_away', 'errands', 'versions'],
    properties: [
        new CountProperty(),
        new OA\Property(property: 'errands', description: 'What is next, the soonest first.', type: 'array', items: new OA\Items(ref: '#/components/schemas/Errand')),
        new OA\Property(property: 'family', type: 'string'),
        new OA\Property(property: 'id', type: 'number'),
        new OA\Property(property: 'is_away', type: 'boolean'),
        new OA\Property(property: 'made_of', type: 'array', items: new OA\Items(type: 'array', items: new OA\Items(type: 'object', required: ['ingredient', 'grams'], properties: [
            new OA\Property(property: 'grams', type: 'number'),
            new OA\Property(property: 'ingredient', type: 'string'),
        ]))),
        new OA\Property(property: 'portion_g', type: 'number', nullable: true),
        new OA\Property(property: 'portions', type: 'number', nullable: true),
        new OA\Property(property: 'section', oneOf: [new OA\Schema(ref: '#/components/schemas/SectionShape'), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'title', type: 'string'),
        new OA\Property(property: 'unresolved', type: 'number'),
        new OA\Property(property: 'versions', type: 'array', items: new OA\Items(type: 'object', required: ['id', 'name', 'parent_id', 'trials', 'verdict', 'found', 'open_lines', 'answers'], properties: [
            new OA\Property(property: 'answers', description: 'How it answers the diets and allergens asked for: clear, packets to ask, or made for it; null where it does not or none was asked for.', type: 'string', nullable: true),
            new OA\Property(property: 'found', type: 'string', nullable: true),
            new OA\Property(property: 'id', type: 'number'),
            new OA\Property(property: 'name', type: 'string'),
            new OA\Property(property: 'open_lines', description: 'Lines nobody understands, and guesses nobody has confirmed.', type: 'number'),
            new OA\Property(property: 'parent_id', type: 'number', nullable: true),
            new OA\Property(property: 'trials', type: 'number'),
            new OA\Property(property: 'verdict', type: 'string', nullable: true),
        ])),
    ],
)]
final class DishSummary {}
