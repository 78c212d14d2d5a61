<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;
use Transmuta\Formula\Confidence;

#[OA\Schema(
    schema: 'FormulaLine',
    type: 'object',
    required: ['text', 'ingredient', 'grams', 'trace', 'confidence', 'prep', 'pinned', 'reason', 'suggestions'],
    properties: [
        new OA\Property(property: 'confidence', type: 'string', enum: Confidence::class),
        new OA\Property(property: 'doubt', description: 'What a guess does not account for.', type: 'string', nullable: true),
        new OA\Property(property: 'grams', type: 'number', nullable: true),
        new OA\Property(property: 'id', description: 'A ULID, given once and kept; left out where the server is to give it.', type: 'string'),
        new OA\Property(property: 'ingredient', type: 'string', nullable: true),
        new OA\Property(property: 'note', description: 'What the kitchen says of this line.', type: 'string'),
        new OA\Property(property: 'pinned', type: 'boolean'),
        new OA\Property(property: 'prep', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'reason', type: 'string', nullable: true),
        new OA\Property(property: 'suggestions', type: 'array', items: new OA\Items(type: 'string')),
        new OA\Property(property: 'text', type: 'string'),
        new OA\Property(property: 'trace', type: 'string'),
    ],
)]
final class FormulaLine {}
