<?php

declare(strict_types=1);

namespace App\Contract;

use OpenApi\Attributes as OA;

/** What a tasting came to. */
#[OA\Schema(
    schema: 'TastingResult',
    type: 'object',
    required: ['answered', 'words', 'evaluation', 'judged'],
    properties: [
        new OA\Property(property: 'answered', type: 'integer'),
        new OA\Property(property: 'evaluation', oneOf: [new OA\Schema(ref: '#/components/schemas/TasteEvaluation'), new OA\Schema(type: 'null')]),
        new OA\Property(property: 'judged', type: 'array', items: new OA\Items(type: 'object', required: ['letter', 'name', 'n', 'liking', 'attributes'], properties: [
            new OA\Property(property: 'attributes', type: 'array', items: new OA\Items(ref: '#/components/schemas/Penalised')),
            new OA\Property(property: 'letter', type: 'string'),
            new OA\Property(property: 'liking', type: 'number', nullable: true),
            new OA\Property(property: 'n', type: 'integer'),
            new OA\Property(property: 'name', type: 'string'),
        ])),
        new OA\Property(property: 'words', type: 'array', items: new OA\Items(type: 'string')),
    ],
)]
final class TastingResult {}
